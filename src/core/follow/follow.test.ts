import fc from 'fast-check';
import type { JobProgress } from '../progress';
import {
  clashesOf,
  countBack,
  scheduleMeal,
  type FlexibleTask,
  type Job,
  type JobKey,
  type JobKind,
  type Task,
  type Work,
} from '../scheduling';
import { follow, type Followed } from '.';

const MIN = 60_000;
const TABLE = Date.UTC(2026, 5, 6, 12, 0);
const task = (key: Task['key'], minutes: number, more: Partial<Task> = {}): Task => ({
  key,
  stage: 'slice',
  minutes,
  hands: true,
  place: 'counter',
  ...more,
});
const marinate: FlexibleTask = {
  ...task('marinate', 60, { hands: false, place: 'fridge', stage: 'marinate' }),
  flex: { fromMin: 20, toMin: 300 },
};
const work: Work = {
  tableAtMs: TABLE,
  chain: [
    task('firm', 40, { hands: false, place: 'freezer', stage: 'firm' }),
    task('slice', 20),
    task('coat', 5, { stage: 'marinate' }),
    marinate,
    task('cook', 15, { place: 'heat', stage: 'cook' }),
  ],
  side: [],
  quiet: [],
  warmLimitMin: 120,
  lots: 1,
  heat: 'pan',
  staysHotMin: 10,
  poultry: false,
};
const PLANNED = 60;
/** By minutes before the table: when it was begun, and when it was done. */
const facts = (of: Partial<Record<JobKind, readonly [begun: number, done?: number]>>): Map<JobKey, JobProgress> =>
  new Map(
    Object.entries(of).map(([key, [begun, done]]) => [
      key as JobKey,
      { startedAtMs: TABLE - begun * MIN, doneAtMs: done === undefined ? undefined : TABLE - done * MIN, extraMin: 0 },
    ]),
  );
const jobsOf = (one: Work): Job[] => {
  const schedule = countBack(one);
  if (!schedule.ok) throw new Error('refused');
  return schedule.jobs;
};
const batch = (progress: Followed['progress'], one = work, jobs = jobsOf(one)): Followed => ({
  work: one,
  jobs,
  marinadeMin: PLANNED,
  progress,
});
const at = (minutes: number) => TABLE - minutes * MIN;
const stands = (nowMin: number, of: Parameters<typeof facts>[0] = {}) =>
  follow([batch(facts(of))], { nowMs: at(nowMin) })[0]!;

test('begun as planned nothing is behind', () => {
  expect(stands(140)).toMatchObject({ byMin: 0, tableMs: TABLE });
  expect(stands(140)).not.toHaveProperty('marinade');
  expect(stands(100, { firm: [140, 100] })).toMatchObject({ byMin: 0 });
});

test('a late start is taken from the marinade as far as it gives', () => {
  expect(stands(115)).toMatchObject({ byMin: 0, tableMs: TABLE, marinade: { minutes: 35, insteadOfMin: 60 } });
});

test('and beyond that from the table', () => {
  // 40 + 20 + 5 + 20 + 15 min are left, 80 until the table.
  expect(stands(80)).toMatchObject({
    byMin: 20,
    tableMs: TABLE + 20 * MIN,
    marinade: { minutes: 20, insteadOfMin: 60 },
  });
});

test('what runs has the rest of its time, with what was added to it', () => {
  expect(stands(90, { firm: [120] })).toMatchObject({ byMin: 0, marinade: { minutes: 40 } });
  const longer = facts({ firm: [120] });
  longer.set('firm', { ...longer.get('firm')!, extraMin: 30 });
  expect(follow([batch(longer)], { nowMs: at(90) })[0]).toMatchObject({
    byMin: 10,
    marinade: { minutes: 20 },
  });
});

test('what was skipped over is done', () => {
  expect(stands(70, { slice: [95, 80] })).toMatchObject({ byMin: 0, marinade: { minutes: 50 } });
});

test('a marinade under way counts from when it began', () => {
  expect(stands(40, { marinate: [75] })).toMatchObject({ byMin: 0, tableMs: TABLE });
  expect(stands(5, { marinate: [20] })).toMatchObject({ byMin: 15, marinade: { minutes: 20 } });
});

