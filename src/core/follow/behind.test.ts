import fc from 'fast-check';
import type { JobProgress } from '../progress';
import { countBack, type FlexibleTask, type JobKey, type Task, type Work } from '../scheduling';
import { behind } from '.';

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
const facts = (of: Partial<Record<JobKey, readonly [begun: number, done?: number]>>): Map<JobKey, JobProgress> =>
  new Map(
    Object.entries(of).map(([key, [begun, done]]) => [
      key as JobKey,
      { startedAtMs: TABLE - begun * MIN, doneAtMs: done === undefined ? undefined : TABLE - done * MIN, extraMin: 0 },
    ]),
  );
const stands = (nowMin: number, of: Parameters<typeof facts>[0] = {}) =>
  behind(work, { progress: facts(of), nowMs: TABLE - nowMin * MIN, plannedMarinadeMin: PLANNED });

test('begun as planned nothing is behind', () => {
  expect(stands(140)).toMatchObject({ byMin: 0, tableMs: TABLE });
  expect(stands(140)).not.toHaveProperty('marinade');
  expect(stands(100, { firm: [140, 100] })).toMatchObject({ byMin: 0 });
});

test('a late start is taken from the marinade as far as it gives', () => {
  expect(stands(115)).toEqual({ byMin: 0, tableMs: TABLE, marinade: { minutes: 35, insteadOfMin: 60 } });
});

test('and beyond that from the table', () => {
  // 40 + 20 + 5 + 20 + 15 min are left, 80 until the table.
  expect(stands(80)).toEqual({ byMin: 20, tableMs: TABLE + 20 * MIN, marinade: { minutes: 20, insteadOfMin: 60 } });
});

test('what runs has the rest of its time, with what was added to it', () => {
  expect(stands(90, { firm: [120] })).toMatchObject({ byMin: 0, marinade: { minutes: 40 } });
  const longer = facts({ firm: [120] });
  longer.set('firm', { ...longer.get('firm')!, extraMin: 30 });
  expect(behind(work, { progress: longer, nowMs: TABLE - 90 * MIN, plannedMarinadeMin: PLANNED })).toMatchObject({
    byMin: 10,
    marinade: { minutes: 20 },
  });
});

test('what was skipped over is done', () => {
  expect(stands(70, { slice: [95, 80] })).toMatchObject({ byMin: 0, marinade: { minutes: 50 } });
});

test('a marinade under way counts from when it began', () => {
  expect(stands(40, { marinate: [75] })).toEqual({ byMin: 0, tableMs: TABLE });
  expect(stands(5, { marinate: [20] })).toMatchObject({ byMin: 15, marinade: { minutes: 20 } });
});

test('at the heat for too long', () => {
  expect(stands(5, { cook: [10] })).toMatchObject({ byMin: 5 });
  expect(stands(-30, { cook: [0] })).toMatchObject({ byMin: 30 });
});

test('all done, nothing is said', () => expect(stands(0, { cook: [20, 2] })).toBeUndefined());

test('every minute of waiting makes it later by a minute at most, and never earlier', () =>
  fc.assert(
    fc.property(fc.integer({ min: -60, max: 300 }), fc.integer({ min: 0, max: 60 }), (nowMin, waited) => {
      const [now, later] = [stands(nowMin)!.byMin, stands(nowMin - waited)!.byMin];
      expect(later).toBeGreaterThanOrEqual(now);
      // A delay of a minute is as good as none.
      expect(later - now).toBeLessThanOrEqual(waited + 1);
    }),
  ));

test('what was done when the plan had it done changes nothing', () => {
  const schedule = countBack(work);
  if (!schedule.ok) throw new Error('refused');
  for (const [at, job] of schedule.jobs.entries()) {
    const progress = new Map(
      schedule.jobs
        .slice(0, at)
        .map(({ key, startMs, endMs }) => [key, { startedAtMs: startMs, doneAtMs: endMs, extraMin: 0 }]),
    );
    expect(behind(work, { progress, nowMs: job.startMs, plannedMarinadeMin: PLANNED })).toEqual({
      byMin: 0,
      tableMs: TABLE,
    });
  }
});
