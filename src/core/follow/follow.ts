import type { JobProgress } from '../progress';
import {
  clashesOf,
  countBack,
  isTurn,
  scheduleMeal,
  type Job,
  type JobKey,
  type Schedule,
  type Shared,
  type Work,
} from '../scheduling';
import { leftOf, type Left, type WhatIsLeft } from './left';

const MIN_MS = 60_000;
/** A job begun so long after its minute was begun in time. */
const IN_TIME_MS = MIN_MS;
/** Not worth a word. */
const SHORTER_BY_MIN = 5;
/** What runs or was done last may wait as long as it takes: it is what it is. */
const AS_LONG_AS_IT_TAKES_MIN = 7 * 24 * 60;
/** How often tables are moved for hands that are wanted elsewhere. */
const MOST_MOVES = 4;
/** How often a batch as a whole is made to wait for another. */
const MOST_WAITS = 40;

/** A batch of the meal, what was planned for it and what was done. */
export interface Followed {
  work: Work;
  /** As planned, by the clock. */
  jobs: readonly Job[];
  /** What the plan gives the marinade. */
  marinadeMin: number;
  progress: ReadonlyMap<JobKey, JobProgress>;
}

/** How a batch stands by the clock, from what was really done. */
export interface Standing {
  /** Everything that is planned, with the hours it had or will have now. */
  jobs: Job[];
  /** Jobs that were never begun, and that what came after them has made needless. */
  passed: JobKey[];
  /** Nothing that is left to do has moved. */
  asPlanned: boolean;
  /** Something is left to do. */
  open: boolean;
  /** On the table so much later, with every wait that may give cut as short as it may be. */
  byMin: number;
  tableMs: number;
  /** What the marinade gets in all, where it has not ended and that is less than it was to get. */
  marinade?: { minutes: number; insteadOfMin: number };
}

type Accepted = Extract<Schedule, { ok: true }>;

/**
 * The meal as it stands: what was done is done, what runs has the rest of its time, and what is left keeps its hours as long as it can. Where it cannot, it is
 * scheduled again from now, all batches with each other: as late as the table allows, the marinade gives what it may, and only then the table.
 *
 * @returns of each batch, in their order; the same facts at the same minute give the same hours
 */
export function follow(
  batches: readonly Followed[],
  { nowMs: now, ...shared }: { nowMs: number } & Shared,
): Standing[] {
  // Minute by minute: what is read does not flicker.
  const nowMs = Math.floor(now / MIN_MS) * MIN_MS;
  const left = batches.map((batch) => withHours(batch, leftOf(batch.work, batch.progress, nowMs), nowMs));
  const kept = batches.map((batch, at) => keepsItsHours(batch, left[at]!, nowMs));
  const asPlanned = batches.map((batch, at) => asItRuns(planned(batch, left[at]!), left[at]!, nowMs));
  const works = batches.map(({ work }) => work);
  // What runs over its time may be in the way of another batch, whose hours are kept so far.
  if (kept.every(Boolean) && clashesOf(asPlanned, works, shared).length === 0)
    return batches.map((batch, at) => standing(batch, left[at]!, { nowMs }));
  const { schedules, tables } = placedFromNow(batches, { left, kept, nowMs, shared });
  return batches.map((batch, at) =>
    standing(batch, left[at]!, { schedule: schedules[at]!, tableMs: tables[at]!, nowMs }),
  );
}

interface FromNow {
  left: readonly WhatIsLeft[];
  kept: readonly boolean[];
  nowMs: number;
  shared: Shared;
}

