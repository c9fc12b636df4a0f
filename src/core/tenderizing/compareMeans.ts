import type { Shape } from '../cooking';
import type { Cut } from '../pieces';
import { soda, sodiumLeftMg, type SodaAdvice } from './soda';

export const MEANS = ['nothing', 'soda-left-in', 'soda-rinsed', 'pounding', 'needling'] as const;
export type TenderizingMeans = (typeof MEANS)[number];

export interface MeansInput {
  cut: Pick<Cut, 'work'>;
  shape: Shape;
  fibreLengthMm: number;
  thicknessMm: number;
  massG: number;
  /** What fresh fruit in the marinade does by the time it comes out; 0 without. */
  fruitExposure: number;
}

export interface MeansCompared {
  means: TenderizingMeans;
  /** Work with the hands, and minutes that it makes the plan longer. */
  handsMin: number;
  waitMin: number;
  /** Added by it, mg per 100 g of meat; of rinsed soda what may be left. */
  sodiumMgPer100G: { from: number; to: number };
  /** How much there is to bite through, 0 melting to 10 leather: a rule of thumb for comparing plans. */
  bite: { from: number; likely: number; to: number };
  risk: 'none' | 'soapy' | 'uneven' | 'pierced' | 'too-soft';
  fits: boolean;
}

/** Bite of the muscle itself at the usual 4 mm of fibre, and what each means leaves of it: own estimates, to be corrected by tastings. */
const BITE = { tender: 2, some: 4, hard: 6.5 } as const;
const USUAL_FIBRE_MM = 4;
const FIBRE_POWER = 0.4;
const LEFT: Record<TenderizingMeans, number> = { nothing: 1, 'soda-left-in': 0.8, 'soda-rinsed': 0.62, pounding: 0.7, needling: 0.65 };
const FRUIT_TAKES = 0.35;
const UNSURE = 0.3;
const WHOLE: readonly Shape[] = ['cubes', 'sliced-after'];
const POUND_MIN = { start: 5, perKg: 12 };
const NEEDLE_MIN = { start: 4, perKg: 6 };

/** Bite on a scale from 0, melting, to 10, leather. A rule of thumb with its uncertainty: it compares plans of one cook, no more. */
export function biteOf({ cut, fibreLengthMm, fruitExposure }: Pick<MeansInput, 'cut' | 'fibreLengthMm' | 'fruitExposure'>, means: TenderizingMeans): MeansCompared['bite'] {
  const likely = BITE[cut.work] * (fibreLengthMm / USUAL_FIBRE_MM) ** FIBRE_POWER * LEFT[means] * (1 - FRUIT_TAKES * Math.min(1, fruitExposure / 2));
  const held = (value: number) => Math.min(10, Math.max(0, value));
  return { from: held(likely * (1 - UNSURE)), likely: held(likely), to: held(likely * (1 + UNSURE)) };
}

/**
 * The ways to tenderize one batch side by side: effort, time, sodium, bite and what can go wrong. What does not fit the shape is said, not hidden.
 * @throws RangeError for a weight or thickness that is not positive
 */
export function compareMeans(input: MeansInput): MeansCompared[] {
  const { massG, thicknessMm, shape, fruitExposure } = input;
  if (!(massG > 0) || !(thicknessMm > 0) || !(input.fibreLengthMm > 0)) throw new RangeError('massG, thicknessMm and fibreLengthMm must be positive');
  const kg = massG / 1000;
  const [left, rinsed] = (['leave-in', 'rinse-off'] as const).map((school) => soda({ massG, thicknessMm, school }));
  const per100G = (advice: SodaAdvice) => {
    const { from, to } = sodiumLeftMg(advice);
    return { from: (from / massG) * 100, to: (to / massG) * 100 };
  };
  const none = { from: 0, to: 0 };
  const surface = !WHOLE.includes(shape);
  const own: Record<TenderizingMeans, Omit<MeansCompared, 'means' | 'bite'>> = {
    nothing: { handsMin: 0, waitMin: 0, sodiumMgPer100G: none, risk: 'none', fits: true },
    'soda-left-in': { handsMin: 0, waitMin: 0, sodiumMgPer100G: per100G(left!), risk: fruitExposure > 0.5 ? 'too-soft' : 'soapy', fits: surface && thicknessMm <= 5 },
    'soda-rinsed': {
      handsMin: Math.ceil(8 + 5 * kg), waitMin: rinsed!.soakMin + rinsed!.drainMin, risk: fruitExposure > 0.5 ? 'too-soft' : 'soapy', fits: surface,
      sodiumMgPer100G: per100G(rinsed!),
    },
    pounding: { handsMin: Math.ceil(POUND_MIN.start + POUND_MIN.perKg * kg), waitMin: 0, sodiumMgPer100G: none, risk: 'uneven', fits: shape !== 'shaved' },
    needling: { handsMin: Math.ceil(NEEDLE_MIN.start + NEEDLE_MIN.perKg * kg), waitMin: 0, sodiumMgPer100G: none, risk: 'pierced', fits: shape !== 'shaved' && shape !== 'strips' },
  };
  return MEANS.map((means) => ({ means, ...own[means], bite: biteOf(input, means) }));
}
