import type { Interval } from '../times';
import type { FlexibleTask, Job, SideTask, Task } from './job';
import { warmMinutes } from './warmMinutes';
import type { Work } from './work';

const MIN_MS = 60_000;
const STEP_MIN = 5;

export type CountBackInput = Pick<Work, 'tableAtMs' | 'chain' | 'notBeforeMs' | 'warmLimitMin'> &
  Partial<Pick<Work, 'side' | 'quiet' | 'lots'>>;

export type ScheduleProblem =
  | { code: 'too-long-warm'; warmMin: number; limitMin: number }
  | { code: 'task-length'; key: Task['key'] }
  | { code: 'counter-too-long'; minutes: number; maxMin: number }
  | { code: 'fridge-too-warm'; tempC: number; maxC: number }
  | { code: 'poultry-too-long'; minutes: number; maxMin: number }
  | { code: 'soda-unrinsed'; percent: number; maxPercent: number }
  | { code: 'too-thick-for-heat'; thicknessMm: number; maxMm: number }
  | { code: 'fruit-too-long'; minutes: number; stopAfterMin: { from: number; to: number } };

export type Schedule =
  | {
      ok: true;
      jobs: Job[];
      startMs: number;
      warmMin: number;
      warmLimitMin: number;
      lateByMin: number;
      inTheNight: boolean;
    }
  | { ok: false; problem: ScheduleProblem };

/**
 * Clock times for one batch, counted back from the table. The flexible task keeps its wished length where it can: it is stretched or cut
 * within its limits so that no handwork before it falls into the night and nothing starts before `notBeforeMs`.
 * A plan that leaves raw meat out of the fridge for longer than the limit is refused.
 */
export function countBack(input: CountBackInput): Schedule {
  const { chain, warmLimitMin, lots = 1, tableAtMs, notBeforeMs = -Infinity, side = [], quiet = [] } = input;
  const odd = chain.find((task) => !(task.minutes >= 0) || !Number.isFinite(task.minutes));
  if (odd) return { ok: false, problem: { code: 'task-length', key: odd.key } };

  const placed = bestPlacement(input);
  if (!placed)
    return { ok: false, problem: { code: 'too-long-warm', warmMin: warmMinutes(chain, lots), limitMin: warmLimitMin } };
  const jobs = withSides(placed, side).sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs);
  const startMs = Math.min(tableAtMs, ...jobs.map((job) => job.startMs));
  return {
    ok: true,
    jobs,
    startMs,
    warmMin: warmMinutes(placed, lots),
    warmLimitMin,
    lateByMin: Math.max(0, Math.ceil((notBeforeMs - startMs) / MIN_MS)),
    inTheNight: jobs.some((job) => job.hands && overlaps(job, quiet)),
  };
}

/** The placement that is neither late nor in the night and nearest to the wished length; undefined when none keeps the warm limit. */
function bestPlacement({
  chain,
  tableAtMs,
  notBeforeMs = -Infinity,
  quiet = [],
  warmLimitMin,
  lots = 1,
  side = [],
}: CountBackInput): Job[] | undefined {
  const flexible = chain.findIndex((task) => 'flex' in task);
  let best: { jobs: Job[]; cost: number } | undefined;
  const offer = (tasks: readonly Task[], off: number) => {
    if (warmMinutes(tasks, lots) > warmLimitMin) return;
    const jobs = place(tasks, tableAtMs);
    const all = withSides(jobs, side);
    const late = Math.max(0, notBeforeMs - Math.min(...all.map(({ startMs }) => startMs))) / MIN_MS;
    const waitsFromMs = flexible < 0 ? -Infinity : jobs[flexible]!.startMs;
    const night = all.some((job) => job.hands && job.startMs < waitsFromMs && overlaps(job, quiet));
    const cost = late * 1e6 + (night ? 1e5 : 0) + off;
    if (!best || cost < best.cost) best = { jobs, cost };
  };

  offer(chain, 0);
  if (flexible >= 0) {
    const { flex, minutes: wished } = chain[flexible] as FlexibleTask;
    for (let minutes = flex.fromMin; minutes <= flex.toMin && (!best || best.cost > 0); minutes += STEP_MIN) {
      offer(
        chain.map((task, index) => (index === flexible ? { ...task, minutes } : task)),
        Math.abs(minutes - wished),
      );
    }
  }
  return best?.jobs;
}

function place(chain: readonly Task[], tableAtMs: number): Job[] {
  let endMs = tableAtMs;
  const jobs: Job[] = [];
  for (const { key, stage, minutes, hands, place } of [...chain].reverse()) {
    const startMs = endMs - Math.round(minutes * MIN_MS);
    jobs.unshift({ key, stage, minutes, hands, place, startMs, endMs });
    endMs = startMs;
  }
  return jobs;
}

const withSides = (placed: Job[], side: readonly SideTask[]): Job[] =>
  side.reduce<Job[]>((known, task) => [...known, ...placeSide(task, known)], [...placed]);

/** As late as it can be before its anchor; handwork only where these hands are free. */
function placeSide({ before, ...task }: SideTask, placed: readonly Job[]): Job[] {
  const anchor = placed.find((job) => job.key === before);
  if (!anchor) return [];
  const lastsMs = Math.round(task.minutes * MIN_MS);
  let endMs = anchor.startMs;
  if (task.hands) {
    const busy = placed.filter((job) => job.hands && job.endMs > job.startMs).sort((a, b) => b.endMs - a.endMs);
    for (const job of busy) if (job.startMs < endMs && job.endMs > endMs - lastsMs) endMs = job.startMs;
  }
  return [{ ...task, startMs: endMs - lastsMs, endMs }];
}

const overlaps = (job: Job, intervals: readonly Interval[]) =>
  intervals.some(({ fromMs, toMs }) => job.startMs < toMs && job.endMs > fromMs);
