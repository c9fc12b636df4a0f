import {
  countBack,
  isTurn,
  kindOf,
  MOST_TOGETHER,
  scheduleMeal,
  type Clash,
  type Job,
  type JobKey,
  type Schedule,
  type Work,
} from '../scheduling';
import type { BatchInputs } from './inputs';
import type { BatchPlan, MealBatch, Surroundings } from './plan';
import { planAlone, planPlaced } from './planBatch';
import { scheduleBatch, type Place } from './scheduleBatch';
import { sharing, unwashed, withWashes } from './shareKitchen';

export interface MealPlan {
  /** Of each batch, in their order. */
  plans: BatchPlan[];
  /** Jobs of different batches that still want the same hands or heat at once. */
  clashes: (Omit<Clash, 'first' | 'second'> & Record<'first' | 'second', { id: string; job: Job }>)[];
}

/**
 * The whole plan of one batch from its answers: alone (see {@link planAlone}), or among its neighbours, where hands and heat are shared with them.
 *
 * @throws RangeError for inputs outside LIMITS
 */
export function planBatch(inputs: BatchInputs, around: Surroundings): BatchPlan {
  const { meal } = around;
  if (!meal?.neighbours.length) return planAlone(inputs, around);
  const own = { id: meal.id, inputs, around };
  const placed = placedIn([own, ...meal.neighbours]);
  return placed.planOf(own);
}

/**
 * The plan of one batch at the hours that an earlier one had, for as long as a slider moves: its meal is not placed again for every step of it.
 *
 * @returns undefined where there is no meal to place, or where other work is to be done than before
 * @throws RangeError for inputs outside LIMITS
 */
export function planMeanwhile(inputs: BatchInputs, around: Surroundings, before: BatchPlan): BatchPlan | undefined {
  const { schedule } = before;
  if (!around.meal?.neighbours.length || !schedule.ok) return undefined;
  const alone = planAlone(inputs, around);
  if (!alone.schedule.ok || ownWork(alone) !== ownWork(before)) return undefined;
  const { marinadeMin } = inputs.pins;
  const jobs = marinadeMin === undefined ? schedule.jobs : marinatedFor(schedule.jobs, marinadeMin);
  return planPlaced(inputs, around, alone, { schedule: { ...schedule, jobs }, others: [], turned: true });
}

/** What is before the marinade is so much sooner or later. */
function marinatedFor(jobs: Job[], minutes: number): Job[] {
  const soak = jobs.find(({ key }) => key === 'marinate');
  const byMs = soak ? minutes * 60_000 - (soak.endMs - soak.startMs) : 0;
  if (!soak || byMs === 0) return jobs;
  return jobs.map((job) =>
    job === soak
      ? { ...job, minutes, startMs: job.startMs - byMs }
      : job.endMs <= soak.startMs
        ? { ...job, startMs: job.startMs - byMs, endMs: job.endMs - byMs }
        : job,
  );
}

/** What is to be done, whatever the others of the meal add to it or take over. */
const ownWork = ({ work: { chain, side } }: BatchPlan) =>
  [...chain, ...side]
    .map(({ key }) => key)
    .filter((key) => kindOf(key) !== 'wash' && key !== 'heat-up')
    .join();

/**
 * All batches of a meal by one clock. Each is planned as if it were alone; where they want the same hands or the same heat at once they are placed together,
 * and what follows from the times (how far salt and soda get) is worked out again.
 *
 * @throws RangeError for inputs outside LIMITS
 */
export function planMeal(batches: readonly MealBatch[]): MealPlan {
  const placed = placedIn(batches);
  return { plans: batches.map(placed.planOf), clashes: placed.clashes };
}

