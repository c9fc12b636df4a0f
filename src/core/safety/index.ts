export { COUNTER_MARINADE_MAX_MIN, WARM_LIMIT_MIN, warmLimitMin } from './warmLimit';
export { DIRECT_HEAT, KEPT_HOT_C, KEPT_HOT_MAX_MIN, PART_COOKED_WAIT_MAX_MIN } from './partCooked';
export {
  FRIDGE_MAX_C,
  FRIDGE_REFUSED_OVER_C,
  GAME_JERKY_FREEZE,
  MEAT_COLD_MAX_C,
  POULTRY_MARINADE_MAX_MIN,
  tooMuchUnrinsed,
  UNRINSED_SODA_MAX_PERCENT,
} from './storage';
export {
  alwaysThrough,
  MINIMUM,
  minimumTemperature,
  type CentreTemperature,
  type Doneness,
  type Handling,
  type Treatment,
} from './minimumTemperature';
export { heldBackState } from './heldBack';
export { SODIUM_IN_SALT, SODIUM_REFERENCE_MG_PER_DAY, sodiumPerPortion, type SodiumSources } from './sodium';
export { allergensOnTable } from './allergens';
export type { Caution, CautionCode, CautionStage } from './caution';
