import type { Batch, MealSchedule } from '@/contract/resources';
import type { PlannedBatch } from '@/contract/views';
import { cautionsAt, planBatch, planMeal, type BatchInputs, type BatchPlan, type Surroundings } from '@/core/batches';
import type { FormatStyle } from '@/core/units';
import { whatGives, type Gives } from '@/core/scheduling';
import { givesWords, jobWords, scheduleWords } from '@/core/words';
import { API_STYLE } from '../api/style';

/** A stored batch as far as its plan needs it. */
export interface PlanQuestion {
  id: string;
  name: string;
  version: number;
  inputs: BatchInputs;
  around: Surroundings;
}

const NOT_PLANNED = 'This batch cannot be planned as it was stored. Open it and change or unpin what stands out.';

/** A meal is planned as a whole: all of its batches, of whom only some may be asked for. */
export interface MealQuestion {
  batches: PlanQuestion[];
  wanted: string[];
  /** Too many to be placed together: each is planned as if it were the only one. */
  alone?: boolean;
}

interface Planned {
  question: PlanQuestion;
  /** What it could not have in its meal. */
  gives: Gives[];
  /** None where a stored batch cannot be planned; one batch never takes the others down. */
  plan?: BatchPlan;
}

const MOST_REMEMBERED = 60;
const remembered = new Map<string, Planned[]>();

/** The plans of a meal: the same question, and it comes with every look at a page, is answered once. */
function plansOf(meal: Pick<MealQuestion, 'batches' | 'alone'>): Planned[] {
  const question = JSON.stringify([meal.batches, meal.alone]);
  let known = remembered.get(question);
  if (!known) {
    if (remembered.size >= MOST_REMEMBERED) remembered.clear();
    remembered.set(question, (known = workedOut(meal)));
  }
  return known;
}

function workedOut({ batches, alone }: Pick<MealQuestion, 'batches' | 'alone'>): Planned[] {
  const sound = batches.filter(({ id, inputs, around }) => {
    try {
      return planBatch(inputs, around);
    } catch (error) {
      console.error(`batch ${id} cannot be planned:`, error);
      return false;
    }
  });
  const plans = alone ? sound.map(({ inputs, around }) => planBatch(inputs, around)) : planMeal(sound).plans;
  const gives = whatGives(plans, batches[0]?.around.cooks);
  return batches.map((question) => {
    const at = sound.indexOf(question);
    if (at < 0) return { question, gives: [] };
    // A clash is told of the batch that comes second.
    const its = gives.filter((one) => (one.code === 'clash' ? one.second.work : one.work) === at);
    return { question, plan: plans[at]!, gives: its };
  });
}

/** What gives, said of batches by their names. */
function givesOf(planned: readonly Planned[], { gives }: Pick<Planned, 'gives'>, style: FormatStyle): string[] {
  const names = planned.flatMap(({ question, plan }) => (plan ? [question.name] : []));
  const { zone } = planned[0]!.question.around;
  return gives.map((one) => givesWords(one, { names, zone }, style));
}

export function scheduleOf({ schedule, lots }: BatchPlan): Batch['schedule'] {
  if (!schedule.ok) return { ok: false, reason: scheduleWords(schedule.problem, API_STYLE) };
  const { startMs, warmMin, warmLimitMin, lateByMin, jobs } = schedule;
  const iso = (ms: number) => new Date(ms).toISOString();
  return {
    ok: true,
    startAt: iso(startMs),
    warmMin,
    warmLimitMin,
    lateByMin,
    lots,
    jobs: jobs.map(({ startMs: from, endMs: to, ...job }) => ({ ...job, startAt: iso(from), endAt: iso(to) })),
  };
}

const wantedOf = ({ wanted }: MealQuestion, planned: readonly Planned[]): Planned[] =>
  wanted.map((id) => planned.find(({ question }) => question.id === id)!);

export const schedules = (meals: readonly MealQuestion[]): Batch['schedule'][] =>
  meals.flatMap((meal) =>
    wantedOf(meal, plansOf(meal)).map(({ plan }) => (plan ? scheduleOf(plan) : { ok: false, reason: NOT_PLANNED })),
  );

export const plannedBatches = (meals: readonly MealQuestion[], style: FormatStyle): PlannedBatch[] =>
  meals.flatMap((meal) => {
    const planned = plansOf(meal);
    return wantedOf(meal, planned).map(({ question, plan, gives }) =>
      plan
        ? { ...plannedBatch(question, plan, style), gives: givesOf(planned, { gives }, style) }
        : unplanned(question),
    );
  });