/** The meal by its clock; the plan of a batch is worked out when it is asked for. */
function placedIn(
  batches: readonly MealBatch[],
): Pick<MealPlan, 'clashes'> & { planOf: (batch: MealBatch) => BatchPlan } {
  const inOrder = [...batches].sort(
    (a, b) =>
      a.inputs.tableAtMs - b.inputs.tableAtMs ||
      (a.inputs.notBeforeMs ?? 0) - (b.inputs.notBeforeMs ?? 0) ||
      (a.id < b.id ? -1 : 1),
  );
  const alone = inOrder.map(remembered);
  // Of too many nobody is asked to wait for the other.
  if (batches.length < 2 || batches.length > MOST_TOGETHER)
    return { planOf: (batch) => alone[inOrder.indexOf(batch)]!, clashes: [] };
  const { works, schedules, clashes } = together(inOrder, alone);
  /** With the turns of the bags, each kept clear of what hands do for the batches before it. */
  const places: (Place | undefined)[] = [];
  const timed: Schedule[] = [];
  for (const [at, { around }] of inOrder.entries()) {
    const { schedule: before, marinate, work } = alone[at]!;
    const schedule = schedules[at]!;
    const others = schedules.flatMap((other, index) =>
      index === at ? [] : handsOf(index < at ? timed[index]! : other),
    );
    const stays = works[at] === work && (!schedule.ok || (sameTimes(schedule, before) && !turnsInto(before, others)));
    const place = stays || !schedule.ok ? undefined : { schedule, others };
    places.push(place);
    timed.push(
      place ? scheduleBatch(works[at]!, { zone: around.zone, minutes: marinate.minutes, place }).schedule : before,
    );
  }
  const named = ({ work, job }: Clash['first']) => ({ id: inOrder[work]!.id, job });
  const shared = sharing(inOrder, works, timed);
  return {
    planOf: (batch) => {
      const at = inOrder.indexOf(batch);
      const place = places[at];
      return shared(place ? planPlaced(batch.inputs, batch.around, alone[at]!, place) : alone[at]!, at);
    },
    clashes: clashes.map(({ first, second, minutes }) => ({ first: named(first), second: named(second), minutes })),
  };
}

/** How often washes are found to be wanted by what was placed, and the meal is placed again with them. */
const MOST_WASHINGS = 2;
/** Of more than these a wash is only told: each is placed at the cost of all. */
const MOST_WASHED = 5;

interface Together {
  works: Work[];
  schedules: Schedule[];
  clashes: Clash[];
}

/** All works placed together; where raw poultry is followed by other raw meat on the board, with a wash between them, as long as nothing else suffers for it. */
function together(batches: readonly MealBatch[], alone: readonly BatchPlan[]): Together {
  const { cooks, heats } = batches[0]!.around;
  const placed = (works: Work[], bare: readonly Schedule[]): Together => ({
    works,
    ...scheduleMeal(works, bare, { cooks, heats }),
  });
  const washes = batches.map(() => new Set<JobKey>());
  const bare = alone.map(({ schedule }) => withoutTurns(schedule));
  let best = placed(
    alone.map(({ work }) => work),
    bare,
  );
  for (let again = 0; again < MOST_WASHINGS && batches.length <= MOST_WASHED; again++) {
    const toCome = best.schedules.map((schedule) => (schedule.ok ? schedule.jobs : []));
    const wanted = unwashed(batches, toCome).filter(({ at, job }) => !washes[at]!.has(job.key));
    if (wanted.length === 0) break;
    for (const { at, job } of wanted) washes[at]!.add(job.key);
    const works = alone.map(({ work }, at) => withWashes(work, washes[at]!));
    const washed = placed(
      works,
      works.map((work, at) => (washes[at]!.size === 0 ? bare[at]! : countBack(work))),
    );
    if (suffers(washed) > suffers(best)) break;
    best = washed;
  }
  return best;
}

/** Refusals, clashes, handwork at night or while away, and lateness of a meal, min; a night weighs more than any minutes. */
const suffers = ({ schedules, clashes }: Together): number =>
  clashes.reduce((sum, { minutes }) => sum + minutes, 0) +
  schedules.reduce(
    (sum, one) => sum + (one.ok ? one.lateByMin + (one.inTheNight || one.whileAway ? NIGHT : 0) : 10 * NIGHT),
    0,
  );
const NIGHT = 1e4;

const handsOf = (schedule: Schedule) => (schedule.ok ? schedule.jobs.filter(({ hands }) => hands) : []);

const known = new WeakMap<BatchInputs, { around: Surroundings; plan: BatchPlan }>();
/** While one batch is changed its neighbours are asked for again and again. */
function remembered({ inputs, around }: MealBatch): BatchPlan {
  const found = known.get(inputs);
  if (found?.around === around) return found.plan;
  const plan = planAlone(inputs, around);
  known.set(inputs, { around, plan });
  return plan;
}

const withoutTurns = (schedule: Schedule): Schedule =>
  schedule.ok ? { ...schedule, jobs: schedule.jobs.filter(({ key }) => !isTurn(key)) } : schedule;

function sameTimes(schedule: Schedule, before: Schedule): boolean {
  const bare = withoutTurns(before);
  return (
    schedule.ok &&
    bare.ok &&
    schedule.jobs.every((job, at) => job.startMs === bare.jobs[at]?.startMs && job.endMs === bare.jobs[at]?.endMs)
  );
}

/** The bag would be turned while hands are busy with another batch. */
const turnsInto = (schedule: Schedule, others: readonly Job[]) =>
  schedule.ok &&
  schedule.jobs.some(
    (turn) => isTurn(turn.key) && others.some((job) => job.startMs < turn.endMs && job.endMs > turn.startMs),
  );
