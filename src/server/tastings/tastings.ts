import 'server-only';
import type { Tasting, TastingWrite } from '@/contract/resources';
import { database } from '@/data/connection';
import type { TastingRow } from '@/data/tables';
import { findRow, insertRow, listRows, removeRow, restoreRow, updateRow, type Page } from '@/data/versioned';
import { breaksRule, notFound } from '../api/failures';
import { currentHousehold } from '../kitchen/kitchen';
import { stampsOf } from '../stamps';

const TABLE = 'tasting';

const toTasting = (row: TastingRow): Tasting => ({
  ...stampsOf(row),
  batchId: row.batch_id,
  tenderness: row.tenderness,
  juiciness: row.juiciness,
  salt: row.salt,
  sweetness: row.sweetness,
  mush: row.mush,
  soapiness: row.soapiness,
  note: row.note,
  changeNext: row.change_next,
  tastedAt: row.tasted_at.toISOString(),
});

const toRow = ({ batchId, changeNext, tastedAt, ...scores }: TastingWrite): Partial<TastingRow> => ({
  ...scores,
  batch_id: batchId,
  change_next: changeNext,
  tasted_at: new Date(tastedAt),
});

async function checkBatch(householdId: string, batchId: string): Promise<void> {
  if (!(await findRow(database(), 'batch', { householdId }, batchId)))
    throw breaksRule('There is no such batch.', '/batchId');
}

export async function listTastings({
  batchId,
  ...page
}: Page & { batchId?: string }): Promise<{ items: Tasting[]; total: number }> {
  const { id: householdId } = await currentHousehold();
  const where = batchId ? { batch_id: batchId } : {};
  const { rows, total } = await listRows<TastingRow>(
    database(),
    TABLE,
    { householdId },
    { ...page, where, orderBy: [{ column: 'tasted_at', order: 'desc' }] },
  );
  return { items: rows.map(toTasting), total };
}

export async function readTasting(id: string): Promise<Tasting> {
  const { id: householdId } = await currentHousehold();
  const row = await findRow<TastingRow>(database(), TABLE, { householdId }, id);
  if (!row) throw notFound('tasting');
  return toTasting(row);
}

export async function createTasting(write: TastingWrite, id?: string): Promise<Tasting> {
  const { id: householdId } = await currentHousehold();
  await checkBatch(householdId, write.batchId);
  return toTasting(await insertRow<TastingRow>(database(), TABLE, { householdId }, { id, ...toRow(write) }));
}

export async function changeTasting(id: string, version: number | undefined, write: TastingWrite): Promise<Tasting> {
  const { id: householdId } = await currentHousehold();
  await checkBatch(householdId, write.batchId);
  const row = await updateRow<TastingRow>(database(), TABLE, { householdId }, { id, version, values: toRow(write) });
  if (!row) throw notFound('tasting');
  return toTasting(row);
}

export async function removeTasting(id: string, version?: number): Promise<void> {
  const { id: householdId } = await currentHousehold();
  if (!(await removeRow(database(), TABLE, { householdId }, { id, version }))) throw notFound('tasting');
}

export async function restoreTasting(id: string): Promise<Tasting> {
  const { id: householdId } = await currentHousehold();
  const row = await restoreRow<TastingRow>(database(), TABLE, { householdId }, id);
  if (!row) throw notFound('tasting');
  return toTasting(row);
}
