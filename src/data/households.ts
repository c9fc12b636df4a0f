import 'server-only';
import { database, transaction, type Db } from './connection';
import { VersionConflict } from './failures';
import type { HouseholdRow, IngredientRow } from './tables';

const FIRST_HOUSEHOLD_LOCK = 7_261_946;

export async function firstHousehold(db: Db = database()): Promise<HouseholdRow | undefined> {
  return (await db('household').orderBy('created_at').first()) as HouseholdRow | undefined;
}

/** Makes the household once, however many requests ask at the same time; `furnish` fills it in the same transaction. */
export function ensureHousehold(
  values: Pick<HouseholdRow, 'name' | 'zone'>,
  furnish: (db: Db, household: HouseholdRow) => Promise<void>,
): Promise<HouseholdRow> {
  return transaction(async (trx) => {
    await trx.raw('select pg_advisory_xact_lock(?)', [FIRST_HOUSEHOLD_LOCK]);
    const known = await firstHousehold(trx);
    if (known) return known;
    const [household] = (await trx('household').insert(values).returning('*')) as HouseholdRow[];
    await furnish(trx, household!);
    return household!;
  });
}

type HouseholdValues = Partial<
  Pick<
    HouseholdRow,
    'name' | 'zone' | 'measures' | 'freezer' | 'slicer_stacks' | 'currency' | 'cooks' | 'heats' | 'paces_since'
  >
>;

/** @throws VersionConflict when it is another version than the caller saw; without `version` it changes whatever is there */
export async function updateHousehold(
  db: Db,
  { id, version }: { id: string; version?: number },
  { freezer, slicer_stacks, ...values }: HouseholdValues,
): Promise<HouseholdRow> {
  // Arrays would reach jsonb as PostgreSQL arrays.
  const json = {
    ...(freezer === undefined ? {} : { freezer: JSON.stringify(freezer) }),
    ...(slicer_stacks === undefined ? {} : { slicer_stacks: JSON.stringify(slicer_stacks) }),
  };
  const [row] = await db('household')
    .where({ id, ...(version === undefined ? {} : { version }) })
    .update({ ...values, ...json, version: db.raw('version + 1'), updated_at: db.fn.now() })
    .returning('*');
  if (!row) throw new VersionConflict(await db('household').where({ id }).first());
  return row as HouseholdRow;
}

/**
 * The household, held until the transaction ends, so that two reports of a freezer are learned one after the other. Every row that is added
 * holds its household's key: a lock that asks for the key too would make two such transactions wait for each other.
 */
export async function lockHousehold(db: Db, id: string): Promise<HouseholdRow> {
  return (await db('household').where({ id }).forNoKeyUpdate().first()) as HouseholdRow;
}

export async function insertIngredients(db: Db, rows: Partial<IngredientRow>[]): Promise<void> {
  await db('ingredient').insert(rows).onConflict(['household_id', 'id']).ignore();
}

export async function listIngredients(householdId: string, db: Db = database()): Promise<IngredientRow[]> {
  return db('ingredient').where({ household_id: householdId }).orderBy('name');
}
