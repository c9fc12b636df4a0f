'use client';

import { useMemo, useState } from 'react';
import { planBatch, planMeanwhile, type BatchInputs, type BatchPlan, type Surroundings } from '@/core/batches';
import { useSettled } from '../../primitives/useSettled';

export interface SafePlan {
  plan?: BatchPlan;
  /** What the plan shown was made from; the last good one where the present one cannot be planned. */
  inputs: BatchInputs;
  /** Names of what was changed since, where it cannot be planned. */
  broken?: string[];
}

/** While a slider moves the hours stay as they are; they follow once it has stood still for so long. */
const STILL_MS = 60;

/**
 * The plan of these inputs; where one cannot be made, the last that could, and what was changed since. A page with no earlier one, such as a kept
 * draft that throws, is planned without its pins.
 */
export function useSafePlan(inputs: BatchInputs, around: Surroundings | undefined): SafePlan {
  const [planSafely] = useState(() => makeSafePlanner());
  const moving = useSettled(inputs, STILL_MS) !== inputs;
  return useMemo(
    () => (around ? planSafely(inputs, around, { moving }) : { inputs }),
    [planSafely, inputs, around, moving],
  );
}

interface LastGood {
  inputs: BatchInputs;
  marinadeId: string;
  plan: BatchPlan;
}

/** A planner that remembers the last plan it could make with this marinade: another's is never shown in its place. */
export function makeSafePlanner(plan: typeof planBatch = planBatch) {
  let lastGood: LastGood | undefined;
  const attempt = (inputs: BatchInputs, around: Surroundings, before?: BatchPlan): LastGood | undefined => {
    try {
      const made = (before && planMeanwhile(inputs, around, before)) ?? plan(inputs, around);
      return { inputs, marinadeId: around.marinade.id, plan: made };
    } catch {
      return undefined;
    }
  };
  return (inputs: BatchInputs, around: Surroundings, { moving = false } = {}): SafePlan => {
    const last = lastGood?.marinadeId === around.marinade.id ? lastGood : undefined;
    const made = attempt(inputs, around, moving ? last?.plan : undefined);
    if (made) {
      lastGood = made;
      return { plan: made.plan, inputs };
    }
    const shown = last ?? attempt({ ...inputs, pins: {} }, around);
    return { plan: shown?.plan, inputs: shown?.inputs ?? inputs, broken: changedBetween(shown?.inputs, inputs) };
  };
}

function changedBetween(before: BatchInputs | undefined, now: BatchInputs): string[] {
  const flat = ({ pins, ...rest }: BatchInputs): Record<string, unknown> => ({ ...rest, ...pins });
  const [one, other] = [before ? flat(before) : {}, flat(now)];
  return [...new Set([...Object.keys(one), ...Object.keys(other)])].filter((key) => one[key] !== other[key]);
}
