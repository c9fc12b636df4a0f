import 'server-only';
import type { Batch, Meal, MealSchedule } from '@/contract/resources';
import type { DayBatch, PlannedBatch } from '@/contract/views';
import type { MealBatch } from '@/core/batches';
import { met } from '@/core/day';
import { MOST_TOGETHER } from '@/core/scheduling';
import type { FormatStyle } from '@/core/units';
import { batchesOfMeal, batchesOfMeals } from '@/data/batches';
import { database, type Db } from '@/data/connection';
import type { BatchRow, HouseholdRow } from '@/data/tables';
import { nowMs } from '../clock';
import type { MealQuestion } from '../heavy/planned';
import { heavy, heavyList } from '../heavy/pool';
import { currentHousehold } from '../kitchen/kitchen';
import { loadBatches, type Around, type LoadedBatch } from './loadBatches';

const questionOf = ({ resource: { id, name, version }, inputs, around, events }: LoadedBatch): DayBatch => ({
  id,
  name,
  version,
  inputs,
  around,
  events,
});

/** The meals of these batches, whole: hands and heat are shared with those that were not asked for. Of a crowded meal only what was asked for. */
export async function mealsOf(
  db: Db,
  household: HouseholdRow,
  rows: readonly BatchRow[],
  around?: Around,
): Promise<{ loaded: LoadedBatch[]; meals: MealQuestion[] }> {
  const mealIds = [...new Set(rows.map(({ meal_id }) => meal_id))];
  const asked = new Set(rows.map(({ id }) => id));
  const inMeals = await batchesOfMeals(db, { householdId: household.id }, mealIds);
  const isCrowded = (mealId: string) => inMeals.filter(({ meal_id }) => meal_id === mealId).length > MOST_TOGETHER;
  const crowded = new Set(mealIds.filter(isCrowded));
  const beside = inMeals.filter(({ id, meal_id }) => !asked.has(id) && !crowded.has(meal_id));
  const loaded = await loadBatches(db, household, [...rows, ...beside], around);
  const meals = mealIds.map((mealId): MealQuestion => {
    const batches = loaded.filter(({ resource }) => resource.mealId === mealId).map(questionOf);
    const wanted = batches.map(({ id }) => id).filter((id) => asked.has(id));
    return { batches, wanted, alone: crowded.has(mealId) };
  });
  return { loaded: loaded.slice(0, rows.length), meals };
}

/** What is answered for each batch of these meals, in the order that the batches were asked in. */
async function inOrderOf<T>(
  loaded: readonly LoadedBatch[],
  meals: readonly MealQuestion[],
  ask: (some: readonly MealQuestion[]) => Promise<T[]>,
): Promise<T[]> {
  const answers = await heavyList(meals, ask);
  const ids = meals.flatMap(({ wanted }) => wanted);
  const byId = new Map(ids.map((id, at) => [id, answers[at]!]));
  return loaded.map(({ resource }) => byId.get(resource.id)!);
}

export async function scheduled({ loaded, meals }: Awaited<ReturnType<typeof mealsOf>>): Promise<Batch[]> {
  const planned = await inOrderOf(loaded, meals, (some) => heavy('schedules', some));
  return loaded.map(({ resource }, index) => ({ ...resource, ...planned[index]! }));
}

export const withSchedules = async (db: Db, household: HouseholdRow, rows: readonly BatchRow[]): Promise<Batch[]> =>
  scheduled(await mealsOf(db, household, rows));

/** As Today and the kitchen show them, and the whole of their meals to go on from. */
export async function plannedBatches(
  household: HouseholdRow,
  rows: readonly BatchRow[],
  style: FormatStyle,
): Promise<{ batches: PlannedBatch[]; day: DayBatch[] }> {
  const { loaded, meals } = await mealsOf(database(), household, rows);
  const batches = await inOrderOf(loaded, meals, (some) => heavy('plannedBatches', some, nowMs(), style));
  return { batches, day: meals.flatMap(({ batches: all, alone }) => (alone ? [] : all)) };
}

/** All batches of a meal by one clock. */
export async function scheduleOfMeal(meal: Meal): Promise<MealSchedule> {
  const household = await currentHousehold();
  const rows = await batchesOfMeal(database(), { householdId: household.id }, meal.id);
  const loaded = await loadBatches(database(), household, rows);
  return { mealId: meal.id, tableAt: meal.tableAt, ...(await heavy('mealSchedule', loaded.map(questionOf), nowMs())) };
}

/** The other batches of these meals, as a plan in the browser needs them; of many none, they are planned alone. */
export async function neighboursIn(mealIds: string[], but?: string): Promise<Record<string, MealBatch[]>> {
  const household = await currentHousehold();
  const rows = (await batchesOfMeals(database(), { householdId: household.id }, mealIds)).filter(
    ({ id }) => id !== but,
  );
  const few = mealIds
    .map((mealId) => rows.filter(({ meal_id }) => meal_id === mealId))
    .filter(({ length }) => length > 0 && length < MOST_TOGETHER);
  const loaded = await loadBatches(database(), household, few.flat());
  return Object.fromEntries(
    few.map((some) => {
      const ids = new Set(some.map(({ id }) => id));
      const batches = loaded.filter(({ resource }) => ids.has(resource.id)).map(questionOf);
      return [some[0]!.meal_id, batches.map(met)];
    }),
  );
}
