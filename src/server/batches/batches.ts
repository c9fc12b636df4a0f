import 'server-only';
import type { Batch, BatchWrite, EventResource, EventWrite } from '@/contract/resources';
import { WAY_NAMES } from '@/core/words';
import {
  addEvent,
  eventsOf,
  findEvent,
  holdHour,
  holdMeal,
  insertBatch,
  mealAt,
  restoreMealOf,
  updateBatch,
  wholeBatchesById,
} from '@/data/batches';
import { database, transaction, type Db } from '@/data/connection';
import type { BatchRow, HouseholdRow, MealRow } from '@/data/tables';
import { remembered } from '@/data/memory';
import { findRow, insertRow, listRows, removeRow, restoreRow, type Page } from '@/data/versioned';
import { breaksRule, notFound } from '../api/failures';
import { nowMs } from '../clock';
import { checkTableAt } from '../tableAt';
import { currentHousehold } from '../kitchen/kitchen';
import { learnFromReport } from '../kitchen/learnFromReport';
import { mealName } from '../meals/mealName';
import { checkPayload, toEvent } from './events';
import { inputsOf, loadBatches, surroundingsOf, type Around, type LoadedBatch } from './loadBatches';
import { mealOfBatch, mealsOf, scheduled, withSchedules } from './schedules';

const TABLE = 'batch';
const PLAN_VERSION = 1;

export async function listBatches(page: Page & { mealId?: string }): Promise<{ items: Batch[]; total: number }> {
  const household = await currentHousehold();
  const where = page.mealId ? { meal_id: page.mealId } : {};
  const { rows, total } = await listRows<BatchRow>(
    database(),
    TABLE,
    { householdId: household.id },
    { ...page, where, orderBy: [{ column: 'table_at', order: 'desc' }] },
  );
  return { items: await withSchedules(database(), household, rows), total };
}

export async function loadBatch(id: string): Promise<LoadedBatch> {
  const household = await currentHousehold();
  return (await mealOfBatch(household, id)).loaded[0]!;
}

export const readBatch = (id: string): Promise<Batch> =>
  remembered(`batch ${id}`, async () => (await scheduled(await mealOfBatch(await currentHousehold(), id)))[0]!);

export async function readBatches(ids: string[]): Promise<Batch[]> {
  const household = await currentHousehold();
  const rows = await Promise.all(
    ids.map((id) => findRow<BatchRow>(database(), TABLE, { householdId: household.id }, id)),
  );
  if (rows.some((row) => !row)) throw notFound('batch');
  return withSchedules(database(), household, rows as BatchRow[]);
}

export async function createBatch(write: BatchWrite, id?: string): Promise<Batch> {
  const household = await currentHousehold();
  return written(household, async (trx, around) => [await createBatchIn(trx, { household, around }, write, id)]).then(
    ([one]) => one!,
  );
}

export async function changeBatch(id: string, version: number | undefined, write: BatchWrite): Promise<Batch> {
  const household = await currentHousehold();
  return written(household, async (trx, around) => [
    await changeBatchIn(trx, { household, around }, { id, version, write }),
  ]).then(([one]) => one!);
}

/** Writes batches in one transaction and answers them as that left them; their plans are worked out when nobody waits for it any more. */
export async function written(
  household: HouseholdRow,
  work: (trx: Db, around: Around) => Promise<BatchRow[]>,
): Promise<Batch[]> {
  // Read before: within the transaction nothing else reaches the pool.
  const around = await surroundingsOf(household);
  return scheduled(await transaction(async (trx) => mealsOf(trx, household, await work(trx, around), around)));
}

interface Kitchen {
  household: HouseholdRow;
  around: Around;
}

/** Creates within a transaction that has begun. */
export async function createBatchIn(
  trx: Db,
  { household, around }: Kitchen,
  write: BatchWrite,
  id?: string,
): Promise<BatchRow> {
  checkTableAt(write.tableAt);
  const dated = { ...write, notBefore: write.notBefore ?? new Date(nowMs()).toISOString() };
  const { cut } = around(dated);
  const mealId = await mealFor(trx, household, dated);
  const name = write.name ?? `${cut.name}, ${WAY_NAMES[write.way].toLowerCase()}`;
  const values = { ...toRow(dated, household.zone), id, meal_id: mealId, name };
  return insertBatch(trx, { householdId: household.id }, values, pieceOf(write));
}

