import 'server-only';
import type { Batch, BatchWrite } from '@/contract/resources';
import type { BatchInputs, Surroundings } from '@/core/batches';
import { findCut } from '@/core/pieces';
import type { BatchEvent } from '@/core/progress';
import { intervalsOf } from '@/core/times';
import { isWay, WAYS } from '@/core/ways';
import type { WholeBatchRow } from '@/data/batches';
import { database } from '@/data/connection';
import { remembered } from '@/data/memory';
import type { HouseholdRow } from '@/data/tables';
import { breaksRule } from '../api/failures';
import { cutsOf } from '../cuts/cuts';
import { ingredientsOf, kitchenOf } from '../kitchen/kitchen';
import { coreMarinades } from '../marinades/marinades';
import { stampsOf } from '../stamps';
import { upgradePlan } from './upgradePlan';

/** A stored batch with everything a plan is made from. */
export interface LoadedBatch {
  resource: Omit<Batch, 'schedule'>;
  /** As the cook answered; what was measured is in the events. */
  inputs: BatchInputs;
  around: Surroundings;
  events: BatchEvent[];
}

/** What batches need from around them, read once however many there are. */
export const surroundingsOf = (household: HouseholdRow) =>
  remembered('surroundings', () => readSurroundings(household));

async function readSurroundings(household: HouseholdRow) {
  const db = database();
  const ingredients = await ingredientsOf(db, household.id);
  const [marinades, cuts] = await Promise.all([
    coreMarinades(db, household.id, ingredients),
    cutsOf(db, household.id, { all: true }),
  ]);
  const kitchen = await kitchenOf(household, ingredients);
  return (inputs: Pick<BatchInputs, 'cutId' | 'marinadeId'>): Surroundings => {
    const cut = findCut(inputs.cutId, cuts);
    const marinade = marinades.get(inputs.marinadeId);
    if (!cut) throw breaksRule('There is no such cut.', '/cutId');
    if (!marinade) throw breaksRule('There is no such marinade.', '/marinadeId');
    return { cut, marinade, ...kitchen };
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

function toLoaded(row: WholeBatchRow, around: Around): LoadedBatch {
  const { plan, unreadable: left } = upgradePlan(row.plan);
  // A way that a later Mince has written.
  const unreadable = isWay(row.way) ? left : ['way', ...left];
  const inputs: BatchInputs = {
    way: isWay(row.way) ? row.way : WAYS[0],
    cutId: row.cut_id,
    massG: row.mass_g,
    heightMm: row.height_mm,
    thicknessMm: plan.thicknessMm,
    marinadeId: row.marinade_id,
    people: row.people,
    tableAtMs: row.table_at.getTime(),
    ...(plan.notBeforeMs ? { notBeforeMs: plan.notBeforeMs } : {}),
    pins: plan.pins,
  };
  const away = intervalsOf(row.away);
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
  return { resource, inputs, around: surroundings, events: row.events };
}

export type Around = Awaited<ReturnType<typeof readSurroundings>>;

/** @param known what is around them, within a transaction, where nothing else reaches the pool */
export async function loadBatches(
  household: HouseholdRow,
  rows: readonly WholeBatchRow[],
  known?: Around,
): Promise<LoadedBatch[]> {
  const around = known ?? (await surroundingsOf(household));
  return rows.map((row) => toLoaded(row, around));
}
