import { answers, around, dryCumin } from '../../../../tests/fixtures/batch';
import { planBatch } from '@/core/batches';
import { makeSafePlanner } from './useSafePlan';

/** Throws where a plan once threw: on one pin. */
const fragile: typeof planBatch = (inputs, where) => {
  if (inputs.pins.saltPercent === 0.4) throw new RangeError('volumeMl must be a positive number');
  return planBatch(inputs, where);
};
const where = around('chicken-thigh');

test('a plan that throws never takes the page down: the last good one stays and the change is named', () => {
  const plan = makeSafePlanner(fragile);
  const good = plan(answers(), where);
  expect(good.broken).toBeUndefined();
  const bad = plan(answers({ pins: { saltPercent: 0.4 } }), where);
  expect(bad.plan).toBe(good.plan);
  expect(bad.broken).toEqual(['saltPercent']);
  expect(plan(answers({ pins: { saltPercent: 0.5 } }), where).broken).toBeUndefined();
});

test('a kept draft that throws at once is shown without its pins', () => {
  const shown = makeSafePlanner(fragile)(answers({ pins: { saltPercent: 0.4, lots: 2 } }), where);
  expect(shown.plan?.schedule.ok).toBe(true);
  expect(shown.broken).toEqual(['saltPercent', 'lots']);
});

test('the plan of one marinade never stands in for that of another', () => {
  const plan = makeSafePlanner(fragile);
  const first = plan(answers(), where);
  const other = plan(answers({ pins: { saltPercent: 0.4 } }), around('chicken-thigh', dryCumin));
  expect(other.plan).not.toBe(first.plan);
  expect(other.plan?.marinate.whole.allergens).not.toContain('soy');
});

test('while a slider moves amounts follow and hours stay; when it stands still its meal is placed', () => {
  const neighbour = { id: 'b', inputs: answers({ cutId: 'beef-flank' }), around: around('beef-flank') };
  const meal = { ...where, meal: { id: 'a', neighbours: [neighbour] } };
  const plan = makeSafePlanner();
  const before = plan(answers(), meal).plan!;
  const more = answers({ massG: 1800 });
  const moving = plan(more, meal, { moving: true }).plan!;
  const still = plan(more, meal).plan!;
  expect(moving.schedule).toEqual(before.schedule);
  expect(moving.piece).toEqual(still.piece);
  expect(moving.marinate.whole).toEqual(still.marinate.whole);
  expect(still).toEqual(planBatch(more, meal));
  expect(still.schedule).not.toEqual(before.schedule);
  // The time in the marinade is one of the hours: it follows, and what is before it.
  const longer = plan(answers({ pins: { marinadeMin: 300 } }), meal).plan!;
  const evenLonger = plan(answers({ pins: { marinadeMin: 330 } }), meal, { moving: true }).plan!;
  expect(evenLonger.marinate.minutes).toBe(330);
  const sliceMs = ({ schedule }: typeof longer) =>
    schedule.ok && schedule.jobs.find(({ key }) => key === 'slice')!.startMs;
  expect(sliceMs(evenLonger)).toBe(Number(sliceMs(longer)) - 30 * 60_000);
  // Other work has other hours, at once.
  const noFreezer = answers({ pins: { firmMin: 0 } });
  expect(plan(noFreezer, meal, { moving: true }).plan).toEqual(planBatch(noFreezer, meal));
});
