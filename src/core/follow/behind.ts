import type { JobProgress } from '../progress';
import { countBack, type FlexibleTask, type JobKey, type Task, type Work } from '../scheduling';

/** How a batch stands by the clock, from what was really done. */
export interface Behind {
  /** On the table so much later, with every wait that may give cut as short as it may be. */
  byMin: number;
  tableMs: number;
  /** What is left for the marinade now, where it has not ended and that is less than it was to get. */
  marinade?: { minutes: number; insteadOfMin: number };
}

/** Not worth a word. */
const AS_GOOD_AS_IN_TIME_MIN = 1;
const SHORTER_BY_MIN = 5;

/**
 * What is left of the work, counted back from the table and not before now: how late that would be, and what the marinade gives for it. What was done is
 * done, whatever the plan had said; what runs has the rest of its time.
 *
 * @param plannedMarinadeMin what the plan gives the marinade
 * @returns undefined where nothing is left to do
 */
export function behind(
  work: Work,
  {
    progress,
    nowMs,
    plannedMarinadeMin,
  }: { progress: ReadonlyMap<JobKey, JobProgress>; nowMs: number; plannedMarinadeMin: number },
): Behind | undefined {
  const chain = restOf(work.chain, progress, nowMs);
  if (chain.length === 0) return undefined;
  const side = work.side.filter(({ key }) => progress.get(key)?.startedAtMs === undefined);
  const schedule = countBack({
    ...work,
    chain: chain.map((task) =>
      'flex' in task ? { ...task, minutes: within(plannedMarinadeMin - task.gone, task.flex) } : task,
    ),
    side,
    notBeforeMs: nowMs,
    // Late in the night is late: what is begun is ended.
    quiet: [],
    warmLimitMin: Infinity,
  });
  if (!schedule.ok) return undefined;
  const flexible = chain.find((task) => 'flex' in task);
  const left = flexible && schedule.jobs.find(({ key }) => key === flexible.key)!.minutes;
  const minutes = left === undefined ? 0 : left + flexible!.gone;
  const shorter = left !== undefined && plannedMarinadeMin - minutes >= SHORTER_BY_MIN;
  return {
    byMin: schedule.lateByMin > AS_GOOD_AS_IN_TIME_MIN ? schedule.lateByMin : 0,
    tableMs: work.tableAtMs + schedule.lateByMin * 60_000,
    ...(shorter ? { marinade: { minutes, insteadOfMin: plannedMarinadeMin } } : {}),
  };
}

type Left = (Task | FlexibleTask) & { gone: number };

/** The chain from the last job that was begun on; of that one what is left of its time. */
function restOf(chain: Work['chain'], progress: ReadonlyMap<JobKey, JobProgress>, nowMs: number): Left[] {
  const begun = chain.map(({ key }) => progress.get(key)?.startedAtMs !== undefined);
  return chain.slice(Math.max(0, begun.lastIndexOf(true))).flatMap((task): Left[] => {
    const { startedAtMs, doneAtMs, extraMin = 0 } = progress.get(task.key) ?? {};
    if (doneAtMs !== undefined) return [];
    if (startedAtMs === undefined) return [{ ...task, gone: 0 }];
    const gone = Math.max(0, (nowMs - startedAtMs) / 60_000);
    const rest = (minutes: number) => Math.max(0, minutes + extraMin - gone);
    const running = { ...task, minutes: rest(task.minutes), gone };
    return [
      'flex' in task
        ? { ...running, flex: { fromMin: rest(task.flex.fromMin), toMin: rest(task.flex.toMin) } }
        : running,
    ];
  });
}

const within = (minutes: number, { fromMin, toMin }: FlexibleTask['flex']) =>
  Math.min(toMin, Math.max(fromMin, minutes));
