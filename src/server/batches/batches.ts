import 'server-only';
import type { Batch, BatchWrite, EventResource, EventWrite } from '@/contract/resources';
import { planBatch, type BatchInputs, type BatchPlan, type Surroundings } from '@/core/batches';
import type { PlannedBatch } from '@/contract/views';
import { findIngredient } from '@/core/marinades';
import type { FormatStyle } from '@/core/units';
import { findCut } from '@/core/pieces';
import { WAY_NAMES } from '@/core/words';
import {
  addEvent,
  eventsOf,
  findEvent,
  holdHour,
  holdMeal,
  mealAt,
  piecesOf,
  restoreMealOf,
  savePiece,
} from '@/data/batches';
import { database, transaction, type Db } from '@/data/connection';
import type { BatchRow, HouseholdRow, MealRow, PieceRow } from '@/data/tables';
import { findRow, insertRow, listRows, removeRow, restoreRow, updateRow, type Page } from '@/data/versioned';
import { breaksRule, notFound } from '../api/failures';
import { nowMs } from '../clock';
import { checkTableAt } from '../tableAt';
import { cutsOf } from '../cuts/cuts';
import { scheduleOf, type PlanQuestion } from '../heavy/planned';
import { heavy, heavyList } from '../heavy/pool';
import { currentHousehold, freezerOf, ingredientsOf, ownedMeasures, slicerOf } from '../kitchen/kitchen';
import { learnFromReport, readReport } from '../kitchen/learnFromReport';
import { coreMarinades } from '../marinades/marinades';
import { mealName } from '../meals/mealName';
import { stampsOf } from '../stamps';
import { upgradePlan } from './upgradePlan';
import { toEvent } from './events';

const TABLE = 'batch';
const PLAN_VERSION = 1;

/** A stored batch with everything a plan is made from. */
export interface LoadedBatch {
  resource: Omit<Batch, 'schedule'>;
  inputs: BatchInputs;
  around: Surroundings;
}

/** Loads what batches need from around them once, however many there are. */
export async function surroundingsFor(db: Db, household: HouseholdRow) {
  const ingredients = await ingredientsOf(db, household.id);
  const marinades = await coreMarinades(db, household.id, ingredients);
  const cuts = await cutsOf(db, household.id, { all: true });
  const shared = {
    zone: household.zone,
    measures: ownedMeasures(household),
    freezer: freezerOf(household),
    slicer: slicerOf(household),
  };
  const sodaIngredient = findIngredient('soda', ingredients) ?? findIngredient('soda')!;
  return (inputs: Pick<BatchInputs, 'cutId' | 'marinadeId'>): Surroundings => {
    const cut = findCut(inputs.cutId, cuts);
    const marinade = marinades.get(inputs.marinadeId);
    if (!cut) throw breaksRule('There is no such cut.', '/cutId');
    if (!marinade) throw breaksRule('There is no such marinade.', '/marinadeId');
    return { cut, marinade, sodaIngredient, ...shared };
  };
}

export function inputsOf(write: BatchWrite): BatchInputs {
  const { way, cutId, massG, heightMm, thicknessMm, marinadeId, people, pins, tableAt, notBefore } = write;
  return {
    way,
    cutId,
    massG,
    heightMm,
    thicknessMm,
    marinadeId,
    people,
    pins,
    tableAtMs: Date.parse(tableAt),
    ...(notBefore ? { notBeforeMs: Date.parse(notBefore) } : {}),
  };
}

function toLoaded(
  row: BatchRow,
  piece: Pick<PieceRow, 'cut_id' | 'mass_g' | 'height_mm'>,
  around: (inputs: BatchInputs) => Surroundings,
): LoadedBatch {
  const { plan, unreadable } = upgradePlan(row.plan);
  const inputs: BatchInputs = {
    way: row.way,
    cutId: piece.cut_id,
    massG: piece.mass_g,
    heightMm: piece.height_mm,
    thicknessMm: plan.thicknessMm,
    marinadeId: row.marinade_id,
    people: row.people,
    tableAtMs: row.table_at.getTime(),
    ...(plan.notBeforeMs ? { notBeforeMs: plan.notBeforeMs } : {}),
    pins: plan.pins,
  };
  const surroundings = around(inputs);
  const { tableAtMs, notBeforeMs, ...answers } = inputs;
  const resource = {
    ...stampsOf(row),
    ...answers,
    name: row.name,
    cutName: surroundings.cut.name,
    mealId: row.meal_id,
    zone: row.zone,
    ...(unreadable.length ? { unreadable } : {}),
    tableAt: new Date(tableAtMs).toISOString(),
    ...(notBeforeMs ? { notBefore: new Date(notBeforeMs).toISOString() } : {}),
  };
  return { resource, inputs, around: surroundings };
}

export async function loadBatches(db: Db, household: HouseholdRow, rows: BatchRow[]): Promise<LoadedBatch[]> {
  const [pieces, around] = await Promise.all([
    piecesOf(
      db,
      { householdId: household.id },
      rows.map(({ id }) => id),
    ),
    surroundingsFor(db, household),
  ]);
  return rows.map((row) =>
    toLoaded(
      row,
      pieces.find(({ batch_id }) => batch_id === row.id)!,
      around,
    ),
  );
}

