import type { Job, Task } from './job';
import { TO_THE_FRIDGE_MIN } from './work';

/** Every minute out of the fridge counts, freezer and fire aside. `lots`: the meat is worked in so many parts, each out only for its own share. */
export function warmMinutes(tasks: readonly Task[], lots = 1): number {
  return Math.ceil(
    tasks.reduce(
      (sum, task) => sum + (task.place === 'counter' ? (task.hands ? task.minutes / lots : task.minutes) : 0),
      0,
    ),
  );
}

/** Minutes out of the fridge by the clock, short waits on the board among them. */
export function warmByTheClock(jobs: readonly Job[], lots: number): number {
  const waits = jobs.reduce(
    (sum, { place, thenColdMin = 0 }) =>
      sum + (place === 'counter' && thenColdMin < TO_THE_FRIDGE_MIN ? thenColdMin : 0),
    0,
  );
  return warmMinutes(jobs, lots) + Math.ceil(waits);
}
