import type { MarinadeFacts } from '@/core/marinades';

/** A marinade as it goes out and comes in: ingredients by name, weights in grams. */
export interface MarinadeText extends MarinadeFacts {
  lines: { name: string; massG: number; note: string }[];
}