/** Changes within a transaction that has begun. */
export async function changeBatchIn(
  trx: Db,
  { household, around }: Kitchen,
  { id, version, write }: { id: string; version: number | undefined; write: BatchWrite },
): Promise<BatchRow> {
  const before = await findRow<BatchRow>(trx, TABLE, { householdId: household.id }, id);
  checkTableAt(write.tableAt, before?.table_at);
  // A cut or a marinade that is not there is said before anything is written.
  around(write);
  const values = {
    ...toRow(write, household.zone),
    ...(write.name ? { name: write.name } : {}),
    ...(write.mealId ? { meal_id: write.mealId } : {}),
  };
  if (write.mealId && !(await holdMeal(trx, { householdId: household.id }, write.mealId)))
    throw breaksRule('There is no such meal.', '/mealId');
  const row = await updateBatch(trx, { householdId: household.id }, { id, version, values, piece: pieceOf(write) });
  if (!row) throw notFound('batch');
  return row;
}

const pieceOf = ({ cutId, massG, heightMm }: BatchWrite) => ({
  cut_id: cutId,
  mass_g: massG,
  height_mm: heightMm,
});

function toRow(write: BatchWrite, zone: string): Partial<BatchRow> {
  const { thicknessMm, notBeforeMs, pins } = inputsOf(write);
  return {
    marinade_id: write.marinadeId,
    way: write.way,
    people: write.people,
    table_at: new Date(write.tableAt),
    zone,
    plan_version: PLAN_VERSION,
    plan: { thicknessMm, pins, ...(notBeforeMs ? { notBeforeMs } : {}) },
  };
}

/** The meal named, the meal at that hour, or a new one. */
async function mealFor(trx: Db, household: HouseholdRow, { mealId, tableAt, people }: BatchWrite): Promise<string> {
  const scope = { householdId: household.id };
  if (mealId) {
    if (!(await holdMeal(trx, scope, mealId))) throw breaksRule('There is no such meal.', '/mealId');
    return mealId;
  }
  const at = new Date(tableAt);
  await holdHour(trx, scope, at);
  const known = await mealAt(trx, scope, at);
  if (known) return known.id;
  const { id } = await insertRow<MealRow>(trx, 'meal', scope, {
    name: mealName(at.getTime(), household.zone),
    table_at: at,
    zone: household.zone,
    people,
  });
  return id;
}

export async function removeBatch(id: string, version?: number): Promise<void> {
  const { id: householdId } = await currentHousehold();
  if (!(await removeRow(database(), TABLE, { householdId }, { id, version }))) throw notFound('batch');
}

export async function restoreBatch(id: string): Promise<Batch> {
  const { id: householdId } = await currentHousehold();
  await transaction(async (trx) => {
    const row = await restoreRow<BatchRow>(trx, TABLE, { householdId }, id);
    if (!row) throw notFound('batch');
    await restoreMealOf(trx, { householdId }, row.meal_id);
  });
  return readBatch(id);
}

/** Adds to the record; a retry with the same id finds what is there. */
export async function recordEvent(
  batchId: string,
  write: EventWrite,
): Promise<{ event: EventResource; isNew: boolean }> {
  const household = await currentHousehold();
  const scope = { householdId: household.id };
  checkPayload(write);
  const around = write.kind === 'firmness-reported' ? await surroundingsOf(household) : undefined;
  return transaction(async (trx) => {
    const batch = await findRow<BatchRow>(trx, TABLE, scope, batchId);
    if (!batch) throw notFound('batch');
    const isNew = await addEvent(trx, scope, {
      id: write.id,
      batch_id: batchId,
      kind: write.kind,
      job_key: write.jobKey ?? null,
      at: new Date(write.at),
      zone: household.zone,
      payload: write.payload,
    });
    const row = await findEvent(trx, scope, write.id);
    if (!row || row.batch_id !== batchId) throw breaksRule('That id belongs to another event.', '/id');
    if (isNew && write.kind === 'firmness-reported') {
      const [loaded] = await loadBatches(household, await wholeBatchesById(trx, scope, [batchId]), around);
      await learnFromReport(trx, { householdId: household.id, ...loaded! }, write);
    }
    return { event: toEvent(row), isNew };
  });
}

export async function listEvents(batchIds: string[]): Promise<EventResource[]> {
  const { id: householdId } = await currentHousehold();
  return (await eventsOf(database(), { householdId }, batchIds)).map(toEvent);
}
