import type { Way } from '../cooking';
import type { Doneness } from '../safety';
import type { SodaChoice } from '../tenderizing';

/** What the cook has fixed by hand. A value that is present is pinned; everything else follows from the answers. */
export interface Pins {
  trimmedG?: number;
  lengthMm?: number;
  widthMm?: number;
  grainDeg?: number;
  grainPitchDeg?: number;
  yawDeg?: number;
  bevelDeg?: number;
  stripWidthMm?: number;
  firmMin?: number;
  soda?: SodaChoice;
  sodaPercent?: number;
  sodaMin?: number;
  sodaRinses?: number;
  marinadeMin?: number;
  marinadePlace?: 'fridge' | 'counter';
  holdBackShare?: number;
  /** The part for brushing or sauce was taken after the mix met the meat. */
  splitAfterMixing?: boolean;
  pierced?: boolean;
  doneness?: Doneness;
  soakMin?: number;
  lots?: number;
  roomTempC?: number;
  fridgeTempC?: number;
}

/** The eight answers and the pins: everything a plan is made from, apart from cut, marinade and kitchen. */
export interface BatchInputs {
  way: Way;
  cutId: string;
  massG: number;
  heightMm: number;
  thicknessMm: number;
  marinadeId: string;
  people: number;
  tableAtMs: number;
  /** When the plan was made: nothing is planned before it. */
  notBeforeMs?: number;
  pins: Pins;
}

/** Limits of what is taken, shared by the forms and the server. */
export const LIMITS = {
  massG: { min: 50, max: 30_000 },
  heightMm: { min: 5, max: 200 },
  sideMm: { min: 10, max: 1000 },
  thicknessMm: { min: 1, max: 30 },
  people: { min: 1, max: 200 },
  percent: { min: 0.05, max: 5 },
  minutes: { min: 0, max: 4320 },
  lots: { min: 1, max: 40 },
} as const;
