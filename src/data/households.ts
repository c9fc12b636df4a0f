import 'server-only';
import { database, transaction, type Db } from './connection';
import type { HouseholdRow, IngredientRow } from './tables';

const FIRST_HOUSEHOLD_LOCK = 7_261_946;

export async function firstHousehold(db: Db = database()): Promise<HouseholdRow | undefined> {
  return (await db('household').orderBy('created_at').first()) as HouseholdRow | undefined;
}

/** Makes the household once, however many requests ask at the same time; `furnish` fills it in the same transaction. */
export function ensureHousehold(values: Pick<HouseholdRow, 'name' | 'zone'>, furnish: (db: Db, household: HouseholdRow) => Promise<void>): Promise<HouseholdRow> {
  return transaction(async (trx) => {
    await trx.raw('select pg_advisory_xact_lock(?)', [FIRST_HOUSEHOLD_LOCK]);
    const known = await firstHousehold(trx);
    if (known) return known;
    const [household] = (await trx('household').insert(values).returning('*')) as HouseholdRow[];
    await furnish(trx, household!);
    return household!;
  });
}

export async function updateHousehold(id: string, values: Partial<Pick<HouseholdRow, 'name' | 'zone' | 'measures'>>): Promise<HouseholdRow> {
  const [row] = await database()('household').where({ id }).update({ ...values, version: database().raw('version + 1'), updated_at: database().fn.now() }).returning('*');
  return row as HouseholdRow;
}

export async function insertIngredients(db: Db, rows: IngredientRow[]): Promise<void> {
  await db('ingredient').insert(rows);
}

export async function listIngredients(householdId: string, db: Db = database()): Promise<IngredientRow[]> {
  return db('ingredient').where({ household_id: householdId }).orderBy('name');
}
