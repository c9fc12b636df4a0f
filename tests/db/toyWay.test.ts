import { planBatch, planMeal, usualThicknessMm } from '@/core/batches';
import { findCut } from '@/core/pieces';
import { bandOf, shapesOf, stagesOf, WAYS, type Way } from '@/core/ways';
import { jobWords, heatWords, WAY_NAMES } from '@/core/words';
import { answers, around } from '../fixtures/batch';
import { batchBody, call, TABLE_AT } from './api-client';

/** A whole way in one place: slices opened and beaten, dusted, and straight to a griddle; nothing is marinated. Here the test stands in for a line of the list. */
jest.mock('@/core/ways/all', () => {
  const { ALL_WAYS } = jest.requireActual<typeof import('@/core/ways/all')>('@/core/ways/all');
  const { defineWay } = jest.requireActual<typeof import('@/core/ways/way')>('@/core/ways/way');
  const griddleCakes = defineWay({
    id: 'griddle-cakes',
    stages: ['piece', 'firm', 'slice', 'tenderize', 'cook', 'taste'],
    work: ['freezer', 'knife', 'beating', 'coat', 'heat'],
    shapes: { butterflied: { from: 7, usual: 9, to: 12 }, ribbons: { from: 3, usual: 4, to: 5 } },
    marinadeMin: { from: 5, to: 30 },
    bevelDeg: 10,
    softened: false,
    staysHotMin: 4,
    heat: {
      method: 'grill',
      setting: 'hot',
      perSide: [{ uptoMm: 15, from: 4, to: 6 }],
      handlingMin: 2,
      finishMin: 1,
      holds: 'pan',
      back: false,
      sauceInPan: false,
      sear: true,
    },
    says: { heat: 'sear', fat: 'edge' },
  });
  return { ALL_WAYS: [...ALL_WAYS, griddleCakes] };
});

const TOY = 'griddle-cakes' as Way;
const STYLE = { system: 'metric', locale: 'en' } as const;
const cut = findCut('chicken-breast')!;
const toyInputs = () => {
  const thicknessMm = usualThicknessMm(TOY, cut, cut.usualHeightMm);
  return answers({ way: TOY, cutId: cut.id, heightMm: cut.usualHeightMm, thicknessMm });
};

describe('a way that is one entry in the list of ways', () => {
  test('is offered at New batch, with its own name, shapes, stages and thickness', () => {
    expect(WAYS).toContain(TOY);
    expect(WAY_NAMES[TOY]).toBe('Griddle cakes');
    expect(shapesOf(TOY)).toEqual(['butterflied', 'ribbons']);
    expect(usualThicknessMm(TOY, cut, 40)).toBe(9);
    expect(bandOf(TOY, 'butterflied')).toEqual({ from: 7, usual: 9, to: 12 });
    expect(stagesOf(TOY, 'butterflied')).not.toContain('marinate');
  });

  test('is planned to a schedule of its own work, in words', () => {
    const inputs = toyInputs();
    const where = around(cut.id);
    const plan = planBatch(inputs, where);
    if (!plan.schedule.ok) throw new Error(plan.schedule.problem.code);
    const keys = plan.schedule.jobs.map(({ key }) => key);
    expect(keys).toEqual(expect.arrayContaining(['trim', 'firm', 'slice', 'coat', 'cook']));
    expect(keys).not.toContain('marinate');
    expect(plan.schedule.jobs.at(-1)!.endMs).toBe(inputs.tableAtMs);
    expect(plan.cook).toMatchObject({ method: 'grill', minutesPerSide: { from: 4, to: 6 } });
    expect(heatWords(plan, STYLE).title).toBe('Sear the steaks');
    for (const job of plan.schedule.jobs)
      expect(jobWords(job, { plan, inputs, around: where }, STYLE).text).not.toMatch(/undefined|NaN/);
  });

  test('shares hands and heat with the other batches of a meal', () => {
    const beside = { id: 'b', inputs: answers({ way: 'flat-skewers', cutId: 'lamb-leg' }), around: around('lamb-leg') };
    const { plans, clashes } = planMeal([{ id: 'a', inputs: toyInputs(), around: around(cut.id) }, beside]);
    expect(plans.every(({ schedule }) => schedule.ok)).toBe(true);
    expect(clashes).toEqual([]);
  });

  test('is stored, read, listed and worked out by the API', async () => {
    const body = await batchBody({ name: 'Cakes', way: TOY, cutId: cut.id, heightMm: 40, thicknessMm: 9, pins: {} });
    const made = await call('POST', '/batches', { body });
    expect(made.status).toBe(201);
    expect(made.body).toMatchObject({ way: TOY, schedule: { ok: true } });
    const read = await call('GET', `/batches/${made.body.id}`);
    expect(read.body.schedule).toEqual(made.body.schedule);
    const schedule = await call('GET', `/meals/${made.body.mealId}/schedule`);
    expect(schedule.body.tableAt).toBe(TABLE_AT);
    const advice = await call('POST', '/calc/tenderizing-plan', {
      body: { cut: cut.id, way: TOY, shape: 'butterflied', thicknessMm: 9, fibreLengthMm: 30, massG: 600 },
    });
    const { judgement } = planBatch({ ...toyInputs(), heightMm: 40, thicknessMm: 9 }, around(cut.id)).tenderize;
    expect(advice.status).toBe(200);
    expect(advice.body.proposed).toMatchObject({ answer: judgement.answer });
    expect((await call('DELETE', `/batches/${made.body.id}`)).status).toBe(204);
  });
});
