import 'server-only';
import type { Batch, BatchWrite, EventResource, EventWrite, Meal, MealSchedule } from '@/contract/resources';
import type { BatchInputs, MealBatch, Surroundings } from '@/core/batches';
import { MOST_TOGETHER } from '@/core/scheduling';
import type { PlannedBatch } from '@/contract/views';
import { findIngredient } from '@/core/marinades';
import type { FormatStyle } from '@/core/units';
import { findCut } from '@/core/pieces';
import { isWay, WAYS } from '@/core/ways';
import { WAY_NAMES } from '@/core/words';
import {
  addEvent,
  batchesOfMeal,
  batchesOfMeals,
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
import type { MealQuestion, PlanQuestion } from '../heavy/planned';
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
    cooks: household.cooks,
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
  const { plan, unreadable: left } = upgradePlan(row.plan);
  // A way that a later Mince has written.
  const unreadable = isWay(row.way) ? left : ['way', ...left];
  const inputs: BatchInputs = {
    way: isWay(row.way) ? row.way : WAYS[0],
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

type Around = Awaited<ReturnType<typeof surroundingsFor>>;

/** @param known what is around them, where it was loaded already */
export async function loadBatches(
  db: Db,
  household: HouseholdRow,
  rows: BatchRow[],
  known?: Around,
): Promise<LoadedBatch[]> {
  const [pieces, around] = await Promise.all([
    piecesOf(
      db,
      { householdId: household.id },
      rows.map(({ id }) => id),
    ),
    known ?? surroundingsFor(db, household),
  ]);
  return rows.map((row) =>
    toLoaded(
      row,
      pieces.find(({ batch_id }) => batch_id === row.id)!,
      around,
    ),
  );
}

const questionOf = ({ resource: { id, name, version }, inputs, around }: LoadedBatch): PlanQuestion => ({
  id,
  name,
  version,
  inputs,
  around,
});

/** The meals of these batches, whole: hands and heat are shared with those that were not asked for. Of a crowded meal only what was asked for. */
async function mealsOf(
  db: Db,
  household: HouseholdRow,
  rows: readonly BatchRow[],
  around?: Around,
): Promise<{ loaded: LoadedBatch[]; meals: MealQuestion[] }> {
  const mealIds = [...new Set(rows.map(({ meal_id }) => meal_id))];
  const asked = new Set(rows.map(({ id }) => id));
  const inMeals = await batchesOfMeals(db, { householdId: household.id }, mealIds);
  const isCrowded = (mealId: string) => inMeals.filter(({ meal_id }) => meal_id === mealId).length > MOST_TOGETHER;
  const crowded = new Set(mealIds.filter(isCrowded));
  const beside = inMeals.filter(({ id, meal_id }) => !asked.has(id) && !crowded.has(meal_id));
  const loaded = await loadBatches(db, household, [...rows, ...beside], around);
  const meals = mealIds.map((mealId): MealQuestion => {
    const batches = loaded.filter(({ resource }) => resource.mealId === mealId).map(questionOf);
    const wanted = batches.map(({ id }) => id).filter((id) => asked.has(id));
    return { batches, wanted, alone: crowded.has(mealId) };
  });
  return { loaded: loaded.slice(0, rows.length), meals };
}

/** What is answered for each batch of these meals, in the order that the batches were asked in. */
async function inOrderOf<T>(
  loaded: readonly LoadedBatch[],
  meals: readonly MealQuestion[],
  ask: (some: readonly MealQuestion[]) => Promise<T[]>,
): Promise<T[]> {
  const answers = await heavyList(meals, ask);
  const ids = meals.flatMap(({ wanted }) => wanted);
  const byId = new Map(ids.map((id, at) => [id, answers[at]!]));
  return loaded.map(({ resource }) => byId.get(resource.id)!);
}

async function scheduled({ loaded, meals }: Awaited<ReturnType<typeof mealsOf>>): Promise<Batch[]> {
  const planned = await inOrderOf(loaded, meals, (some) => heavy('schedules', some));
  return loaded.map(({ resource }, index) => ({ ...resource, schedule: planned[index]! }));
}

const withSchedules = async (db: Db, household: HouseholdRow, rows: readonly BatchRow[]): Promise<Batch[]> =>
  scheduled(await mealsOf(db, household, rows));

/** As Today and the kitchen show them. */
export async function plannedBatches(
  household: HouseholdRow,
  rows: readonly BatchRow[],
  style: FormatStyle,
): Promise<PlannedBatch[]> {
  const { loaded, meals } = await mealsOf(database(), household, rows);
  return inOrderOf(loaded, meals, (some) => heavy('plannedBatches', some, style));
}

/** All batches of a meal by one clock. */
export async function scheduleOfMeal(meal: Meal): Promise<MealSchedule> {
  const household = await currentHousehold();
  const rows = await batchesOfMeal(database(), { householdId: household.id }, meal.id);
  const loaded = await loadBatches(database(), household, rows);
  return { mealId: meal.id, tableAt: meal.tableAt, ...(await heavy('mealSchedule', loaded.map(questionOf))) };
}

/** The other batches of these meals, as a plan in the browser needs them; of many none, they are planned alone. */
export async function neighboursIn(mealIds: string[], but?: string): Promise<Record<string, MealBatch[]>> {
  const household = await currentHousehold();
  const rows = (await batchesOfMeals(database(), { householdId: household.id }, mealIds)).filter(
    ({ id }) => id !== but,
  );
  const few = mealIds
    .map((mealId) => rows.filter(({ meal_id }) => meal_id === mealId))
    .filter(({ length }) => length > 0 && length < MOST_TOGETHER);
  const loaded = await loadBatches(database(), household, few.flat());
  return Object.fromEntries(
    few.map((some) => {
      const ids = new Set(some.map(({ id }) => id));
      const batches = loaded.filter(({ resource }) => ids.has(resource.id)).map(questionOf);
      return [some[0]!.meal_id, batches.map(({ id, inputs, around }) => ({ id, inputs, around }))];
    }),
  );
}

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
  const row = await findRow<BatchRow>(database(), TABLE, { householdId: household.id }, id);
  if (!row) throw notFound('batch');
  return (await loadBatches(database(), household, [row]))[0]!;
}

export async function readBatch(id: string): Promise<Batch> {
  return (await readBatches([id]))[0]!;
}

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
  return scheduled(
    await transaction(async (trx) => {
      const around = await surroundingsFor(trx, household);
      return mealsOf(trx, household, await work(trx, around), around);
    }),
  );
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
  const row = await insertRow<BatchRow>(
    trx,
    TABLE,
    { householdId: household.id },
    { ...toRow(dated, household.zone), id, meal_id: mealId, name },
  );
  await savePiece(trx, { householdId: household.id }, pieceOf(row.id, write));
  return row;
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
  const row = await updateRow<BatchRow>(trx, TABLE, { householdId: household.id }, { id, version, values });
  if (!row) throw notFound('batch');
  await savePiece(trx, { householdId: household.id }, pieceOf(id, write));
  return row;
}

const pieceOf = (id: string, { cutId, massG, heightMm }: BatchWrite) => ({
  batch_id: id,
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
