import type { Composition, Cut } from './cut';

/** Densities of protein, water, fat and ash near 5 °C, kg/m3 (Choi and Okos 1986 as reprinted by ASHRAE, from memory). */
const DENSITY_KG_M3 = { water: 997.1, protein: 1327.3, fat: 923.5, ash: 2422.4 };

/** Density of raw meat from its composition, g/mm3. @example meatDensity of lean beef is about 1.055e-3 */
export function meatDensityGPerMm3(composition: Composition): number {
  const parts = Object.entries(DENSITY_KG_M3) as [keyof Composition, number][];
  const total = parts.reduce((sum, [name]) => sum + composition[name], 0);
  const volume = parts.reduce((sum, [name, density]) => sum + composition[name] / density, 0);
  return (total / volume) * 1e-6;
}

export interface PieceSize {
  lengthMm: number;
  widthMm: number;
  heightMm: number;
}

/** Of the rectangle around its section, what a round piece fills. */
const ROUND_FILLS = Math.PI / 4;

/**
 * Length and width of the meat of this weight that lies `heightMm` tall, in the usual proportions of the cut; a round is as wide as it is tall.
 * A given length or width is kept and the other follows; both given, both are kept.
 *
 * @throws RangeError for a mass or height that is not positive
 * @example sizePiece(tenderloin, 1500, 60).lengthMm // about half a metre
 */
export function sizePiece(
  cut: Cut,
  massG: number,
  heightMm: number,
  given: { lengthMm?: number; widthMm?: number } = {},
): PieceSize {
  if (!(massG > 0) || !(heightMm > 0)) throw new RangeError('massG and heightMm must be positive');
  const round = cut.form === 'round';
  const areaMm2 = massG / meatDensityGPerMm3(cut.composition) / heightMm / (round ? ROUND_FILLS : 1);
  if (given.lengthMm && given.widthMm) return { lengthMm: given.lengthMm, widthMm: given.widthMm, heightMm };
  if (given.lengthMm) return { lengthMm: given.lengthMm, widthMm: areaMm2 / given.lengthMm, heightMm };
  const widthMm = given.widthMm ?? (round ? heightMm : Math.sqrt(areaMm2 / cut.lengthToWidth));
  return { lengthMm: areaMm2 / widthMm, widthMm, heightMm };
}

/** Pieces that make up this weight when each is of the usual size for the cut: chicken thighs come by the dozen, a top round alone. At least one. */
export function usualCount(cut: Cut, massG: number): number {
  return Math.max(1, Math.round(massG / cut.usualMassG));
}
