import { decode, distancesOf, inOrder, randomFrom, type Busy, type Distances } from '../makespan';
import { remembering } from '../remember';
import type { Interval } from '../times';
import type { Schedule } from './countBack';
import type { FlexibleTask, Job } from './job';
import { HANDS, jobsOf, mealNetwork, type MealNetwork } from './mealNetwork';
import { costOf, isLess } from './mealCost';
import { disturbed } from './disturbed';
import { warmByTheClock } from './warmMinutes';
import { waitsAfter, type Shared, type Work } from './work';

const MIN_MS = 60_000;
/** Tried at most for each batch, in tasks placed: some milliseconds. */
const EFFORT = 4000;
/** Of more than these not every order is tried where hardly any will do. */
const MOST_PERMUTED = 5;
/** More at once are left as they are alone, and what clashes is told. */
export const MOST_TOGETHER = 12;
/** Entries of a table of distances that take as long as placing a task. */
const ENTRIES_A_TASK = 20;

/** Two jobs that want the same hands or the same heat at once. */
export interface Clash {
  first: { work: number; job: Job };
  second: { work: number; job: Job };
  minutes: number;
}

export interface MealSchedule {
  /** Of each work, in their order. */
  schedules: Schedule[];
  /** What could not be kept apart. */
  clashes: Clash[];
}

/**
 * One clock for all batches of a meal. Where none of them wants hands or heat that another has, each keeps the schedule it has alone; otherwise all are
 * placed together, backwards from the table, by serial generation around many orders, and the best is taken: nothing unsafe, then on the table
 * in time and hot, then no handwork at night, then waits near what was wished, then few changes between batches, then a late beginning.
 *
 * @param alone what each comes to by itself; one that is refused takes no part
 * @returns deterministic: the same meal has the same schedule
 */
export const scheduleMeal = (works: readonly Work[], alone: readonly Schedule[], shared: Shared = {}): MealSchedule =>
  scheduled({ works, alone, shared });

/** A page asks for its meal again at each look, whatever has become of the objects. */
const scheduled = remembering(scheduledAfresh, { most: 16 });

function scheduledAfresh({
  works,
  alone,
  shared,
}: {
  works: readonly Work[];
  alone: readonly Schedule[];
  shared: Shared;
}): MealSchedule {
  const planned = works.flatMap((work, index) => {
    const schedule = alone[index]!;
    return schedule.ok ? [{ work, index, schedule }] : [];
  });
  const clashes = clashesOf(alone, works, shared);
  if (planned.length < 2 || planned.length > MOST_TOGETHER || clashes.length === 0)
    return { schedules: [...alone], clashes };
  const schedules = [...alone];
  // What does not fit with the others any more does not disturb them: the last stays as it is alone, and what clashes is told.
  for (let fit = planned.length; fit > 1; fit--) {
    const together = placeWith(planned.slice(0, fit), shared);
    if (!together) continue;
    for (const [at, { index }] of planned.slice(0, fit).entries()) schedules[index] = together.schedules[at]!;
    break;
  }
  return { schedules, clashes: clashesOf(schedules, works, shared) };
}

/** What fewer hands can do more can do too: another cook never makes it worse. */
function placeWith(
  planned: readonly { work: Work; schedule: Accepted }[],
  { cooks = 1, heats }: Shared,
): Together | undefined {
  const works = planned.map(({ work }) => work);
  const alone = planned.map(({ schedule }) => schedule);
  return Array.from({ length: cooks }, (_, fewer) =>
    placeTogether(works, alone, { cooks: cooks - fewer, heats }),
  ).reduce((best, one) => (one && (!best || isLess(one.cost, best.cost)) ? one : best), undefined);
}

type Accepted = Extract<Schedule, { ok: true }>;

