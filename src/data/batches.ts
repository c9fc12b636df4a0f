import 'server-only';
import type { Db } from './connection';
import type { BatchEvent } from '@/core/progress';
import { VersionConflict } from './failures';
import type { BatchRow, EventRow, MealRow, PieceRow } from './tables';
import { findRow, type Scope } from './versioned';

/** A batch with its piece, what its meal says of the kitchen, and what was done. */
export interface WholeBatchRow
  extends BatchRow, Pick<PieceRow, 'cut_id' | 'mass_g' | 'height_mm'>, Pick<MealRow, 'away'> {
  events: BatchEvent[];
}

/** Events `e` in the order they were recorded, as the core takes them. */
const EVENT_LIST = `coalesce(json_agg(json_strip_nulls(json_build_object(
  'id', e.id, 'kind', e.kind, 'jobKey', e.job_key, 'atMs', round(extract(epoch from e.at) * 1000), 'payload', e.payload
)) order by e.sequence), '[]')`;
const EVENTS = `(select ${EVENT_LIST} from event e where e.batch_id = batch.id) as events`;

const wholeBatches = (db: Db, { householdId }: Scope) =>
  db('batch')
    .join('piece', 'piece.batch_id', 'batch.id')
    .join('meal', 'meal.id', 'batch.meal_id')
    .where('batch.household_id', householdId)
    .select('batch.*', 'piece.cut_id', 'piece.mass_g', 'piece.height_mm', 'meal.away', db.raw(EVENTS));

/** Batches of these meals, whole, by their table and their age. */
export const wholeBatchesOfMeals = (db: Db, scope: Scope, mealIds: readonly string[]): Promise<WholeBatchRow[]> =>
  wholeBatches(db, scope)
    .whereIn('batch.meal_id', mealIds)
    .whereNull('batch.deleted_at')
    .orderBy(['batch.table_at', 'batch.created_at', 'batch.id'])
    .then((rows) => rows as WholeBatchRow[]);

/** All batches of the meal that this one is of; empty where there is no such batch. */
export const wholeMealOf = (db: Db, scope: Scope, batchId: string): Promise<WholeBatchRow[]> =>
  wholeBatches(db, scope)
    .where('batch.meal_id', db('batch').select('meal_id').where({ id: batchId, deleted_at: null }))
    .whereNull('batch.deleted_at')
    .orderBy(['batch.table_at', 'batch.created_at', 'batch.id'])
    .then((rows) => rows as WholeBatchRow[]);

/** Batches by id, those put away included. */
export const wholeBatchesById = (db: Db, scope: Scope, ids: readonly string[]): Promise<WholeBatchRow[]> =>
  wholeBatches(db, scope)
    .whereIn('batch.id', ids)
    .then((rows) => rows as WholeBatchRow[]);

type Piece = Pick<PieceRow, 'cut_id' | 'mass_g' | 'height_mm'>;

/** Writes a piece beside the batch that the statement before it has made or changed. */
const withPiece = (db: Db, { cut_id, mass_g, height_mm }: Piece) =>
  db.raw(
    `insert into piece (household_id, batch_id, cut_id, mass_g, height_mm) select household_id, id, ?, ?, ? from written
     on conflict (batch_id) do update set cut_id = excluded.cut_id, mass_g = excluded.mass_g, height_mm = excluded.height_mm`,
    [cut_id, mass_g, height_mm],
  );

/** A batch and its piece, in one statement. */
export async function insertBatch(
  db: Db,
  { householdId }: Scope,
  { id, ...values }: Partial<BatchRow>,
  piece: Piece,
): Promise<BatchRow> {
  const [row] = await db
    .with(
      'written',
      db('batch')
        .insert({ ...values, id: id ?? db.raw('default'), household_id: householdId })
        .returning('*'),
    )
    .with('piece_of_it', withPiece(db, piece))
    .select('*')
    .from('written');
  return row as BatchRow;
}

/**
 * A batch and its piece, in one statement; without `version` it changes whatever is there.
 *
 * @returns the new row, or undefined when there is none
 * @throws VersionConflict with the current row
 */
export async function updateBatch(
  db: Db,
  scope: Scope,
  { id, version, values, piece }: { id: string; version?: number; values: Partial<BatchRow>; piece: Piece },
): Promise<BatchRow | undefined> {
  const changed = db('batch')
    .where({ household_id: scope.householdId, id, deleted_at: null, ...(version === undefined ? {} : { version }) })
    .update({ ...values, version: db.raw('version + 1'), updated_at: db.fn.now() })
    .returning('*');
  const [row] = await db.with('written', changed).with('piece_of_it', withPiece(db, piece)).select('*').from('written');
  if (row) return row as BatchRow;
  const current = await findRow<BatchRow>(db, 'batch', scope, id);
  if (current) throw new VersionConflict(current);
  return undefined;
}

export async function batchesOfMeal(db: Db, { householdId }: Scope, mealId: string): Promise<BatchRow[]> {
  return db('batch')
    .where({ household_id: householdId, meal_id: mealId, deleted_at: null })
    .orderBy(['table_at', 'created_at', 'id']);
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

/** Events of handwork of the batches that were worked on last, since `since`; what a pace is learned from. */
export async function handworkEvents(
  db: Db,
  { householdId }: Scope,
  { since, batches }: { since: Date | null; batches: number },
): Promise<BatchEvent[][]> {
  const { rows } = await db.raw(
    `select ${EVENT_LIST} as events
     from event e
     where e.household_id = ? and e.at > ? and e.batch_id in (
       select batch_id from event where household_id = ? and jsonb_exists(payload, 'handwork') group by batch_id order by max(sequence) desc limit ?
     )
     group by e.batch_id order by max(e.sequence) desc`,
    [householdId, since ?? new Date(0), householdId, batches],
  );
  return (rows as { events: BatchEvent[] }[]).map(({ events }) => events);
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
