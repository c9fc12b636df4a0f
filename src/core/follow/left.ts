import type { JobProgress } from '../progress';
import type { FlexibleTask, JobKey, SideTask, Task, Work } from '../scheduling';

const MIN_MS = 60_000;

/** A task that is not done: `gone` are the minutes since it began, and its own are what is left of it. */
export type Left = (Task | FlexibleTask) & { gone: number; runs: boolean };

export type LeftBeside = SideTask & { runs: boolean };

export interface WhatIsLeft {
  chain: Left[];
  side: LeftBeside[];
}

/** What is not done yet: the chain from the last job that was begun on, what runs with the rest of its time; and of what is made beside, what is still of use. */
export function leftOf(
  { chain, side }: Pick<Work, 'chain' | 'side'>,
  progress: ReadonlyMap<JobKey, JobProgress>,
  nowMs: number,
): WhatIsLeft {
  const begun = chain.map(({ key }) => progress.get(key)?.startedAtMs !== undefined);
  const left = chain.slice(Math.max(0, begun.lastIndexOf(true))).flatMap((task): Left[] => {
    const { startedAtMs, doneAtMs, extraMin = 0 } = progress.get(task.key) ?? {};
    if (doneAtMs !== undefined) return [];
    if (startedAtMs === undefined) return [{ ...task, gone: 0, runs: false }];
    const gone = Math.max(0, (nowMs - startedAtMs) / MIN_MS);
    const rest = (minutes: number) => Math.max(0, minutes + extraMin - gone);
    const running = { ...task, minutes: rest(task.minutes), gone, runs: true };
    return [
      'flex' in task
        ? { ...running, flex: { fromMin: rest(task.flex.fromMin), toMin: rest(task.flex.toMin) } }
        : running,
    ];
  });
  const open = new Set<JobKey>(left.filter(({ runs }) => !runs).map(({ key }) => key));
  // What is made beside serves a task that has not begun, or something that serves one; what came too late for that is passed over.
  const beside = side.flatMap((task): LeftBeside[] => {
    const { startedAtMs, doneAtMs, extraMin = 0 } = progress.get(task.key) ?? {};
    if (doneAtMs !== undefined) return [];
    if (startedAtMs === undefined) {
      // Its hour is past, but what it serves is still to come: it is made before the next task.
      const before = open.has(task.before)
        ? task.before
        : task.serves && open.has(task.serves) && left.find(({ runs }) => !runs)?.key;
      if (!before) return [];
      open.add(task.key);
      return [{ ...task, before, runs: false }];
    }
    const minutes = Math.max(0, task.minutes + extraMin - (nowMs - startedAtMs) / MIN_MS);
    return [{ ...task, minutes, runs: true }];
  });
  return { chain: left, side: beside };
}
