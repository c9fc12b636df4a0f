import { shapeRow, type Shape } from '../ways';
import type { Cut } from '../pieces';
import { biteOf, MEANS, type Bite, type TenderizingMeans } from './bite';
import { EXPOSURE } from './enzymes';
import { FORCE_WORK, forceFits, type Force } from './force';
import type { TenderizingChoice } from './means';
import { LEAVE_IN_EDGE_MM, soda, SODA_WORK, sodiumLeftMg, type SodaAdvice } from './soda';

export const RISKS = ['none', 'soapy', 'uneven', 'pierced', 'too-soft', 'chalky', 'cured', 'gluey'] as const;
export const FLAVOURS = ['own', 'browns', 'fruity', 'takes-marinade', 'sour', 'seasoned', 'glossy'] as const;

export interface MeansInput {
  cut: Pick<Cut, 'work'> & Partial<Pick<Cut, 'animal'>>;
  shape: Shape;
  fibreLengthMm: number;
  thicknessMm: number;
  massG: number;
  /** What fresh fruit in the marinade does by the time it comes out; 0 without. */
  fruitExposure: number;
  pink?: boolean;
  lnTasted?: number;
}

export interface MeansCompared {
  means: TenderizingMeans;
  /** Work with the hands, and minutes that it makes the plan longer. */
  handsMin: number;
  waitMin: number;
  /** Added by it, mg per 100 g of meat; of rinsed soda what may be left. */
  sodiumMgPer100G: { from: number; to: number };
  /** How much there is to bite through, 0 melting to 10 leather: a rule of thumb for comparing plans. */
  bite: Bite;
  /** The same without the fruit in the mix; absent where there is none. */
  biteWithoutFruit?: Bite;
  risk: (typeof RISKS)[number];
  flavour: (typeof FLAVOURS)[number];
  fits: boolean;
  /** What to choose for it; absent where it is a matter of the mix. */
  choice?: TenderizingChoice;
}

/** Salt for an hour or two before it is cooked, and what it adds: 1 % of the meat (common practice), 39 % of it sodium. */
const SALT_EARLY = { waitMin: 60, sodiumMgPer100G: 393 };
const COAT_MIN = 3;
const FORCES_BY_MEANS = { pounding: 'mallet', needling: 'needle', scoring: 'score' } as const satisfies Partial<
  Record<TenderizingMeans, Force>
>;

/**
 * The means to tenderize one batch side by side, each by itself on the mix there is: effort, time, sodium, flavour, bite and what can go wrong.
 * What does not fit the shape is said, not hidden.
 * @throws RangeError for a weight, thickness or fibre length that is not positive
 */
export function compareMeans(input: MeansInput): MeansCompared[] {
  const { massG, thicknessMm, shape, fruitExposure } = input;
  if (!(massG > 0) || !(thicknessMm > 0)) throw new RangeError('massG and thicknessMm must be positive');
  const work = ({ start, perKg }: { start: number; perKg: number }) => start + (perKg * massG) / 1000;
  const per100G = (advice: SodaAdvice) => {
    const { from, to } = sodiumLeftMg(advice);
    return { from: (from / massG) * 100, to: (to / massG) * 100 };
  };
  const none = { handsMin: 0, waitMin: 0, sodiumMgPer100G: { from: 0, to: 0 } };
  const surface = !shapeRow(shape).whole;
  const left = soda({ massG, thicknessMm, school: 'leave-in' });
  const rinsed = soda({ massG, thicknessMm, school: 'rinse-off' });
  const softened = fruitExposure > EXPOSURE.tender;
  const byForce = (means: keyof typeof FORCES_BY_MEANS) => {
    const force = FORCES_BY_MEANS[means];
    return {
      ...none,
      handsMin: Math.ceil(work(FORCE_WORK[force])),
      fits: forceFits(force, shape),
      choice: { soda: 'skip', force } as const,
      flavour: 'takes-marinade' as const,
    };
  };
  const own: Record<TenderizingMeans, Omit<MeansCompared, 'means' | 'bite'>> = {
    nothing: { ...none, risk: 'none', flavour: 'own', fits: true, choice: { soda: 'skip', force: 'none' } },
    'soda-left-in': {
      ...none,
      sodiumMgPer100G: per100G(left),
      risk: softened ? 'too-soft' : 'soapy',
      flavour: 'browns',
      fits: surface && thicknessMm <= LEAVE_IN_EDGE_MM,
      choice: { soda: 'leave-in', force: 'none' },
    },
    'soda-rinsed': {
      handsMin: Math.ceil(work(SODA_WORK.soda) + work(SODA_WORK.rinse)),
      waitMin: rinsed.soakMin + rinsed.drainMin,
      sodiumMgPer100G: per100G(rinsed),
      risk: softened ? 'too-soft' : 'soapy',
      flavour: 'browns',
      fits: surface,
      choice: { soda: 'rinse-off', force: 'none' },
    },
    fruit: { ...none, risk: 'too-soft', flavour: 'fruity', fits: surface },
    pounding: { ...byForce('pounding'), risk: 'uneven' },
    needling: { ...byForce('needling'), risk: 'pierced' },
    scoring: { ...byForce('scoring'), risk: 'pierced' },
    salt: {
      ...none,
      waitMin: SALT_EARLY.waitMin,
      sodiumMgPer100G: { from: SALT_EARLY.sodiumMgPer100G, to: SALT_EARLY.sodiumMgPer100G },
      risk: 'cured',
      flavour: 'seasoned',
      fits: true,
    },
    acid: { ...none, risk: 'chalky', flavour: 'sour', fits: shape !== 'cubes' },
    coat: { ...none, handsMin: COAT_MIN, risk: 'gluey', flavour: 'glossy', fits: !shapeRow(shape).carved },
  };
  // Beside what is already in the mix; fruit by itself goes as far as tender.
  const mixed: TenderizingMeans[] = fruitExposure > 0 ? ['fruit'] : [];
  const exposure = (means: TenderizingMeans) => (means === 'fruit' && fruitExposure === 0 ? 1 : fruitExposure);
  return MEANS.map((means) => ({
    means,
    ...own[means],
    bite: biteOf({ ...input, means: [means, ...mixed], fruitExposure: exposure(means) }),
    ...(fruitExposure > 0 && means !== 'fruit'
      ? { biteWithoutFruit: biteOf({ ...input, means: [means], fruitExposure: 0 }) }
      : {}),
  }));
}
