/** The fourteen of EU Regulation 1169/2011, Annex II. */
export const ALLERGENS = [
  'gluten',
  'crustaceans',
  'egg',
  'fish',
  'peanut',
  'soy',
  'milk',
  'tree-nuts',
  'celery',
  'mustard',
  'sesame',
  'sulphites',
  'lupin',
  'molluscs',
] as const;
export type Allergen = (typeof ALLERGENS)[number];

export const INGREDIENT_KINDS = [
  'liquid',
  'salt',
  'spice',
  'sugar',
  'fresh',
  'fruit',
  'acid',
  'starch',
  'oil',
] as const;
export type IngredientKind = (typeof INGREDIENT_KINDS)[number];

export interface Ingredient {
  id: string;
  name: string;
  otherNames: readonly string[];
  kind: IngredientKind;
  /** As it is measured: minced, ground, poured. */
  densityGPerMl: number;
  waterFraction: number;
  saltFraction: number;
  sugarFraction: number;
  acidFraction?: number;
  fatFraction?: number;
  starchFraction?: number;
  allergens: readonly Allergen[];
  /** Fresh fruit or root strong enough to turn thin meat to mush. */
  strongEnzyme?: boolean;
  /** Of the cook's own: as strong as pear, kiwi or pineapple; left out with strongEnzyme, the strongest. */
  enzymeClass?: 'mild' | 'strong' | 'strongest';
  alcohol?: boolean;
  glutamate?: boolean;
  /** What it is counted in at home. */
  piece?: { name: string; massG: number };
  /** Other things it is counted in, and what one weighs, g: head, bunch, stick, small, large. */
  pieces?: Readonly<Record<string, number>>;
  /** Made by the cook, from a label. */
  own?: boolean;
  /** Put away: marinades made with it stand, but it is not offered. */
  removed?: boolean;
}
