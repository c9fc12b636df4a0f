import type { Ingredient } from '../ingredient';
import { make } from '../ingredientRow';

/** Nut butters, plant milks, creams, fats and oils: each keeps its allergen. Typical values from memory: docs/sources.md, "Ingredients". */
export const NUTS_MILKS_AND_OILS: readonly Ingredient[] = [
  make('almond-butter', 'Almond butter', 'liquid', 1.08, 0.02, { sugar: 0.04, fat: 0.55, allergens: ['tree-nuts'] }),
  make('cashew-butter', 'Cashew butter', 'liquid', 1.08, 0.03, { sugar: 0.05, fat: 0.49, allergens: ['tree-nuts'] }),
  make('peanuts', 'Peanuts, crushed', 'spice', 0.6, 0.05, {
    names: ['crushed peanuts', 'ground peanuts', 'peanuts', 'roasted peanuts', 'chopped peanuts'],
    fat: 0.49,
    sugar: 0.05,
    allergens: ['peanut'],
  }),
  make('walnuts', 'Walnuts, ground', 'spice', 0.45, 0.04, {
    names: ['ground walnuts', 'walnuts', 'chopped walnuts'],
    fat: 0.65,
    allergens: ['tree-nuts'],
  }),
  make('hazelnuts', 'Hazelnuts, ground', 'spice', 0.42, 0.05, {
    names: ['ground hazelnuts', 'hazelnuts'],
    fat: 0.61,
    allergens: ['tree-nuts'],
  }),
  make('pistachios', 'Pistachios, ground', 'spice', 0.45, 0.04, {
    names: ['ground pistachios', 'pistachios'],
    fat: 0.45,
    allergens: ['tree-nuts'],
  }),
  make('coconut-cream', 'Coconut cream', 'liquid', 0.98, 0.54, { names: ['creamed coconut'], sugar: 0.03, fat: 0.34 }),
  make('coconut-water', 'Coconut water', 'liquid', 1.02, 0.95, { sugar: 0.03 }),
  make('coconut-desiccated', 'Coconut, desiccated', 'spice', 0.35, 0.03, {
    names: ['desiccated coconut', 'shredded coconut', 'dried coconut'],
    fat: 0.65,
    sugar: 0.07,
  }),
  make('soy-milk', 'Soy milk', 'liquid', 1.03, 0.91, {
    names: ['soya milk', 'soya drink', 'soy drink'],
    sugar: 0.03,
    allergens: ['soy'],
  }),
  make('almond-milk', 'Almond milk', 'liquid', 1.01, 0.96, {
    names: ['almond drink'],
    sugar: 0.02,
    allergens: ['tree-nuts'],
  }),
  make('oat-milk', 'Oat milk', 'liquid', 1.02, 0.9, { names: ['oat drink'], sugar: 0.04, allergens: ['gluten'] }),
  make('soy-yogurt', 'Soy yogurt', 'acid', 1.03, 0.88, {
    names: ['soya yoghurt', 'vegan yoghurt', 'plant yoghurt'],
    sugar: 0.03,
    acid: 0.008,
    allergens: ['soy'],
  }),
  make('greek-yogurt', 'Greek-style yogurt', 'acid', 1.04, 0.8, {
    names: ['greek yoghurt', 'skyr', 'labneh'],
    sugar: 0.04,
    fat: 0.08,
    acid: 0.01,
    allergens: ['milk'],
  }),
  make('sour-cream', 'Sour cream', 'acid', 1.0, 0.73, {
    names: ['soured cream', 'creme fraiche', 'schmand'],
    sugar: 0.03,
    fat: 0.2,
    acid: 0.007,
    allergens: ['milk'],
  }),
  make('cream-cheese', 'Cream cheese', 'liquid', 1.0, 0.53, {
    salt: 0.008,
    sugar: 0.035,
    fat: 0.34,
    allergens: ['milk'],
  }),
  make('ghee', 'Ghee', 'oil', 0.91, 0, { names: ['clarified butter'], allergens: ['milk'] }),
  make('butter-salted', 'Butter, salted', 'oil', 0.91, 0.16, {
    names: ['salted butter'],
    salt: 0.017,
    fat: 0.81,
    allergens: ['milk'],
    pieces: { stick: 113, knob: 15 },
  }),
  make('walnut-oil', 'Walnut oil', 'oil', 0.92, 0, { allergens: ['tree-nuts'] }),
  make('hazelnut-oil', 'Hazelnut oil', 'oil', 0.92, 0, {
    names: ['almond oil', 'pistachio oil'],
    allergens: ['tree-nuts'],
  }),
  make('mustard-oil', 'Mustard oil', 'oil', 0.91, 0, { allergens: ['mustard'] }),
  make('garlic-oil', 'Garlic oil', 'oil', 0.92, 0, { names: ['garlic-infused oil'] }),
  make('soybean-oil', 'Soybean oil', 'oil', 0.92, 0, { names: ['soya oil', 'soy oil'], allergens: ['soy'] }),
  make('avocado-oil', 'Avocado oil', 'oil', 0.91, 0, {}),
  make('sesame-oil-plain', 'Sesame oil, untoasted', 'oil', 0.92, 0, {
    names: ['cold-pressed sesame oil', 'light sesame oil'],
    allergens: ['sesame'],
  }),
  make('lard', 'Lard', 'oil', 0.91, 0, {
    names: ['pork fat', 'beef dripping', 'tallow', 'bacon fat', 'duck fat', 'chicken fat'],
  }),
  make('egg-yolk', 'Egg yolk', 'liquid', 1.03, 0.52, {
    names: ['egg yolks'],
    fat: 0.27,
    allergens: ['egg'],
    piece: { name: 'yolk', massG: 18 },
  }),
];
