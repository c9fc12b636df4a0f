import type { Ingredient } from '../ingredient';
import { make } from '../ingredientRow';

/** Salts with something in them, whole spices, dried herbs and rubs. Typical values from memory: docs/sources.md, "Ingredients". */
export const SEASONINGS: readonly Ingredient[] = [
  make('garlic-salt', 'Garlic salt', 'salt', 1.1, 0.01, { salt: 0.75, sugar: 0.01 }),
  make('onion-salt', 'Onion salt', 'salt', 1.1, 0.01, { salt: 0.75, sugar: 0.02 }),
  make('celery-salt', 'Celery salt', 'salt', 1.0, 0.01, { salt: 0.7, allergens: ['celery'] }),
  make('smoked-salt', 'Smoked salt', 'salt', 1.1, 0.01, { names: ['smoked sea salt', 'hickory salt'], salt: 0.98 }),
  make('seasoned-salt', 'Seasoned salt', 'salt', 1.0, 0.02, {
    names: ['seasoning salt', 'herb salt', 'spiced salt'],
    salt: 0.7,
    sugar: 0.05,
    allergens: ['celery'],
  }),
  make('stock-powder-unsalted', 'Stock powder, unsalted', 'spice', 0.6, 0.04, {
    names: ['salt-free stock powder', 'no-salt bouillon powder'],
    allergens: ['celery'],
    glutamate: true,
  }),
  make('chili-powder-mix', 'Chili powder, US blend', 'spice', 0.55, 0.1, {
    names: ['chili powder', 'chilli powder', 'chili seasoning', 'chilli seasoning'],
    salt: 0.07,
    sugar: 0.07,
  }),
  make('peppercorns', 'Peppercorns, black', 'spice', 0.55, 0.11, {
    names: [
      'peppercorns',
      'black peppercorns',
      'whole peppercorns',
      'mixed peppercorns',
      'green peppercorns',
      'white peppercorns',
    ],
  }),
  make('lemon-pepper', 'Lemon pepper', 'spice', 0.6, 0.05, { salt: 0.2, names: ['lemon pepper seasoning'] }),
  make('cumin-seed', 'Cumin seed', 'spice', 0.43, 0.08, { names: ['cumin seeds', 'whole cumin'] }),
  make('coriander-seed-whole', 'Coriander seed, whole', 'spice', 0.35, 0.09, {
    names: ['coriander seeds', 'whole coriander seeds', 'whole coriander'],
  }),
  make('cloves-whole', 'Cloves, whole', 'spice', 0.4, 0.1, {
    names: ['whole cloves'],
    piece: { name: 'clove', massG: 0.08 },
  }),
  make('star-anise-whole', 'Star anise, whole', 'spice', 0.25, 0.1, {
    names: ['whole star anise', 'star anise'],
    piece: { name: 'star', massG: 1 },
  }),
  make('cinnamon-stick', 'Cinnamon stick', 'spice', 0.3, 0.1, {
    names: ['cinnamon sticks', 'stick of cinnamon', 'cassia bark'],
    piece: { name: 'stick', massG: 3 },
  }),
  make('cardamom-pods', 'Cardamom pods', 'spice', 0.35, 0.09, {
    names: ['cardamom pod', 'green cardamom pods', 'black cardamom'],
    piece: { name: 'pod', massG: 0.2 },
  }),
  make('fenugreek', 'Fenugreek, ground', 'spice', 0.65, 0.09, {
    names: ['ground fenugreek', 'fenugreek seeds', 'fenugreek leaves', 'kasuri methi'],
  }),
  make('nigella', 'Nigella seed', 'spice', 0.5, 0.06, { names: ['nigella seeds', 'black cumin', 'kalonji'] }),
  make('ajwain', 'Ajwain', 'spice', 0.45, 0.08, { names: ['carom seeds', 'ajwain seeds'] }),
  make('aniseed', 'Aniseed', 'spice', 0.45, 0.1, { names: ['anise seeds', 'anise seed', 'anise'] }),
  make('mace', 'Mace, ground', 'spice', 0.45, 0.08, { names: ['ground mace', 'mace'] }),
  make('saffron', 'Saffron', 'spice', 0.15, 0.12, { names: ['saffron threads'] }),
  make('rosemary-dried', 'Rosemary, dried', 'spice', 0.25, 0.09, { names: ['dried rosemary'] }),
  make('sage-dried', 'Sage, dried', 'spice', 0.14, 0.08, { names: ['dried sage', 'rubbed sage'] }),
  make('basil-dried', 'Basil, dried', 'spice', 0.14, 0.1, { names: ['dried basil'] }),
  make('parsley-dried', 'Parsley, dried', 'spice', 0.11, 0.06, { names: ['dried parsley'] }),
  make('mint-dried', 'Mint, dried', 'spice', 0.1, 0.11, { names: ['dried mint'] }),
  make('dill-dried', 'Dill, dried', 'spice', 0.2, 0.07, { names: ['dried dill', 'dill weed'] }),
  make('marjoram', 'Marjoram, dried', 'spice', 0.12, 0.08, {
    names: ['marjoram', 'dried marjoram', 'savory', 'dried savory'],
  }),
  make('tarragon-dried', 'Tarragon, dried', 'spice', 0.2, 0.08, { names: ['dried tarragon'] }),
  make('herbs-mixed', 'Mixed herbs, dried', 'spice', 0.2, 0.08, {
    names: [
      'mixed herbs',
      'dried mixed herbs',
      'italian seasoning',
      'herbes de provence',
      'italian herbs',
      'dried herbs',
    ],
  }),
  make('bay-ground', 'Bay, ground', 'spice', 0.4, 0.06, { names: ['ground bay', 'bay powder'] }),
  make('mushroom-powder', 'Mushroom powder', 'spice', 0.4, 0.08, {
    names: ['porcini powder', 'shiitake powder', 'dried mushroom powder'],
    glutamate: true,
  }),
  make('tomato-powder', 'Tomato powder', 'spice', 0.5, 0.04, {
    names: ['dried tomato powder'],
    sugar: 0.4,
    glutamate: true,
  }),
  make('jerk-seasoning', 'Jerk seasoning, dry', 'spice', 0.55, 0.06, {
    names: ['jerk seasoning', 'jerk rub', 'dry jerk seasoning'],
    salt: 0.15,
    sugar: 0.1,
  }),
  make('spice-rub', 'Spice rub with salt and sugar', 'spice', 0.6, 0.05, {
    names: ['bbq rub', 'barbecue rub', 'meat rub', 'steak rub', 'spice rub'],
    salt: 0.2,
    sugar: 0.2,
    allergens: ['mustard', 'celery'],
  }),
  make('dukkah', 'Nut and spice rub', 'spice', 0.5, 0.04, {
    names: ['dukkah', 'dukka', 'spice and nut rub'],
    fat: 0.4,
    salt: 0.02,
    allergens: ['tree-nuts', 'sesame'],
  }),
  make('zaatar', 'Thyme and sesame mix', 'spice', 0.4, 0.06, {
    names: ['zaatar', "za'atar"],
    salt: 0.05,
    allergens: ['sesame'],
  }),
  make('cajun', 'Cajun seasoning', 'spice', 0.55, 0.06, {
    names: ['cajun spice', 'creole seasoning', 'fajita seasoning', 'taco seasoning'],
    salt: 0.15,
  }),
  make('lemongrass-powder', 'Lemongrass, dried', 'spice', 0.25, 0.08, {
    names: ['dried lemongrass', 'lemongrass powder'],
  }),
  make('orange-peel-dried', 'Orange peel, dried', 'spice', 0.4, 0.1, {
    names: ['dried orange peel', 'dried tangerine peel', 'dried mandarin peel'],
    sugar: 0.3,
  }),
  make('chilli-dried', 'Chilli, dried whole', 'spice', 0.2, 0.1, {
    names: [
      'dried chilli',
      'dried chillies',
      'dried red chillies',
      'whole dried chillies',
      'ancho chilli',
      'guajillo chilli',
    ],
    sugar: 0.1,
    piece: { name: 'chilli', massG: 1 },
  }),
  make('baking-powder', 'Baking powder', 'salt', 0.9, 0.05, { names: ['double-acting baking powder'], starch: 0.3 }),
  make('cream-of-tartar', 'Cream of tartar', 'acid', 0.9, 0, { acid: 0.4 }),
  make('citric-acid', 'Citric acid', 'acid', 0.9, 0, { acid: 1 }),
  make('golden-syrup', 'Golden syrup', 'sugar', 1.4, 0.18, {
    names: ['light treacle', 'corn syrup dark'],
    sugar: 0.79,
  }),
  make('oyster-mushroom-sauce', 'Mushroom sauce, vegetarian', 'liquid', 1.2, 0.7, {
    names: ['vegetarian oyster sauce', 'vegan oyster sauce', 'mushroom oyster sauce', 'vegetarian stir-fry sauce'],
    salt: 0.09,
    sugar: 0.15,
    allergens: ['soy', 'gluten'],
    glutamate: true,
  }),
  make('breadcrumbs', 'Breadcrumbs', 'starch', 0.4, 0.08, {
    names: ['panko', 'bread crumbs'],
    salt: 0.01,
    starch: 0.7,
    allergens: ['gluten'],
  }),
  make('sweet-potato-starch', 'Sweet potato starch', 'starch', 0.65, 0.14, { names: ['sweet potato flour'] }),
  make('arrowroot', 'Arrowroot', 'starch', 0.6, 0.11, {
    names: ['arrowroot starch', 'arrowroot powder', 'arrowroot flour'],
  }),
  make('glutinous-rice-flour', 'Glutinous rice flour', 'starch', 0.6, 0.12, {
    names: ['sticky rice flour', 'sweet rice flour', 'rice starch'],
  }),
  make('chickpea-flour', 'Chickpea flour', 'starch', 0.4, 0.1, { names: ['gram flour', 'besan'], starch: 0.55 }),
];
