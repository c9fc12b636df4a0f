/** Liquid that wets a slice on all faces without a bath, mm thick: a film, and what a purée leaves. Own estimates around common practice. */
const FILM_MM = { thin: 0.1, clinging: 0.15 };
/** Slices in a bag with some liquid about them take this much of it, ml a gram of meat and mix. */
const BAG_ML_PER_G = 1.8;
/** Usual bags, ml. */
export const BAG_SIZES_ML = [500, 1000, 2000, 3000, 4000, 6000, 10_000];

export interface CoatCheck {
  /** Thickness of the film if it lay on all surfaces evenly, mm. */
  filmMm: number;
  enough: 'short' | 'enough' | 'plenty';
  /** Smallest usual bag that it fits with the air squeezed out, ml. */
  bagMl: number;
}

/**
 * Whether a mix coats the slices: its volume over their surface.
 * @throws RangeError for a surface or weight that is not positive
 */
export function coatCheck({
  mixMl,
  areaM2,
  meatG,
  clinging = false,
}: {
  mixMl: number;
  areaM2: number;
  meatG: number;
  clinging?: boolean;
}): CoatCheck {
  if (!(areaM2 > 0) || !(meatG > 0) || !(mixMl >= 0)) throw new RangeError('areaM2 and meatG must be positive');
  const filmMm = mixMl / areaM2 / 1000;
  const wanted = clinging ? FILM_MM.clinging : FILM_MM.thin;
  const wantedBag = (meatG + mixMl) * BAG_ML_PER_G;
  return {
    filmMm,
    enough: filmMm < wanted * 0.8 ? 'short' : filmMm > wanted * 4 ? 'plenty' : 'enough',
    bagMl: BAG_SIZES_ML.find((ml) => ml >= wantedBag) ?? Math.ceil(wantedBag / 1000) * 1000,
  };
}

/**
 * Trimmed meat that a bag takes together with its mix, g.
 * @param mixMlPerMeatG of the mix as it is written
 */
export function meatForBag(bagMl: number, mixMlPerMeatG: number): number {
  if (!(bagMl > 0) || !(mixMlPerMeatG >= 0)) throw new RangeError('bagMl must be positive');
  return bagMl / BAG_ML_PER_G / (1 + mixMlPerMeatG);
}

/** Starch and oil on the meat, percent of its weight: starch from 1 tsp to 280 g up to a quarter cup to a kilogram (common practice), oil an own estimate. */
export const COAT_PRACTICE = { starchPercent: { from: 1, to: 3.2 }, oilPercent: { from: 1, to: 4 } } as const;
