import 'server-only';
import type { Db } from './connection';
import type { MarinadeLineRow, MarinadeRow } from './tables';
import type { Scope } from './versioned';

/** Replaces all lines of a marinade. */
export async function replaceLines(
  db: Db,
  { householdId }: Scope,
  marinadeId: string,
  lines: Omit<MarinadeLineRow, 'marinade_id' | 'position'>[],
): Promise<void> {
  await db('marinade_line').where({ household_id: householdId, marinade_id: marinadeId }).delete();
  await db('marinade_line').insert(
    lines.map((line, position) => ({ ...line, position, marinade_id: marinadeId, household_id: householdId })),
  );
}

export async function linesOf(db: Db, { householdId }: Scope, marinadeIds: string[]): Promise<MarinadeLineRow[]> {
  return db('marinade_line')
    .where({ household_id: householdId })
    .whereIn('marinade_id', marinadeIds)
    .orderBy(['marinade_id', 'position']);
}

/** Every marinade, those put away included. */
export async function allMarinades(db: Db, { householdId }: Scope): Promise<MarinadeRow[]> {
  return db('marinade').where({ household_id: householdId });
}
