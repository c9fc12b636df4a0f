import type { Facts } from '../progress';
import { LIMITS, type BatchInputs } from './inputs';

type MeasuredValues = Readonly<Partial<Record<keyof Facts['measured'], { value: number }>>>;

/** The answers with what was measured in their place: a fact comes before what was pinned, and that before what was answered or is usual. */
export function withFacts(inputs: BatchInputs, { trimmedG, boneG, thicknessMm }: MeasuredValues): BatchInputs {
  if (!trimmedG && !boneG && !thicknessMm) return inputs;
  return {
    ...inputs,
    ...(thicknessMm ? { thicknessMm: within(thicknessMm.value, LIMITS.thicknessMm) } : {}),
    pins: {
      ...inputs.pins,
      ...(trimmedG ? { trimmedG: within(trimmedG.value, LIMITS.massG) } : {}),
      ...(boneG ? { boneG: within(boneG.value, LIMITS.boneG) } : {}),
    },
  };
}

const within = (value: number, { min, max }: { min: number; max: number }) => Math.min(max, Math.max(min, value));