/** Hours for what is left; tables are moved as long as something is late or wants what another has. */
function placedFromNow(
  batches: readonly Followed[],
  { left, kept, nowMs, shared }: FromNow,
): { schedules: Schedule[]; tables: number[] } {
  let tables = batches.map(({ work }) => work.tableAtMs);
  let best: { schedules: Schedule[]; tables: number[]; clashMin: number } | undefined;
  for (let moves = 0; moves < MOST_MOVES && best?.clashMin !== 0; moves++) {
    const alone = batches.map((batch, at): Schedule => {
      if (left[at]!.chain.length === 0) return NOTHING;
      if (kept[at] && tables[at] === batch.work.tableAtMs) return planned(batch, left[at]!);
      const again = countedBack(batch, left[at]!, { tableMs: tables[at]!, nowMs });
      return again.ok ? again : countedBack(batch, unpinned(left[at]!), { tableMs: tables[at]!, nowMs });
    });
    tables = tables.map((tableMs, at) => tableMs + lateMs(alone[at]!));
    const works = batches.map(({ work }, at) =>
      workLeft(work, tables[at] === work.tableAtMs ? left[at]! : unpinned(left[at]!), { tableMs: tables[at]!, nowMs }),
    );
    const inTime = alone.map((schedule, at) => asItRuns(inTimeOf(schedule), left[at]!, nowMs));
    const together = scheduleMeal(works, inTime, shared).schedules;
    const schedules = together.map(inTimeOf);
    tables = tables.map((tableMs, at) => tableMs + lateMs(together[at]!));
    const clashes = clashesOf(schedules, works, shared);
    const clashMin = clashes.reduce((sum, { minutes }) => sum + minutes, 0);
    if (!best || clashMin < best.clashMin) best = { schedules, tables, clashMin };
    if (together.some((schedule) => lateMs(schedule) > 0)) continue;
    // What comes second waits, and its table with it.
    for (const { second, minutes } of clashes.slice(0, 1))
      tables = tables.map((tableMs, at) => (at === second.work ? tableMs + Math.ceil(minutes) * MIN_MS : tableMs));
  }
  const placed = best!.clashMin === 0 ? best! : apart(best!, batches, { left, shared });
  return noLaterThanNeeded(placed, batches, { left, nowMs, shared });
}

/** Tables were moved until everything fitted: each batch as a whole goes back as far as hands and heat allow. */
function noLaterThanNeeded(
  { schedules: placed, tables: moved }: { schedules: Schedule[]; tables: number[] },
  batches: readonly Followed[],
  { left, nowMs, shared }: Pick<FromNow, 'left' | 'nowMs' | 'shared'>,
): { schedules: Schedule[]; tables: number[] } {
  const works = batches.map(({ work }) => work);
  const schedules = [...placed];
  const tables = [...moved];
  for (const [at, { work }] of batches.entries()) {
    const schedule = schedules[at]!;
    if (!schedule.ok || tables[at]! <= work.tableAtMs) continue;
    const running = [...left[at]!.chain, ...left[at]!.side].filter(({ runs }) => runs);
    const fixed = running.map(({ key }) => key);
    const freeMs = Math.max(nowMs, ...running.map(({ minutes }) => nowMs + minutes * MIN_MS));
    const toCome = schedule.jobs.filter(({ key }) => !fixed.includes(key));
    if (toCome.length === 0) continue;
    const firstMs = Math.min(...toCome.map(({ startMs }) => startMs));
    const mostMin = Math.floor(Math.min(tables[at]! - work.tableAtMs, firstMs - freeMs) / MIN_MS);
    const clashMin = (all: readonly Schedule[]) =>
      clashesOf(all, works, shared).reduce((sum, { minutes }) => sum + minutes, 0);
    const before = clashMin(schedules);
    for (let byMin = mostMin; byMin > 0; byMin--) {
      const sooner = schedules.map((one, index) => (index === at ? movedBy(schedule, -byMin * MIN_MS, fixed) : one));
      if (clashMin(sooner) > before) continue;
      schedules[at] = sooner[at]!;
      tables[at] = tables[at]! - byMin * MIN_MS;
      break;
    }
  }
  return { schedules, tables };
}

