import 'server-only';
import type { Batch, BatchWrite } from '@/contract/resources';
import type { BatchInputs, Surroundings } from '@/core/batches';
import { findIngredient } from '@/core/marinades';
import { findCut } from '@/core/pieces';
import type { BatchEvent } from '@/core/progress';
import { intervalsOf } from '@/core/times';
import { isWay, WAYS } from '@/core/ways';
import { eventsOf, piecesOf } from '@/data/batches';
import type { Db } from '@/data/connection';
import type { BatchRow, HouseholdRow, MealRow, PieceRow } from '@/data/tables';
import { breaksRule } from '../api/failures';
import { cutsOf } from '../cuts/cuts';
import { freezerOf, ingredientsOf, ownedMeasures, slicerOf } from '../kitchen/kitchen';
import { coreMarinades } from '../marinades/marinades';
import { stampsOf } from '../stamps';
import { readEvent } from './events';
import { upgradePlan } from './upgradePlan';

/** A stored batch with everything a plan is made from. */
export interface LoadedBatch {
  resource: Omit<Batch, 'schedule'>;
  /** As the cook answered; what was measured is in the events. */
  inputs: BatchInputs;
  around: Surroundings;
  events: BatchEvent[];
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
  piece: PieceRow & Pick<MealRow, 'away'>,
  events: BatchEvent[],
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
  const away = intervalsOf(piece.away);
  const surroundings = { ...around(inputs), ...(away.length ? { away } : {}) };
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
  return { resource, inputs, around: surroundings, events };
}

export type Around = Awaited<ReturnType<typeof surroundingsFor>>;

/** @param known what is around them, where it was loaded already */
export async function loadBatches(
  db: Db,
  household: HouseholdRow,
  rows: BatchRow[],
  known?: Around,
): Promise<LoadedBatch[]> {
  const scope = { householdId: household.id };
  const ids = rows.map(({ id }) => id);
  const [pieces, events, around] = await Promise.all([
    piecesOf(db, scope, ids),
    eventsOf(db, scope, ids),
    known ?? surroundingsFor(db, household),
  ]);
  return rows.map((row) =>
    toLoaded(
      row,
      pieces.find(({ batch_id }) => batch_id === row.id)!,
      events.filter(({ batch_id }) => batch_id === row.id).map(readEvent),
      around,
    ),
  );
}
