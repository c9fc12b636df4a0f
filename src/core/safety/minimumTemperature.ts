import { isPoultry, type Animal } from '../pieces';

/** Never below 71 °C: parasites that freezing does not kill (bear, boar), and rabbit as FSIS has it with game. From memory. */
const ALWAYS_THROUGH: readonly Animal[] = ['boar', 'bear', 'rabbit'];
const PINK: readonly Animal[] = ['beef', 'lamb', 'venison'];

export type Doneness = 'guidance' | 'pink';
export type Treatment = 'whole' | 'pierced' | 'minced';

export interface Handling {
  treatment: Treatment;
  doneness?: Doneness;
  /** True where the meat returns to the heat after the first sear. */
  backInThePan: boolean;
}

export interface CentreTemperature {
  tempC: number;
  restMin: number;
  /** What pink was answered with, when it was asked for. */
  pink: 'not-asked' | 'offered' | 'refused';
  /** True where the stricter figure for pierced meat stands in for the whole-muscle one; it wants an acknowledgement. */
  stricter: boolean;
}

/** The figures, by what is cooked; every other place quotes them (USDA FSIS, from memory). */
export const MINIMUM = {
  whole: { tempC: 63, restMin: 3 },
  through: { tempC: 71, restMin: 0 },
  poultry: { tempC: 74, restMin: 0 },
} as const;

/** Animals that are never served below the stricter figure, whatever was done to the meat. */
export const alwaysThrough = (animal: Animal): boolean => ALWAYS_THROUGH.includes(animal);

/**
 * Minimum temperature at the centre and rest (USDA FSIS, from memory): whole cuts 63 °C and 3 min, minced, pierced, boar and bear 71 °C, poultry 74 °C.
 * Pink is offered only for whole-muscle beef, lamb and venison that goes back in the pan; the guidance stands beside it.
 */
export function minimumTemperature(
  animal: Animal,
  { treatment, doneness = 'guidance', backInThePan }: Handling,
): CentreTemperature {
  const wantsPink = doneness === 'pink';
  const answered = (allowed: boolean) => (wantsPink ? (allowed ? 'offered' : 'refused') : 'not-asked');
  if (isPoultry(animal)) return { ...MINIMUM.poultry, pink: answered(false), stricter: false };
  if (alwaysThrough(animal)) return { ...MINIMUM.through, pink: answered(false), stricter: false };
  if (treatment !== 'whole') return { ...MINIMUM.through, pink: answered(false), stricter: treatment === 'pierced' };
  return { ...MINIMUM.whole, pink: answered(backInThePan && PINK.includes(animal)), stricter: false };
}
