import type { Shape } from '../cooking';
import type { Cut } from '../pieces';
import type { SodaSchool } from './soda';

export type SodaChoice = SodaSchool | 'skip';
export type SodaReason =
  'tender-cut' | 'tough-or-thick' | 'thin-strips' | 'acid-marinade' | 'strong-fruit' | 'thick-piece' | 'in-a-hurry';

/** What the marinade that follows does to the choice. */
export interface MarinadeCharacter {
  acid: boolean;
  strongFruit: boolean;
}

/** Marinated and heated in one piece, too thick for what works from the surface. */
export const WHOLE: readonly Shape[] = ['cubes', 'sliced-after'];

/**
 * Which school of soda, if any, and why (common practice): a tender cut skips it, and so does a marinade with strong fruit;
 * hard-working muscle and slices over 5 mm are rinsed; thin strips keep it in a savoury marinade. Acid would cancel a
 * soda that stays in, so it is rinsed. Never for cubes or a whole steak: it works from the surface.
 */
export function chooseSoda(
  cut: Pick<Cut, 'work'>,
  { thicknessMm, shape }: { thicknessMm: number; shape: Shape },
  marinade: MarinadeCharacter,
): { choice: SodaChoice; reason: SodaReason } {
  if (cut.work === 'tender') return { choice: 'skip', reason: 'tender-cut' };
  if (WHOLE.includes(shape)) return { choice: 'skip', reason: 'thick-piece' };
  if (marinade.strongFruit) return { choice: 'skip', reason: 'strong-fruit' };
  if (cut.work === 'hard' || thicknessMm > 5) return { choice: 'rinse-off', reason: 'tough-or-thick' };
  if (marinade.acid) return { choice: 'rinse-off', reason: 'acid-marinade' };
  return { choice: 'leave-in', reason: 'thin-strips' };
}
