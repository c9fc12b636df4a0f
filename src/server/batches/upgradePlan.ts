import { pins as pinsSchema, storedPlan, type StoredPlan } from '@/contract/resources';
import { LIMITS, type Pins } from '@/core/batches';

/** Taken where a stored thickness cannot be read at all: a slice that goes with most ways. */
const FALLBACK_MM = 4;

export interface ReadPlan {
  plan: StoredPlan;
  /** What of it no longer fits and was left out, by name. */
  unreadable: string[];
}

/**
 * A stored plan as it is read today, whatever version wrote it and however its limits have moved since: every part that still fits is kept, what does
 * not is left out and named. One row never takes a list down.
 */
export function upgradePlan(stored: unknown): ReadPlan {
  const whole = storedPlan.safeParse(stored);
  if (whole.success) return { plan: whole.data, unreadable: [] };
  const given = isRecord(stored) ? stored : {};
  const { pins, dropped } = readablePins(isRecord(given.pins) ? given.pins : {});
  const thickness = storedPlan.shape.thicknessMm.safeParse(given.thicknessMm);
  const made = storedPlan.shape.notBeforeMs.safeParse(given.notBeforeMs);
  const thicknessMm = thickness.success ? thickness.data : nearestThickness(given.thicknessMm);
  return {
    plan: { thicknessMm, pins, ...(made.success && made.data ? { notBeforeMs: made.data } : {}) },
    unreadable: [...(thickness.success ? [] : ['thicknessMm']), ...dropped],
  };
}

function readablePins(given: Record<string, unknown>): { pins: Pins; dropped: string[] } {
  const shape = pinsSchema.shape as Record<string, { safeParse: (value: unknown) => { success: boolean } }>;
  const entries = Object.entries(given);
  const fits = ([key, value]: [string, unknown]) => Boolean(shape[key]?.safeParse(value).success);
  return {
    pins: Object.fromEntries(entries.filter(fits)) as Pins,
    dropped: entries.filter((entry) => !fits(entry)).map(([key]) => key),
  };
}

const nearestThickness = (value: unknown): number =>
  typeof value === 'number' && Number.isFinite(value)
    ? Math.min(LIMITS.thicknessMm.max, Math.max(LIMITS.thicknessMm.min, value))
    : FALLBACK_MM;

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
