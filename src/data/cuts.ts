import 'server-only';
import type { Db } from './connection';
import type { CutRow } from './tables';
import type { Scope } from './versioned';

/** Every cut of the household's own, those put away included: batches of them still stand. */
export async function allCuts(db: Db, { householdId }: Scope): Promise<CutRow[]> {
  return db('cut').where({ household_id: householdId }).orderBy(['name', 'id']);
}
