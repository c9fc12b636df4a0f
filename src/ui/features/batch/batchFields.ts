import type { Batch, BatchWrite } from '@/contract/resources';
import type { BatchInputs, Pins } from '@/core/batches';

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

/** True when both say the same, whatever the order of their keys. */
export function sameFields(one: BatchFields, other: BatchFields | Batch): boolean {
  return JSON.stringify(sortKeys(fieldsOf(one))) === JSON.stringify(sortKeys(fieldsOf(other)));
}

function sortKeys(value: unknown): unknown {
  if (!value || typeof value !== 'object' || Array.isArray(value)) return value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([, one]) => one !== undefined)
      .sort(([a], [b]) => a.localeCompare(b))
      .map(([key, one]) => [key, sortKeys(one)]),
  );
}
