import type { Shape } from '../ways';
import { biteOf, type Bite, type BiteInput, type TenderizingMeans } from './bite';
import { EXPOSURE } from './enzymes';
import { beats, type ForceChoice } from './force';
import { soda, SODA_WORK, type SodaSchool } from './soda';

export type SodaChoice = SodaSchool | 'skip';

/** What is done to the meat by hand; fruit, acid, salt and coat are of the mix. */
export interface TenderizingChoice {
  soda: SodaChoice;
  force: ForceChoice;
}

/** What the mix does for tenderness by itself. */
export interface MixCharacter {
  acid: boolean;
  /** How far fresh fruit goes within the plan. */
  fruitExposure: number;
  /** Where the meat lands, percent. */
  saltPercent: number;
  /** Starch on the meat, percent of its weight. */
  starchPercent: number;
  /** Soda that the mix brings, percent of the meat. */
  sodaPercent: number;
}

/** What a shape does by itself: scored, or scored and beaten. */
export interface ShapeWork {
  shape: Shape;
  scored: boolean;
}

/** From here on salt keeps it juicy, and starch is a coat rather than a trace: own estimates about common doses. */
export const SALTED_PERCENT = 0.7;
export const COATED_PERCENT = 0.5;

/** What works on the meat when this is chosen for this mix; never empty. */
export function meansOf(
  { soda: school, force }: TenderizingChoice,
  { acid, fruitExposure, saltPercent, starchPercent }: MixCharacter,
  cut?: ShapeWork,
): TenderizingMeans[] {
  const found: [TenderizingMeans, boolean][] = [
    ['soda-left-in', school === 'leave-in'],
    ['soda-rinsed', school === 'rinse-off'],
    ['fruit', fruitExposure >= EXPOSURE.slight],
    ['pounding', beats(force) || cut?.shape === 'pounded'],
    ['needling', force === 'needle'],
    ['scoring', force === 'score' || Boolean(cut?.scored)],
    ['acid', acid && school !== 'leave-in'],
    ['salt', saltPercent >= SALTED_PERCENT],
    ['coat', starchPercent >= COATED_PERCENT],
  ];
  const means = found.filter(([, is]) => is).map(([code]) => code);
  return means.length ? means : ['nothing'];
}

/** Bite of a whole plan. */
export const biteOfPlan = (
  { mix, work, ...eaten }: Omit<BiteInput, 'means' | 'fruitExposure'> & { mix: MixCharacter; work?: ShapeWork },
  choice: TenderizingChoice,
): Bite => biteOf({ ...eaten, means: meansOf(choice, mix, work), fruitExposure: mix.fruitExposure });

/** Minutes that soda rinsed off needs from first to last, by the weight and the thickness. */
export function rinsedSodaMin(massG: number, thicknessMm: number): number {
  const { soakMin, drainMin } = soda({ massG, thicknessMm, school: 'rinse-off' });
  const work = Object.values(SODA_WORK).reduce((sum, { start, perKg }) => sum + start + (perKg * massG) / 1000, 0);
  return Math.ceil(work + soakMin + drainMin);
}
