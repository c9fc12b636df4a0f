import fc from 'fast-check';
import { SECOND_OF_WORK, solveProject, type Project } from '@/core/makespan';
import { randomFrom } from '@/core/makespan/random';
import { flaws } from './flaws';
import { kitchen } from './kitchens';
import { provenMakespan } from './proven';
import { FISHER_THOMPSON_10, FISHER_THOMPSON_6, jobShop } from './shops';

function solved(project: Project, work?: number) {
  const schedule = solveProject(project, work);
  if (!schedule.ok) throw new Error(`refused: ${JSON.stringify(schedule.problem)}`);
  expect(flaws(project, schedule.jobs)).toEqual([]);
  expect(schedule.makespanMin).toBeCloseTo(Math.max(0, ...schedule.jobs.map(({ endMin }) => endMin)), 6);
  expect(schedule.lowerBoundMin).toBeLessThanOrEqual(schedule.makespanMin + 1e-6);
  return schedule;
}

test('the 6 x 6 job shop of Fisher and Thompson (1963; data and optimum from memory) takes 55', () => {
  expect(solved(jobShop(FISHER_THOMPSON_6)).makespanMin).toBe(55);
});

test('their 10 x 10 comes within 3 % of its optimum of 930 (from memory)', () => {
  const { makespanMin, lowerBoundMin } = solved(jobShop(FISHER_THOMPSON_10));
  expect(makespanMin).toBeGreaterThanOrEqual(930);
  expect(makespanMin).toBeLessThanOrEqual(930 * 1.03);
  // The preemptive one-machine bound of the 10 x 10, from memory.
  expect(lowerBoundMin).toBe(808);
});

test('kitchens of two to four batches come to the optimum that HiGHS proves: 1 % off at the mean, 3 % at the worst', async () => {
  const off: number[] = [];
  for (const [batches, cooks, stepMin, seeds] of [
    [2, 1, 5, 3],
    [2, 2, 5, 3],
    [3, 1, 5, 2],
    [3, 2, 5, 3],
    [4, 1, 10, 1],
    [4, 2, 10, 2],
  ] as const)
    for (let seed = 1; seed <= seeds; seed++) {
      const project = kitchen(randomFrom(seed * 100 + batches * 10 + cooks), { batches, cooks, stepMin });
      const { makespanMin, lowerBoundMin } = solved(project, SECOND_OF_WORK / 4);
      const proven = await provenMakespan(project, { stepMin, atMostMin: makespanMin });
      expect(lowerBoundMin).toBeLessThanOrEqual(proven + 1e-6);
      off.push(makespanMin / proven - 1);
    }
  expect(off.reduce((sum, one) => sum + one, 0) / off.length).toBeLessThanOrEqual(0.01);
  expect(Math.max(...off)).toBeLessThanOrEqual(0.03);
}, 240_000);

/** Projects of any kind: gaps both ways, several hands and places, odd lengths, tasks of no length. */
const project = fc
  .record({
    cooks: fc.integer({ min: 1, max: 3 }),
    ovens: fc.integer({ min: 1, max: 2 }),
    tasks: fc.array(
      fc.record({
        minutes: fc.oneof(fc.integer({ min: 0, max: 60 }), fc.double({ min: 0, max: 60, noNaN: true })),
        hands: fc.boolean(),
        uses: fc.subarray(['oven', 'board']),
        startMin: fc.option(fc.integer({ min: 0, max: 300 }), { nil: undefined, freq: 12 }),
        after: fc.array(
          fc.record({
            back: fc.integer({ min: 1, max: 4 }),
            minLagMin: fc.option(fc.integer({ min: 0, max: 30 }), { nil: undefined }),
            slack: fc.option(fc.integer({ min: 0, max: 90 }), { nil: undefined, freq: 3 }),
          }),
          { maxLength: 2 },
        ),
      }),
      { maxLength: 14 },
    ),
  })
  .map(({ cooks, ovens, tasks }): Project => ({
    cooks,
    capacities: { oven: ovens },
    tasks: tasks.map(({ after, startMin, ...task }, index) => ({
      ...task,
      id: `task ${index}`,
      ...(startMin === undefined ? {} : { startMin }),
      after: after
        .filter(({ back }) => back <= index)
        .map(({ back, minLagMin, slack }) => ({
          id: `task ${index - back}`,
          ...(minLagMin === undefined ? {} : { minLagMin }),
          ...(slack === undefined ? {} : { maxLagMin: (minLagMin ?? 0) + slack }),
        })),
    })),
  }));

test('whatever is found keeps order, gaps, hours, hands and places; what is refused names its tasks', () =>
  fc.assert(
    fc.property(project, (one) => {
      const schedule = solveProject(one, 20_000);
      if (schedule.ok) {
        expect(flaws(one, schedule.jobs)).toEqual([]);
        expect(schedule.lowerBoundMin).toBeLessThanOrEqual(schedule.makespanMin);
      } else {
        expect(schedule.problem.tasks.length).toBeGreaterThan(0);
        // Where nothing is bounded above there is always a schedule.
        expect(
          one.tasks.some(
            ({ startMin, after }) => startMin !== undefined || after!.some((arc) => arc.maxLagMin !== undefined),
          ),
        ).toBe(true);
      }
    }),
    { numRuns: 300 },
  ));

