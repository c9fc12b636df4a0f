import type { Ingredient } from './ingredient';
import { make } from './ingredientRow';

/** What a plan may add to a mix by itself stands here, apart from the long list of ingredients, which it need not know. */

/** Fine salt: what salt is made up with. */
export const FINE_SALT: Ingredient = make('salt-fine', 'Salt, fine', 'salt', 1.217, 0, {
  names: ['table salt', 'fine salt'],
  salt: 1,
});

/** The coat that keeps juice in and slices apart. */
export const CORN_STARCH: Ingredient = make('corn-starch', 'Corn starch', 'starch', 0.54, 0.11, {
  names: ['cornflour', 'cornstarch', 'maize starch', 'maize flour starch'],
});
export const NEUTRAL_OIL: Ingredient = make('neutral-oil', 'Oil, neutral', 'oil', 0.92, 0, {
  names: [
    'sunflower oil',
    'rapeseed oil',
    'canola oil',
    'vegetable oil',
    'cooking oil',
    'grapeseed oil',
    'neutral oil',
    'oil',
  ],
});

export const WHITE_SUGAR: Ingredient = make('sugar', 'Sugar, white', 'sugar', 0.85, 0, {
  names: ['caster sugar', 'granulated sugar'],
  sugar: 1,
});

/** Fruits and roots by the ids that the enzyme clock knows them by. */
export const FRUIT_INGREDIENTS: readonly Ingredient[] = [
  make('ginger', 'Ginger, grated', 'fresh', 0.97, 0.79, {
    names: ['root ginger', 'ginger root', 'fresh ginger'],
    sugar: 0.017,
    strongEnzyme: true,
    piece: { name: 'thumb', massG: 20 },
    pieces: { knob: 20, slice: 2, piece: 20 },
  }),
  make('onion', 'Onion, grated', 'fresh', 0.95, 0.89, {
    names: ['onions', 'brown onion', 'yellow onion', 'white onion', 'red onion', 'onion juice'],
    sugar: 0.042,
    piece: { name: 'onion', massG: 110 },
    pieces: { small: 70, medium: 110, large: 150 },
  }),
  make('pear', 'Asian pear, puréed', 'fruit', 1.02, 0.88, {
    names: ['nashi', 'nashi pear', 'korean pear', 'apple pear'],
    sugar: 0.07,
    piece: { name: 'pear', massG: 200 },
  }),
  make('kiwi', 'Kiwi, puréed', 'fruit', 1.03, 0.83, {
    names: ['kiwifruit', 'kiwi fruit'],
    sugar: 0.09,
    strongEnzyme: true,
    piece: { name: 'kiwi', massG: 70 },
  }),
  make('apple', 'Apple, grated', 'fruit', 1.0, 0.86, {
    names: ['apples'],
    sugar: 0.1,
    acid: 0.005,
    piece: { name: 'apple', massG: 130 },
  }),
  make('pineapple', 'Pineapple, fresh, puréed', 'fruit', 1.03, 0.86, {
    names: ['fresh pineapple', 'pineapple'],
    sugar: 0.1,
    acid: 0.007,
    strongEnzyme: true,
  }),
  make('papaya', 'Papaya, puréed', 'fruit', 1.02, 0.88, {
    names: ['green papaya', 'pawpaw', 'unripe papaya'],
    sugar: 0.08,
    strongEnzyme: true,
  }),
  make('fig', 'Fig, fresh, puréed', 'fruit', 1.03, 0.79, {
    names: ['fresh fig', 'fresh figs', 'figs'],
    sugar: 0.16,
    strongEnzyme: true,
    piece: { name: 'fig', massG: 50 },
  }),
  make('western-pear', 'Western pear, puréed', 'fruit', 1.02, 0.84, {
    names: ['conference pear', 'bartlett pear', 'bosc pear'],
    sugar: 0.1,
    piece: { name: 'pear', massG: 160 },
  }),
  make('pineapple-canned', 'Pineapple, canned', 'fruit', 1.04, 0.83, {
    names: ['canned pineapple', 'tinned pineapple', 'crushed pineapple'],
    sugar: 0.14,
  }),
];
