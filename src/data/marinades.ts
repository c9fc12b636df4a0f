import 'server-only';
import type { Db } from './connection';
import type { MarinadeLineRow, MarinadeRow } from './tables';
import { containing } from './containing';
import type { Page, Scope } from './versioned';

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

interface Sought extends Page {
  /** In the name or the note; empty: all. */
  find: string;
  /** Ingredients that answer to it. */
  ingredientIds: readonly string[];
}

/** Marinades of the book by name, note or what is in them. */
export async function findMarinades(
  db: Db,
  { householdId }: Scope,
  { find, ingredientIds, limit, offset }: Sought,
): Promise<{ rows: MarinadeRow[]; total: number }> {
  const matching = () =>
    db('marinade')
      .where({ household_id: householdId, deleted_at: null })
      .modify((query) => {
        if (find)
          query.where((either) =>
            either
              .whereILike('name', containing(find))
              .orWhereILike('note', containing(find))
              .orWhereIn(
                'id',
                db('marinade_line')
                  .where({ household_id: householdId })
                  .whereIn('ingredient_id', ingredientIds)
                  .select('marinade_id'),
              ),
          );
      });
  const [rows, counted] = await Promise.all([
    matching().orderBy(['name', 'id']).limit(limit).offset(offset),
    matching().count({ count: '*' }).first(),
  ]);
  return { rows, total: Number(counted?.count ?? 0) };
}

/** Every marinade, those put away included. */
export async function allMarinades(db: Db, { householdId }: Scope): Promise<MarinadeRow[]> {
  return db('marinade').where({ household_id: householdId });
}
