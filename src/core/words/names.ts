import type { HeatMethod } from '../ways';
import type { SodaChoice } from '../tenderizing';
import type { Allergen, IngredientKind } from '../marinades';
import type { Animal } from '../pieces';
import { WAYS, type Shape, type Stage, type Use, type Way } from '../ways';

const WAY_WORDS = {
  'stir-fry': 'Stir-fry',
  'flat-skewers': 'Skewers, flat',
  'cube-skewers': 'Skewers, cubes',
  'table-grill': 'Table grill',
  'thin-steak': 'Thin steak',
} satisfies Record<Way, string>;
/** A way that has no words yet is called by its id. */
const spelled = (id: string) => id.charAt(0).toUpperCase() + id.slice(1).replaceAll('-', ' ');
export const WAY_NAMES = Object.fromEntries(
  WAYS.map((way) => [way, (WAY_WORDS as Record<string, string>)[way] ?? spelled(way)]),
) as Record<Way, string>;
export const USE_NAMES: Record<Use, string> = { ...WAY_NAMES, jerky: 'Jerky' };
export const ANIMAL_NAMES: Record<Animal, string> = {
  beef: 'Beef',
  veal: 'Veal',
  pork: 'Pork',
  lamb: 'Lamb',
  goat: 'Goat',
  venison: 'Venison',
  boar: 'Wild boar',
  bear: 'Bear',
  bison: 'Bison',
  rabbit: 'Rabbit',
  chicken: 'Chicken',
  turkey: 'Turkey',
  duck: 'Duck',
  goose: 'Goose',
};
export const KIND_NAMES: Record<IngredientKind, string> = {
  liquid: 'liquid',
  salt: 'salt',
  spice: 'spice',
  sugar: 'sweet',
  fresh: 'fresh',
  fruit: 'fruit',
  acid: 'sour',
  starch: 'starch',
  oil: 'oil',
};
export const STAGE_NAMES: Record<Stage, string> = {
  piece: 'Piece',
  firm: 'Firm',
  slice: 'Slice',
  tenderize: 'Tenderize',
  marinate: 'Marinate',
  cook: 'Cook',
  taste: 'Taste',
};
export const WORK_NAMES = { tender: 'tender cut', some: 'some work in it', hard: 'hard-working muscle' } as const;
export const SODA_NAMES: Record<SodaChoice, string> = {
  'leave-in': 'Leave it in',
  'rinse-off': 'Rinse it off',
  skip: 'Skip soda',
};

/** What the knife makes, one and many. */
export const SHAPE_UNITS: Record<Shape, readonly [one: string, many: string]> = {
  strips: ['strip', 'strips'],
  ribbons: ['slice', 'slices'],
  shaved: ['slice', 'slices'],
  cubes: ['cube', 'cubes'],
  unrolled: ['sheet', 'sheets'],
  butterflied: ['sheet', 'sheets'],
  pounded: ['steak', 'steaks'],
  steaks: ['steak', 'steaks'],
  'sliced-after': ['piece', 'pieces'],
};

export const ALLERGEN_NAMES: Record<Allergen, string> = {
  gluten: 'wheat (gluten)',
  crustaceans: 'crustaceans',
  egg: 'egg',
  fish: 'fish',
  peanut: 'peanut',
  soy: 'soy',
  milk: 'milk',
  'tree-nuts': 'tree nuts',
  celery: 'celery',
  mustard: 'mustard',
  sesame: 'sesame',
  sulphites: 'sulphites',
  lupin: 'lupin',
  molluscs: 'molluscs',
};

/** The line that stands within reach of every safety figure. */
export const GUIDANCE_LINE =
  'Usual guidance for home kitchens. Local food-safety rules come first; for selling food, ask your licensing authority.';

/** "soy, wheat (gluten) and sesame" */
export function listOf(words: readonly string[]): string {
  if (words.length < 2) return words[0] ?? '';
  return `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`;
}

/** Where batches share the heat, as there may be several of it. */
export const HEAT_PLACE_NAMES: Record<HeatMethod, string> = {
  pan: 'pans',
  grill: 'grills',
  oven: 'ovens',
  table: 'table grills',
};
