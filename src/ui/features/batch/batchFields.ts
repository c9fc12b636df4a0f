import type { Batch, BatchWrite } from '@/contract/resources';
import type { BatchInputs, Pins } from '@/core/batches';
import { mergeFields, sameValue } from '../../shell/mergeFields';

/** What of a batch can be edited. */
export type BatchFields = BatchWrite & { name: string; mealId: string; pins: Pins };

export function fieldsOf(batch: BatchFields): BatchFields {
  const { name, mealId, way, cutId, massG, heightMm, thicknessMm, marinadeId, people, tableAt, notBefore, pins } =
    batch;
  return {
    name,
    mealId,
    way,
    cutId,
    massG,
    heightMm,
    thicknessMm,
    marinadeId,
    people,
    tableAt,
    ...(notBefore ? { notBefore } : {}),
    pins,
  };
}

export function toInputs({
  tableAt,
  notBefore,
  way,
  cutId,
  massG,
  heightMm,
  thicknessMm,
  marinadeId,
  people,
  pins,
}: BatchFields): BatchInputs {
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

export const sameFields = (one: BatchFields, other: BatchFields | Batch): boolean =>
  sameValue(fieldsOf(one), fieldsOf(other));

export interface Joined {
  /** What one side changed from that side, what both changed as mine. */
  merged: BatchFields;
  /** The same, with what both changed as theirs. */
  withTheirs: BatchFields;
  /** Fields and pins that were changed there alone. */
  joined: string[];
  /** Fields and pins that were changed on both sides. */
  clashes: string[];
}

/** Joins two changes of one batch, field by field and pin by pin. */
export function joinFields(base: BatchFields, mine: BatchFields, theirs: BatchFields): Joined {
  const { pins: basePins, ...baseRest } = base;
  const { pins: myPins, ...myRest } = mine;
  const { pins: theirPins, ...theirRest } = theirs;
  const rest = mergeFields(baseRest, myRest, theirRest);
  const pins = mergeFields(basePins, myPins, theirPins);
  const choose = <T extends object>(merged: T, from: T, keys: (keyof T)[]): T => {
    const chosen = { ...merged };
    for (const key of keys)
      if (from[key] === undefined) delete chosen[key];
      else chosen[key] = from[key];
    return chosen;
  };
  return {
    merged: { ...rest.merged, pins: pins.merged },
    withTheirs: {
      ...choose(rest.merged, theirRest, rest.clashes),
      pins: choose(pins.merged, theirPins, pins.clashes),
    },
    joined: [...rest.joined, ...pins.joined],
    clashes: [...rest.clashes, ...pins.clashes],
  };
}
