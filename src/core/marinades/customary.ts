import type { Ingredient } from './ingredient';
import { FINE_SALT } from './pantry';
import type { MarinadeLine } from './scaleMarinade';
import { solveSalt, USUAL_WATER_FRACTION } from './targets';

/** Where salt "to taste" should land, percent of the meat (common practice). */
export const CUSTOMARY_SALT_PERCENT = 1.1;

/** Usual amounts for a kilogram of trimmed meat when a recipe gives none, ml or g: the middle of common practice. */
const ML_PER_KG: Readonly<Record<string, number>> = {
  'soy-sauce': 75,
  'soy-sauce-reduced': 75,
  tamari: 75,
  'dark-soy-sauce': 30,
  'sweet-dark-soy': 45,
  'fish-sauce': 30,
  'oyster-sauce': 30,
  'sesame-oil': 7,
  'chilli-oil': 10,
  'rice-wine': 30,
  'cooking-wine-wheat': 30,
  'cooking-wine': 30,
  'dry-sherry': 30,
  mirin: 30,
  yogurt: 150,
  'coconut-milk': 150,
};
const G_PER_KG: Readonly<Record<string, number>> = {
  garlic: 20,
  ginger: 15,
  onion: 75,
  shallot: 40,
  'spring-onion': 30,
  'chilli-fresh': 8,
  'chilli-bird': 3,
  lemongrass: 25,
  soda: 4,
};
const BY_KIND_G: Readonly<Record<Ingredient['kind'], number>> = {
  liquid: 30,
  acid: 25,
  spice: 3,
  sugar: 15,
  starch: 10,
  oil: 20,
  fresh: 15,
  fruit: 50,
  salt: 5,
};

/**
 * How much of it is customary for so much meat, g; salt is what brings the whole mix to {@link CUSTOMARY_SALT_PERCENT} (common practice:
 * docs/sources.md, "Usual amounts"). A proposal, to be taken at a press.
 */
export function customaryG(ingredient: Ingredient, meatG: number, others: readonly MarinadeLine[] = []): number {
  const kg = meatG / 1000;
  if (ingredient.kind === 'salt' && ingredient.saltFraction > 0.5) return saltG(ingredient, meatG, others);
  const ml = ML_PER_KG[ingredient.id];
  if (ml !== undefined) return ml * kg * ingredient.densityGPerMl;
  return (G_PER_KG[ingredient.id] ?? BY_KIND_G[ingredient.kind]) * kg;
}

function saltG(salt: Ingredient, meatG: number, others: readonly MarinadeLine[]): number {
  const unsalted = others.filter(({ ingredient }) => ingredient.kind !== 'salt' || ingredient.saltFraction <= 0.5);
  const before = unsalted.reduce((sum, { ingredient, massG }) => sum + ingredient.saltFraction * massG, 0);
  const solved = solveSalt(
    unsalted,
    { meatG, meatWaterFraction: USUAL_WATER_FRACTION },
    { targetPercent: CUSTOMARY_SALT_PERCENT, salt: FINE_SALT },
  );
  if (!solved.ok) return 0.01 * meatG;
  const after = solved.lines.reduce((sum, { ingredient, massG }) => sum + ingredient.saltFraction * massG, 0);
  return Math.max(0.001 * meatG, after - before) / salt.saltFraction;
}