test('at the heat for too long', () => {
  expect(stands(5, { cook: [10] })).toMatchObject({ byMin: 5 });
  expect(stands(-30, { cook: [0] })).toMatchObject({ byMin: 30 });
});

test('all done, nothing is left', () => expect(stands(0, { cook: [20, 2] })).toMatchObject({ open: false, byMin: 0 }));

test('every minute of waiting makes it later by a minute at most, and never earlier', () =>
  fc.assert(
    fc.property(fc.integer({ min: -60, max: 300 }), fc.integer({ min: 0, max: 60 }), (nowMin, waited) => {
      const [now, later] = [stands(nowMin).byMin, stands(nowMin - waited).byMin];
      expect(later).toBeGreaterThanOrEqual(now);
      // A delay of a minute is as good as none.
      expect(later - now).toBeLessThanOrEqual(waited + 1);
    }),
  ));

test('what was done when the plan had it done moves nothing', () => {
  const jobs = jobsOf(work);
  for (const [index, job] of jobs.entries()) {
    const progress = new Map(
      jobs
        .slice(0, index)
        .map(({ key, startMs, endMs }) => [key, { startedAtMs: startMs, doneAtMs: endMs, extraMin: 0 }]),
    );
    const [now] = follow([batch(progress)], { nowMs: job.startMs });
    expect(now).toMatchObject({ byMin: 0, tableMs: TABLE, asPlanned: true });
    expect(now).not.toHaveProperty('marinade');
    expect(now!.jobs).toEqual(jobs);
  }
});

const hours = ({ jobs }: { jobs: readonly Job[] }) =>
  Object.fromEntries(jobs.map(({ key, startMs, endMs }) => [key, [(TABLE - startMs) / MIN, (TABLE - endMs) / MIN]]));

test('what is left has hours from now on, what was done has those it had', () => {
  // Sliced 15 min later than planned, and it took 30 min instead of 20: the marinade gives 25 min.
  expect(hours(stands(55, { firm: [140, 85], slice: [85, 55] }))).toEqual({
    firm: [140, 85],
    slice: [85, 55],
    coat: [55, 50],
    marinate: [50, 15],
    cook: [15, 0],
  });
});

test('the real end of a wait moves what follows, and its timer rings when it has to end', () => {
  const late = stands(30, { firm: [140, 60], slice: [60, 40], coat: [40, 32], marinate: [32] });
  expect(hours(late)).toMatchObject({ marinate: [32, 12], cook: [12, -3] });
  expect(late.jobs.find(({ key }) => key === 'marinate')!.minutes).toBe(20);
});

test('begun hours early a marinade ends when it has to, not when the next job comes', () =>
  expect(hours(stands(600, { marinate: [610] }))).toMatchObject({ marinate: [610, 310], cook: [15, 0] }));

test('a job that was passed over keeps its place and holds up nothing', () =>
  expect(stands(90, { slice: [102] })).toMatchObject({ byMin: 0, asPlanned: true }));

describe('two batches', () => {
  const other: Work = { ...work, chain: work.chain.map((one) => ({ ...one })), heat: 'grill' };
  const works = [work, other];
  const planned = scheduleMeal(
    works,
    works.map((one) => countBack(one)),
  ).schedules.map((schedule) => {
    if (!schedule.ok) throw new Error('refused');
    return schedule.jobs;
  });
  const meal = (progress: Followed['progress'][]) =>
    works.map((one, index) => batch(progress[index] ?? new Map(), one, planned[index]));
  const clashes = (standing: readonly { jobs: Job[] }[]) =>
    clashesOf(
      standing.map(({ jobs }) => ({
        ok: true,
        jobs,
        startMs: 0,
        warmMin: 0,
        warmLimitMin: 0,
        lateByMin: 0,
        inTheNight: false,
        whileAway: false,
      })),
      works,
    );

  test('what one is late by is paid for once: no hands are wanted twice', () => {
    const firstMs = Math.min(...planned.flat().map(({ startMs }) => startMs));
    for (const lateMin of [5, 20, 45, 90]) {
      const nowMs = firstMs + lateMin * MIN;
      const now = follow(meal([]), { nowMs });
      expect(clashes(now)).toEqual([]);
      for (const { jobs } of now) for (const job of jobs) expect(job.startMs).toBeGreaterThanOrEqual(nowMs);
    }
  });

  test('hands at the one are not at the other', () => {
    // The first is being sliced, ten minutes over already.
    const slice = planned[0]!.find(({ key }) => key === 'slice')!;
    const progress: Followed['progress'] = new Map([
      ['firm', { startedAtMs: slice.startMs - 40 * MIN, doneAtMs: slice.startMs, extraMin: 0 }],
      ['slice', { startedAtMs: slice.startMs + 10 * MIN, extraMin: 0 }],
    ]);
    const nowMs = slice.startMs + 12 * MIN;
    const now = follow(meal([progress]), { nowMs });
    const running = now[0]!.jobs.find(({ key }) => key === 'slice')!;
    expect(running).toMatchObject({ startMs: slice.startMs + 10 * MIN, endMs: nowMs + 18 * MIN });
    expect(clashes(now)).toEqual([]);
  });
});