const questionOf = ({ resource: { id, name }, inputs, around }: LoadedBatch): PlanQuestion => ({
  id,
  name,
  inputs,
  around,
});

async function withSchedules(loaded: readonly LoadedBatch[]): Promise<Batch[]> {
  const planned = await heavyList(loaded.map(questionOf), (some) => heavy('schedules', some));
  return loaded.map(({ resource }, index) => ({ ...resource, schedule: planned[index]! }));
}

/** As Today and the kitchen show them. */
export const plannedBatches = (loaded: readonly LoadedBatch[], style: FormatStyle): Promise<PlannedBatch[]> =>
  heavyList(loaded.map(questionOf), (some) => heavy('plannedBatches', some, style));

export async function listBatches(page: Page & { mealId?: string }): Promise<{ items: Batch[]; total: number }> {
  const household = await currentHousehold();
  const where = page.mealId ? { meal_id: page.mealId } : {};
  const { rows, total } = await listRows<BatchRow>(
    database(),
    TABLE,
    { householdId: household.id },
    { ...page, where, orderBy: [{ column: 'table_at', order: 'desc' }] },
  );
  return { items: await withSchedules(await loadBatches(database(), household, rows)), total };
}

export async function loadBatch(id: string): Promise<LoadedBatch> {
  const household = await currentHousehold();
  const row = await findRow<BatchRow>(database(), TABLE, { householdId: household.id }, id);
  if (!row) throw notFound('batch');
  return (await loadBatches(database(), household, [row]))[0]!;
}

export async function readBatch(id: string): Promise<Batch> {
  return (await withSchedules([await loadBatch(id)]))[0]!;
}

export async function createBatch(write: BatchWrite, id?: string): Promise<Batch> {
  const household = await currentHousehold();
  return transaction((trx) => createBatchIn(trx, household, write, id));
}

export async function changeBatch(id: string, version: number | undefined, write: BatchWrite): Promise<Batch> {
  const household = await currentHousehold();
  return transaction((trx) => changeBatchIn(trx, household, { id, version, write }));
}

/** Creates within a transaction that has begun. */
export async function createBatchIn(trx: Db, household: HouseholdRow, write: BatchWrite, id?: string): Promise<Batch> {
  checkTableAt(write.tableAt);
  const dated = { ...write, notBefore: write.notBefore ?? new Date(nowMs()).toISOString() };
  const { plan, around } = await planned(trx, household, dated);
  const mealId = await mealFor(trx, household, dated);
  const name = write.name ?? `${around.cut.name}, ${WAY_NAMES[write.way].toLowerCase()}`;
  const row = await insertRow<BatchRow>(
    trx,
    TABLE,
    { householdId: household.id },
    { ...toRow(dated, household.zone), id, meal_id: mealId, name },
  );
  return finish(trx, household, row, { write: dated, plan, around });
}

/** Changes within a transaction that has begun. */
export async function changeBatchIn(
  trx: Db,
  household: HouseholdRow,
  { id, version, write }: { id: string; version: number | undefined; write: BatchWrite },
): Promise<Batch> {
  const before = await findRow<BatchRow>(trx, TABLE, { householdId: household.id }, id);
  checkTableAt(write.tableAt, before?.table_at);
  const { plan, around } = await planned(trx, household, write);
  const values = {
    ...toRow(write, household.zone),
    ...(write.name ? { name: write.name } : {}),
    ...(write.mealId ? { meal_id: write.mealId } : {}),
  };
  if (write.mealId && !(await holdMeal(trx, { householdId: household.id }, write.mealId)))
    throw breaksRule('There is no such meal.', '/mealId');
  const row = await updateRow<BatchRow>(trx, TABLE, { householdId: household.id }, { id, version, values });
  if (!row) throw notFound('batch');
  return finish(trx, household, row, { write, plan, around });
}

async function planned(
  db: Db,
  household: HouseholdRow,
  write: BatchWrite,
): Promise<{ plan: BatchPlan; around: Surroundings }> {
  const around = (await surroundingsFor(db, household))(write);
  return { plan: planBatch(inputsOf(write), around), around };
}

async function finish(
  trx: Db,
  household: HouseholdRow,
  row: BatchRow,
  { write, plan, around }: { write: BatchWrite; plan: BatchPlan; around: Surroundings },
): Promise<Batch> {
  const piece = { batch_id: row.id, cut_id: write.cutId, mass_g: write.massG, height_mm: write.heightMm };
  await savePiece(trx, { householdId: household.id }, piece);
  return { ...toLoaded(row, piece, () => around).resource, schedule: scheduleOf(plan) };
}

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
  if (write.kind === 'firmness-reported') readReport(write);
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
      const { inputs, around } = (await loadBatches(trx, household, [batch]))[0]!;
      await learnFromReport(trx, { householdId: household.id, batchId, inputs, around }, write);
    }
    return { event: toEvent(row), isNew };
  });
}

export async function listEvents(batchIds: string[]): Promise<EventResource[]> {
  const { id: householdId } = await currentHousehold();
  return (await eventsOf(database(), { householdId }, batchIds)).map(toEvent);
}
