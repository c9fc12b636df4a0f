import type { Ingredient } from '../ingredient';
import { make } from '../ingredientRow';

/** Herbs, roots, peels and fruit that pages of recipes name. Typical values from memory: docs/sources.md, "Ingredients". */
export const FRESH_THINGS: readonly Ingredient[] = [
  make('curry-leaf', 'Curry leaves', 'fresh', 0.1, 0.65, {
    names: ['curry leaf', 'fresh curry leaves'],
    piece: { name: 'leaf', massG: 0.1 },
    pieces: { sprig: 1.5, bunch: 20 },
  }),
  make('chilli-bird', 'Bird’s-eye chilli', 'fresh', 0.55, 0.85, {
    names: ['birds eye chilli', 'bird chilli', 'thai chilli', 'birdseye chilli', 'small hot chilli'],
    sugar: 0.05,
    piece: { name: 'chilli', massG: 1 },
  }),
  make('lime-zest', 'Lime zest', 'fresh', 0.4, 0.8, {
    names: ['zest of lime', 'lime peel', 'grated lime rind'],
    piece: { name: 'lime', massG: 2 },
  }),
  make('chives', 'Chives', 'fresh', 0.2, 0.91, { names: ['garlic chives', 'chinese chives'], pieces: { bunch: 25 } }),
  make('dill', 'Dill, chopped', 'fresh', 0.12, 0.86, {
    names: ['fresh dill'],
    piece: { name: 'sprig', massG: 1 },
    pieces: { bunch: 35 },
  }),
  make('sage', 'Sage, chopped', 'fresh', 0.2, 0.75, {
    names: ['sage leaves', 'fresh sage'],
    piece: { name: 'leaf', massG: 0.4 },
    pieces: { bunch: 30 },
  }),
  make('tarragon', 'Tarragon, chopped', 'fresh', 0.15, 0.8, {
    names: ['tarragon leaves', 'fresh tarragon'],
    piece: { name: 'sprig', massG: 1 },
    pieces: { bunch: 30 },
  }),
  make('oregano-fresh', 'Oregano, fresh', 'fresh', 0.15, 0.8, {
    names: ['fresh oregano', 'fresh marjoram', 'oregano leaves'],
    piece: { name: 'sprig', massG: 1 },
    pieces: { bunch: 30 },
  }),
  make('coriander-root', 'Coriander root', 'fresh', 0.5, 0.88, {
    names: ['coriander roots', 'cilantro root'],
    piece: { name: 'root', massG: 3 },
  }),
  make('perilla', 'Perilla', 'fresh', 0.12, 0.87, {
    names: ['shiso', 'perilla leaves', 'shiso leaves'],
    piece: { name: 'leaf', massG: 0.7 },
  }),
  make('garlic-black', 'Black garlic', 'fresh', 1.0, 0.5, { sugar: 0.3, piece: { name: 'clove', massG: 3 } }),
  make('ginger-pickled', 'Pickled ginger', 'fresh', 0.9, 0.85, {
    names: ['sushi ginger', 'gari'],
    salt: 0.025,
    sugar: 0.1,
    acid: 0.01,
  }),
  make('tomato', 'Tomato, grated', 'fresh', 0.95, 0.94, {
    names: ['tomatoes', 'fresh tomato', 'grated tomato'],
    sugar: 0.026,
    acid: 0.005,
    piece: { name: 'tomato', massG: 120 },
    pieces: { small: 80, medium: 120, large: 180 },
  }),
  make('carrot', 'Carrot, grated', 'fresh', 0.6, 0.88, {
    names: ['carrots', 'grated carrot'],
    sugar: 0.047,
    piece: { name: 'carrot', massG: 70 },
  }),
  make('sweet-pepper', 'Sweet pepper', 'fresh', 0.6, 0.92, {
    names: [
      'bell pepper',
      'red pepper',
      'green pepper',
      'capsicum',
      'peppers',
      'sweet peppers',
      'yellow pepper',
      'red peppers',
      'green peppers',
      'yellow peppers',
    ],
    sugar: 0.04,
    piece: { name: 'pepper', massG: 150 },
  }),
  make('capers', 'Capers', 'fresh', 0.6, 0.84, { names: ['capers in brine'], salt: 0.06 }),
  make('olives', 'Olives', 'fresh', 0.6, 0.75, {
    names: ['black olives', 'green olives'],
    salt: 0.03,
    fat: 0.15,
    piece: { name: 'olive', massG: 4 },
  }),
  make('mango', 'Mango, puréed', 'fresh', 1.02, 0.83, {
    names: ['mango puree', 'mango', 'ripe mango'],
    sugar: 0.14,
    piece: { name: 'mango', massG: 200 },
  }),
  make('banana', 'Banana, mashed', 'fresh', 0.95, 0.75, {
    names: ['mashed banana', 'banana'],
    sugar: 0.12,
    piece: { name: 'banana', massG: 110 },
  }),
  make('dates', 'Dates, chopped', 'fresh', 0.65, 0.21, {
    names: ['dates', 'medjool dates', 'pitted dates'],
    sugar: 0.66,
    piece: { name: 'date', massG: 15 },
  }),
  make('fig-dried', 'Figs, dried', 'fresh', 0.65, 0.3, {
    names: ['dried figs', 'dried fig'],
    sugar: 0.48,
    piece: { name: 'fig', massG: 8 },
  }),
  make('raisins', 'Raisins', 'fresh', 0.65, 0.15, {
    names: ['sultanas', 'currants', 'dried currants'],
    sugar: 0.6,
    allergens: ['sulphites'],
  }),
  make('apple-sauce', 'Apple sauce', 'fresh', 1.03, 0.82, {
    names: ['applesauce', 'apple puree', 'stewed apple', 'apple mousse'],
    sugar: 0.13,
  }),
  make('apricot-jam', 'Jam', 'sugar', 1.35, 0.33, {
    names: ['apricot jam', 'fig jam', 'plum jam', 'orange marmalade', 'marmalade', 'fruit jam', 'jelly'],
    sugar: 0.6,
  }),
  make('ginger-candied', 'Ginger in syrup', 'sugar', 1.2, 0.3, {
    names: ['stem ginger', 'stem ginger in syrup', 'candied ginger', 'crystallised ginger', 'ginger syrup'],
    sugar: 0.6,
  }),
  make('pear-nectar', 'Pear juice, from a carton', 'liquid', 1.05, 0.86, {
    names: ['pear juice', 'pear nectar'],
    sugar: 0.12,
  }),
  make('pineapple-juice-fresh', 'Pineapple juice, fresh', 'fruit', 1.05, 0.86, {
    names: ['fresh pineapple juice'],
    sugar: 0.1,
    acid: 0.007,
    strongEnzyme: true,
  }),
];
