import { planAsItStands, planBatch, withWashesTold, type BatchPlan, type Pins } from '../batches';
import { follow, type Followed, type Standing } from '../follow';
import { facts, type Facts } from '../progress';
import { isTurn, whatGives, type Gives, type JobKey, type ScheduleProblem, type Shared } from '../scheduling';
import { givesOf, met, type DayBatch, type Planned } from './planDay';

/** What may be left out when it gets late, as long as that job has not begun. */
export const WAYS_OUT = ['skip-soda', 'no-freezer'] as const;
export type WayOut = (typeof WAYS_OUT)[number];

/** A way out, and what it saves. */
export interface CatchUp {
  code: WayOut;
  soonerMin: number;
  pins: Pins;
}

export interface DayPlan {
  batch: DayBatch;
  facts: Facts;
  /** With the hours it has had and has now. */
  plan?: BatchPlan;
  gives: Gives[];
  standing?: Standing;
  /** What would be refused as a plan, and is under way. */
  problem?: ScheduleProblem;
  ways: CatchUp[];
}

type Accepted = Extract<BatchPlan['schedule'], { ok: true }>;

/** So long after its table nobody is waiting for a batch any more. */
const OVER_MS = 6 * 3_600_000;
/** Sooner by less than this, no way out is offered. */
const WORTH_MIN = 5;

/** The plans of a meal with the hours they really have: what was done, what runs, and what is left from now on. */
export function asItStands(
  batches: readonly DayBatch[],
  planned: readonly Planned[],
  { nowMs, alone = false }: { nowMs: number; alone?: boolean },
): DayPlan[] {
  const known = batches.map(({ events }) => facts(events));
  const entries = batches.flatMap((batch, at) => {
    const { plan } = planned[at]!;
    return plan?.schedule.ok && nowMs <= batch.inputs.tableAtMs + OVER_MS
      ? [{ at, batch, followed: followedOf(plan, known[at]!) }]
      : [];
  });
  const { cooks, heats } = batches[0]?.around ?? {};
  const shared: Shared = { cooks, heats };
  const ask = (all: readonly Followed[]) =>
    alone ? all.flatMap((one) => follow([one], { nowMs, ...shared })) : follow(all, { nowMs, ...shared });
  const all = entries.map(({ followed }) => followed);
  const standings = ask(all);
  const standingOf = new Map(entries.map(({ at }, index) => [at, standings[index]!]));
  const days = batches.map((batch, at): DayPlan => {
    const { plan, gives } = planned[at]!;
    const standing = standingOf.get(at);
    const base = { batch, facts: known[at]!, plan, gives, ways: [] };
    if (!plan || !standing) return base;
    const { inputs, around } = met(batch);
    const live = planAsItStands(inputs, around, plan, standing.jobs);
    const entry = entries.findIndex((one) => one.at === at);
    const ways =
      standing.byMin > 0
        ? quickerThan(batch, plan, known[at]!).flatMap(({ code, pins, followed }): CatchUp[] => {
            const then = ask(all.map((one, index) => (index === entry ? followed : one)))[entry]!;
            const soonerMin = standing.byMin - then.byMin;
            return soonerMin >= WORTH_MIN ? [{ code, pins, soonerMin }] : [];
          })
        : [];
    return { ...base, ...live, standing, ways };
  });
  if (standings.every(({ asPlanned }) => asPlanned)) return days;
  return givesNow(alone ? days : washesNow(days), nowMs, shared);
}

/** Hours have moved, and with them who comes to the board after whom. */
function washesNow(days: readonly DayPlan[]): DayPlan[] {
  const sound = days.filter(({ plan }) => plan?.schedule.ok);
  const jobs = sound.map(({ plan, standing }) => {
    const passed = new Set(standing?.passed);
    return (plan!.schedule as Accepted).jobs.filter(({ key }) => !passed.has(key));
  });
  const told = withWashesTold(
    sound.map(({ batch }) => batch),
    jobs,
  );
  return days.map((day) => {
    const at = sound.indexOf(day);
    if (at < 0) return day;
    const now = new Map(told[at]!.map((job) => [job.key, job]));
    const schedule = day.plan!.schedule as Accepted;
    const all = schedule.jobs.map((job) => now.get(job.key) ?? job);
    return { ...day, plan: { ...day.plan!, schedule: { ...schedule, jobs: all } } };
  });
}

const followedOf = (plan: BatchPlan, { jobs: progress }: Facts): Followed => ({
  work: plan.work,
  jobs: plan.schedule.ok ? plan.schedule.jobs : [],
  marinadeMin: plan.marinate.minutes,
  progress,
});

/** What gives now that hours have moved: of what is still to come. A bag is turned when hands are free. */
function givesNow(days: readonly DayPlan[], nowMs: number, shared: Shared): DayPlan[] {
  const sound = days.filter(({ plan }) => plan);
  const gives = whatGives(
    sound.map(({ plan, standing }) => {
      const { schedule, work } = plan!;
      const passed = new Set(standing?.passed);
      return {
        work,
        schedule: schedule.ok
          ? {
              ...schedule,
              jobs: schedule.jobs.filter(({ key, endMs }) => endMs > nowMs && !isTurn(key) && !passed.has(key)),
            }
          : schedule,
      };
    }),
    shared,
  );
  return days.map((day) => (day.plan ? { ...day, gives: givesOf(gives, sound.indexOf(day)) } : day));
}

/** The same batch without what may be left out and has not begun. */
function quickerThan(
  batch: DayBatch,
  plan: BatchPlan,
  known: Facts,
): { code: WayOut; pins: Pins; followed: Followed }[] {
  const { inputs, around } = met(batch);
  const isOpen = (key: JobKey) => known.jobs.get(key)?.startedAtMs === undefined;
  const ways: { code: WayOut; pin: Pins }[] = [
    ...(plan.tenderize.choice === 'rinse-off' && isOpen('soda')
      ? [{ code: 'skip-soda', pin: { soda: 'skip' } } as const]
      : []),
    ...(plan.firm.needed && plan.firm.state.is === 'fresh' && isOpen('firm')
      ? [{ code: 'no-freezer', pin: { firmMin: 0 } } as const]
      : []),
  ];
  return ways.flatMap(({ code, pin }) => {
    const quick = planBatch({ ...inputs, pins: { ...inputs.pins, ...pin } }, { ...around, meal: undefined });
    return quick.schedule.ok
      ? [{ code, pins: { ...batch.inputs.pins, ...pin }, followed: followedOf(quick, known) }]
      : [];
  });
}
