import 'server-only';
import type { Db } from './connection';
import type { BatchRow, EventRow, MealRow, PieceRow } from './tables';
import type { Scope } from './versioned';

export async function savePiece(db: Db, { householdId }: Scope, piece: PieceRow): Promise<void> {
  await db('piece')
    .insert({ ...piece, household_id: householdId })
    .onConflict('batch_id')
    .merge();
}

/** The pieces of batches, each with what its meal says of the kitchen. */
export async function piecesOf(
  db: Db,
  { householdId }: Scope,
  batchIds: string[],
): Promise<(PieceRow & Pick<MealRow, 'away'>)[]> {
  return db('piece')
    .join('batch', 'batch.id', 'piece.batch_id')
    .join('meal', 'meal.id', 'batch.meal_id')
    .where('piece.household_id', householdId)
    .whereIn('piece.batch_id', batchIds)
    .select('piece.*', 'meal.away');
}

export async function batchesOfMeal(db: Db, { householdId }: Scope, mealId: string): Promise<BatchRow[]> {
  return db('batch')
    .where({ household_id: householdId, meal_id: mealId, deleted_at: null })
    .orderBy(['table_at', 'created_at', 'id']);
}

export async function batchesOfMeals(db: Db, { householdId }: Scope, mealIds: string[]): Promise<BatchRow[]> {
  return db('batch').where({ household_id: householdId, deleted_at: null }).whereIn('meal_id', mealIds);
}

/** Batches by id, those put away included. */
export async function batchesById(db: Db, { householdId }: Scope, ids: string[]): Promise<BatchRow[]> {
  return db('batch').where({ household_id: householdId }).whereIn('id', ids);
}

/** Batches of a meal that were planned for its old hour move with it. */
export async function moveBatches(
  db: Db,
  { householdId }: Scope,
  { mealId, from, to, zone }: { mealId: string; from: Date; to: Date; zone: string },
): Promise<string[]> {
  const rows = await db('batch')
    .where({ household_id: householdId, meal_id: mealId, deleted_at: null, table_at: from })
    .update({ table_at: to, zone, version: db.raw('version + 1'), updated_at: db.fn.now() })
    .returning('id');
  return rows.map(({ id }: { id: string }) => id);
}

/** Adds an event; the same id a second time changes nothing. @returns true when it was new */
export async function addEvent(
  db: Db,
  { householdId }: Scope,
  event: Pick<EventRow, 'id' | 'batch_id' | 'kind' | 'job_key' | 'at' | 'zone' | 'payload'>,
): Promise<boolean> {
  const rows = await db('event')
    .insert({ ...event, payload: JSON.stringify(event.payload), household_id: householdId })
    .onConflict('id')
    .ignore()
    .returning('id');
  return rows.length > 0;
}

export async function findEvent(db: Db, { householdId }: Scope, id: string): Promise<EventRow | undefined> {
  return db('event').where({ household_id: householdId, id }).first();
}

export async function eventsOf(db: Db, { householdId }: Scope, batchIds: string[]): Promise<EventRow[]> {
  return db('event').where({ household_id: householdId }).whereIn('batch_id', batchIds).orderBy('sequence');
}

/** Ids of meals with something on the table from `since` on, soonest first; else the last one before. */
export async function nearestMealId(db: Db, { householdId }: Scope, since: Date): Promise<string | undefined> {
  const meals = () => db('meal').where({ household_id: householdId, deleted_at: null });
  const next = (await meals().where('table_at', '>=', since).orderBy(['table_at', 'id']).first()) as
    { id: string } | undefined;
  const last =
    next ??
    ((await meals()
      .orderBy([{ column: 'table_at', order: 'desc' }, 'id'])
      .first()) as { id: string } | undefined);
  return last?.id;
}

/** One at a time asks for an hour: two batches made at once for it do not make two meals. */
export const holdHour = (trx: Db, { householdId }: Scope, tableAt: Date) =>
  trx.raw('select pg_advisory_xact_lock(hashtextextended(?, 0))', [`${householdId} ${tableAt.toISOString()}`]);

/** The meal, kept from being put away until the transaction ends. */
export async function holdMeal(trx: Db, { householdId }: Scope, id: string): Promise<MealRow | undefined> {
  return trx('meal').where({ household_id: householdId, id, deleted_at: null }).forShare().first();
}

/** A batch that comes back brings its meal back, if that was put away too. */
export async function restoreMealOf(trx: Db, { householdId }: Scope, mealId: string): Promise<void> {
  await trx('meal')
    .where({ household_id: householdId, id: mealId })
    .whereNotNull('deleted_at')
    .update({ deleted_at: null, version: trx.raw('version + 1'), updated_at: trx.fn.now() });
}

export async function mealAt(db: Db, { householdId }: Scope, tableAt: Date): Promise<{ id: string } | undefined> {
  return db('meal')
    .where({ household_id: householdId, deleted_at: null, table_at: tableAt })
    .orderBy(['created_at', 'id'])
    .forShare()
    .first();
}
