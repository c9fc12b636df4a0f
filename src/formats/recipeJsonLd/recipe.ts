import type { Way } from '@/core/cooking';
import type { HoldBackPurpose } from '@/core/marinades';

/** A marinade as it goes out and comes in: ingredients by name, weights in grams. */
export interface MarinadeText {
  name: string;
  note: string;
  ways: Way[];
  forMassG: number;
  minutes: { from: number; to: number };
  holdBackShare: number;
  holdBackFor?: HoldBackPurpose;
  lines: { name: string; massG: number; note: string }[];
}