/** What no placing has kept apart: one batch after the other, what runs first and then by the table, each as a whole waits for those before it, and its table with it. */
function apart(
  { schedules: together, tables: given }: { schedules: Schedule[]; tables: number[] },
  batches: readonly Followed[],
  { left, shared }: Pick<FromNow, 'left' | 'shared'>,
): { schedules: Schedule[]; tables: number[] } {
  const works = batches.map(({ work }) => work);
  const running = left.map(({ chain, side }) => [...chain, ...side].flatMap(({ key, runs }) => (runs ? [key] : [])));
  const order = batches
    .map((_, at) => at)
    .sort((a, b) => running[b]!.length - running[a]!.length || given[a]! - given[b]!);
  const schedules: Schedule[] = together.map(() => NOTHING);
  const tables = [...given];
  for (const at of order) {
    schedules[at] = together[at]!;
    for (let waits = 0; waits < MOST_WAITS; waits++) {
      const clash = clashesOf(schedules, works, shared)
        .map(
          ({ first, second }) => (first.work === at ? [first.job, second.job] : [second.job, first.job]) as [Job, Job],
        )
        .find(([own]) => !running[at]!.includes(own.key));
      if (!clash) break;
      const byMs = Math.ceil((clash[1].endMs - clash[0].startMs) / MIN_MS) * MIN_MS;
      schedules[at] = movedBy(schedules[at]!, byMs, running[at]!);
      tables[at] = tables[at]! + byMs;
    }
  }
  return { schedules, tables };
}

const movedBy = (schedule: Schedule, byMs: number, but: readonly JobKey[] = []): Schedule =>
  schedule.ok
    ? {
        ...schedule,
        jobs: schedule.jobs.map((job) =>
          but.includes(job.key) ? job : { ...job, startMs: job.startMs + byMs, endMs: job.endMs + byMs },
        ),
      }
    : schedule;

/** What runs does so now, whatever was planned for it. */
function asItRuns(schedule: Schedule, { chain: [first], side }: WhatIsLeft, nowMs: number): Schedule {
  const running = [...(first && !('flex' in first) ? [first] : []), ...side].filter(({ runs }) => runs);
  if (!schedule.ok || running.length === 0) return schedule;
  const others = schedule.jobs.filter((job) => !running.some(({ key }) => key === job.key));
  const now = running.map(({ key, stage, minutes, hands, place }): Job => ({
    key,
    stage,
    minutes,
    hands,
    place,
    startMs: nowMs,
    endMs: nowMs + minutes * MIN_MS,
  }));
  return { ...schedule, jobs: [...now, ...others].sort((a, b) => a.startMs - b.startMs) };
}

/** Hours that were given to jobs hold as long as they can be kept; past, or in the way of what is left, they are let go. */
function withHours(batch: Followed, left: WhatIsLeft, nowMs: number): WhatIsLeft {
  const held = <T extends { atMs?: number }>(task: T): T =>
    task.atMs === undefined || task.atMs > nowMs - IN_TIME_MS ? task : { ...task, atMs: undefined };
  const toCome = { chain: left.chain.map(held), side: left.side.map(held) };
  if (![...toCome.chain, ...toCome.side].some(({ atMs }) => atMs !== undefined)) return toCome;
  return countedBack(batch, toCome, { tableMs: batch.work.tableAtMs, nowMs }).ok ? toCome : unpinned(toCome);
}

const unpinned = ({ chain, side }: WhatIsLeft): WhatIsLeft => ({
  chain: chain.map((task) => ({ ...task, atMs: undefined })),
  side: side.map((task) => ({ ...task, atMs: undefined })),
});

const NOTHING: Schedule = { ok: false, problem: { code: 'task-length', key: 'cook' } };
const lateMs = (schedule: Schedule) => (schedule.ok ? schedule.lateByMin * MIN_MS : 0);
const inTimeOf = (schedule: Schedule): Schedule =>
  schedule.ok && schedule.lateByMin > 0 ? shifted(schedule) : schedule;
