import { KEPT_HOT_MAX_MIN } from '../safety';
import { disturbed, overlaps } from './disturbed';
import type { FlexibleTask, Job, SideTask, Task } from './job';
import { warmByTheClock } from './warmMinutes';
import { waitsAfter, type Work } from './work';

const MIN_MS = 60_000;
const STEP_MIN = 5;

export type CountBackInput = Pick<Work, 'tableAtMs' | 'chain' | 'notBeforeMs' | 'warmLimitMin'> &
  Partial<Pick<Work, 'side' | 'quiet' | 'away' | 'lots'>>;

export type ScheduleProblem =
  | { code: 'too-long-warm'; warmMin: number; limitMin: number }
  | { code: 'task-length'; key: Task['key'] }
  /** A job is kept at an hour that is too late for what follows it, or too early. */
  | { code: 'pinned-hour'; key: Task['key']; atMs: number; minutes: number; is: 'late' | 'early' }
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
      /** Handwork falls into hours when nobody is in the kitchen. */
      whileAway: boolean;
    }
  | { ok: false; problem: ScheduleProblem };

/**
 * Clock times for one batch, counted back from the table. The flexible task keeps its wished length where it can: it is stretched or cut
 * within its limits so that no handwork before it falls into the night and nothing starts before `notBeforeMs`.
 * A plan that leaves raw meat out of the fridge for longer than the limit is refused.
 */
export function countBack(input: CountBackInput): Schedule {
  const { chain, warmLimitMin, lots = 1, tableAtMs, notBeforeMs = -Infinity, side = [] } = input;
  const odd = chain.find((task) => !(task.minutes >= 0) || !Number.isFinite(task.minutes));
  if (odd) return { ok: false, problem: { code: 'task-length', key: odd.key } };

  const placed = bestPlacement(input);
  if (!Array.isArray(placed)) return { ok: false, problem: placed };
  const jobs = withSides(placed, side).sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs);
  const startMs = Math.min(tableAtMs, ...jobs.map((job) => job.startMs));
  return {
    ok: true,
    jobs,
    startMs,
    warmMin: warmByTheClock(placed, lots),
    warmLimitMin,
    lateByMin: Math.max(0, Math.ceil((notBeforeMs - startMs) / MIN_MS)),
    ...disturbed(jobs, input),
  };
}

/** The placement that is neither late nor in the night and nearest to the wished length; why there is none, when none keeps warm limit and pinned hours. */
function bestPlacement({
  chain,
  tableAtMs,
  notBeforeMs = -Infinity,
  quiet = [],
  warmLimitMin,
  lots = 1,
  side = [],
}: CountBackInput): Job[] | ScheduleProblem {
  const flexible = chain.findIndex((task) => 'flex' in task);
  let best: { jobs: Job[]; cost: number } | undefined;
  let problem: ScheduleProblem | undefined;
  const offer = (tasks: readonly Task[], off: number) => {
    const jobs = place(tasks, tableAtMs);
    const wrong = wrongHour(jobs, side) ?? tooWarm(warmByTheClock(jobs, lots), warmLimitMin);
    if (wrong) {
      if (!problem || overBy(wrong) < overBy(problem)) problem = wrong;
      return;
    }
    const all = withSides(jobs, side);
    const late = Math.max(0, notBeforeMs - Math.min(...all.map(({ startMs }) => startMs))) / MIN_MS;
    const waitsFromMs = flexible < 0 ? -Infinity : jobs[flexible]!.startMs;
    const night = all.some((job) => job.hands && job.startMs < waitsFromMs && overlaps(job, quiet));
    // Sooner in the marinade than waiting bare.
    const waits = 2 * jobs.reduce((sum, { thenColdMin = 0 }) => sum + thenColdMin, 0);
    const cost = late * 1e6 + (night ? 1e5 : 0) + off + waits;
    if (!best || cost < best.cost) best = { jobs, cost };
  };

  offer(chain, 0);
  if (flexible >= 0) {
    const { flex, minutes: wished } = chain[flexible] as FlexibleTask;
    const lasting = (minutes: number) =>
      offer(
        chain.map((task, index) => (index === flexible ? { ...task, minutes } : task)),
        Math.abs(minutes - wished),
      );
    const fitting = fromPinnedHour(chain, flexible, tableAtMs);
    if (fitting !== undefined && fitting >= flex.fromMin && fitting <= flex.toMin) lasting(fitting);
    for (let minutes = flex.fromMin; minutes <= flex.toMin && (!best || best.cost > 0); minutes += STEP_MIN)
      lasting(minutes);
  }
  return best?.jobs ?? problem!;
}

/** Told is what would have to give least. */
const overBy = (problem: ScheduleProblem) => (problem.code === 'pinned-hour' ? problem.minutes : 0);

const tooWarm = (warmMin: number, limitMin: number): ScheduleProblem | undefined =>
  warmMin > limitMin ? { code: 'too-long-warm', warmMin, limitMin } : undefined;

