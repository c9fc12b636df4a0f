import { STAYS_ON_MIN } from '../cooking';
import { isPoultry } from '../pieces';
import {
  JOB_KINDS,
  kindOf,
  nthKey,
  type Job,
  type JobKey,
  type Schedule,
  type SideTask,
  type Work,
} from '../scheduling';
import type { BatchPlan, MealBatch } from './plan';

const MIN_MS = 60_000;
const DAY_MS = 86_400_000;
/** Board, knife, hands and sink with hot water and soap, min: own estimate. */
const WASH_MIN = 5;
/** A wash holds while other batches are at the heat or the stove, min: own choice. */
const WASHED_FOR_MIN = 60;

const jobsOf = (schedule: Schedule): readonly Job[] => (schedule.ok ? schedule.jobs : []);

interface AtBoard {
  at: number;
  job: Job;
}

/** What raw meat comes to the board where raw poultry of another batch has been last, without a wash between the two. */
export function unwashed(batches: readonly Pick<MealBatch, 'around'>[], all: readonly (readonly Job[])[]): AtBoard[] {
  const jobs = all.flatMap((own, at) => own.map((job) => ({ at, job })));
  const atBoard = jobs
    .filter(({ job }) => job.hands && job.place === 'counter')
    .sort((a, b) => a.job.startMs - b.job.startMs);
  const washes = jobs.filter(({ job }) => kindOf(job.key) === 'wash');
  const poultry = batches.map(({ around }) => isPoultry(around.cut.animal));
  return atBoard.filter((next, index) => {
    const last = atBoard[index - 1];
    if (!last || !poultry[last.at] || poultry[next.at]) return false;
    const soon = next.job.startMs - last.job.endMs < DAY_MS;
    return soon && !washes.some(({ job }) => job.startMs >= last.job.endMs && job.endMs <= next.job.startMs);
  });
}

/** The jobs of a meal, each that comes to an unwashed board told so, and no other. */
export function withWashesTold(
  batches: readonly Pick<MealBatch, 'around'>[],
  all: readonly (readonly Job[])[],
): Job[][] {
  const told = new Set(unwashed(batches, all).map(({ job }) => job));
  return all.map((own) =>
    own.map((job): Job => {
      const { washFirst = false, ...rest } = job;
      if (washFirst === told.has(job)) return job;
      return washFirst ? rest : { ...job, washFirst: true };
    }),
  );
}

/** Each wash has the number of what it is before: one that was done never stands for another, whatever is planned since. */
const washBefore = (key: JobKey): JobKey => nthKey('wash', 1 + JOB_KINDS.indexOf(kindOf(key)));

/** The work of a batch with a wash before each of these jobs. */
export function withWashes(work: Work, before: ReadonlySet<JobKey>): Work {
  const washes = work.chain
    .filter(({ key }) => before.has(key))
    .map(({ key, stage }): SideTask => ({
      key: washBefore(key),
      stage,
      minutes: WASH_MIN,
      hands: true,
      place: 'none',
      before: key,
      serves: key,
      readyMin: WASHED_FOR_MIN,
    }));
  return washes.length === 0 ? work : { ...work, side: [...work.side, ...washes] };
}

/** Two on one heat, one soon after the other: it is heated up once, for the first of them. */
function heatedOnce(works: readonly Work[], schedules: readonly Schedule[]) {
  const [needless, staysOn] = [new Set<number>(), new Set<number>()];
  const atHeat = schedules
    .flatMap((schedule, at) => {
      const cook = jobsOf(schedule).find(({ key }) => key === 'cook');
      return cook ? [{ at, cook, heat: works[at]!.heat }] : [];
    })
    .sort((a, b) => a.cook.startMs - b.cook.startMs);
  for (const [index, { at, cook, heat }] of atHeat.entries()) {
    const isBefore = (one: (typeof atHeat)[number]) =>
      one.heat === heat && one.cook.endMs <= cook.startMs && cook.startMs - one.cook.endMs <= STAYS_ON_MIN * MIN_MS;
    const before = atHeat.slice(0, index).reverse().find(isBefore);
    if (!before) continue;
    needless.add(at);
    staysOn.add(before.at);
  }
  return { needless, staysOn };
}

/** What batches do for each other at board and heat, put into the plan of each: one heating for several; a wash that found no place of its own is told. */
export function sharing(
  batches: readonly MealBatch[],
  works: readonly Work[],
  schedules: readonly Schedule[],
): (plan: BatchPlan, at: number) => BatchPlan {
  const { needless, staysOn } = heatedOnce(works, schedules);
  const told = withWashesTold(batches, schedules.map(jobsOf));
  return (plan, at) => {
    const { schedule } = plan;
    const work = works[at]!;
    const toWash = new Set(told[at]!.filter(({ washFirst }) => washFirst).map(({ key }) => key));
    const asItIs = !needless.has(at) && !staysOn.has(at) && toWash.size === 0;
    if (!schedule.ok || (asItIs && work === plan.work)) return plan;
    const wanted = ({ key }: { key: JobKey }) => key !== 'heat-up' || !needless.has(at);
    const jobs = schedule.jobs.filter(wanted).map((job): Job => ({
      ...job,
      ...(toWash.has(job.key) ? { washFirst: true } : {}),
      ...(staysOn.has(at) && job.key === 'cook' ? { staysOn: true } : {}),
    }));
    return { ...plan, work: { ...work, side: work.side.filter(wanted) }, schedule: { ...schedule, jobs } };
  };
}
