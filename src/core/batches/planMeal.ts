import { isTurn, MOST_TOGETHER, scheduleMeal, type Clash, type Job, type Schedule } from '../scheduling';
import { isPoultry } from '../pieces';
import type { BatchInputs } from './inputs';
import type { BatchPlan, MealBatch, Surroundings } from './plan';
import { planAlone, planPlaced } from './planBatch';
import { scheduleBatch, type Place } from './scheduleBatch';

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
  const { schedules, clashes } = scheduleMeal(
    alone.map(({ work }) => work),
    alone.map(({ schedule }) => withoutTurns(schedule)),
    { cooks: batches[0]?.around.cooks, heats: batches[0]?.around.heats },
  );
  /** With the turns of the bags, each kept clear of what hands do for the batches before it. */
  const places: (Place | undefined)[] = [];
  const timed: Schedule[] = [];
  for (const [at, { around }] of inOrder.entries()) {
    const { work, schedule: before, marinate } = alone[at]!;
    const schedule = schedules[at]!;
    const others = schedules.flatMap((other, index) =>
      index === at ? [] : handsOf(index < at ? timed[index]! : other),
    );
    const stays = !schedule.ok || (sameTimes(schedule, before) && !turnsInto(before, others));
    const place = stays ? undefined : { schedule, others };
    places.push(place);
    timed.push(place ? scheduleBatch(work, { zone: around.zone, minutes: marinate.minutes, place }).schedule : before);
  }
  const washed = washesIn(inOrder, timed);
  const named = ({ work, job }: Clash['first']) => ({ id: inOrder[work]!.id, job });
  return {
    planOf: (batch) => {
      const at = inOrder.indexOf(batch);
      const place = places[at];
      const plan = place ? planPlaced(batch.inputs, batch.around, alone[at]!, place) : alone[at]!;
      return withWashes(plan, washed[at]!);
    },
    clashes: clashes.map(({ first, second, minutes }) => ({ first: named(first), second: named(second), minutes })),
  };
}

const DAY_MS = 86_400_000;

/** For each batch the jobs at the board after which it is washed: raw poultry was on it, and within a day other raw meat comes to it next. */
function washesIn(batches: readonly MealBatch[], schedules: readonly Schedule[]): Set<Job['key']>[] {
  const atBoard = schedules
    .flatMap((schedule, at) => handsOf(schedule).flatMap((job) => (job.place === 'counter' ? [{ at, job }] : [])))
    .sort((a, b) => a.job.startMs - b.job.startMs);
  const isRawPoultry = (at: number) => isPoultry(batches[at]!.around.cut.animal);
  const washes = batches.map(() => new Set<Job['key']>());
  for (const [index, { at, job }] of atBoard.entries()) {
    const next = atBoard[index + 1];
    if (next && isRawPoultry(at) && !isRawPoultry(next.at) && next.job.startMs - job.endMs < DAY_MS)
      washes[at]!.add(job.key);
  }
  return washes;
}

function withWashes(plan: BatchPlan, keys: ReadonlySet<Job['key']>): BatchPlan {
  const { schedule } = plan;
  if (keys.size === 0 || !schedule.ok) return plan;
  const jobs = schedule.jobs.map((job): Job => (keys.has(job.key) ? { ...job, thenWash: true } : job));
  return { ...plan, schedule: { ...schedule, jobs } };
}

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
