import { fromMeasures, toMeasures, type OwnedMeasure, type Parsed } from '../units';
import type { Ingredient } from './ingredient';
import type { MeasuredIngredient } from './measureIngredient';

/** Kitchen words back to grams. */
export function readIngredient(
  ingredient: Ingredient,
  text: string,
  owned?: readonly OwnedMeasure[],
): Parsed<MeasuredIngredient> {
  const read = fromMeasures(text);
  if (!read.ok) return read;
  const massG = read.value.volumeMl * ingredient.densityGPerMl;
  const { spoken, parts } = toMeasures(read.value.volumeMl, owned);
  return {
    ok: true,
    value: { massG, volumeMl: read.value.volumeMl, spoken, parts, errorPercent: read.value.errorPercent },
  };
}
