import type { JobKey, Task } from '../scheduling';
import type { JobProgress } from './jobProgress';

/**
 * Minutes that a batch has really been out of the fridge: every counter job from its start to its end, or until now while it runs.
 * Handwork in lots counts for each lot its own share.
 */
export function warmSoFarMin(
  tasks: readonly Pick<Task, 'key' | 'place' | 'hands'>[],
  progress: ReadonlyMap<JobKey, JobProgress>,
  nowMs: number,
  lots = 1,
): number {
  return tasks.reduce((sum, { key, place, hands }) => {
    const { startedAtMs, doneAtMs } = progress.get(key) ?? {};
    if (place !== 'counter' || startedAtMs === undefined) return sum;
    const minutes = Math.max(0, (doneAtMs ?? nowMs) - startedAtMs) / 60_000;
    return sum + (hands ? minutes / lots : minutes);
  }, 0);
}