/** So much later that it begins now. */
const shifted = (schedule: Accepted): Schedule =>
  ({ ...movedBy(schedule, lateMs(schedule)), lateByMin: 0 }) as Accepted;

/** What is left can be done at the hours that it was planned for. */
function keepsItsHours({ jobs }: Followed, { chain, side }: WhatIsLeft, nowMs: number): boolean {
  const at = (key: JobKey) => jobs.find((job) => job.key === key);
  const inTime = (ms: number) => ms > nowMs - IN_TIME_MS;
  const next = chain[1] && at(chain[1].key);
  const waits = (task: Left) => {
    const fromMin = 'flex' in task ? task.flex.fromMin : task.minutes;
    const beginsMs = task.runs ? nowMs : Math.max(nowMs, at(task.key)?.startMs ?? nowMs);
    return !next || beginsMs + fromMin * MIN_MS <= next.startMs + IN_TIME_MS;
  };
  return (
    chain.every((task, index) =>
      index === 0 && (task.runs || 'flex' in task)
        ? waits(task) && (next ? inTime(next.startMs) : true)
        : inTime(at(task.key)?.startMs ?? Infinity),
    ) &&
    // Without anything to follow, what runs ends at the table.
    (chain.length !== 1 ||
      !chain[0]!.runs ||
      nowMs + chain[0]!.minutes * MIN_MS <= endOf(jobs, chain[0]!) + IN_TIME_MS) &&
    side.every(({ key, before, runs, minutes }) =>
      runs
        ? nowMs + minutes * MIN_MS <= (at(before)?.startMs ?? Infinity) + IN_TIME_MS ||
          !chain.some((task) => task.key === before)
        : inTime(at(key)?.startMs ?? Infinity),
    )
  );
}

const endOf = (jobs: readonly Job[], { key }: Left) => jobs.find((job) => job.key === key)?.endMs ?? Infinity;

/** The hours of what is left as they were planned. */
function planned({ jobs, work }: Followed, { chain, side }: WhatIsLeft): Accepted {
  const keys = new Set<JobKey>([...chain, ...side].map(({ key }) => key));
  const own = jobs.filter(({ key }) => keys.has(key));
  const startMs = Math.min(work.tableAtMs, ...own.map((job) => job.startMs));
  return {
    ok: true,
    jobs: own,
    startMs,
    warmMin: 0,
    warmLimitMin: work.warmLimitMin,
    lateByMin: 0,
    inTheNight: false,
    whileAway: false,
  };
}

/** Late in the night is late: what is begun is ended. */
const countedBack = (
  { marinadeMin }: Pick<Followed, 'marinadeMin'>,
  { chain, side }: WhatIsLeft,
  { tableMs, nowMs }: { tableMs: number; nowMs: number },
): Schedule =>
  countBack({
    tableAtMs: tableMs,
    notBeforeMs: nowMs,
    chain: chain.map((task) =>
      'flex' in task
        ? { ...task, minutes: Math.min(task.flex.toMin, Math.max(task.flex.fromMin, marinadeMin - task.gone)) }
        : task,
    ),
    side,
    quiet: [],
    warmLimitMin: Infinity,
  });

/** What is left as the meal places it: what runs runs from now, and after it the meat waits for as long as it has to. */
function workLeft(
  work: Work,
  { chain, side }: WhatIsLeft,
  { tableMs, nowMs }: { tableMs: number; nowMs: number },
): Work {
  const [first, ...others] = chain;
  if (!first) return { ...work, chain: [], side: [] };
  const began = ({ gone: _gone, runs, ...task }: Left): Work['chain'][number] => {
    if ('flex' in task) {
      const { flex, ...rest } = task;
      return { ...rest, minutes: flex.fromMin, mayWaitMin: flex.toMin - flex.fromMin, ...(runs && { atMs: nowMs }) };
    }
    return runs ? { ...task, atMs: nowMs, mayWaitMin: AS_LONG_AS_IT_TAKES_MIN } : task;
  };
  const rest = others.map(({ gone: _gone, runs: _runs, ...task }) => task);
  const beside = side.map(({ runs, ...task }) => (runs ? { ...task, atMs: nowMs } : task));
  return { ...work, tableAtMs: tableMs, notBeforeMs: nowMs, chain: [began(first), ...rest], side: beside };
}

