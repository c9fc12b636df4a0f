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

const jobsOf = (schedule: Schedule) => (schedule.ok ? schedule.jobs : []);

interface AtBoard {
  at: number;
  job: Job;
}

/** What raw meat comes to the board where raw poultry of another batch has been, with what was there before it, and without a wash between the two. */
export function unwashed(
  batches: readonly MealBatch[],
  schedules: readonly Schedule[],
): { after: AtBoard; before: AtBoard }[] {
  const jobs = schedules.flatMap((schedule, at) => jobsOf(schedule).map((job) => ({ at, job })));
  const atBoard = jobs
    .filter(({ job }) => job.hands && job.place === 'counter')
    .sort((a, b) => a.job.startMs - b.job.startMs);
  const washes = jobs.filter(({ job }) => kindOf(job.key) === 'wash');
  const poultry = batches.map(({ around }) => isPoultry(around.cut.animal));
  return atBoard.flatMap((before, index) => {
    const after = atBoard[index - 1];
    if (!after || !poultry[after.at] || poultry[before.at]) return [];
    const soon = before.job.startMs - after.job.endMs < DAY_MS;
    const washed = washes.some(({ job }) => job.startMs >= after.job.endMs && job.endMs <= before.job.startMs);
    return soon && !washed ? [{ after, before }] : [];
  });
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
  const untold = unwashed(batches, schedules).map(({ after }) => after);
  return (plan, at) => {
    const { schedule } = plan;
    const work = works[at]!;
    const asItIs = !needless.has(at) && !staysOn.has(at) && !untold.some((one) => one.at === at);
    if (!schedule.ok || (asItIs && work === plan.work)) return plan;
    const wanted = ({ key }: { key: JobKey }) => key !== 'heat-up' || !needless.has(at);
    const toWash = (job: Job) => untold.some((one) => one.at === at && one.job.key === job.key);
    const jobs = schedule.jobs.filter(wanted).map((job): Job => ({
      ...job,
      ...(toWash(job) ? { thenWash: true } : {}),
      ...(staysOn.has(at) && job.key === 'cook' ? { staysOn: true } : {}),
    }));
    return { ...plan, work: { ...work, side: work.side.filter(wanted) }, schedule: { ...schedule, jobs } };
  };
}
