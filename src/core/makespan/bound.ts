import type { Network } from './project';

/**
 * No schedule is shorter than this: the longest chain of tasks and gaps, and for every hand and place the earliest head, the work and the
 * shortest tail of any group of its tasks (the preemptive one-machine bound of Carlier and Pinson, shared out where there are several).
 *
 * @param heads earliest starts, @param tails least time from a task's end to the end of all
 */
export function lowerBound({ n, lasts, takes, capacity }: Network, heads: Float64Array, tails: Float64Array): number {
  let most = 0;
  for (let task = 0; task < n; task++) most = Math.max(most, heads[task]! + lasts[task]! + tails[task]!);
  for (const [resource, of] of capacity.entries()) {
    const users = Array.from({ length: n }, (_, task) => task).filter((task) => takes[task]!.includes(resource));
    const byTail = [...users].sort((a, b) => tails[b]! - tails[a]!);
    for (const head of new Set(users.map((task) => heads[task]!))) {
      let work = 0;
      for (const task of byTail) {
        if (heads[task]! < head) continue;
        work += lasts[task]!;
        most = Math.max(most, head + work / of + tails[task]!);
      }
    }
  }
  return most;
}
