import 'server-only';
import type { MarinadeResource, MarinadeWrite } from '@/contract/resources';
import type { HoldBackPurpose, Ingredient, Marinade } from '@/core/marinades';
import { database, transaction, type Db } from '@/data/connection';
import { searchIngredients } from '@/core/marinades';
import { allMarinades, findMarinades, linesOf, replaceLines } from '@/data/marinades';
import type { MarinadeLineRow, MarinadeRow } from '@/data/tables';
import { findRow, insertRow, removeRow, restoreRow, updateRow, type Page } from '@/data/versioned';
import { breaksRule, notFound } from '../api/failures';
import { currentHousehold, ingredientsOf } from '../kitchen/kitchen';
import { stampsOf } from '../stamps';

const TABLE = 'marinade';

function toResource(row: MarinadeRow, lines: readonly MarinadeLineRow[]): MarinadeResource {
  return {
    ...stampsOf(row),
    name: row.name,
    note: row.note,
    ways: row.ways,
    forMassG: row.for_mass_g,
    minutes: { from: row.minutes_from, to: row.minutes_to },
    holdBackShare: row.hold_back_share,
    heated: row.heated,
    oilFirst: row.oil_first,
    unread: row.unread,
    ...(row.hold_back_for ? { holdBackFor: row.hold_back_for as HoldBackPurpose } : {}),
    lines: lines.map(({ ingredient_id, mass_g, note, said }) => ({
      ingredientId: ingredient_id,
      massG: mass_g,
      note,
      said,
    })),
  };
}

const toRow = ({
  name,
  note,
  ways,
  forMassG,
  minutes,
  holdBackShare,
  holdBackFor,
  heated,
  oilFirst,
  unread,
}: MarinadeWrite): Partial<MarinadeRow> => ({
  name,
  note,
  ways,
  for_mass_g: forMassG,
  minutes_from: Math.round(minutes.from),
  minutes_to: Math.round(minutes.to),
  hold_back_share: holdBackShare,
  hold_back_for: holdBackFor ?? null,
  heated,
  oil_first: oilFirst,
  unread: JSON.stringify(unread) as unknown as string[],
});

const lineRows = (write: MarinadeWrite) =>
  write.lines.map((line) => ({
    ingredient_id: line.ingredientId,
    mass_g: line.massG,
    note: line.note,
    said: line.said,
  }));

async function withLines(db: Db, householdId: string, rows: readonly MarinadeRow[]): Promise<MarinadeResource[]> {
  const lines = await linesOf(
    db,
    { householdId },
    rows.map(({ id }) => id),
  );
  const byMarinade = new Map<string, MarinadeLineRow[]>(rows.map(({ id }) => [id, []]));
  for (const line of lines) byMarinade.get(line.marinade_id)?.push(line);
  return rows.map((row) => toResource(row, byMarinade.get(row.id)!));
}

async function checkIngredients(householdId: string, write: MarinadeWrite): Promise<void> {
  const known = new Set((await ingredientsOf(database(), householdId)).map(({ id }) => id));
  const odd = write.lines.findIndex(({ ingredientId }) => !known.has(ingredientId));
  if (odd >= 0)
    throw breaksRule(`There is no ingredient “${write.lines[odd]!.ingredientId}”.`, `/lines/${odd}/ingredientId`);
}

/** By name, note or any name of an ingredient that is in it; all of them for no text. */
export async function listMarinades({
  q = '',
  ...page
}: Page & { q?: string }): Promise<{ items: MarinadeResource[]; total: number }> {
  const { id: householdId } = await currentHousehold();
  const find = q.trim();
  const ingredientIds = find
    ? searchIngredients(find, await ingredientsOf(database(), householdId)).map(({ id }) => id)
    : [];
  const { rows, total } = await findMarinades(database(), { householdId }, { ...page, find, ingredientIds });
  return { items: await withLines(database(), householdId, rows), total };
}

export async function namesInBook(): Promise<ReadonlySet<string>> {
  const { id: householdId } = await currentHousehold();
  return new Set(
    (await allMarinades(database(), { householdId })).filter((row) => !row.deleted_at).map(({ name }) => name),
  );
}

/** The whole book, without what was put away. */
export async function wholeBook(): Promise<MarinadeResource[]> {
  const { id: householdId } = await currentHousehold();
  const rows = (await allMarinades(database(), { householdId })).filter(({ deleted_at }) => deleted_at === null);
  return withLines(
    database(),
    householdId,
    rows.sort((a, b) => a.name.localeCompare(b.name)),
  );
}

export async function readMarinade(id: string): Promise<MarinadeResource> {
  const { id: householdId } = await currentHousehold();
  const row = await findRow<MarinadeRow>(database(), TABLE, { householdId }, id);
  if (!row) throw notFound('marinade');
  return (await withLines(database(), householdId, [row]))[0]!;
}

export async function createMarinade(write: MarinadeWrite, id?: string): Promise<MarinadeResource> {
  const { id: householdId } = await currentHousehold();
  await checkIngredients(householdId, write);
  return transaction(async (trx) => {
    const row = await insertRow<MarinadeRow>(trx, TABLE, { householdId }, { id, ...toRow(write) });
    await replaceLines(trx, { householdId }, row.id, lineRows(write));
    return (await withLines(trx, householdId, [row]))[0]!;
  });
}

export async function changeMarinade(
  id: string,
  version: number | undefined,
  write: MarinadeWrite,
): Promise<MarinadeResource> {
  const { id: householdId } = await currentHousehold();
  await checkIngredients(householdId, write);
  return transaction(async (trx) => {
    const row = await updateRow<MarinadeRow>(trx, TABLE, { householdId }, { id, version, values: toRow(write) });
    if (!row) throw notFound('marinade');
    await replaceLines(trx, { householdId }, id, lineRows(write));
    return (await withLines(trx, householdId, [row]))[0]!;
  });
}

export async function removeMarinade(id: string, version?: number): Promise<void> {
  const { id: householdId } = await currentHousehold();
  if (!(await removeRow(database(), TABLE, { householdId }, { id, version }))) throw notFound('marinade');
}

export async function restoreMarinade(id: string): Promise<MarinadeResource> {
  const { id: householdId } = await currentHousehold();
  if (!(await restoreRow<MarinadeRow>(database(), TABLE, { householdId }, id))) throw notFound('marinade');
  return readMarinade(id);
}

/** Marinades as the core takes them, those put away included: batches made with them still stand. */
export async function coreMarinades(
  db: Db,
  householdId: string,
  ingredients: readonly Ingredient[],
): Promise<Map<string, Marinade>> {
  const rows = await allMarinades(db, { householdId });
  return new Map((await withLines(db, householdId, rows)).map((one) => [one.id, toCore(one, ingredients)]));
}

export function toCore(one: MarinadeResource, ingredients: readonly Ingredient[]): Marinade {
  const { id, name, ways: uses, forMassG, minutes, holdBackShare, holdBackFor, heated, oilFirst, unread } = one;
  const lines = one.lines.flatMap(({ ingredientId, massG, note, said }) => {
    const ingredient = ingredients.find((known) => known.id === ingredientId);
    return ingredient ? [{ ingredient, massG, note, ...(said ? { said } : {}) }] : [];
  });
  const lost = one.lines.filter(({ ingredientId }) => !ingredients.some((known) => known.id === ingredientId));
  return {
    id,
    name,
    uses,
    forMassG,
    minutes,
    holdBackShare,
    holdBackFor,
    heated,
    oilFirst,
    lines,
    unread: [...unread, ...lost.map(({ ingredientId }) => ingredientId)],
  };
}
