export { ALLERGENS, INGREDIENT_KINDS, type Allergen, type Ingredient, type IngredientKind } from './ingredient';
export { findIngredient, INGREDIENTS } from './ingredients';
export { STARTER_BOOK, type BookEntry, type MarinadeFacts } from './book';
export { parseLines, type LineFlag, type ParsedLine } from './parseLines';
export {
  HOLD_BACK_PURPOSES, scaleMarinade,
  type HoldBackPurpose, type Marinade, type MarinadeLine, type Mixture, type ScaledMarinade,
} from './scaleMarinade';
export { measureIngredient, readIngredient, type MeasuredIngredient } from './measureIngredient';
export {
  DIFFUSIVITY_SPREAD, equilibriumSalt, saltDiffusivity, uptake, uptakeAt, uptakeCurve, uptakeModel,
  type Equilibrium, type EquilibriumInput, type Uptake, type UptakeInput, type UptakeModel, type UptakePoint,
} from './uptake';
export { saltLanding, solveSalt, solveSugar, USUAL_WATER_FRACTION, type Meat, type Solved } from './targets';
export { substitute, type Change, type Substituted, type Wish } from './substitute';
export { coatCheck, type CoatCheck } from './coat';
export { FINE_SALT } from './plainSalt';