/** How long the marinade is when a job before it has an hour of its own. */
function fromPinnedHour(chain: readonly Task[], flexible: number, tableAtMs: number): number | undefined {
  const pinned = chain.slice(0, flexible).reduce((last, { atMs }, at) => (atMs === undefined ? last : at), -1);
  if (pinned < 0) return undefined;
  const after = place(chain.slice(flexible + 1), tableAtMs);
  const before = chain.slice(pinned, flexible).reduce((sum, { minutes }) => sum + minutes, 0);
  return ((after[0]?.startMs ?? tableAtMs) - chain[pinned]!.atMs!) / MIN_MS - before;
}

/** From the table backwards; a job with an hour of its own has it, and the meat waits until the next. */
function place(chain: readonly Task[], tableAtMs: number): Job[] {
  let endMs = tableAtMs;
  const jobs: Job[] = [];
  for (const task of [...chain].reverse()) {
    const { key, stage, minutes, hands, place, atMs, mayWaitMin } = task;
    const lastsMs = Math.round(minutes * MIN_MS);
    const startMs = atMs ?? endMs - lastsMs;
    const waits = atMs === undefined ? 0 : (endMs - startMs - lastsMs) / MIN_MS;
    jobs.unshift({
      key,
      stage,
      minutes,
      hands,
      place,
      startMs,
      endMs: startMs + lastsMs,
      ...(atMs === undefined ? {} : { atMs }),
      ...(mayWaitMin === undefined ? {} : { mayWaitMin }),
      ...(waits === 0 ? {} : jobs.length === 0 ? { thenHotMin: waits } : { thenColdMin: waits }),
    });
    endMs = startMs;
  }
  return spreadWaits(jobs);
}

/** A wait that is too long after a job with an hour of its own is shared with what may wait further on, the last of it first. */
function spreadWaits(jobs: Job[]): Job[] {
  for (const [at, pinned] of jobs.entries()) {
    let over = (pinned.thenColdMin ?? 0) - waitsAfter(pinned);
    if (pinned.atMs === undefined || over <= 0) continue;
    const next = jobs.findIndex(({ atMs }, index) => index > at && atMs !== undefined);
    const last = next < 0 ? jobs.length - 1 : next;
    for (let waits = last - 1; waits > at && over > 0; waits--) {
      const byMin = Math.min(over, waitsAfter(jobs[waits]!) - (jobs[waits]!.thenColdMin ?? 0));
      if (byMin <= 0) continue;
      for (const job of jobs.slice(at + 1, waits + 1)) {
        job.startMs -= byMin * MIN_MS;
        job.endMs -= byMin * MIN_MS;
      }
      jobs[waits]!.thenColdMin = (jobs[waits]!.thenColdMin ?? 0) + byMin;
      pinned.thenColdMin! -= byMin;
      over -= byMin;
    }
  }
  return jobs;
}

/** A job with an hour of its own that is too late for what follows, or so early that the meat would wait longer than does it good. */
function wrongHour(jobs: readonly Job[], side: readonly SideTask[]): ScheduleProblem | undefined {
  for (const job of jobs) {
    const { key, atMs, thenColdMin = 0, thenHotMin = 0 } = job;
    if (atMs === undefined) continue;
    const waits = thenColdMin + thenHotMin;
    const most = thenHotMin ? KEPT_HOT_MAX_MIN : waitsAfter(job);
    if (waits < 0) return { code: 'pinned-hour', key, atMs, minutes: -waits, is: 'late' };
    if (waits > most) return { code: 'pinned-hour', key, atMs, minutes: waits - most, is: 'early' };
  }
  for (const { key, atMs, minutes, before } of side) {
    const anchor = jobs.find((job) => job.key === before);
    if (atMs === undefined || !anchor) continue;
    const overMin = (atMs - anchor.startMs) / MIN_MS + minutes;
    if (overMin > 0) return { code: 'pinned-hour', key, atMs, minutes: overMin, is: 'late' };
  }
  return undefined;
}

const withSides = (placed: Job[], side: readonly SideTask[]): Job[] =>
  side.reduce<Job[]>((known, task) => [...known, ...placeSide(task, known)], [...placed]);

/** As late as it can be before its anchor; handwork only where these hands are free. */
function placeSide({ before, serves: _serves, readyMin: _readyMin, ...task }: SideTask, placed: readonly Job[]): Job[] {
  const anchor = placed.find((job) => job.key === before);
  if (!anchor) return [];
  const lastsMs = Math.round(task.minutes * MIN_MS);
  let endMs = task.atMs === undefined ? anchor.startMs : task.atMs + lastsMs;
  if (task.hands && task.atMs === undefined) {
    const busy = placed.filter((job) => job.hands && job.endMs > job.startMs).sort((a, b) => b.endMs - a.endMs);
    for (const job of busy) if (job.startMs < endMs && job.endMs > endMs - lastsMs) endMs = job.startMs;
  }
  return [{ ...task, startMs: endMs - lastsMs, endMs }];
}
