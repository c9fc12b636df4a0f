import { isPoultry, type Animal } from '../pieces';

export type Doneness = 'guidance' | 'pink';
export type Treatment = 'whole' | 'pierced' | 'minced';

export interface CentreTemperature {
  tempC: number;
  restMin: number;
  /** What pink was answered with, when it was asked for. */
  pink: 'not-asked' | 'offered' | 'refused';
  /** True where the stricter figure for pierced meat stands in for the whole-muscle one; it wants an acknowledgement. */
  stricter: boolean;
}

const WHOLE = { tempC: 63, restMin: 3 };
const THROUGH = { tempC: 71, restMin: 0 };
const POULTRY = { tempC: 74, restMin: 0 };

/**
 * Minimum temperature at the centre and rest (USDA FSIS, from memory): whole cuts 63 °C and 3 min, minced and pierced 71 °C, poultry 74 °C.
 * Pink is offered only for whole-muscle beef and lamb; the guidance stands beside it.
 */
export function minimumTemperature(animal: Animal, treatment: Treatment, doneness: Doneness = 'guidance'): CentreTemperature {
  const wantsPink = doneness === 'pink';
  const answered = (allowed: boolean) => (wantsPink ? (allowed ? 'offered' : 'refused') : 'not-asked');
  if (isPoultry(animal)) return { ...POULTRY, pink: answered(false), stricter: false };
  if (treatment !== 'whole') return { ...THROUGH, pink: answered(false), stricter: treatment === 'pierced' };
  return { ...WHOLE, pink: answered(animal === 'beef' || animal === 'lamb'), stricter: false };
}
