import type { JobProgress } from '../progress';
import type { FlexibleTask, JobKey, SideTask, Task, Work } from '../scheduling';

const MIN_MS = 60_000;

/** A task that is not done: `gone` are the minutes since it began, and its own are what is left of it. */
export type Left = (Task | FlexibleTask) & { gone: number; runs: boolean };

export interface WhatIsLeft {
  chain: Left[];
  side: SideTask[];
}

/** What is not done yet: the chain from the last job that was begun on, what runs with the rest of its time; and of what is made beside, what was not begun. */
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
  const isBegun = (key: JobKey) => progress.get(key)?.startedAtMs !== undefined;
  const open = new Set<JobKey>(left.filter(({ runs }) => !runs).map(({ key }) => key));
  // What is made beside serves a task that has not begun, or something that serves one; what came too late for that is passed over.
  for (const { key, before } of side) if (!isBegun(key) && open.has(before)) open.add(key);
  return { chain: left, side: side.filter(({ key }) => open.has(key)) };
}
