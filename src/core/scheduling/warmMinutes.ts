import type { Task } from './job';

/** Every minute out of the fridge counts, freezer and fire aside. `lots`: the meat is worked in so many parts, each out only for its own share. */
export function warmMinutes(tasks: readonly Task[], lots = 1): number {
  return Math.ceil(
    tasks.reduce(
      (sum, task) => sum + (task.place === 'counter' ? (task.hands ? task.minutes / lots : task.minutes) : 0),
      0,
    ),
  );
}
