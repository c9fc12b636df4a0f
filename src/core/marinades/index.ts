export { ALLERGENS, INGREDIENT_KINDS, type Allergen, type Ingredient, type IngredientKind } from './ingredient';
export { findIngredient, INGREDIENTS } from './ingredients';
export { STARTER_BOOK, type BookEntry, type MarinadeFacts } from './book';
export { isCuringSalt } from './matchName';
export { LINE_FLAGS, parseLines, type LineFlag, type ParsedLine } from './parseLines';
export { readAmount, weighAmount } from './readAmount';
export { CUSTOMARY_SALT_PERCENT, customaryG } from './customary';
export {
  HOLD_BACK_PURPOSES,
  notEatenRaw,
  scaleMarinade,
  SODA_ID,
  type HoldBackPurpose,
  type Marinade,
  type MarinadeLine,
  type Mixture,
  type ScaledMarinade,
} from './scaleMarinade';
export { measureIngredient, measureLine, type MeasuredIngredient } from './measureIngredient';
export { readIngredient } from './readIngredient';
export {
  DIFFUSIVITY_SPREAD,
  equilibriumSalt,
  saltDiffusivity,
  SOLUTE_D_4C_M2_S,
  STACKED_SLOWER,
  uptake,
  uptakeAt,
  uptakeCurve,
  uptakeModel,
  type Equilibrium,
  type EquilibriumInput,
  type Solute,
  type Uptake,
  type UptakeInput,
  type UptakeModel,
  type UptakePoint,
} from './uptake';
export {
  SALT_BAND_PERCENT,
  saltLanding,
  solveSalt,
  solveSugar,
  USUAL_WATER_FRACTION,
  type Meat,
  type Solved,
} from './targets';
export { hasStandIn, substitute, type Change, type Substituted, type Wish } from './substitute';
export { BAG_SIZES_ML, COAT_PRACTICE, coatCheck, meatForBag, type CoatCheck } from './coat';
export { COOL_ENOUGH_C, COOLING_PLACES, coolingMinutes, OFF_THE_STOVE_C, type CoolingPlace } from './cooling';
export { CORN_STARCH, FINE_SALT, FRUIT_INGREDIENTS, NEUTRAL_OIL, WHITE_SUGAR } from './pantry';
export { fractionsOf, SALT_PER_SODIUM, type Label, type LabelFractions } from './label';
export { searchIngredients } from './searchIngredients';
