import type { Allergen, Ingredient, IngredientKind } from './ingredient';

interface Extras extends Pick<Ingredient, 'strongEnzyme' | 'alcohol' | 'glutamate' | 'piece' | 'pieces'> {
  names?: string[];
  allergens?: Allergen[];
  salt?: number;
  sugar?: number;
  acid?: number;
  fat?: number;
  starch?: number;
}

/** Acid by mass of what was listed before it was asked for: typical, from memory. */
const USUAL_ACID: Record<string, number> = {
  'lemon-juice': 0.055,
  'lime-juice': 0.06,
  'orange-juice': 0.008,
  'rice-vinegar': 0.045,
  'cider-vinegar': 0.05,
  yogurt: 0.01,
  kiwi: 0.012,
};

/** One row of the data; what is left out is none of it. */
export const make = (
  id: string,
  name: string,
  kind: IngredientKind,
  densityGPerMl: number,
  waterFraction: number,
  { names, allergens, salt, sugar, acid, fat, starch, ...rest }: Extras = {},
): Ingredient => ({
  id,
  name,
  kind,
  densityGPerMl,
  waterFraction,
  otherNames: names ?? [],
  allergens: allergens ?? [],
  saltFraction: salt ?? 0,
  sugarFraction: sugar ?? 0,
  acidFraction: acid ?? USUAL_ACID[id] ?? 0,
  fatFraction: fat ?? (kind === 'oil' ? 1 : 0),
  starchFraction: starch ?? (kind === 'starch' ? 0.85 : 0),
  ...rest,
});
