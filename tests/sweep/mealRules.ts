import type { BatchPlan, MealBatch } from '@/core/batches';
import { isTurn, kindOf, type Job } from '@/core/scheduling';

/** A batch of a meal as planned with the others, and as it would be alone. */
export interface Placed extends MealBatch {
  plan: BatchPlan;
  alone: BatchPlan;
}

/** What is wrong with the plans of one meal, or nothing; found from jobs and their clock times, nothing of the scheduler is used. */
export type MealRule = (meal: readonly Placed[]) => string | undefined;

const MIN_MS = 60_000;
const jobsOf = ({ schedule }: BatchPlan): Job[] => (schedule.ok ? schedule.jobs : []);
const isWash = ({ key }: Job) => kindOf(key) === 'wash';
const first = <T>(found: (T | undefined)[]): T | undefined => found.find((one) => one !== undefined);
const minutesBetween = (one: Job, next: Job) => (next.startMs - one.endMs) / MIN_MS;
/** What has meat in it, in the order in which it is done when the batch is alone. */
const withMeat = (plan: BatchPlan) => jobsOf(plan).filter(({ key, place }) => place !== 'none' && !isTurn(key));

export const MEAL_RULES: Record<string, MealRule> = {
  'no two batches want the same pair of hands': (meal) => {
    const hands = meal.flatMap(({ id, plan }) => jobsOf(plan).flatMap((job) => (job.hands ? [{ id, job }] : [])));
    return first(
      hands.map(({ id, job }, at) => {
        const other = hands.slice(at + 1).find((one) => one.job.startMs < job.endMs && one.job.endMs > job.startMs);
        return other && `${job.key} of ${id} and ${other.job.key} of ${other.id}`;
      }),
    );
  },

  'no two batches are on the same heat': (meal) => {
    const cooks = meal.flatMap(({ id, plan }) =>
      jobsOf(plan).flatMap((job) => (job.key === 'cook' ? [{ id, job, on: plan.cook.method }] : [])),
    );
    return first(
      cooks.map(({ id, job, on }, at) => {
        const other = cooks
          .slice(at + 1)
          .find((one) => one.on === on && one.job.startMs < job.endMs && one.job.endMs > job.startMs);
        return other && `${id} and ${other.id} on the ${on}`;
      }),
    );
  },

  'the same jobs in the same order, as long as when it is alone': (meal) =>
    first(
      meal.map(({ id, plan, alone }) => {
        const said = (one: BatchPlan) =>
          withMeat(one)
            .map(({ key, minutes }) => (key === 'marinate' ? key : `${key} ${minutes}`))
            .join(', ');
        return said(plan) === said(alone) ? undefined : `${id}: ${said(plan)} for ${said(alone)}`;
      }),
    ),

  'on the table in time, and hot for four hours at most': (meal) =>
    first(
      meal.map(({ id, plan, inputs }) => {
        const last = withMeat(plan).at(-1)!;
        const waits = (inputs.tableAtMs - last.endMs) / MIN_MS;
        return waits < 0 || waits > 240 || waits !== (last.thenHotMin ?? 0)
          ? `${id} is done ${waits} min before its table, ${last.thenHotMin ?? 0} said`
          : undefined;
      }),
    ),

  'a wait between two jobs is told, and never one where none is safe': (meal) =>
    first(
      meal.map(({ id, plan }) => {
        const jobs = withMeat(plan);
        return first(
          jobs.slice(1).map((job, at) => {
            const before = jobs[at]!;
            const gap = minutesBetween(before, job);
            if (Math.abs(gap - (before.thenColdMin ?? 0)) > 1e-6) return `${id}: ${gap} min after ${before.key}`;
            const none = ['soda', 'soda-wait', 'rinse', 'firm', 'coat', 'marinate', 'dry', 'cook'].includes(before.key);
            return gap < 0 || (none && gap > 0) || gap > 180
              ? `${id}: ${gap} min between ${before.key} and ${job.key}`
              : undefined;
          }),
        );
      }),
    ),

  'between raw poultry and other raw meat the board is washed, and only there': (meal) => {
    const atBoard = meal
      .flatMap(({ id, plan, around }) => jobsOf(plan).map((job) => ({ id, job, raw: around.cut.animal })))
      .filter(({ job }) => job.hands && (job.place === 'counter' || isWash(job)))
      .sort((a, b) => a.job.startMs - b.job.startMs);
    const birds = ['chicken', 'turkey', 'duck', 'goose'];
    let bird = false;
    let birdMs = -Infinity;
    for (const { id, job, raw } of atBoard) {
      if (isWash(job)) bird = false;
      else if (birds.includes(raw)) [bird, birdMs] = [true, job.endMs];
      else {
        if (bird && !job.washFirst && job.startMs - birdMs < 24 * 60 * MIN_MS)
          return `${id}: ${job.key} of ${raw} on a board of poultry`;
        bird = false;
      }
    }
    const needless = meal.find(
      ({ plan }) => jobsOf(plan).some(isWash) && !meal.some(({ around }) => birds.includes(around.cut.animal)),
    );
    return needless && `${needless.id}: a wash, and no poultry`;
  },

  'what is used within half an hour is heated up once, and else each time': (meal) => {
    const heats = meal.flatMap(({ id, plan }) => {
      const jobs = jobsOf(plan);
      const cook = jobs.find(({ key }) => key === 'cook');
      return cook && plan.cook.method !== 'pan'
        ? [{ id, cook, on: plan.cook.method, up: jobs.find(({ key }) => key === 'heat-up') }]
        : [];
    });
    return first(
      heats.map(({ id, cook, on, up }) => {
        if (up)
          return up.endMs === cook.startMs
            ? undefined
            : `${id}: ${on} hot ${(cook.startMs - up.endMs) / MIN_MS} min before`;
        const before = heats.filter((one) => one.id !== id && one.on === on && one.cook.endMs <= cook.startMs);
        return before.some((one) => minutesBetween(one.cook, cook) <= 30 && one.cook.staysOn)
          ? undefined
          : `${id}: the ${on} is cold`;
      }),
    );
  },

  'marinated within its window': (meal) =>
    first(
      meal.map(({ id, plan }) => {
        const { minutes, window } = plan.marinate;
        const job = jobsOf(plan).find(({ key }) => key === 'marinate');
        if (!job) return undefined;
        if (Math.abs(job.minutes - minutes) > 1e-6)
          return `${id}: ${job.minutes} min by the clock, ${minutes} in the plan`;
        return minutes < window.from - 1e-6 || minutes > window.to + 1e-6
          ? `${id}: ${minutes} min for ${window.from} to ${window.to}`
          : undefined;
      }),
    ),
};
