import { BEEF } from './catalogue/beef';
import { GAME_CUTS } from './catalogue/game';
import { LAMB_AND_GOAT } from './catalogue/lambGoat';
import { POULTRY_CUTS } from './catalogue/poultry';
import { VEAL_AND_PORK } from './catalogue/vealPork';
import type { Cut } from './cut';

/** Typical pieces as shops sell them. Compositions, shapes and names: see docs/sources.md, "Cuts". */
export const CUTS: readonly Cut[] = [...BEEF, ...VEAL_AND_PORK, ...LAMB_AND_GOAT, ...GAME_CUTS, ...POULTRY_CUTS];

/** The cut of that id, or undefined. */
export function findCut(cutId: string, cuts: readonly Cut[] = CUTS): Cut | undefined {
  return cuts.find((cut) => cut.id === cutId);
}