/** Pairs of jobs of different batches that more hands or places would be needed for. */
export function clashesOf(
  schedules: readonly Schedule[],
  works: readonly Pick<Work, 'heat'>[],
  { cooks = 1, heats = {} }: Shared = {},
): Clash[] {
  const jobs = schedules
    .flatMap((schedule, work) =>
      schedule.ok
        ? schedule.jobs.filter((job) => job.hands && job.endMs > job.startMs).map((job) => ({ work, job }))
        : [],
    )
    .sort((a, b) => a.job.startMs - b.job.startMs);
  const clashes: Clash[] = [];
  let running: typeof jobs = [];
  for (const second of jobs) {
    running = running.filter(({ job }) => job.endMs > second.job.startMs);
    for (const first of running) {
      if (first.work === second.work) continue;
      const heat = (side: typeof first) => (side.job.key === 'cook' ? works[side.work]!.heat : undefined);
      const wanted = heat(second);
      const sameHeat =
        wanted !== undefined &&
        heat(first) === wanted &&
        running.filter((one) => heat(one) === wanted).length >= (heats[wanted] ?? 1);
      const minutes = (Math.min(first.job.endMs, second.job.endMs) - second.job.startMs) / MIN_MS;
      if (sameHeat || running.length >= cooks) clashes.push({ first, second, minutes });
    }
    running.push(second);
  }
  return clashes;
}

interface Together {
  schedules: Accepted[];
  cost: readonly number[];
}

function placeTogether(works: readonly Work[], alone: readonly Accepted[], shared: Shared): Together | undefined {
  const effort = { left: EFFORT * works.length };
  const random = randomFrom(1);
  const flexes = works.map(({ chain }) => chain.find((task): task is FlexibleTask => 'flex' in task));
  const wishes = flexes.map((task) => task?.minutes ?? 0);
  const least = flexes.map((task) => task?.flex.fromMin ?? 0);
  const tableMs = Math.max(...works.map(({ tableAtMs }) => tableAtMs));
  const nights = busyAtNight(works, tableMs, shared.cooks ?? 1);
  const meals = new Map<string, MealNetwork & { distances: Distances }>();
  const mealWith = (marinade: readonly number[]) => {
    const name = marinade.join();
    let meal = meals.get(name);
    if (!meal) {
      const built = mealNetwork(works, marinade, shared);
      effort.left -= built.network.n ** 2 / ENTRIES_A_TASK;
      const distances = distancesOf(built.network);
      if ('contradiction' in distances) return undefined;
      meals.set(name, (meal = { ...built, distances }));
    }
    return meal;
  };
  const first = mealWith(wishes);
  if (!first) return undefined;
  const leads = leadersOf(first, works);
  const soonest = leads.map((lead) => {
    const { work, task } = first.nodes[lead]!;
    return aloneKey(alone[work]!, task.key, tableMs);
  });

  let best:
    | { meal: MealNetwork; start: Float64Array; cost: readonly number[]; keys: number[]; marinade: readonly number[] }
    | undefined;
  const attempt = (keys: number[], marinade: readonly number[], busy: readonly Busy[]) => {
    const meal = mealWith(marinade);
    const start =
      meal && decode(meal.network, inOrder(meal.network, keys), { distances: meal.distances, effort, busy });
    if (!start) return;
    const cost = costOf(meal, works, { start, wishes });
    if (!best || isLess(cost, best.cost)) best = { meal, start, cost, keys, marinade };
  };
  const tryAll = (ranks: readonly number[][], marinade: readonly number[], busy: readonly Busy[]) => {
    for (const rank of ranks)
      for (const apart of [1, 1e6])
        attempt(
          first.nodes.map(({ work }, at) => rank[work]! * apart + soonest[at]!),
          marinade,
          busy,
        );
  };
  for (const [busy, marinade] of [
    [nights, wishes],
    [nights, least],
    [[], wishes],
    [[], least],
  ] as const) {
    tryAll(turnedOrders(works.length), marinade, busy);
    // In time, and by day: the rest is for the search around it.
    if (best && [0, 1, 3].every((at) => best!.cost[at] === 0)) break;
  }
  if (!best && works.length <= MOST_PERMUTED) tryAll(everyOrder(works.map((_, at) => at)), least, []);
  while (best && effort.left > 0) {
    const spread = 120 * random();
    const shifts = works.map(() => (random() < 0.3 ? (random() - 0.5) * 60 : 0));
    const marinade = best.marinade.map((minutes, at) =>
      random() < 0.6 ? minutes : between(least[at]!, wishes[at]!, random()),
    );
    const noise = leads.map(() => (random() - 0.5) * spread);
    const keys = best.keys.map((key, at) => key + shifts[first.nodes[at]!.work]! + noise[leads[at]!]!);
    attempt(keys, marinade, random() < 0.7 ? nights : []);
  }
  if (!best) return undefined;
  const jobs = jobsOf(best.meal, works, best.start);
  return { schedules: works.map((work, at) => scheduleOf(work, jobs[at]!)), cost: best.cost };
}