/** The schedule of a whole meal: every job of every batch by one clock, and what could not be kept apart. */
export function mealSchedule(batches: PlanQuestion[]): Omit<MealSchedule, 'mealId' | 'tableAt'> {
  const planned = plansOf({ batches });
  const iso = (ms: number) => new Date(ms).toISOString();
  const jobs = planned.flatMap(({ question, plan }) =>
    plan?.schedule.ok
      ? plan.schedule.jobs.map(({ startMs, endMs, ...job }) => ({
          ...job,
          batchId: question.id,
          title: jobWords(job, { plan, inputs: question.inputs, around: question.around }, API_STYLE).title,
          startAt: iso(startMs),
          endAt: iso(endMs),
        }))
      : [],
  );
  jobs.sort((a, b) => (a.startAt < b.startAt ? -1 : a.startAt > b.startAt ? 1 : 0));
  const lateByMin = planned.map(({ plan }) => (plan?.schedule.ok ? plan.schedule.lateByMin : 0));
  return {
    ok: planned.every(({ plan, gives }) => plan?.schedule.ok && gives.every(({ code }) => code === 'kept-hot')),
    ...(jobs[0] ? { startAt: jobs[0].startAt } : {}),
    lateByMin: Math.max(0, ...lateByMin),
    jobs,
    batches: planned.map(({ question: { id, name }, plan }) => ({
      id,
      name,
      schedule: plan ? scheduleOf(plan) : { ok: false, reason: NOT_PLANNED },
    })),
    gives: planned.flatMap(({ question, gives }) =>
      givesOf(planned, { gives }, API_STYLE).map((detail, at) => ({
        batchId: question.id,
        code: gives[at]!.code,
        minutes: gives[at]!.minutes,
        detail,
      })),
    ),
  };
}

const headOf = ({ id, name, version, inputs: { massG, people, tableAtMs }, around }: PlanQuestion) => ({
  id,
  name,
  version,
  cutName: around.cut.name,
  massG,
  people,
  tableAtMs,
});

function plannedBatch(question: PlanQuestion, plan: BatchPlan, style: FormatStyle): Omit<PlannedBatch, 'gives'> {
  const { id, inputs, around } = question;
  const { schedule } = plan;
  const jobs = schedule.ok ? schedule.jobs : [];
  return {
    ...headOf(question),
    lots: plan.lots,
    warmMin: schedule.ok ? schedule.warmMin : 0,
    warmLimitMin: schedule.ok ? schedule.warmLimitMin : 0,
    lateByMin: schedule.ok ? schedule.lateByMin : 0,
    startMs: schedule.ok ? schedule.startMs : inputs.tableAtMs,
    ...(schedule.ok ? { work: plan.work } : {}),
    marinadeMin: plan.marinate.minutes,
    quicker: schedule.ok ? quickerThan(question, plan) : [],
    rounds: plan.cook.rounds,
    sticks: plan.cook.sticks,
    cautions: plan.cautions,
    ...(plan.firm.needed && plan.firm.checkFromMin < plan.firm.minutes ? { checkFirmMin: plan.firm.checkFromMin } : {}),
    ...(schedule.ok ? {} : { refusal: scheduleWords(schedule.problem, style) }),
    jobs: jobs.map((job) => ({
      ...job,
      batchId: id,
      ...jobWords(job, { plan, inputs, around }, style),
      cautions: cautionsAt(job.key, plan.cautions),
    })),
  };
}

/** The same batch without what may be left out when it gets late. */
function quickerThan({ inputs, around }: PlanQuestion, plan: BatchPlan): PlannedBatch['quicker'] {
  const { pins } = inputs;
  const ways: Pick<PlannedBatch['quicker'][number], 'code' | 'before' | 'pins'>[] = [
    ...(plan.tenderize.choice === 'rinse-off'
      ? [{ code: 'skip-soda' as const, before: 'soda' as const, pins: { ...pins, soda: 'skip' as const } }]
      : []),
    ...(plan.firm.needed && plan.firm.state.is === 'fresh'
      ? [{ code: 'no-freezer' as const, before: 'firm' as const, pins: { ...pins, firmMin: 0 } }]
      : []),
  ];
  return ways.map((way) => {
    const { work, marinate } = planBatch({ ...inputs, pins: way.pins }, around);
    return { ...way, work, marinadeMin: marinate.minutes };
  });
}

/** A batch that cannot be planned, shown as such beside the others. */
function unplanned(question: PlanQuestion): PlannedBatch {
  return {
    ...headOf(question),
    startMs: question.inputs.tableAtMs,
    jobs: [],
    gives: [],
    marinadeMin: 0,
    quicker: [],
    refusal: NOT_PLANNED,
    lots: 1,
    warmMin: 0,
    warmLimitMin: 0,
    lateByMin: 0,
    rounds: 0,
    sticks: 0,
    cautions: [],
  };
}
