import type { SodaChoice } from './means';
import { EXPOSURE } from './enzymes';

export const CONFLICTS = ['soda-and-fruit', 'soda-and-acid', 'pierced-and-long-fruit', 'acid-too-long'] as const;
/** Two means that fight, or one that goes on too long. */
export type Conflict = (typeof CONFLICTS)[number];

/** Citrus on thin steak: four to eight hours (common practice). */
export const ACID_LONGEST_MIN = 480;

export interface Together {
  soda: SodaChoice;
  pierced: boolean;
  acid: boolean;
  /** Enough citrus or vinegar to go chalky when it stays. */
  sour: boolean;
  fruitExposure: number;
  marinadeMin: number;
}

/** Which of the means in this plan fight (common practice): fruit that gets it tender by itself on top of soda, acid with soda left in, fruit let in deep by needles, sour mixes for long. */
export function conflictsOf({ soda, pierced, acid, sour, fruitExposure, marinadeMin }: Together): Conflict[] {
  const found: [Conflict, boolean][] = [
    ['soda-and-fruit', soda !== 'skip' && fruitExposure >= EXPOSURE.tender],
    ['soda-and-acid', soda === 'leave-in' && acid],
    ['pierced-and-long-fruit', pierced && fruitExposure >= EXPOSURE.tender],
    ['acid-too-long', sour && marinadeMin > ACID_LONGEST_MIN],
  ];
  return found.filter(([, is]) => is).map(([code]) => code);
}
