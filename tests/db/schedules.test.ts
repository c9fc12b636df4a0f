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
