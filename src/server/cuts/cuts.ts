import 'server-only';
import { z } from 'zod';
import { storedCut, type CutResource, type CutWrite } from '@/contract/resources';
import { CUTS, findCut, searchCuts, type Animal, type Cut } from '@/core/pieces';
import { database, type Db } from '@/data/connection';
import { allCuts } from '@/data/cuts';
import type { CutRow } from '@/data/tables';
import { findRow, insertRow, removeRow, restoreRow, updateRow, type Page } from '@/data/versioned';
import { breaksRule, notFound } from '../api/failures';
import { currentHousehold } from '../kitchen/kitchen';

const TABLE = 'cut';
const CUT_VERSION = 1;

const toCore = (row: CutRow): Cut => ({
  ...storedCut.parse(row.cut),
  id: row.id,
  name: row.name,
  animal: row.animal as Animal,
  own: true,
});

const toResource = ({ own = false, ...cut }: Cut, version = 0): CutResource => ({
  ...cut,
  otherNames: [...cut.otherNames],
  own,
  version,
});

function toRow({ name, animal, ...cut }: CutWrite): Partial<CutRow> {
  return { name, animal, cut_version: CUT_VERSION, cut };
}

/** The catalogue and the household's own cuts; `all` with those put away, which batches may still be of. */
export async function cutsOf(db: Db, householdId: string, { all = false }: { all?: boolean } = {}): Promise<Cut[]> {
  const rows = await allCuts(db, { householdId });
  return [...rows.filter((row) => all || !row.deleted_at).map(toCore), ...CUTS];
}

/** The household's own cuts alone; `keep` too when it was put away. */
export async function ownCuts(householdId: string, keep?: Cut): Promise<Cut[]> {
  const own = (await cutsOf(database(), householdId)).filter((cut) => cut.own);
  return keep?.own && !own.some(({ id }) => id === keep.id) ? [...own, keep] : own;
}

export async function listCuts({
  limit,
  offset,
  q,
}: Page & { q?: string }): Promise<{ items: CutResource[]; total: number }> {
  const { id: householdId } = await currentHousehold();
  const found = searchCuts(q ?? '', await cutsOf(database(), householdId));
  const versions = new Map((await allCuts(database(), { householdId })).map(({ id, version }) => [id, version]));
  return {
    items: found.slice(offset, offset + limit).map((cut) => toResource(cut, versions.get(cut.id))),
    total: found.length,
  };
}

export async function readCut(id: string): Promise<CutResource> {
  const known = findCut(id);
  return known ? toResource(known) : toOwn(await rowOf(id));
}

const toOwn = (row: CutRow) => toResource(toCore(row), row.version);

async function rowOf(id: string): Promise<CutRow> {
  const { id: householdId } = await currentHousehold();
  const row = isUuid(id) ? await findRow<CutRow>(database(), TABLE, { householdId }, id) : undefined;
  if (!row) throw notFound('cut');
  return row;
}

const isUuid = (id: string) => z.guid().safeParse(id).success;

export async function createCut(write: CutWrite, id?: string): Promise<CutResource> {
  const { id: householdId } = await currentHousehold();
  return toOwn(await insertRow<CutRow>(database(), TABLE, { householdId }, { id, ...toRow(write) }));
}

export async function changeCut(id: string, version: number | undefined, write: CutWrite): Promise<CutResource> {
  refuseCatalogue(id);
  await rowOf(id);
  const { id: householdId } = await currentHousehold();
  const row = await updateRow<CutRow>(database(), TABLE, { householdId }, { id, version, values: toRow(write) });
  if (!row) throw notFound('cut');
  return toOwn(row);
}

export async function removeCut(id: string, version?: number): Promise<void> {
  refuseCatalogue(id);
  await rowOf(id);
  const { id: householdId } = await currentHousehold();
  await removeRow(database(), TABLE, { householdId }, { id, version });
}

export async function restoreCut(id: string): Promise<CutResource> {
  const { id: householdId } = await currentHousehold();
  const row = isUuid(id) ? await restoreRow<CutRow>(database(), TABLE, { householdId }, id) : undefined;
  if (!row) throw notFound('cut');
  return toOwn(row);
}

function refuseCatalogue(id: string): void {
  if (findCut(id)) throw breaksRule('The catalogue stays as it is; make a cut of your own from this one.');
}
