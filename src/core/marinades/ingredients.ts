import type { Ingredient } from './ingredient';
import { FRESH_THINGS } from './catalogue/freshThings';
import { NUTS_MILKS_AND_OILS } from './catalogue/nutsMilksAndOils';
import { PASTES_AND_SAUCES } from './catalogue/pastesAndSauces';
import { SEASONINGS } from './catalogue/seasonings';
import { make } from './ingredientRow';
import { CORN_STARCH, FINE_SALT, FRUIT_INGREDIENTS, NEUTRAL_OIL, WHITE_SUGAR } from './pantry';

/** Carriers of salt after USDA-type sodium x 2.54, densities and water typical and from memory: docs/sources.md, "Ingredients". */
export const INGREDIENTS: readonly Ingredient[] = [
  // First: plain "ginger" is the fresh one.
  ...FRUIT_INGREDIENTS,
  make('soy-sauce', 'Soy sauce', 'liquid', 1.15, 0.635, {
    names: ['light soy', 'shoyu', 'soy', 'soya sauce', 'light soy sauce', 'regular soy sauce', 'all-purpose soy sauce'],
    salt: 0.139,
    sugar: 0.02,
    allergens: ['soy', 'gluten'],
    glutamate: true,
  }),
  make('soy-sauce-reduced', 'Soy sauce, reduced salt', 'liquid', 1.13, 0.7, {
    names: ['low sodium soy sauce', 'lite soy'],
    salt: 0.08,
    sugar: 0.03,
    allergens: ['soy', 'gluten'],
    glutamate: true,
  }),
  make('dark-soy-sauce', 'Dark soy sauce', 'liquid', 1.2, 0.6, {
    names: ['mushroom soy', 'dark soy', 'thick soy sauce'],
    salt: 0.133,
    sugar: 0.1,
    allergens: ['soy', 'gluten'],
    glutamate: true,
  }),
  make('tamari', 'Tamari', 'liquid', 1.16, 0.62, {
    names: ['wheat-free soy sauce'],
    salt: 0.138,
    sugar: 0.01,
    allergens: ['soy'],
    glutamate: true,
  }),
  make('fish-sauce', 'Fish sauce', 'liquid', 1.2, 0.68, {
    names: ['nuoc mam', 'nam pla'],
    salt: 0.2,
    sugar: 0.04,
    allergens: ['fish'],
    glutamate: true,
  }),
  make('oyster-sauce', 'Oyster sauce', 'liquid', 1.2, 0.7, {
    salt: 0.085,
    sugar: 0.11,
    allergens: ['molluscs', 'gluten', 'soy'],
    glutamate: true,
  }),
  make('rice-wine', 'Rice wine', 'liquid', 0.99, 0.8, {
    names: ['sake', 'cooking sake', 'rice wine for drinking'],
    sugar: 0.02,
    alcohol: true,
    allergens: ['sulphites'],
  }),
  make('dry-sherry', 'Dry sherry', 'liquid', 0.99, 0.82, { sugar: 0.01, alcohol: true, allergens: ['sulphites'] }),
  make('water', 'Water', 'liquid', 1, 1),
  make('stock', 'Stock, unsalted', 'liquid', 1, 0.98, {
    names: ['unsalted stock', 'unsalted broth', 'no-salt stock', 'unsalted chicken stock', 'unsalted vegetable stock'],
    allergens: ['celery'],
  }),
  make('coconut-milk', 'Coconut milk', 'liquid', 0.98, 0.72, { names: ['thick coconut milk'], sugar: 0.03, fat: 0.19 }),
  make('yogurt', 'Yogurt, plain', 'acid', 1.03, 0.87, {
    names: ['yoghurt', 'natural yoghurt'],
    fat: 0.03,
    sugar: 0.047,
    salt: 0.0012,
    allergens: ['milk'],
  }),
  make('orange-juice', 'Orange juice', 'liquid', 1.04, 0.88, {
    names: ['juice of orange'],
    sugar: 0.085,
    piece: { name: 'orange', massG: 80 },
  }),
  make('lemon-juice', 'Lemon juice', 'acid', 1.03, 0.92, {
    names: ['juice of lemon'],
    sugar: 0.025,
    piece: { name: 'lemon', massG: 45 },
  }),
  make('lime-juice', 'Lime juice', 'acid', 1.03, 0.91, {
    names: ['juice of lime'],
    sugar: 0.017,
    piece: { name: 'lime', massG: 41 },
  }),
  make('rice-vinegar', 'Rice vinegar', 'acid', 1.01, 0.94, { names: ['rice wine vinegar'] }),
  make('cider-vinegar', 'Cider vinegar', 'acid', 1.01, 0.94, {
    names: ['apple cider vinegar'],
    allergens: ['sulphites'],
  }),
  FINE_SALT,
  make('salt-sea', 'Sea salt, fine', 'salt', 1.065, 0, { salt: 1 }),
  make('salt-flake', 'Salt, flaked', 'salt', 0.568, 0, {
    names: ['flake salt', 'sea salt flakes', 'flaky salt'],
    salt: 1,
  }),
  make('soda', 'Baking soda (bicarbonate)', 'salt', 0.933, 0, {
    names: ['baking soda', 'bicarb', 'bicarbonate of soda', 'bi-carb soda', 'sodium bicarbonate'],
  }),
  WHITE_SUGAR,
  make('brown-sugar', 'Sugar, brown', 'sugar', 0.9, 0.015, { names: ['demerara', 'muscovado'], sugar: 0.97 }),
  make('honey', 'Honey', 'sugar', 1.42, 0.17, { sugar: 0.82 }),
  make('molasses', 'Molasses', 'sugar', 1.4, 0.22, {
    names: ['treacle', 'black treacle'],
    sugar: 0.74,
    salt: 0.001,
    allergens: ['sulphites'],
  }),
  make('black-pepper', 'Black pepper, ground', 'spice', 0.47, 0.11, { names: ['pepper', 'ground pepper'] }),
  make('cumin', 'Cumin, cracked', 'spice', 0.43, 0.08, { names: ['jeera', 'ground cumin'] }),
  make('coriander-seed', 'Coriander seed, ground', 'spice', 0.37, 0.09, {
    names: ['ground coriander', 'coriander powder', 'ground coriander seed'],
  }),
  make('fennel-seed', 'Fennel seed, crushed', 'spice', 0.41, 0.09),
  make('juniper', 'Juniper berries, crushed', 'spice', 0.4, 0.1, {
    names: ['juniper', 'juniper berries'],
    piece: { name: 'berry', massG: 0.15 },
  }),
  make('chilli-flakes', 'Chilli flakes', 'spice', 0.36, 0.08, {
    names: ['chili flakes', 'red pepper flakes', 'dried chilli flakes'],
    sugar: 0.1,
  }),
  make('paprika', 'Paprika', 'spice', 0.46, 0.11, { names: ['ground sweet pepper'], sugar: 0.1 }),
  make('mustard-powder', 'Mustard powder', 'spice', 0.42, 0.06, { names: ['ground mustard'], allergens: ['mustard'] }),
  make('garlic', 'Garlic, minced', 'fresh', 0.58, 0.59, {
    sugar: 0.01,
    piece: { name: 'clove', massG: 4 },
    pieces: { head: 50, bulb: 50 },
  }),
  make('spring-onion', 'Spring onion, chopped', 'fresh', 0.4, 0.9, {
    names: ['scallion', 'green onion', 'salad onion'],
    sugar: 0.023,
    piece: { name: 'stalk', massG: 15 },
    pieces: { bunch: 100 },
  }),
  make('fennel-bulb', 'Fennel bulb, grated', 'fresh', 0.6, 0.9, {
    names: ['florence fennel'],
    sugar: 0.039,
    piece: { name: 'bulb', massG: 230 },
  }),
  make('rosemary', 'Rosemary, chopped', 'fresh', 0.115, 0.68, {
    piece: { name: 'sprig', massG: 2 },
    pieces: { bunch: 30 },
  }),
  make('thyme', 'Thyme leaves', 'fresh', 0.16, 0.65, {
    names: ['thyme', 'fresh thyme'],
    piece: { name: 'sprig', massG: 1 },
    pieces: { bunch: 30 },
  }),
  CORN_STARCH,
  make('potato-starch', 'Potato starch', 'starch', 0.65, 0.13, { names: ['potato flour', 'farina'], starch: 0.82 }),
  NEUTRAL_OIL,
  make('olive-oil', 'Olive oil', 'oil', 0.915, 0),
  make('sesame-oil', 'Sesame oil, toasted', 'oil', 0.92, 0, { allergens: ['sesame'] }),
  make('peanut-oil', 'Peanut oil', 'oil', 0.915, 0, { names: ['groundnut oil'], allergens: ['peanut'] }),
  make('fish-sauce-vegan', 'Seaweed sauce', 'liquid', 1.15, 0.72, {
    names: ['vegan fish sauce', 'vegetarian fish sauce'],
    salt: 0.18,
    sugar: 0.02,
    glutamate: true,
  }),
  make('worcestershire', 'Worcestershire-style sauce', 'liquid', 1.1, 0.72, {
    names: ['worcester sauce', 'worcestershire sauce'],
    salt: 0.027,
    sugar: 0.14,
    allergens: ['fish', 'gluten'],
    acid: 0.03,
  }),
  make('hoisin', 'Hoisin sauce', 'liquid', 1.2, 0.45, {
    names: ['hoisin'],
    salt: 0.042,
    sugar: 0.27,
    allergens: ['soy', 'gluten', 'sesame'],
    glutamate: true,
  }),
  make('sweet-dark-soy', 'Sweet dark soy sauce', 'liquid', 1.3, 0.35, {
    names: ['kecap manis', 'sweet soy sauce', 'sweet soy', 'sweet dark soy'],
    salt: 0.07,
    sugar: 0.5,
    allergens: ['soy', 'gluten'],
    glutamate: true,
  }),
  make('miso-white', 'Miso, white', 'liquid', 1.15, 0.43, {
    names: ['white miso', 'shiro miso', 'miso paste', 'miso'],
    salt: 0.065,
    sugar: 0.09,
    allergens: ['soy'],
    glutamate: true,
  }),
  make('miso-red', 'Miso, red', 'liquid', 1.15, 0.43, {
    names: ['red miso', 'aka miso'],
    salt: 0.12,
    sugar: 0.06,
    allergens: ['soy'],
    glutamate: true,
  }),
  make('bean-paste-fermented', 'Fermented bean paste', 'liquid', 1.2, 0.45, {
    names: ['doubanjiang', 'chilli bean paste', 'doenjang', 'fermented soybean paste', 'broad bean paste'],
    salt: 0.165,
    sugar: 0.03,
    allergens: ['soy', 'gluten'],
    glutamate: true,
  }),
  make('chilli-paste-fermented', 'Fermented chilli paste', 'liquid', 1.2, 0.42, {
    names: ['gochujang', 'red pepper paste'],
    salt: 0.06,
    sugar: 0.25,
    allergens: ['soy', 'gluten'],
    glutamate: true,
  }),
  make('shrimp-paste', 'Shrimp paste', 'salt', 1.2, 0.4, {
    names: ['belacan', 'terasi'],
    salt: 0.2,
    allergens: ['crustaceans'],
    glutamate: true,
  }),
  make('anchovy', 'Anchovy fillets, mashed', 'fresh', 1.05, 0.5, {
    names: ['anchovies', 'anchovy fillets'],
    salt: 0.12,
    fat: 0.1,
    allergens: ['fish'],
    glutamate: true,
    piece: { name: 'fillet', massG: 4 },
  }),
  make('coconut-aminos', 'Coconut sap seasoning', 'liquid', 1.2, 0.6, {
    names: ['coconut aminos'],
    salt: 0.045,
    sugar: 0.25,
    glutamate: true,
  }),
  make('mirin', 'Mirin', 'liquid', 1.15, 0.45, { names: ['sweet rice wine'], sugar: 0.42, alcohol: true }),
  make('white-wine', 'White wine', 'liquid', 0.99, 0.87, {
    sugar: 0.01,
    acid: 0.006,
    alcohol: true,
    allergens: ['sulphites'],
  }),
  make('red-wine', 'Red wine', 'liquid', 0.99, 0.86, {
    sugar: 0.006,
    acid: 0.006,
    alcohol: true,
    allergens: ['sulphites'],
  }),
  make('beer', 'Beer', 'liquid', 1.01, 0.92, {
    names: ['lager', 'ale', 'pale ale'],
    alcohol: true,
    allergens: ['gluten'],
  }),
  make('cider', 'Dry cider', 'liquid', 1.0, 0.92, {
    names: ['hard cider'],
    sugar: 0.03,
    acid: 0.005,
    alcohol: true,
    allergens: ['sulphites'],
  }),
  make('bourbon', 'Whisky', 'liquid', 0.94, 0.6, { names: ['whiskey', 'bourbon'], alcohol: true }),
  make('coffee', 'Coffee, strong and cold', 'liquid', 1.0, 0.98, {
    names: ['espresso', 'cold coffee', 'brewed coffee'],
  }),
  make('cola', 'Cola', 'liquid', 1.04, 0.89, { sugar: 0.105, acid: 0.001 }),
  make('apple-juice', 'Apple juice', 'liquid', 1.04, 0.88, { sugar: 0.1, acid: 0.005 }),
  make('pineapple-juice-carton', 'Pineapple juice, from a carton', 'liquid', 1.05, 0.86, {
    names: ['canned pineapple juice'],
    sugar: 0.1,
    acid: 0.007,
  }),
  make('tomato-passata', 'Tomatoes, sieved', 'liquid', 1.03, 0.91, {
    names: ['passata', 'tomato puree'],
    sugar: 0.04,
    acid: 0.004,
    salt: 0.002,
  }),
  make('tomato-paste', 'Tomato paste', 'liquid', 1.1, 0.73, {
    names: ['tomato concentrate'],
    sugar: 0.12,
    acid: 0.012,
    salt: 0.002,
    glutamate: true,
  }),
  make('ketchup', 'Ketchup', 'liquid', 1.15, 0.68, {
    names: ['tomato ketchup', 'catsup'],
    salt: 0.023,
    sugar: 0.22,
    acid: 0.012,
  }),
  make('mustard-prepared', 'Mustard, prepared', 'liquid', 1.05, 0.84, {
    names: ['dijon mustard', 'dijon', 'mustard'],
    salt: 0.055,
    sugar: 0.01,
    acid: 0.02,
    allergens: ['mustard', 'sulphites'],
  }),
  make('buttermilk', 'Buttermilk', 'acid', 1.03, 0.9, { sugar: 0.045, salt: 0.002, acid: 0.008, allergens: ['milk'] }),
  make('kefir', 'Kefir', 'acid', 1.03, 0.88, { sugar: 0.04, salt: 0.001, acid: 0.009, allergens: ['milk'] }),
  make('cream', 'Cream', 'liquid', 1.0, 0.6, {
    names: ['heavy cream', 'double cream'],
    sugar: 0.03,
    fat: 0.35,
    allergens: ['milk'],
  }),
  make('milk', 'Milk', 'liquid', 1.03, 0.88, { sugar: 0.048, fat: 0.035, allergens: ['milk'] }),
  make('mayonnaise', 'Mayonnaise', 'liquid', 0.95, 0.2, {
    names: ['mayo'],
    salt: 0.015,
    sugar: 0.02,
    fat: 0.75,
    allergens: ['egg', 'mustard'],
  }),
  make('peanut-butter', 'Peanut butter', 'liquid', 1.08, 0.02, {
    names: ['smooth peanut butter'],
    sugar: 0.1,
    salt: 0.01,
    fat: 0.5,
    allergens: ['peanut'],
  }),
  make('tahini', 'Sesame paste', 'liquid', 1.05, 0.03, {
    names: ['tahini', 'tahina', 'sesame butter'],
    fat: 0.54,
    allergens: ['sesame'],
  }),
  make('egg-white', 'Egg white', 'liquid', 1.04, 0.88, {
    names: ['egg whites'],
    salt: 0.004,
    allergens: ['egg'],
    piece: { name: 'white', massG: 33 },
  }),
  make('egg', 'Egg, beaten', 'liquid', 1.03, 0.76, {
    names: ['eggs', 'whole egg'],
    salt: 0.003,
    fat: 0.1,
    allergens: ['egg'],
    piece: { name: 'egg', massG: 50 },
  }),
  make('white-vinegar', 'White vinegar', 'acid', 1.01, 0.95, {
    names: ['distilled vinegar', 'spirit vinegar', 'vinegar'],
    acid: 0.05,
  }),
  make('wine-vinegar', 'Wine vinegar', 'acid', 1.01, 0.94, {
    names: ['red wine vinegar', 'white wine vinegar'],
    acid: 0.06,
    allergens: ['sulphites'],
  }),
  make('balsamic', 'Balsamic vinegar', 'acid', 1.1, 0.77, {
    names: ['balsamic'],
    sugar: 0.15,
    acid: 0.06,
    allergens: ['sulphites'],
  }),
  make('black-vinegar', 'Black rice vinegar', 'acid', 1.03, 0.9, {
    names: ['chinkiang vinegar', 'black vinegar'],
    sugar: 0.03,
    acid: 0.05,
    allergens: ['gluten'],
  }),
  make('tamarind', 'Tamarind paste', 'acid', 1.2, 0.55, {
    names: ['tamarind concentrate', 'tamarind pulp', 'tamarind'],
    sugar: 0.25,
    acid: 0.12,
  }),
  make('grapefruit-juice', 'Grapefruit juice', 'acid', 1.04, 0.9, { sugar: 0.075, acid: 0.014 }),
  make('pomegranate-molasses', 'Pomegranate syrup', 'acid', 1.35, 0.3, {
    names: ['pomegranate molasses'],
    sugar: 0.5,
    acid: 0.08,
  }),
  make('sumac', 'Sumac', 'spice', 0.5, 0.1, { acid: 0.05 }),
  make('salt-kosher-dense', 'Salt, coarse kosher', 'salt', 0.974, 0, {
    names: ['coarse kosher salt', 'coarse salt'],
    salt: 1,
  }),
  make('salt-any', 'Salt', 'salt', 1.1, 0, {
    names: ['cooking salt', 'himalayan salt', 'rock salt', 'iodised salt'],
    salt: 1,
  }),
  make('msg', 'Monosodium glutamate', 'salt', 0.9, 0, {
    names: ['msg', 'glutamate', 'flavour enhancer', 'taste powder', 'gourmet powder'],
    salt: 0.31,
    glutamate: true,
  }),
  make('stock-powder', 'Stock powder', 'salt', 0.9, 0.03, {
    names: [
      'bouillon powder',
      'bouillon cube',
      'bouillon',
      'vegetable stock powder',
      'chicken stock powder',
      'beef stock powder',
      'stock cube',
      'chicken powder',
      'chicken bouillon powder',
    ],
    salt: 0.63,
    allergens: ['celery'],
    glutamate: true,
    piece: { name: 'cube', massG: 10 },
  }),
  make('onion-powder', 'Onion powder', 'spice', 0.49, 0.05, { sugar: 0.07 }),
  make('garlic-powder', 'Garlic powder', 'spice', 0.63, 0.06, { names: ['granulated garlic'] }),
  make('ginger-ground', 'Ginger, ground', 'spice', 0.37, 0.1, {
    names: ['ground ginger', 'ginger powder', 'dried ginger'],
  }),
  make('white-pepper', 'White pepper, ground', 'spice', 0.48, 0.11),
  make('sichuan-pepper', 'Sichuan pepper, ground', 'spice', 0.4, 0.1, {
    names: ['szechuan pepper', 'sichuan peppercorns'],
  }),
  make('cayenne', 'Cayenne', 'spice', 0.36, 0.08, {
    names: ['cayenne pepper', 'ground chilli', 'hot chilli powder'],
    sugar: 0.1,
  }),
  make('chilli-flakes-mild', 'Chilli flakes, mild red', 'spice', 0.4, 0.1, {
    names: ['gochugaru', 'aleppo pepper', 'pul biber'],
  }),
  make('paprika-smoked', 'Paprika, smoked', 'spice', 0.46, 0.11, { names: ['smoked paprika', 'pimenton'] }),
  make('turmeric', 'Turmeric, ground', 'spice', 0.6, 0.11, { names: ['ground turmeric'] }),
  make('curry-powder', 'Curry powder', 'spice', 0.42, 0.09, { allergens: ['mustard'] }),
  make('garam-masala', 'Garam masala', 'spice', 0.4, 0.09),
  make('cardamom', 'Cardamom, ground', 'spice', 0.4, 0.08, { names: ['ground cardamom'] }),
  make('cinnamon', 'Cinnamon, ground', 'spice', 0.53, 0.1, { names: ['ground cinnamon'] }),
  make('clove-spice', 'Cloves, ground', 'spice', 0.43, 0.1, { names: ['ground cloves'] }),
  make('star-anise', 'Star anise, ground', 'spice', 0.4, 0.1, { piece: { name: 'star', massG: 1 } }),
  make('five-spice', 'Five-spice powder', 'spice', 0.42, 0.09, {
    names: ['chinese five spice', 'five spice', 'five spice powder'],
  }),
  make('allspice', 'Allspice, ground', 'spice', 0.41, 0.09, { names: ['ground allspice', 'pimento'] }),
  make('nutmeg', 'Nutmeg, grated', 'spice', 0.45, 0.06),
  make('caraway', 'Caraway seed', 'spice', 0.45, 0.1, { names: ['caraway seeds'] }),
  make('mustard-seed', 'Mustard seed', 'spice', 0.7, 0.06, { names: ['mustard seeds'], allergens: ['mustard'] }),
  make('sesame-seed', 'Sesame seed', 'spice', 0.6, 0.05, {
    names: ['sesame seeds', 'toasted sesame seeds', 'white sesame seeds', 'black sesame seeds', 'sesame'],
    fat: 0.5,
    allergens: ['sesame'],
  }),
  make('celery-seed', 'Celery seed', 'spice', 0.45, 0.06, { allergens: ['celery'] }),
  make('oregano', 'Oregano, dried', 'spice', 0.2, 0.1, { names: ['dried oregano'] }),
  make('thyme-dried', 'Thyme, dried', 'spice', 0.2, 0.08, { names: ['dried thyme'] }),
  make('bay', 'Bay leaf', 'spice', 0.1, 0.06, { names: ['bay leaves', 'bay'], piece: { name: 'leaf', massG: 0.2 } }),
  make('coffee-ground', 'Coffee, ground', 'spice', 0.38, 0.04, { names: ['ground coffee', 'instant coffee'] }),
  make('cocoa', 'Cocoa powder', 'spice', 0.37, 0.03, { names: ['unsweetened cocoa', 'cocoa'] }),
  make('smoke', 'Liquid smoke', 'liquid', 1.0, 0.9, { names: ['smoke flavouring'] }),
  make('maple-syrup', 'Maple syrup', 'sugar', 1.33, 0.32, { sugar: 0.6 }),
  make('palm-sugar', 'Palm sugar', 'sugar', 0.85, 0.05, {
    names: ['jaggery', 'coconut sugar', 'gula jawa'],
    sugar: 0.9,
  }),
  make('corn-syrup', 'Glucose syrup', 'sugar', 1.4, 0.22, {
    names: ['corn syrup', 'rice syrup', 'agave syrup'],
    sugar: 0.78,
  }),
  make('powdered-sugar', 'Icing sugar', 'sugar', 0.56, 0, {
    names: ['powdered sugar', 'confectioners sugar'],
    sugar: 0.97,
  }),
  make('shallot', 'Shallot, minced', 'fresh', 0.68, 0.8, {
    names: ['shallots'],
    sugar: 0.08,
    piece: { name: 'shallot', massG: 30 },
  }),
  make('leek', 'Leek, sliced', 'fresh', 0.45, 0.83, {
    names: ['leeks'],
    sugar: 0.04,
    piece: { name: 'leek', massG: 89 },
  }),
  make('lemongrass', 'Lemongrass, minced', 'fresh', 0.3, 0.7, {
    names: ['lemon grass'],
    piece: { name: 'stalk', massG: 17 },
    pieces: { stick: 17 },
  }),
  make('galangal', 'Galangal, grated', 'fresh', 0.95, 0.78, { piece: { name: 'thumb', massG: 20 } }),
  make('turmeric-fresh', 'Turmeric, fresh', 'fresh', 0.95, 0.8, {
    names: ['fresh turmeric', 'turmeric root'],
    piece: { name: 'thumb', massG: 12 },
  }),
  make('chilli-fresh', 'Chilli, fresh', 'fresh', 0.6, 0.88, {
    names: ['fresh chilli', 'red chilli', 'green chilli', 'chili pepper', 'jalapeno', 'long red chilli', 'serrano'],
    sugar: 0.05,
    piece: { name: 'chilli', massG: 15 },
  }),
  make('coriander-leaf', 'Coriander leaf, chopped', 'fresh', 0.085, 0.92, {
    names: ['cilantro', 'fresh coriander', 'coriander leaves'],
    piece: { name: 'sprig', massG: 2 },
    pieces: { bunch: 45 },
  }),
  make('parsley', 'Parsley, chopped', 'fresh', 0.25, 0.87, {
    names: ['flat-leaf parsley'],
    piece: { name: 'sprig', massG: 2 },
    pieces: { bunch: 45 },
  }),
  make('mint', 'Mint, chopped', 'fresh', 0.11, 0.85, {
    names: ['mint leaves'],
    piece: { name: 'sprig', massG: 2 },
    pieces: { bunch: 40 },
  }),
  make('basil', 'Basil, chopped', 'fresh', 0.15, 0.92, {
    names: ['basil leaves', 'thai basil', 'holy basil'],
    pieces: { bunch: 40 },
  }),
  make('lime-leaf', 'Lime leaf', 'fresh', 0.2, 0.7, {
    names: ['makrut lime leaves', 'lime leaves'],
    piece: { name: 'leaf', massG: 0.6 },
  }),
  make('lemon-zest', 'Lemon zest', 'fresh', 0.4, 0.8, {
    names: ['zest of lemon', 'lemon peel', 'grated lemon rind'],
    piece: { name: 'lemon', massG: 3 },
  }),
  make('orange-zest', 'Orange zest', 'fresh', 0.4, 0.75, {
    names: ['orange peel', 'zest of orange', 'grated orange rind'],
  }),
  make('celery', 'Celery, chopped', 'fresh', 0.5, 0.95, {
    names: ['celery stalk', 'celery rib', 'celery stick'],
    sugar: 0.013,
    allergens: ['celery'],
    piece: { name: 'stalk', massG: 40 },
  }),
  make('tapioca-starch', 'Tapioca starch', 'starch', 0.5, 0.11, {
    names: ['tapioca flour', 'cassava starch'],
    starch: 0.88,
  }),
  make('rice-flour', 'Rice flour', 'starch', 0.65, 0.12, { starch: 0.8 }),
  make('flour', 'Wheat flour', 'starch', 0.53, 0.13, {
    names: ['plain flour', 'all-purpose flour', 'flour', 'white flour'],
    starch: 0.72,
    allergens: ['gluten'],
  }),
  make('coconut-oil', 'Coconut oil', 'oil', 0.92, 0, { fat: 1 }),
  make('chilli-oil', 'Chilli oil', 'oil', 0.92, 0, { names: ['chili oil'], fat: 0.95 }),
  make('butter', 'Butter, melted', 'oil', 0.91, 0.16, {
    names: ['unsalted butter'],
    pieces: { stick: 113, knob: 15 },
    fat: 0.82,
    allergens: ['milk'],
  }),
  make('almonds', 'Almonds, ground', 'spice', 0.4, 0.05, {
    names: ['ground almonds'],
    fat: 0.5,
    sugar: 0.04,
    allergens: ['tree-nuts'],
  }),
  make('cashews', 'Cashews, ground', 'spice', 0.5, 0.05, {
    names: ['cashew nuts', 'ground cashews'],
    fat: 0.44,
    sugar: 0.06,
    allergens: ['tree-nuts'],
  }),
  ...PASTES_AND_SAUCES,
  ...NUTS_MILKS_AND_OILS,
  ...SEASONINGS,
  ...FRESH_THINGS,
];

/** An ingredient by id, name or any other name, letter case aside; undefined when none matches. */
export function findIngredient(nameOrId: string, among: readonly Ingredient[] = INGREDIENTS): Ingredient | undefined {
  const wanted = nameOrId.trim().toLowerCase();
  const named = (matches: (name: string) => boolean) =>
    among.find((one) => [one.name, ...one.otherNames].some((name) => matches(name.toLowerCase())));
  // "Salt" is salt before it is the head of "Salt, fine".
  return (
    among.find((one) => one.id === wanted) ??
    named((name) => name === wanted) ??
    named((name) => name.split(',')[0] === wanted)
  );
}
