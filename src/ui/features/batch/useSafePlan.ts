'use client';

import { useEffect, useMemo, useState } from 'react';
import { planBatch, type BatchInputs, type BatchPlan, type Surroundings } from '@/core/batches';

export interface SafePlan {
  plan?: BatchPlan;
  /** What the plan shown was made from; the last good one where the present one cannot be planned. */
  inputs: BatchInputs;
  /** Names of what was changed since, where it cannot be planned. */
  broken?: string[];
}

interface Made {
  inputs: BatchInputs;
  around: Surroundings;
  plan: BatchPlan;
}

/**
 * The plan of these inputs; where one cannot be made, the last that could, and what was changed since. A page with no earlier one, such as a kept
 * draft that throws, is planned without its pins.
 */
export function useSafePlan(inputs: BatchInputs, around: Surroundings | undefined): SafePlan {
  const [lastGood, setLastGood] = useState<Made>();
  const tried = useMemo(() => (around ? attempt(inputs, around) : undefined), [inputs, around]);
  useEffect(() => {
    if (tried) setLastGood(tried);
  }, [tried]);
  const fallback = useMemo(
    () =>
      tried || !around || lastGood?.around.marinade.id === around.marinade.id
        ? undefined
        : attempt({ ...inputs, pins: {} }, around),
    [tried, around, inputs, lastGood],
  );
  if (!around) return { inputs };
  if (tried) return tried;
  const shown = lastGood?.around.marinade.id === around.marinade.id ? lastGood : fallback;
  return { plan: shown?.plan, inputs: shown?.inputs ?? inputs, broken: changedBetween(shown?.inputs, inputs) };
}

function attempt(inputs: BatchInputs, around: Surroundings): Made | undefined {
  try {
    return { inputs, around, plan: planBatch(inputs, around) };
  } catch {
    return undefined;
  }
}

function changedBetween(before: BatchInputs | undefined, now: BatchInputs): string[] {
  const flat = ({ pins, ...rest }: BatchInputs): Record<string, unknown> => ({ ...rest, ...pins });
  const [one, other] = [before ? flat(before) : {}, flat(now)];
  return [...new Set([...Object.keys(one), ...Object.keys(other)])].filter((key) => one[key] !== other[key]);
}
