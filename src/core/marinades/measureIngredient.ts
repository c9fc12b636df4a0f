import { sayHalves, toMeasures, type MeasurePart, type OwnedMeasure } from '../units';
import { asWritten, plural } from './asWritten';
import type { Ingredient } from './ingredient';
import type { MarinadeLine } from './scaleMarinade';

export interface MeasuredIngredient {
  massG: number;
  volumeMl: number;
  spoken: string;
  parts: MeasurePart[];
  /** What the spoken measure is off by, signed, in percent of the mass; for read text, what its words leave open. */
  errorPercent: number;
}

const WHOLE_PIECE_TOLERANCE_PERCENT = 8;

function wholePieces({ piece }: Ingredient, massG: number): { spoken: string; errorPercent: number } | undefined {
  if (!piece) return undefined;
  const halves = Math.round((massG / piece.massG) * 2) / 2;
  const errorPercent = (100 * (halves * piece.massG - massG)) / massG;
  return halves > 0 && Math.abs(errorPercent) <= WHOLE_PIECE_TOLERANCE_PERCENT
    ? { spoken: `${sayHalves(halves)} ${halves > 1 ? plural(piece.name) : piece.name}`, errorPercent }
    : undefined;
}

/** Grams of an ingredient as the measures people own; whole pieces where they come out nearly whole. */
export function measureIngredient(
  ingredient: Ingredient,
  massG: number,
  owned?: readonly OwnedMeasure[],
): MeasuredIngredient {
  const volumeMl = massG / ingredient.densityGPerMl;
  const measured = toMeasures(volumeMl, owned);
  const pieces = wholePieces(ingredient, massG);
  if (pieces) return { massG, volumeMl, parts: [], ...pieces };
  return { massG, volumeMl, spoken: measured.spoken, parts: measured.parts, errorPercent: measured.errorPercent };
}

/** A line of a mix: the measure the cook wrote comes first and stays while it fits, with whole pieces in brackets; else the measures people own. */
export function measureLine(
  { ingredient, massG, said }: MarinadeLine,
  owned?: readonly OwnedMeasure[],
): MeasuredIngredient {
  const measured = measureIngredient(ingredient, massG, owned);
  const written = said ? asWritten(said, ingredient, massG) : undefined;
  if (!written) return measured;
  const pieces = wholePieces(ingredient, massG)?.spoken;
  return {
    ...measured,
    ...written,
    parts: [],
    spoken: pieces && pieces !== written.spoken ? `${written.spoken} (${pieces})` : written.spoken,
  };
}
