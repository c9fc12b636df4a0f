import { isPoultry, type Cut } from '../pieces';

export const MEANS = [
  'nothing',
  'soda-left-in',
  'soda-rinsed',
  'fruit',
  'pounding',
  'needling',
  'scoring',
  'salt',
  'acid',
  'coat',
] as const;
export type TenderizingMeans = (typeof MEANS)[number];

export interface Bite {
  from: number;
  likely: number;
  to: number;
}

/** Bite of the muscle itself at the usual 4 mm of fibre, and what each means leaves of it: own estimates, to be corrected by tastings. */
const MUSCLE = { tender: 2, some: 4, hard: 6.5 } as const;
const USUAL_FIBRE_MM = 4;
/** A bite breaks what is longer: fibres count to here, so that a cube of 25 mm is no leather because it is thick. Own estimate. */
export const BITTEN_THROUGH_MM = 12;
/** Poultry holds less connective tissue than red meat of the same work: own estimate. */
const POULTRY_LEFT = 0.7;
const FIBRE_POWER = 0.4;
/** Fruit is reckoned by its exposure instead. */
const LEFT: Record<TenderizingMeans, number> = {
  nothing: 1,
  'soda-left-in': 0.8,
  'soda-rinsed': 0.62,
  fruit: 1,
  pounding: 0.7,
  needling: 0.65,
  scoring: 0.75,
  salt: 0.93,
  acid: 0.88,
  coat: 0.95,
};
const FRUIT_TAKES = 0.35;
/** The strongest means counts in full, each further one by this power: they soften the same fibres. */
const FURTHER = 0.6;
/** Out while still a little pink, beside cooked through. */
const PINK = 0.9;
const UNSURE = 0.3;

export interface BiteInput {
  cut: Pick<Cut, 'work'> & Partial<Pick<Cut, 'animal'>>;
  fibreLengthMm: number;
  means: readonly TenderizingMeans[];
  /** What fresh fruit does by the time the meat comes out; 0 without. */
  fruitExposure: number;
  /** Out while still a little pink. */
  pink?: boolean;
  /** What the cook's own tastings say beside this, natural logarithm; 0 until there are some. */
  lnTasted?: number;
}

/** Bite on a scale from 0, melting, to 10, leather. A rule of thumb with its uncertainty: it compares plans of one cook, no more. */
export function biteOf({ cut, fibreLengthMm, means, fruitExposure, pink = false, lnTasted = 0 }: BiteInput): Bite {
  if (!(fibreLengthMm > 0)) throw new RangeError('fibreLengthMm must be positive');
  const shares = [...new Set(means)]
    .map((one) => (one === 'fruit' ? 1 - FRUIT_TAKES * Math.min(1, fruitExposure / 2) : LEFT[one]))
    .sort((a, b) => a - b);
  const left = shares.reduce((product, share, index) => product * share ** (index === 0 ? 1 : FURTHER), 1);
  const likely =
    MUSCLE[cut.work] *
    (cut.animal && isPoultry(cut.animal) ? POULTRY_LEFT : 1) *
    (Math.min(BITTEN_THROUGH_MM, fibreLengthMm) / USUAL_FIBRE_MM) ** FIBRE_POWER *
    left *
    (pink ? PINK : 1) *
    Math.exp(lnTasted);
  const held = (value: number) => Math.min(10, Math.max(0, value));
  return { from: held(likely * (1 - UNSURE)), likely: held(likely), to: held(likely * (1 + UNSURE)) };
}
