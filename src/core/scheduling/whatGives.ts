import { clashesOf, MOST_TOGETHER } from './scheduleMeal';
import type { Schedule } from './countBack';
import type { Job } from './job';
import type { Shared, Work } from './work';

/** Where the schedule of a meal could not have all it should. `work` counts the batches. */
export type Gives =
  | { code: 'kept-hot'; work: number; minutes: number }
  | { code: 'crowded'; work: number; minutes: number; batches: number }
  | {
      code: 'clash';
      first: { work: number; job: Job };
      second: { work: number; job: Job };
      fromMs: number;
      minutes: number;
    };

/** What gives in a meal: batches that wait hot for longer than does them good, jobs that want the same hands or heat at once. */
export function whatGives(
  batches: readonly { schedule: Schedule; work: Pick<Work, 'heat' | 'staysHotMin'> }[],
  shared: Shared = {},
): Gives[] {
  if (batches.length > MOST_TOGETHER) return [{ code: 'crowded', work: 0, minutes: 0, batches: batches.length }];
  const hot = batches.flatMap(({ schedule, work: { staysHotMin } }, work): Gives[] => {
    const minutes = schedule.ok ? Math.max(0, ...schedule.jobs.map(({ thenHotMin = 0 }) => thenHotMin)) : 0;
    return minutes > staysHotMin ? [{ code: 'kept-hot', work, minutes }] : [];
  });
  const clashes = clashesOf(
    batches.map(({ schedule }) => schedule),
    batches.map(({ work }) => work),
    shared,
  ).map(({ first, second, minutes }): Gives => ({ code: 'clash', first, second, fromMs: second.job.startMs, minutes }));
  return [...hot, ...clashes];
}
