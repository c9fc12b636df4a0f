import type { Allergen, Ingredient, IngredientKind } from './ingredient';

interface Extras extends Pick<Ingredient, 'strongEnzyme' | 'alcohol' | 'glutamate' | 'piece'> {
  names?: string[];
  allergens?: Allergen[];
  salt?: number;
  sugar?: number;
}

const make = (id: string, name: string, kind: IngredientKind, densityGPerMl: number, waterFraction: number, { names, allergens, salt, sugar, ...rest }: Extras = {}): Ingredient => ({
  id, name, kind, densityGPerMl, waterFraction, otherNames: names ?? [], allergens: allergens ?? [], saltFraction: salt ?? 0, sugarFraction: sugar ?? 0, ...rest,
});

/** Carriers of salt after USDA-type sodium x 2.54, densities and water typical and from memory: docs/sources.md, "Ingredients". */
export const INGREDIENTS: readonly Ingredient[] = [
  make('soy-sauce', 'Soy sauce', 'liquid', 1.15, 0.635, { names: ['light soy', 'shoyu'], salt: 0.139, sugar: 0.02, allergens: ['soy', 'gluten'], glutamate: true }),
  make('soy-sauce-reduced', 'Soy sauce, reduced salt', 'liquid', 1.13, 0.7, { names: ['low sodium soy sauce', 'lite soy'], salt: 0.08, sugar: 0.03, allergens: ['soy', 'gluten'], glutamate: true }),
  make('dark-soy-sauce', 'Dark soy sauce', 'liquid', 1.2, 0.6, { names: ['mushroom soy'], salt: 0.133, sugar: 0.1, allergens: ['soy', 'gluten'], glutamate: true }),
  make('tamari', 'Tamari', 'liquid', 1.16, 0.62, { names: ['wheat-free soy sauce'], salt: 0.138, sugar: 0.01, allergens: ['soy'], glutamate: true }),
  make('fish-sauce', 'Fish sauce', 'liquid', 1.2, 0.68, { names: ['nuoc mam', 'nam pla'], salt: 0.2, sugar: 0.04, allergens: ['fish'], glutamate: true }),
  make('oyster-sauce', 'Oyster sauce', 'liquid', 1.2, 0.63, { salt: 0.067, sugar: 0.11, allergens: ['molluscs', 'gluten', 'soy'], glutamate: true }),
  make('rice-wine', 'Rice wine', 'liquid', 0.99, 0.8, { names: ['cooking wine', 'shaoxing wine', 'sake'], sugar: 0.02, alcohol: true, allergens: ['sulphites'] }),
  make('dry-sherry', 'Dry sherry', 'liquid', 0.99, 0.82, { sugar: 0.01, alcohol: true, allergens: ['sulphites'] }),
  make('water', 'Water', 'liquid', 1, 1),
  make('stock', 'Stock, unsalted', 'liquid', 1, 0.98, { names: ['broth', 'bouillon'] }),
  make('coconut-milk', 'Coconut milk', 'liquid', 0.98, 0.72, { sugar: 0.03 }),
  make('yogurt', 'Yogurt, plain', 'acid', 1.03, 0.87, { names: ['yoghurt'], sugar: 0.047, salt: 0.0012, allergens: ['milk'] }),
  make('orange-juice', 'Orange juice', 'liquid', 1.04, 0.88, { sugar: 0.085, piece: { name: 'orange', massG: 80 } }),
  make('lemon-juice', 'Lemon juice', 'acid', 1.03, 0.92, { sugar: 0.025, piece: { name: 'lemon', massG: 45 } }),
  make('lime-juice', 'Lime juice', 'acid', 1.03, 0.91, { sugar: 0.017, piece: { name: 'lime', massG: 30 } }),
  make('rice-vinegar', 'Rice vinegar', 'acid', 1.01, 0.94, { names: ['rice wine vinegar'] }),
  make('cider-vinegar', 'Cider vinegar', 'acid', 1.01, 0.94, { names: ['apple cider vinegar'], allergens: ['sulphites'] }),
  make('salt-fine', 'Salt, fine', 'salt', 1.217, 0, { names: ['table salt', 'fine salt'], salt: 1 }),
  make('salt-sea', 'Sea salt, fine', 'salt', 1.065, 0, { salt: 1 }),
  make('salt-flake', 'Salt, flaked', 'salt', 0.568, 0, { names: ['kosher salt, flaked', 'flake salt'], salt: 1 }),
  make('soda', 'Baking soda (bicarbonate)', 'salt', 0.933, 0, { names: ['bicarb', 'bicarbonate of soda', 'bi-carb soda', 'sodium bicarbonate'] }),
  make('sugar', 'Sugar, white', 'sugar', 0.85, 0, { names: ['caster sugar', 'granulated sugar'], sugar: 1 }),
  make('brown-sugar', 'Sugar, brown', 'sugar', 0.9, 0.015, { names: ['demerara', 'muscovado'], sugar: 0.97 }),
  make('honey', 'Honey', 'sugar', 1.42, 0.17, { sugar: 0.82 }),
  make('molasses', 'Molasses', 'sugar', 1.4, 0.22, { names: ['treacle', 'black treacle'], sugar: 0.74, salt: 0.001, allergens: ['sulphites'] }),
  make('black-pepper', 'Black pepper, ground', 'spice', 0.47, 0.11),
  make('cumin', 'Cumin, cracked', 'spice', 0.43, 0.08, { names: ['jeera', 'ground cumin'] }),
  make('coriander-seed', 'Coriander seed, ground', 'spice', 0.37, 0.09),
  make('fennel-seed', 'Fennel seed, crushed', 'spice', 0.41, 0.09),
  make('juniper', 'Juniper berries, crushed', 'spice', 0.4, 0.1),
  make('chilli-flakes', 'Chilli flakes', 'spice', 0.36, 0.08, { names: ['chili flakes', 'red pepper flakes'], sugar: 0.1 }),
  make('paprika', 'Paprika', 'spice', 0.46, 0.11, { names: ['ground sweet pepper'], sugar: 0.1 }),
  make('mustard-powder', 'Mustard powder', 'spice', 0.42, 0.06, { names: ['ground mustard'], allergens: ['mustard'] }),
  make('garlic', 'Garlic, minced', 'fresh', 1.0, 0.59, { sugar: 0.01, piece: { name: 'clove', massG: 5 } }),
  make('ginger', 'Ginger, grated', 'fresh', 0.97, 0.79, { names: ['root ginger'], sugar: 0.017, strongEnzyme: true, piece: { name: 'thumb', massG: 20 } }),
  make('onion', 'Onion, grated', 'fresh', 0.95, 0.89, { sugar: 0.042, piece: { name: 'onion', massG: 150 } }),
  make('spring-onion', 'Spring onion, chopped', 'fresh', 0.4, 0.9, { names: ['scallion', 'green onion', 'salad onion'], sugar: 0.023, piece: { name: 'stalk', massG: 15 } }),
  make('fennel-bulb', 'Fennel bulb, grated', 'fresh', 0.6, 0.9, { names: ['florence fennel'], sugar: 0.039, piece: { name: 'bulb', massG: 230 } }),
  make('rosemary', 'Rosemary, chopped', 'fresh', 0.3, 0.68),
  make('thyme', 'Thyme leaves', 'fresh', 0.25, 0.65),
  make('pear', 'Asian pear, puréed', 'fruit', 1.02, 0.88, { names: ['nashi', 'nashi pear'], sugar: 0.07, piece: { name: 'pear', massG: 200 } }),
  make('kiwi', 'Kiwi, puréed', 'fruit', 1.03, 0.83, { names: ['kiwifruit', 'kiwi fruit'], sugar: 0.09, strongEnzyme: true, piece: { name: 'kiwi', massG: 70 } }),
  make('corn-starch', 'Corn starch', 'starch', 0.54, 0.11, { names: ['cornflour', 'cornstarch', 'maize starch'] }),
  make('potato-starch', 'Potato starch', 'starch', 0.65, 0.16, { names: ['potato flour', 'farina'] }),
  make('neutral-oil', 'Oil, neutral', 'oil', 0.92, 0, { names: ['sunflower oil', 'rapeseed oil', 'canola oil', 'vegetable oil'] }),
  make('olive-oil', 'Olive oil', 'oil', 0.915, 0),
  make('sesame-oil', 'Sesame oil, toasted', 'oil', 0.92, 0, { allergens: ['sesame'] }),
  make('peanut-oil', 'Peanut oil', 'oil', 0.915, 0, { names: ['groundnut oil'], allergens: ['peanut'] }),
];

/** An ingredient by id, name or any other name, letter case aside; undefined when none matches. */
export function findIngredient(nameOrId: string, among: readonly Ingredient[] = INGREDIENTS): Ingredient | undefined {
  const wanted = nameOrId.trim().toLowerCase();
  return among.find((one) => one.id === wanted) ?? among.find((one) => [one.name, ...one.otherNames].some((name) => name.toLowerCase() === wanted || name.toLowerCase().split(',')[0] === wanted));
}