interface Placed {
  nowMs: number;
  schedule?: Schedule;
  tableMs?: number;
}

function standing(
  { work, jobs, progress, marinadeMin }: Followed,
  { chain, side }: WhatIsLeft,
  { schedule, tableMs = work.tableAtMs, nowMs }: Placed,
): Standing {
  const open = new Map([...chain, ...side].map((task) => [task.key, task]));
  const placed = new Map(schedule?.ok ? schedule.jobs.map((job) => [job.key, job]) : []);
  const live = jobs.flatMap((job): Job[] => {
    const { startedAtMs, doneAtMs, extraMin = 0 } = progress.get(job.key) ?? {};
    if (startedAtMs !== undefined && doneAtMs !== undefined)
      return [{ ...bare(job), startMs: startedAtMs, endMs: doneAtMs }];
    const task = open.get(job.key);
    const again = placed.get(job.key) ?? (task || isTurn(job.key) ? job : undefined);
    if (startedAtMs === undefined) return [again ? { ...again, ...(job.staysOn ? { staysOn: true } : {}) } : job];
    const rest = task?.minutes ?? Math.max(0, job.minutes + extraMin - (nowMs - startedAtMs) / MIN_MS);
    const [first, next] = chain;
    const soaks = first?.key === job.key && 'flex' in first ? first.flex : undefined;
    const nextMs = next && (placed.get(next.key) ?? jobs.find(({ key }) => key === next.key))?.startMs;
    if (!soaks || nextMs === undefined) return [{ ...job, startMs: startedAtMs, endMs: nowMs + rest * MIN_MS }];
    const endMs = Math.max(nowMs, Math.min(nextMs, nowMs + soaks.toMin * MIN_MS));
    // So that its timer, with what was added to it, rings then.
    const minutes = Math.round((endMs - startedAtMs) / MIN_MS) - extraMin;
    return [{ ...job, minutes, startMs: startedAtMs, endMs }];
  });
  const soaks = live.find(({ key }) => key === 'marinate');
  const inIt = live.filter(
    (job) =>
      !isTurn(job.key) || progress.has(job.key) || (soaks && job.startMs >= soaks.startMs && job.endMs <= soaks.endMs),
  );
  const flexible = chain.find((task) => 'flex' in task);
  const minutes = flexible && soaks ? Math.round((soaks.endMs - soaks.startMs) / MIN_MS) : 0;
  const shorter = flexible !== undefined && marinadeMin - minutes >= SHORTER_BY_MIN;
  const byMin = Math.round((tableMs - work.tableAtMs) / MIN_MS);
  return {
    jobs: inIt.sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs),
    asPlanned:
      !schedule ||
      [...open.keys()].every((key) =>
        sameHours(
          placed.get(key),
          jobs.find((job) => job.key === key),
        ),
      ),
    passed: jobs.filter(({ key }) => !progress.has(key) && !open.has(key) && !isTurn(key)).map(({ key }) => key),
    open: chain.length > 0,
    byMin: byMin > 1 ? byMin : 0,
    tableMs,
    ...(shorter ? { marinade: { minutes, insteadOfMin: marinadeMin } } : {}),
  };
}

const bare = ({ thenColdMin: _cold, ...job }: Job): Job => job;
const sameHours = (one: Job | undefined, other: Job | undefined) =>
  one?.startMs === other?.startMs && one?.endMs === other?.endMs;