/** Tasks between which meat may not wait are placed one after the other: for each the last of them, which is placed first. */
function leadersOf({ nodes, chains }: MealNetwork, works: readonly Work[]): number[] {
  const leads = nodes.map((_, at) => at);
  for (const [work, ids] of chains.entries())
    for (let at = ids.length - 2; at >= 0; at--) {
      const [id, next] = [ids[at]!, ids[at + 1]!];
      if (id >= 0 && next >= 0 && waitsAfter(works[work]!.chain[at]!) === 0) leads[id] = leads[next]!;
    }
  // What may not be ready long before belongs to what it is for.
  for (const [id, { work, task }] of nodes.entries()) {
    if (!('readyMin' in task) || task.readyMin === undefined) continue;
    const { before } = task;
    leads[id] = leads[nodes.findIndex((one) => one.work === work && one.task.key === before)] ?? id;
  }
  return leads;
}

const STEP_MIN = 5;
const between = (from: number, to: number, share: number) =>
  from + STEP_MIN * Math.round((share * Math.max(0, to - from)) / STEP_MIN);

/** Backwards from the table: how soon a task comes when its batch is alone. */
function aloneKey({ jobs }: Accepted, key: Job['key'], tableMs: number): number {
  const job = jobs.find((one) => one.key === key);
  return job ? (tableMs - job.endMs) / MIN_MS : 0;
}

/** Who comes first at the table: each in turn, the others after it in one sense or the other. */
const turnedOrders = (count: number): number[][] => {
  const all = Array.from({ length: count }, (_, at) => at);
  return all.flatMap((by) => [all.map((at) => (at + by) % count), all.map((at) => (count - at + by) % count)]);
};
const everyOrder = (rest: number[]): number[][] =>
  rest.length < 2
    ? [rest]
    : rest.flatMap((one) => everyOrder(rest.filter((other) => other !== one)).map((tail) => [one, ...tail]));

function busyAtNight(works: readonly Work[], tableMs: number, cooks: number): Busy[] {
  const longest = works.reduce<readonly Interval[]>(
    (most, { quiet }) => (quiet.length > most.length ? quiet : most),
    [],
  );
  return longest
    .filter(({ fromMs }) => fromMs < tableMs)
    .flatMap(({ fromMs, toMs }) =>
      Array.from({ length: cooks }, () => ({
        resource: HANDS,
        from: Math.max(0, (tableMs - toMs) / MIN_MS),
        to: (tableMs - fromMs) / MIN_MS,
      })),
    );
}

function scheduleOf(work: Work, jobs: Job[]): Accepted {
  const startMs = Math.min(work.tableAtMs, ...jobs.map((job) => job.startMs));
  return {
    ok: true,
    jobs,
    startMs,
    warmMin: warmByTheClock(jobs, work.lots),
    warmLimitMin: work.warmLimitMin,
    lateByMin: Math.max(0, Math.ceil(((work.notBeforeMs ?? -Infinity) - startMs) / MIN_MS)),
    ...disturbed(jobs, work),
  };
}
