import 'server-only';
import { currentHousehold } from '../kitchen/kitchen';
import type { Batch, BatchWrite, DivideRequest } from '@/contract/resources';
import { LIMITS, planBatch } from '@/core/batches';
import { divide } from '@/core/pieces';
import { database } from '@/data/connection';
import { findRow } from '@/data/versioned';
import { breaksRule } from '../api/failures';
import { changeBatchIn, createBatchIn, loadBatch, readBatches, written } from './batches';
import type { LoadedBatch } from './loadBatches';

/**
 * A long piece that is thicker at one end becomes two batches or more that go on separately, each with its own height and its share of the
 * weight and of the people. All of them, or none.
 */
export async function divideBatch(
  id: string,
  version: number | undefined,
  { parts, ids }: DivideRequest,
): Promise<Batch[]> {
  if (ids && ids.length !== parts.length - 1) throw breaksRule('Give an id for each part but the first.', '/ids');
  const done = await dividedBefore(id, ids);
  if (done) return done;
  const loaded = await loadBatch(id);
  const writes = writesOf(loaded, parts);
  if (writes.some(({ massG }) => massG < LIMITS.massG.min))
    throw breaksRule(`A part would weigh less than ${LIMITS.massG.min} g.`, '/parts');
  const household = await currentHousehold();
  return written(household, async (trx, around) => {
    const kitchen = { household, around };
    const all = [await changeBatchIn(trx, kitchen, { id, version, write: writes[0]! })];
    for (const [index, write] of writes.slice(1).entries())
      all.push(await createBatchIn(trx, kitchen, write, ids?.[index]));
    return all;
  }).catch(async (error) => {
    // Another try was quicker: nothing of this one stands.
    const first = await dividedBefore(id, ids);
    if (!first) throw error;
    return first;
  });
}

/** What a first try with these ids has made; undefined where there was none. */
async function dividedBefore(id: string, ids: DivideRequest['ids']): Promise<Batch[] | undefined> {
  if (!ids) return undefined;
  const { id: householdId } = await currentHousehold();
  if (!(await findRow(database(), 'batch', { householdId }, ids[0]!))) return undefined;
  return readBatches([id, ...ids]);
}

function writesOf({ resource, inputs, around }: LoadedBatch, parts: DivideRequest['parts']): BatchWrite[] {
  const { piece } = planBatch(inputs, around);
  const { name, mealId, way, cutId, thicknessMm, marinadeId, people, tableAt, notBefore, pins } = resource;
  const tallest = Math.max(...parts.map(({ heightMm }) => heightMm));
  const { trimmedG, pieces: _pieces, ...kept } = pins;
  return divide(inputs.massG, parts).map((part, index) => ({
    name: `${name}, ${parts.length === 2 ? (part.heightMm === tallest ? 'thick part' : 'thin part') : `part ${index + 1}`}`.slice(
      0,
      120,
    ),
    mealId,
    way,
    cutId,
    thicknessMm,
    marinadeId,
    tableAt,
    ...(notBefore ? { notBefore } : {}),
    massG: part.massG,
    heightMm: part.heightMm,
    people: Math.max(1, Math.round(people * part.share)),
    pins: {
      ...kept,
      pieces: 1,
      lengthMm: part.lengthMm,
      widthMm: Math.min(LIMITS.sideMm.max, Math.max(LIMITS.sideMm.min, piece.widthMm)),
      ...(trimmedG === undefined ? {} : { trimmedG: trimmedG * part.share }),
    },
  }));
}
