import type { Interval } from '../times';
import type { Job } from './job';
import type { Work } from './work';

export const overlaps = (job: Pick<Job, 'startMs' | 'endMs'>, intervals: readonly Interval[]) =>
  intervals.some(({ fromMs, toMs }) => job.startMs < toMs && job.endMs > fromMs);

/** Whether handwork falls into the night, or into hours when nobody is in the kitchen. */
export function disturbed(
  jobs: readonly Job[],
  { quiet = [], away = [] }: Partial<Pick<Work, 'quiet' | 'away'>>,
): { inTheNight: boolean; whileAway: boolean } {
  const nights = away.length ? quiet.filter((one) => !away.includes(one)) : quiet;
  const within = (intervals: readonly Interval[]) => jobs.some((job) => job.hands && overlaps(job, intervals));
  return { inTheNight: within(nights), whileAway: within(away) };
}