test('two that are due at the same pan: one is in time, the other waits exactly as long as that takes', () => {
  const chain = [task('dry', 2, { stage: 'cook' }), task('cook', 15, { place: 'heat', stage: 'cook' })];
  const works = [work, work].map((one): Work => ({ ...one, chain, staysHotMin: 0 }));
  const due = works.map((one) => batch(new Map(), one));
  const now = follow(due, { nowMs: at(16) });
  // One minute late already, and the second has the seventeen of the first to wait for.
  const late = now.map(({ tableMs }) => (tableMs - TABLE) / MIN).sort((a, b) => a - b);
  expect(late).toEqual([1, 18]);
  for (const { jobs, tableMs } of now) expect(jobs.at(-1)!.endMs).toBe(tableMs);
});

test('what runs is never made to wait: the other does', () => {
  const chain = [task('dry', 2, { stage: 'cook' }), task('cook', 15, { place: 'heat', stage: 'cook' })];
  const works = [work, work].map((one): Work => ({ ...one, chain }));
  const [first, second] = works.map((one, index) =>
    batch(index === 0 ? facts({ dry: [22, 20], cook: [20] }) : new Map(), one),
  );
  const now = follow([first!, second!], { nowMs: at(10) });
  expect(hours(now[0]!)).toMatchObject({ cook: [20, 5] });
  expect(hours(now[1]!)).toEqual({ dry: [5, 3], cook: [3, -12] });
});

const moments = fc.record({
  nowMin: fc.integer({ min: -20, max: 200 }),
  done: fc.integer({ min: 0, max: 4 }),
  paces: fc.array(fc.integer({ min: 0, max: 50 }), { minLength: 5, maxLength: 5 }),
  from: fc.integer({ min: 60, max: 180 }),
});
const KEYS = ['firm', 'slice', 'coat', 'marinate', 'cook'] as const;

test('facts never change: what was done and what runs has the hours it had, nothing left begins before now', () =>
  fc.assert(
    fc.property(moments, ({ nowMin, done, paces, from }) => {
      let hour = from;
      const of: Parameters<typeof facts>[0] = {};
      for (const [index, key] of KEYS.entries()) {
        if (index > done || hour - paces[index]! < nowMin) break;
        of[key] = index === done ? [hour] : [hour, hour - paces[index]!];
        hour -= paces[index]!;
      }
      const progress = facts(of);
      const now = follow([batch(progress)], { nowMs: at(nowMin) })[0]!;
      for (const job of now.jobs) {
        const fact = progress.get(job.key);
        if (fact) expect(job.startMs).toBe(fact.startedAtMs);
        if (fact?.doneAtMs !== undefined) expect(job.endMs).toBe(fact.doneAtMs);
        const isNext = !fact && !KEYS.slice(KEYS.indexOf(job.key as 'firm') + 1).some((key) => progress.has(key));
        // A wait that nobody has pressed for yet may have begun.
        if (isNext && job.key !== 'marinate') expect(job.startMs).toBeGreaterThan(at(nowMin) - MIN);
        expect(job.endMs).toBeGreaterThanOrEqual(job.startMs);
      }
      expect(follow([batch(progress)], { nowMs: at(nowMin) })[0]).toEqual(now);
    }),
  ));
