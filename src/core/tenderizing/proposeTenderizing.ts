import type { Shape } from '../cooking';
import type { Cut } from '../pieces';
import { biteOf, type Bite, type BiteInput, type TenderizingMeans } from './bite';
import { chooseSoda, type SodaReason } from './chooseSoda';
import type { TenderizingChoice } from './compareMeans';
import { EXPOSURE } from './enzymes';
import { beats, chooseForce, type ForceReason, type ForceTime } from './force';
import { soda, SODA_WORK } from './soda';

/** What the mix does for tenderness by itself. */
export interface MixCharacter {
  acid: boolean;
  strongFruit: boolean;
  fruitExposure: number;
  /** Where the meat lands, percent. */
  saltPercent: number;
  /** Starch on the meat, percent of its weight. */
  starchPercent: number;
}

export interface TenderizingSituation {
  cut: Pick<Cut, 'work'>;
  shape: Shape;
  thicknessMm: number;
  mix: MixCharacter;
  /** There is no time left to soak, rinse and drain. */
  hurried: boolean;
}

export interface TenderizingProposal extends TenderizingChoice {
  when: ForceTime;
  sodaReason: SodaReason;
  forceReason: ForceReason;
  /** Everything that works on the meat in this plan, the mix included. */
  means: TenderizingMeans[];
}

/** From here on salt keeps it juicy, and starch is a coat rather than a trace: own estimates about common doses. */
export const SALTED_PERCENT = 0.7;
export const COATED_PERCENT = 0.5;

/**
 * One plan by judgement: soda, force or neither, beside what the mix does already (common practice; docs/sources.md, "Tenderizing").
 * In a hurry the soak that would be rinsed gives way to soda left in, or to force.
 */
export function proposeTenderizing({
  cut,
  shape,
  thicknessMm,
  mix,
  hurried,
}: TenderizingSituation): TenderizingProposal {
  const advised = chooseSoda(cut, { thicknessMm, shape }, mix);
  const quick = hurried && advised.choice === 'rinse-off';
  const staysIn = thicknessMm <= 5 && !mix.acid;
  const chosen: { choice: TenderizingChoice['soda']; reason: SodaReason } = quick
    ? { choice: staysIn ? 'leave-in' : 'skip', reason: 'in-a-hurry' }
    : advised;
  const { force, when, reason: forceReason } = chooseForce(cut, { shape, acid: mix.acid, hurried: quick && !staysIn });
  const choice = { soda: chosen.choice, force };
  return { ...choice, when, sodaReason: chosen.reason, forceReason, means: meansOf(choice, mix) };
}

/** What works on the meat when this is chosen for this mix; never empty. */
export function meansOf(
  { soda: school, force }: TenderizingChoice,
  { acid, fruitExposure, saltPercent, starchPercent }: MixCharacter,
): TenderizingMeans[] {
  const found: [TenderizingMeans, boolean][] = [
    ['soda-left-in', school === 'leave-in'],
    ['soda-rinsed', school === 'rinse-off'],
    ['fruit', fruitExposure >= EXPOSURE.slight],
    ['pounding', beats(force)],
    ['needling', force === 'needle'],
    ['scoring', force === 'score'],
    ['acid', acid && school !== 'leave-in'],
    ['salt', saltPercent >= SALTED_PERCENT],
    ['coat', starchPercent >= COATED_PERCENT],
  ];
  const means = found.filter(([, is]) => is).map(([code]) => code);
  return means.length ? means : ['nothing'];
}

/** Bite of a whole plan. */
export const biteOfPlan = (
  { mix, ...eaten }: Omit<BiteInput, 'means' | 'fruitExposure'> & { mix: MixCharacter },
  choice: TenderizingChoice,
): Bite => biteOf({ ...eaten, means: meansOf(choice, mix), fruitExposure: mix.fruitExposure });

/** Minutes that soda rinsed off needs from first to last, by the weight and the thickness. */
export function rinsedSodaMin(massG: number, thicknessMm: number): number {
  const { soakMin, drainMin } = soda({ massG, thicknessMm, school: 'rinse-off' });
  const work = Object.values(SODA_WORK).reduce((sum, { start, perKg }) => sum + start + (perKg * massG) / 1000, 0);
  return Math.ceil(work + soakMin + drainMin);
}
