import { shapeRow, type Shape } from '../ways';
import type { Cut } from '../pieces';
import { biteOf, type Bite, type TenderizingMeans } from './bite';
import { EXPOSURE, exposurePerHour } from './enzymes';
import { findFruit } from './fruits';
import {
  COATED_PERCENT,
  meansOf,
  SALTED_PERCENT,
  type MixCharacter,
  type ShapeWork,
  type TenderizingChoice,
} from './means';

/** What a mix can be given beside what it was written with. */
export const ADDITIONS = ['coat', 'salt', 'fruit'] as const satisfies readonly TenderizingMeans[];
export type Addition = (typeof ADDITIONS)[number];

/** Starch and salt at the low end of common practice; pear is the mildest fruit that tenderizes, and 10 % of it an own estimate. */
export const ADDED = { starchPercent: 1, saltPercent: 1, fruitId: 'pear', fruitPercent: 10 } as const;

/** From here on the salt is in before the heat: an own estimate. */
const SALT_LEAST_MIN = 30;

export interface AdditionInput {
  cut: Pick<Cut, 'work'> & Partial<Pick<Cut, 'animal'>>;
  /** What the shape does by itself. */
  work?: ShapeWork;
  shape: Shape;
  /** Of the slices in the marinade. */
  thicknessMm: number;
  fibreLengthMm: number;
  tempC: number;
  /** Fried in a pan, where bare slices stick and lose their juice. */
  inPan: boolean;
  /** How long it is planned to stay in the marinade, and may stay there by custom, min. */
  marinadeMin: number;
  longestMin: number;
  choice: TenderizingChoice;
  /** By needles, blades or scores: fruit would work in every hole. */
  pierced: boolean;
  mix: MixCharacter;
  pink?: boolean;
}

export interface AdditionAdvice {
  means: Addition;
  /** It takes the place of soda: both soften the surface. */
  insteadOfSoda: boolean;
  bite: Bite;
}

/**
 * What would be worth adding to a mix that lacks it (common practice): a starch coat to slices for the pan; salt to whole pieces that have half
 * an hour for it; mild fruit to tough slices that stay overnight, in place of soda. The mix is the cook's: it is offered, not done.
 */
export function worthAdding(input: AdditionInput): AdditionAdvice[] {
  const { shape, mix, choice } = input;
  const { whole } = shapeRow(shape);
  const wanted: [Addition, boolean][] = [
    ['coat', input.inPan && !whole && mix.starchPercent < COATED_PERCENT],
    ['salt', whole && mix.saltPercent < SALTED_PERCENT && input.marinadeMin >= SALT_LEAST_MIN],
    [
      'fruit',
      !whole &&
        !input.pierced &&
        input.cut.work === 'hard' &&
        !mix.acid &&
        mix.fruitExposure < EXPOSURE.slight &&
        overnightFruit(input) >= EXPOSURE.tender,
    ],
  ];
  return wanted
    .filter(([, is]) => is)
    .map(([means]) => {
      const added = {
        ...mix,
        ...(means === 'coat'
          ? { starchPercent: ADDED.starchPercent }
          : means === 'salt'
            ? { saltPercent: ADDED.saltPercent }
            : { fruitExposure: overnightFruit(input) }),
      };
      const insteadOfSoda = means === 'fruit' && choice.soda !== 'skip';
      return {
        means,
        insteadOfSoda,
        bite: biteOf({
          ...input,
          means: meansOf(insteadOfSoda ? { ...choice, soda: 'skip' } : choice, added, input.work),
          fruitExposure: added.fruitExposure,
        }),
      };
    });
}

/** How far pear goes in the longest customary time, no further than tender. */
function overnightFruit({ thicknessMm, tempC, longestMin }: AdditionInput): number {
  const fruit = findFruit(ADDED.fruitId)!;
  return Math.min(
    1,
    (exposurePerHour({ fruit, dosePercent: ADDED.fruitPercent, thicknessMm, tempC }) * longestMin) / 60,
  );
}
