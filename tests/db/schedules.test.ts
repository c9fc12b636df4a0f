import type { ScheduledTask } from '@/core/makespan';
import { call } from './api-client';
import { FISHER_THOMPSON_6, jobShop } from '../unit/makespan/shops';
import { flaws } from '../unit/makespan/flaws';

const solve = (body: object) => call('POST', '/calc/schedule', { body });
const task = (id: string, more: object = {}) => ({ id, minutes: 10, ...more });

describe('POST /calc/schedule', () => {
  test('the 6 x 6 job shop of Fisher and Thompson (1963, from memory) in 55', async () => {
    const { status, body } = await solve(jobShop(FISHER_THOMPSON_6));
    expect(status).toBe(200);
    expect(body).toMatchObject({ ok: true, makespanMin: 55 });
    expect(flaws(jobShop(FISHER_THOMPSON_6), body.jobs as ScheduledTask[])).toEqual([]);
  });

  test('a second cook halves what nothing else holds up', async () => {
    const tasks = ['a', 'b', 'c', 'd'].map((id) => task(id, { hands: true }));
    expect((await solve({ tasks })).body.makespanMin).toBe(40);
    expect((await solve({ tasks, cooks: 2 })).body).toMatchObject({ makespanMin: 20, lowerBoundMin: 20 });
  });

  test('what cannot be is answered with its tasks and a sentence', async () => {
    const circle = [task('slice', { after: [{ id: 'firm' }] }), task('firm', { after: [{ id: 'slice' }] })];
    expect(await solve({ tasks: circle })).toMatchObject({
      status: 200,
      body: { ok: false, code: 'cycle', tasks: ['slice', 'firm'], detail: expect.stringContaining('“slice”, “firm”') },
    });
    const pinned = [task('a', { hands: true, startMin: 0 }), task('b', { hands: true, startMin: 5 })];
    expect((await solve({ tasks: pinned })).body).toMatchObject({ ok: false, code: 'same-time', tasks: ['a', 'b'] });
    expect((await solve({ tasks: pinned, cooks: 2 })).body).toMatchObject({ ok: true, makespanMin: 15 });
  });

  test.each([
    ['/tasks/1/id', { tasks: [task('a'), task('a')] }],
    ['/tasks/0/after/0/id', { tasks: [task('a', { after: [{ id: 'b' }] })] }],
    ['/tasks/0/minutes', { tasks: [task('a', { minutes: -1 })] }],
    ['/tasks/0/uses', { tasks: [task('a', { uses: ['pan', 'pan'] })] }],
    ['/tasks', { tasks: Array.from({ length: 501 }, (_, at) => task(String(at))) }],
    ['/cooks', { cooks: 0, tasks: [] }],
    ['/capacities/pan', { capacities: { pan: 1.5 }, tasks: [] }],
  ])('bad input is refused at %s', async (pointer, body) =>
    expect(await solve(body)).toMatchObject({ status: 400, body: { errors: [{ pointer }] } }),
  );

  test('five hundred tasks with gaps are answered', async () => {
    const tasks = Array.from({ length: 500 }, (_, at) =>
      task(String(at), { hands: at % 2 === 0, after: at % 10 ? [{ id: String(at - 1), maxLagMin: 5 }] : [] }),
    );
    const { body } = await solve({ cooks: 2, tasks });
    expect(body.ok).toBe(true);
    expect(flaws({ cooks: 2, tasks }, body.jobs as ScheduledTask[])).toEqual([]);
  });
});

describe('GET /meals/{id}/schedule', () => {
  const tableAt = '2026-06-03T18:00:00.000Z';
  const batch = (mealId: string, more: object = {}) => ({
    mealId,
    way: 'stir-fry',
    cutId: 'beef-flank',
    massG: 700,
    heightMm: 40,
    thicknessMm: 4,
    people: 4,
    tableAt,
    pins: {},
    ...more,
  });
  let mealId: string;
  let ids: string[];
  beforeAll(async () => {
    const { body: meal } = await call('POST', '/meals', { body: { name: 'After the race', tableAt, people: 8 } });
    mealId = meal.id as string;
    const { body: book } = await call('GET', '/marinades?limit=1');
    const marinadeId = (book.items as { id: string }[])[0]!.id;
    ids = [];
    for (const cutId of ['beef-flank', 'chicken-thigh'])
      ids.push((await call('POST', '/batches', { body: batch(mealId, { cutId, marinadeId }) })).body.id as string);
  });
  interface Job {
    batchId: string;
    key: string;
    hands: boolean;
    startAt: string;
    endAt: string;
    thenHotMin?: number;
  }
  const schedule = async () => (await call('GET', `/meals/${mealId}/schedule`)).body;

  test('one pair of hands for all batches, the last of them done at the table', async () => {
    const { ok, jobs, gives, startAt } = await schedule();
    expect(ok).toBe(true);
    const hot = (jobs as Job[]).filter(({ thenHotMin }) => thenHotMin)[0]!;
    // One pan for both: the first of them waits hot, and that is said.
    expect(gives).toEqual([
      {
        batchId: hot.batchId,
        code: 'kept-hot',
        minutes: hot.thenHotMin,
        detail: expect.stringMatching(/off the heat .* before the table/),
      },
    ]);
    const hands = (jobs as Job[]).filter((job) => job.hands).sort((a, b) => (a.startAt < b.startAt ? -1 : 1));
    for (const [at, job] of hands.entries()) if (at > 0) expect(hands[at - 1]!.endAt <= job.startAt).toBe(true);
    expect(new Set(hands.map(({ batchId }) => batchId)).size).toBe(2);
    expect(hands.at(-1)!.endAt).toBe(tableAt);
    expect((jobs as Job[])[0]!.startAt).toBe(startAt);
  });

  test('a batch says the same of itself as its meal does, alone or in a list', async () => {
    const { batches } = await schedule();
    for (const { id, schedule: said } of batches as { id: string; schedule: object }[]) {
      expect((await call('GET', `/batches/${id}`)).body.schedule).toEqual(said);
      const { body } = await call('GET', `/batches?mealId=${mealId}`);
      expect((body.items as { id: string; schedule: object }[]).find((one) => one.id === id)!.schedule).toEqual(said);
    }
  });

  test('moved to another day, each is planned as it is alone', async () => {
    const before = (await call('GET', `/batches/${ids[0]}`)).body;
    const moved = await call('PATCH', `/batches/${ids[0]}`, {
      body: { tableAt: '2026-06-09T18:00:00.000Z' },
      ifMatch: '*',
    });
    expect(moved.status).toBe(200);
    const { jobs } = await schedule();
    const last = (jobs as Job[]).filter(({ batchId }) => batchId === ids[1]).at(-1)!;
    expect(last.endAt).toBe(tableAt);
    expect(moved.body.schedule).not.toEqual(before.schedule);
  });

  test('an unknown meal is not found', async () =>
    expect((await call('GET', '/meals/00000000-0000-4000-8000-000000000000/schedule')).status).toBe(404));
});
