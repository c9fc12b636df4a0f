import 'server-only';
import type { IngredientResource, IngredientWrite } from '@/contract/resources';
import { INGREDIENTS, searchIngredients, type Ingredient } from '@/core/marinades';
import { database } from '@/data/connection';
import { listIngredients as allRows } from '@/data/households';
import type { IngredientRow } from '@/data/tables';
import { findRow, insertRow, removeRow, restoreRow, updateRow, type Page } from '@/data/versioned';
import { breaksRule, notFound } from '../api/failures';
import { currentHousehold } from '../kitchen/kitchen';
import { ingredientRow, toIngredient } from './ingredientRow';

const TABLE = 'ingredient';

function toResource({ own = false, piece, removed: _removed, ...one }: Ingredient, version = 0): IngredientResource {
  const {
    acidFraction = 0,
    fatFraction = 0,
    starchFraction = 0,
    strongEnzyme = false,
    alcohol = false,
    glutamate = false,
  } = one;
  return {
    ...one,
    acidFraction,
    fatFraction,
    starchFraction,
    strongEnzyme,
    alcohol,
    glutamate,
    otherNames: [...one.otherNames],
    allergens: [...one.allergens],
    piece: piece ?? null,
    own,
    version,
  };
}

const toOwn = (row: IngredientRow) => toResource(toIngredient(row), row.version);
const BY_NAME = INGREDIENTS.map((one) => toResource(one)).sort((a, b) => a.name.localeCompare(b.name, 'en'));
const builtIn = (id: string) => INGREDIENTS.find((one) => one.id === id);

/** The cook's own first, then those that come with Mince. */
export async function listIngredients({
  limit,
  offset,
  q,
}: Page & { q?: string }): Promise<{ items: IngredientResource[]; total: number }> {
  const { id: householdId } = await currentHousehold();
  const own = (await allRows(householdId)).filter((row) => row.own && !row.deleted_at).map(toOwn);
  const found = searchIngredients(q ?? '', [...own, ...BY_NAME]);
  return { items: found.slice(offset, offset + limit), total: found.length };
}

export async function readIngredient(id: string): Promise<IngredientResource> {
  const known = builtIn(id);
  return known ? toResource(known) : toOwn(await ownRow(id));
}

async function ownRow(id: string): Promise<IngredientRow> {
  const { id: householdId } = await currentHousehold();
  const row = await findRow<IngredientRow>(database(), TABLE, { householdId }, id);
  if (!row) throw notFound('ingredient');
  return row;
}

export async function createIngredient(
  write: IngredientWrite,
  id: string = crypto.randomUUID(),
): Promise<IngredientResource> {
  const { id: householdId } = await currentHousehold();
  await check(householdId, write);
  return toOwn(
    await insertRow<IngredientRow>(database(), TABLE, { householdId }, { id, own: true, ...ingredientRow(write) }),
  );
}

export async function changeIngredient(
  id: string,
  version: number | undefined,
  write: IngredientWrite,
): Promise<IngredientResource> {
  const { id: householdId } = await currentHousehold();
  refuseBuiltIn(id);
  await ownRow(id);
  await check(householdId, write, id);
  const row = await updateRow<IngredientRow>(
    database(),
    TABLE,
    { householdId },
    { id, version, values: ingredientRow(write) },
  );
  if (!row) throw notFound('ingredient');
  return toOwn(row);
}

/** Marinades made with it keep it; it is only offered no more. */
export async function removeIngredient(id: string, version?: number): Promise<void> {
  const { id: householdId } = await currentHousehold();
  refuseBuiltIn(id);
  if (!(await removeRow(database(), TABLE, { householdId }, { id, version }))) throw notFound('ingredient');
}

export async function restoreIngredient(id: string): Promise<IngredientResource> {
  const { id: householdId } = await currentHousehold();
  const row = builtIn(id) ? undefined : await restoreRow<IngredientRow>(database(), TABLE, { householdId }, id);
  if (!row) throw notFound('ingredient');
  return toOwn(row);
}

function refuseBuiltIn(id: string): void {
  if (builtIn(id))
    throw breaksRule('Ingredients that come with Mince stay as they are; make one of your own from a label.');
}

const SUM_TOLERANCE = 0.001;

/** Parts of a whole, and a name that means one thing. */
async function check(
  householdId: string,
  { name, waterFraction, saltFraction, sugarFraction, fatFraction, acidFraction, starchFraction }: IngredientWrite,
  id?: string,
): Promise<void> {
  if (waterFraction + saltFraction + sugarFraction + fatFraction + acidFraction + starchFraction > 1 + SUM_TOLERANCE)
    throw breaksRule('Water, salt, sugar, fat, acid and starch add up to more than the whole.', '/waterFraction');
  const taken = [
    ...INGREDIENTS,
    ...(await allRows(householdId)).filter((row) => row.own && !row.deleted_at && row.id !== id),
  ].some((one) => one.name.toLowerCase() === name.toLowerCase());
  if (taken)
    throw breaksRule(
      `There is an ingredient “${name}” already; give it another name, the maker's for example.`,
      '/name',
    );
}
