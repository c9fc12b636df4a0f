import 'server-only';
import type { Batch, Meal, MealSchedule } from '@/contract/resources';
import type { DayBatch, PlannedBatch } from '@/contract/views';
import { met } from '@/core/day';
import { MOST_TOGETHER } from '@/core/scheduling';
import type { FormatStyle } from '@/core/units';
import { wholeBatchesOfMeals, wholeMealOf, type WholeBatchRow } from '@/data/batches';
import { database, type Db } from '@/data/connection';
import { remembered } from '@/data/memory';
import type { BatchRow, HouseholdRow } from '@/data/tables';
import { notFound } from '../api/failures';
import { nowMs, thisMinute } from '../clock';
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

interface Loaded {
  loaded: LoadedBatch[];
  meals: MealQuestion[];
}

/** Batches of whole meals, of which only some are wanted: hands and heat are shared with the others. Of a crowded meal only what is wanted. */
async function asMeals(
  household: HouseholdRow,
  rows: readonly WholeBatchRow[],
  wantedIds: readonly string[],
  around?: Around,
): Promise<Loaded> {
  const wanted = new Set(wantedIds);
  const mealIds = [...new Set(rows.map(({ meal_id }) => meal_id))];
  const isCrowded = (mealId: string) => rows.filter(({ meal_id }) => meal_id === mealId).length > MOST_TOGETHER;
  const crowded = new Set(mealIds.filter(isCrowded));
  const taken = rows.filter(({ id, meal_id }) => wanted.has(id) || !crowded.has(meal_id));
  const loaded = await loadBatches(household, taken, around);
  const meals = mealIds.map((mealId): MealQuestion => {
    const batches = loaded.filter(({ resource }) => resource.mealId === mealId).map(questionOf);
    return {
      batches,
      wanted: batches.map(({ id }) => id).filter((id) => wanted.has(id)),
      ...(crowded.has(mealId) ? { alone: true } : {}),
    };
  });
  const byId = new Map(loaded.map((one) => [one.resource.id, one]));
  return { loaded: wantedIds.flatMap((id) => byId.get(id) ?? []), meals };
}

/** The meals of these batches; read on the connection that has just written them. */
export async function mealsOf(
  db: Db,
  household: HouseholdRow,
  rows: readonly Pick<BatchRow, 'id' | 'meal_id'>[],
  around?: Around,
): Promise<Loaded> {
  const mealIds = [...new Set(rows.map(({ meal_id }) => meal_id))];
  const whole = await wholeBatchesOfMeals(db, { householdId: household.id }, mealIds);
  return asMeals(
    household,
    whole,
    rows.map(({ id }) => id),
    around,
  );
}

/** All batches of a meal. */
export async function wholeMeal(household: HouseholdRow, mealId: string): Promise<Loaded> {
  const rows = await wholeBatchesOfMeals(database(), { householdId: household.id }, [mealId]);
  return asMeals(
    household,
    rows,
    rows.map(({ id }) => id),
  );
}

/** The meal of one batch. @throws notFound */
export async function mealOfBatch(household: HouseholdRow, id: string): Promise<Loaded> {
  const rows = await wholeMealOf(database(), { householdId: household.id }, id);
  if (rows.length === 0) throw notFound('batch');
  return asMeals(household, rows, [id]);
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

export async function scheduled({ loaded, meals }: Loaded): Promise<Batch[]> {
  const planned = await inOrderOf(loaded, meals, (some) => heavy('schedules', some));
  return loaded.map(({ resource }, index) => ({ ...resource, ...planned[index]! }));
}

export const withSchedules = async (db: Db, household: HouseholdRow, rows: readonly BatchRow[]): Promise<Batch[]> =>
  scheduled(await mealsOf(db, household, rows));

/** As Today and the kitchen show them, and the whole of their meals to go on from. */
export async function plannedBatches(
  { loaded, meals }: Loaded,
  style: FormatStyle,
): Promise<{ batches: PlannedBatch[]; day: DayBatch[] }> {
  const batches = await inOrderOf(loaded, meals, (some) => heavy('plannedBatches', some, nowMs(), style));
  return { batches, day: meals.flatMap(({ batches: all, alone }) => (alone ? [] : all)) };
}

/** All batches of a meal by one clock. */
export const scheduleOfMeal = (meal: Meal): Promise<MealSchedule> =>
  remembered(JSON.stringify(['schedule', meal.id, meal.version, thisMinute()]), () => readSchedule(meal));

async function readSchedule(meal: Meal): Promise<MealSchedule> {
  const household = await currentHousehold();
  const { loaded } = await wholeMeal(household, meal.id);
  return { mealId: meal.id, tableAt: meal.tableAt, ...(await heavy('mealSchedule', loaded.map(questionOf), nowMs())) };
}

/** The other batches of these meals, as a plan in the browser needs them; of many none, they are planned alone. */
export async function neighboursIn(mealIds: string[], but?: string): Promise<Record<string, DayBatch[]>> {
  const household = await currentHousehold();
  const rows = (await wholeBatchesOfMeals(database(), { householdId: household.id }, mealIds)).filter(
    ({ id }) => id !== but,
  );
  const few = mealIds
    .map((mealId) => rows.filter(({ meal_id }) => meal_id === mealId))
    .filter(({ length }) => length > 0 && length < MOST_TOGETHER);
  const loaded = await loadBatches(household, few.flat());
  return Object.fromEntries(
    few.map((some) => {
      const ids = new Set(some.map(({ id }) => id));
      const batches = loaded.filter(({ resource }) => ids.has(resource.id)).map(questionOf);
      return [some[0]!.meal_id, batches.map((batch) => ({ ...batch, ...met(batch) }))];
    }),
  );
}
