/** What a label says of so much of it: 100 g or 100 ml, or a serving. */
export interface Label {
  amount: number;
  unit: 'g' | 'ml';
  /** One of both; a label has the other side's manner. */
  saltG?: number;
  sodiumMg?: number;
  sugarG?: number;
  carbohydrateG?: number;
  fatG?: number;
  proteinG?: number;
  /** Percent by volume, on the bottle. */
  alcoholPercent?: number;
  densityGPerMl: number;
}

export interface LabelFractions {
  waterFraction: number;
  saltFraction: number;
  sugarFraction: number;
  fatFraction: number;
}

/** Salt that labels reckon to sodium: EU Regulation 1169/2011, Annex I, salt = sodium x 2.5. */
export const SALT_PER_SODIUM = 2.5;
const ETHANOL_G_PER_ML = 0.789;

/**
 * Shares of the weight from a label; what the label does not name is water. Undefined where the parts add up to more than there is.
 * @throws RangeError for an amount or density that is not positive, or a part below nothing
 * @example fractionsOf({ amount: 100, unit: 'ml', saltG: 16, densityGPerMl: 1.15 })!.saltFraction // 0.139
 */
export function fractionsOf({
  amount,
  unit,
  saltG,
  sodiumMg = 0,
  sugarG = 0,
  carbohydrateG = sugarG,
  fatG = 0,
  proteinG = 0,
  alcoholPercent = 0,
  densityGPerMl,
}: Label): LabelFractions | undefined {
  const salt = saltG ?? (sodiumMg / 1000) * SALT_PER_SODIUM;
  if (
    !(densityGPerMl > 0) ||
    !(amount > 0) ||
    ![salt, sugarG, carbohydrateG, fatG, proteinG, alcoholPercent].every((part) => part >= 0)
  )
    throw new RangeError('no part may be negative; amount and densityGPerMl must be positive');
  const grams = unit === 'g' ? amount : amount * densityGPerMl;
  const alcohol = (alcoholPercent / 100) * (ETHANOL_G_PER_ML / densityGPerMl);
  const share = (partG: number) => partG / grams;
  const waterFraction = 1 - share(salt + Math.max(carbohydrateG, sugarG) + fatG + proteinG) - alcohol;
  return waterFraction < -1e-9
    ? undefined
    : {
        waterFraction: Math.max(0, waterFraction),
        saltFraction: share(salt),
        sugarFraction: share(sugarG),
        fatFraction: share(fatG),
      };
}
