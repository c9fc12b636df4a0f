'use client';

import { useMemo, useState } from 'react';
import { planBatch, type BatchInputs, type BatchPlan, type Surroundings } from '@/core/batches';

export interface SafePlan {
  plan?: BatchPlan;
  /** What the plan shown was made from; the last good one where the present one cannot be planned. */
  inputs: BatchInputs;
  /** Names of what was changed since, where it cannot be planned. */
  broken?: string[];
}

/**
 * The plan of these inputs; where one cannot be made, the last that could, and what was changed since. A page with no earlier one, such as a kept
 * draft that throws, is planned without its pins.
 */
export function useSafePlan(inputs: BatchInputs, around: Surroundings | undefined): SafePlan {
  const [planSafely] = useState(() => makeSafePlanner());
  return useMemo(() => (around ? planSafely(inputs, around) : { inputs }), [planSafely, inputs, around]);
}

/** A planner that remembers the last plan it could make with this marinade: another's is never shown in its place. */
export function makeSafePlanner(plan: typeof planBatch = planBatch) {
  let lastGood: { inputs: BatchInputs; marinadeId: string; plan: BatchPlan } | undefined;
  const attempt = (inputs: BatchInputs, around: Surroundings) => {
    try {
      return { inputs, marinadeId: around.marinade.id, plan: plan(inputs, around) };
    } catch {
      return undefined;
    }
  };
  return (inputs: BatchInputs, around: Surroundings): SafePlan => {
    const made = attempt(inputs, around);
    if (made) {
      lastGood = made;
      return { plan: made.plan, inputs };
    }
    const shown = lastGood?.marinadeId === around.marinade.id ? lastGood : attempt({ ...inputs, pins: {} }, around);
    return { plan: shown?.plan, inputs: shown?.inputs ?? inputs, broken: changedBetween(shown?.inputs, inputs) };
  };
}

function changedBetween(before: BatchInputs | undefined, now: BatchInputs): string[] {
  const flat = ({ pins, ...rest }: BatchInputs): Record<string, unknown> => ({ ...rest, ...pins });
  const [one, other] = [before ? flat(before) : {}, flat(now)];
  return [...new Set([...Object.keys(one), ...Object.keys(other)])].filter((key) => one[key] !== other[key]);
}
