import 'server-only';
import type { Meal, MealWrite } from '@/contract/resources';
import { batchesOfMeal, moveBatches } from '@/data/batches';
import { database, transaction } from '@/data/connection';
import type { MealRow } from '@/data/tables';
import { findRow, insertRow, listRows, removeRow, restoreRow, updateRow, type Page } from '@/data/versioned';
import { breaksRule, notFound } from '../api/failures';
import { checkTableAt } from '../tableAt';
import { currentHousehold } from '../kitchen/kitchen';
import { stampsOf } from '../stamps';

const TABLE = 'meal';

export const toMeal = (row: MealRow): Meal => ({
  ...stampsOf(row),
  name: row.name,
  tableAt: row.table_at.toISOString(),
  zone: row.zone,
  people: row.people,
  away: row.away,
});

export async function listMeals(page: Page): Promise<{ items: Meal[]; total: number }> {
  const { id: householdId } = await currentHousehold();
  const { rows, total } = await listRows<MealRow>(
    database(),
    TABLE,
    { householdId },
    { ...page, orderBy: [{ column: 'table_at', order: 'desc' }] },
  );
  return { items: rows.map(toMeal), total };
}

export async function readMeal(id: string): Promise<Meal> {
  const { id: householdId } = await currentHousehold();
  const row = await findRow<MealRow>(database(), TABLE, { householdId }, id);
  if (!row) throw notFound('meal');
  return toMeal(row);
}

export async function createMeal({ name, tableAt, people, away = [] }: MealWrite, id?: string): Promise<Meal> {
  checkTableAt(tableAt);
  const { id: householdId, zone } = await currentHousehold();
  const values = { id, name, table_at: new Date(tableAt), zone, people, ...awayOf(away) };
  return toMeal(await insertRow<MealRow>(database(), TABLE, { householdId }, values));
}

/** A list has to go into the table as text. */
const awayOf = (away: MealWrite['away']): Partial<MealRow> =>
  away ? { away: JSON.stringify(away) as unknown as MealRow['away'] } : {};

/** Batches planned for the meal's hour move with it, and are planned anew; those with an hour of their own stay. */
export async function changeMeal(
  id: string,
  version: number | undefined,
  { name, tableAt, people, away }: MealWrite,
): Promise<Meal> {
  const household = await currentHousehold();
  const scope = { householdId: household.id };
  return transaction(async (trx) => {
    const before = await findRow<MealRow>(trx, TABLE, scope, id);
    checkTableAt(tableAt, before?.table_at);
    const row = await updateRow<MealRow>(trx, TABLE, scope, {
      id,
      version,
      values: { name, table_at: new Date(tableAt), zone: household.zone, people, ...awayOf(away) },
    });
    if (!row || !before) throw notFound('meal');
    await moveBatches(trx, scope, {
      mealId: id,
      from: before.table_at,
      to: row.table_at,
      zone: household.zone,
    });
    return toMeal(row);
  });
}

export async function removeMeal(id: string, version?: number): Promise<void> {
  const { id: householdId } = await currentHousehold();
  await transaction(async (trx) => {
    // Held first: no batch comes into it meanwhile.
    if (!(await removeRow(trx, TABLE, { householdId }, { id, version }))) throw notFound('meal');
    if ((await batchesOfMeal(trx, { householdId }, id)).length > 0)
      throw breaksRule('There are batches in this meal. Remove or move them first.');
  });
}

export async function restoreMeal(id: string): Promise<Meal> {
  const { id: householdId } = await currentHousehold();
  const row = await restoreRow<MealRow>(database(), TABLE, { householdId }, id);
  if (!row) throw notFound('meal');
  return toMeal(row);
}
