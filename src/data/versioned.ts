import 'server-only';
import type { Db } from './connection';
import { VersionConflict } from './failures';
import type { Versioned } from './tables';

/** The verbs that all versioned tables share; every one stays within its household. */
export interface Scope {
  householdId: string;
}

export interface Page {
  limit: number;
  offset: number;
}

export async function insertRow<Row extends Versioned>(
  db: Db,
  table: string,
  { householdId }: Scope,
  values: Partial<Row>,
): Promise<Row> {
  const [row] = await db(table)
    .insert({ ...values, id: values.id ?? db.raw('default'), household_id: householdId })
    .returning('*');
  return row as Row;
}

export async function findRow<Row extends Versioned>(
  db: Db,
  table: string,
  { householdId }: Scope,
  id: string,
): Promise<Row | undefined> {
  return (await db(table).where({ household_id: householdId, id, deleted_at: null }).first()) as Row | undefined;
}

/**
 * Changes a row if it still has the version the caller saw; without `version` it changes whatever is there.
 * @returns the new row, or undefined when there is none
 * @throws VersionConflict with the current row
 */
export async function updateRow<Row extends Versioned>(
  db: Db,
  table: string,
  { householdId }: Scope,
  { id, version, values }: { id: string; version?: number; values: Partial<Row> },
): Promise<Row | undefined> {
  const [row] = await db(table)
    .where({ household_id: householdId, id, deleted_at: null, ...(version === undefined ? {} : { version }) })
    .update({ ...values, version: db.raw('version + 1'), updated_at: db.fn.now() })
    .returning('*');
  if (row) return row as Row;
  const current = await findRow<Row>(db, table, { householdId }, id);
  if (current) throw new VersionConflict(current);
  return undefined;
}

/** Puts a row away; it can be taken back. */
export const removeRow = (db: Db, table: string, scope: Scope, { id, version }: { id: string; version?: number }) =>
  updateRow<Versioned>(db, table, scope, { id, version, values: { deleted_at: new Date() } });

export async function restoreRow<Row extends Versioned>(
  db: Db,
  table: string,
  { householdId }: Scope,
  id: string,
): Promise<Row | undefined> {
  const [row] = await db(table)
    .where({ household_id: householdId, id })
    .whereNotNull('deleted_at')
    .update({ deleted_at: null, version: db.raw('version + 1'), updated_at: db.fn.now() })
    .returning('*');
  return row as Row | undefined;
}

export async function listRows<Row extends Versioned>(
  db: Db,
  table: string,
  { householdId }: Scope,
  {
    limit,
    offset,
    orderBy,
    where = {},
  }: Page & { orderBy: { column: string; order: 'asc' | 'desc' }[]; where?: object },
): Promise<{ rows: Row[]; total: number }> {
  const matching = () => db(table).where({ household_id: householdId, deleted_at: null, ...where });
  const [rows, counted] = await Promise.all([
    matching()
      .orderBy([...orderBy, { column: 'id' }])
      .limit(limit)
      .offset(offset),
    matching().count({ count: '*' }).first(),
  ]);
  return { rows: rows as Row[], total: Number(counted?.count ?? 0) };
}