test('the same project gives the same schedule', () =>
  fc.assert(
    fc.property(project, (one) => expect(solveProject(one, 5000)).toEqual(solveProject(structuredClone(one), 5000))),
    { numRuns: 60 },
  ));

describe('what cannot be', () => {
  const task = (id: string, more: object = {}) => ({ id, minutes: 10, ...more });
  test.each<[string, Project, object]>([
    [
      'a circle',
      {
        tasks: [
          task('a', { after: [{ id: 'c' }] }),
          task('b', { after: [{ id: 'a' }] }),
          task('c', { after: [{ id: 'b' }] }),
          task('d'),
        ],
      },
      { code: 'cycle', tasks: ['a', 'b', 'c'] },
    ],
    ['a task after itself', { tasks: [task('a', { after: [{ id: 'a' }] })] }, { code: 'cycle', tasks: ['a'] }],
    ['a task twice', { tasks: [task('a'), task('b'), task('a')] }, { code: 'twice', tasks: ['a'] }],
    [
      'an unknown task',
      { tasks: [task('a', { after: [{ id: 'z' }] })] },
      { code: 'unknown-task', tasks: ['a'], named: 'z' },
    ],
    [
      'a longest gap below the shortest',
      { tasks: [task('a'), task('b', { after: [{ id: 'a', minLagMin: 5, maxLagMin: 4 }] })] },
      { code: 'lag-reversed', tasks: ['a', 'b'] },
    ],
    [
      'a gap shorter than what lies in it',
      {
        tasks: [
          task('a'),
          task('b', { after: [{ id: 'a' }] }),
          task('c', { after: [{ id: 'b' }, { id: 'a', maxLagMin: 5 }] }),
        ],
      },
      { code: 'lags-contradict', tasks: expect.arrayContaining(['a', 'b', 'c']) },
    ],
    [
      'an hour before what must come first is done',
      { tasks: [task('a'), task('b', { startMin: 5, after: [{ id: 'a' }] })] },
      { code: 'lags-contradict', tasks: expect.arrayContaining(['a', 'b']) },
    ],
    [
      'no oven',
      { capacities: { oven: 0 }, tasks: [task('a', { uses: ['oven'] })] },
      { code: 'no-capacity', tasks: ['a'], uses: 'oven' },
    ],
    [
      'two hours for one pair of hands',
      { tasks: [task('a', { hands: true, startMin: 0 }), task('b', { hands: true, startMin: 5 })] },
      { code: 'same-time', tasks: ['a', 'b'], uses: 'hands' },
    ],
  ])('%s', (_, one, problem) => expect(solveProject(one)).toEqual({ ok: false, problem }));

  test('two that must each follow at once where there are hands for one', () => {
    const tied = (of: string) => task(`after ${of}`, { hands: true, after: [{ id: of, maxLagMin: 0 }] });
    const one: Project = { tasks: [task('a', { startMin: 0 }), task('b', { startMin: 5 }), tied('a'), tied('b')] };
    expect(solveProject(one, 50_000)).toMatchObject({ ok: false, problem: { code: 'none-found' } });
    expect(solveProject({ ...one, cooks: 2 }, 50_000)).toMatchObject({ ok: true, makespanMin: 25 });
  });
});

describe('small projects, by hand', () => {
  const minutes = (one: Project) => solved(one).makespanMin;
  const soak: Project = {
    tasks: [
      { id: 'slice', minutes: 20, hands: true },
      { id: 'soda', minutes: 5, hands: true, after: [{ id: 'slice', maxLagMin: 15 }] },
      { id: 'rinse', minutes: 5, hands: true, after: [{ id: 'soda', minLagMin: 20, maxLagMin: 20 }] },
      { id: 'mix', minutes: 10, hands: true },
      { id: 'salad', minutes: 15, hands: true },
    ],
  };
  test('what fits is done while the soda works', () => expect(minutes(soak)).toBe(60));
  test('a second pair of hands takes it over', () => expect(minutes({ ...soak, cooks: 2 })).toBe(50));
  test('a job at its hour stays there', () => {
    const { jobs, makespanMin } = solved({
      tasks: soak.tasks.map((one) => (one.id === 'slice' ? { ...one, startMin: 30 } : one)),
    });
    expect(jobs.find(({ id }) => id === 'slice')!.startMin).toBe(30);
    expect(makespanMin).toBe(80);
  });
  test('two of a kind take two at once', () => {
    const rounds = ['a', 'b', 'c', 'd'].map((id) => ({ id, minutes: 10, uses: ['pan'] }));
    expect([1, 2, 3, 4].map((pan) => minutes({ capacities: { pan }, tasks: rounds }))).toEqual([40, 20, 20, 10]);
  });
  test('nothing to do takes no time', () =>
    expect(solveProject({ tasks: [] })).toEqual({ ok: true, makespanMin: 0, lowerBoundMin: 0, jobs: [] }));
});
