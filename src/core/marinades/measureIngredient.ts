import { sayHalves, toMeasures, type MeasurePart, type OwnedMeasure } from '../units';
import type { Ingredient } from './ingredient';

export interface MeasuredIngredient {
  massG: number;
  volumeMl: number;
  spoken: string;
  parts: MeasurePart[];
  /** What the spoken measure is off by, signed, in percent of the mass; for read text, what its words leave open. */
  errorPercent: number;
}

const WHOLE_PIECE_TOLERANCE_PERCENT = 8;

/** Grams of an ingredient as the measures people own; whole pieces where they come out nearly whole. */
export function measureIngredient(
  ingredient: Ingredient,
  massG: number,
  owned?: readonly OwnedMeasure[],
): MeasuredIngredient {
  const volumeMl = massG / ingredient.densityGPerMl;
  const measured = toMeasures(volumeMl, owned);
  const { piece } = ingredient;
  if (piece) {
    const halves = Math.round((massG / piece.massG) * 2) / 2;
    const errorPercent = (100 * (halves * piece.massG - massG)) / massG;
    if (halves > 0 && Math.abs(errorPercent) <= WHOLE_PIECE_TOLERANCE_PERCENT) {
      return {
        massG,
        volumeMl,
        spoken: `${sayHalves(halves)} ${halves > 1 ? plural(piece.name) : piece.name}`,
        parts: [],
        errorPercent,
      };
    }
  }
  return { massG, volumeMl, spoken: measured.spoken, parts: measured.parts, errorPercent: measured.errorPercent };
}

const plural = (name: string) => (/(s|x|ch)$/.test(name) ? `${name}es` : `${name}s`);
