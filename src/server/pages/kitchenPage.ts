import 'server-only';
import type { EventResource } from '@/contract/resources';
import type { KitchenPage, PlannedBatch } from '@/contract/views';
import { cautionsAt } from '@/core/batches';
import type { FormatStyle } from '@/core/units';
import { jobWords, scheduleWords } from '@/core/words';
import { batchesOfMeal } from '@/data/batches';
import { database } from '@/data/connection';
import type { MealRow } from '@/data/tables';
import { findRow } from '@/data/versioned';
import { notFound } from '../api/failures';
import { listEvents, loadBatch, loadBatches, NOT_PLANNED, planOf, type LoadedBatch } from '../batches/batches';
import { currentHousehold } from '../kitchen/kitchen';

export function toPlanned(loaded: LoadedBatch, style: FormatStyle): PlannedBatch {
  const { resource, inputs, around } = loaded;
  const plan = planOf(loaded);
  if (!plan) return unplanned(loaded);
  const { schedule } = plan;
  const jobs = schedule.ok ? schedule.jobs : [];
  return {
    id: resource.id,
    name: resource.name,
    cutName: around.cut.name,
    massG: inputs.massG,
    people: inputs.people,
    tableAtMs: inputs.tableAtMs,
    lots: plan.lots,
    warmMin: schedule.ok ? schedule.warmMin : 0,
    warmLimitMin: schedule.ok ? schedule.warmLimitMin : 0,
    lateByMin: schedule.ok ? schedule.lateByMin : 0,
    startMs: schedule.ok ? schedule.startMs : inputs.tableAtMs,
    rounds: plan.cook.rounds,
    sticks: plan.cook.sticks,
    cautions: plan.cautions,
    ...(plan.firm.needed && plan.firm.checkFromMin < plan.firm.minutes ? { checkFirmMin: plan.firm.checkFromMin } : {}),
    ...(schedule.ok ? {} : { refusal: scheduleWords(schedule.problem, style) }),
    jobs: jobs.map((job) => ({
      ...job,
      batchId: resource.id,
      ...jobWords(job, { plan, inputs, around }, style),
      cautions: cautionsAt(job.key, plan.cautions),
    })),
  };
}

/** A batch that cannot be planned, shown as such beside the others. */
function unplanned({ resource, inputs, around }: LoadedBatch): PlannedBatch {
  return {
    id: resource.id,
    name: resource.name,
    cutName: around.cut.name,
    massG: inputs.massG,
    people: inputs.people,
    tableAtMs: inputs.tableAtMs,
    startMs: inputs.tableAtMs,
    jobs: [],
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

/** Everything kitchen mode needs at once, so that it goes on when the network does not. */
export async function loadKitchen(
  which: { batchId?: string; mealId?: string },
  style: FormatStyle,
): Promise<KitchenPage> {
  const household = await currentHousehold();
  if (which.batchId) {
    const loaded = await loadBatch(which.batchId);
    return {
      title: loaded.resource.name,
      zone: household.zone,
      batches: [toPlanned(loaded, style)],
      events: await listEvents([which.batchId]),
    };
  }
  const meal = which.mealId
    ? await findRow<MealRow>(database(), 'meal', { householdId: household.id }, which.mealId)
    : undefined;
  if (!meal) throw notFound('meal');
  return { title: meal.name, zone: household.zone, ...(await loadMealBatches(meal.id, style)) };
}

export async function loadMealBatches(
  mealId: string,
  style: FormatStyle,
): Promise<{ batches: PlannedBatch[]; events: EventResource[] }> {
  const household = await currentHousehold();
  const rows = await batchesOfMeal(database(), { householdId: household.id }, mealId);
  const loaded = await loadBatches(database(), household, rows);
  return { batches: loaded.map((one) => toPlanned(one, style)), events: await listEvents(rows.map(({ id }) => id)) };
}
