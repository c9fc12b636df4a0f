export { COUNTER_MARINADE_MAX_MIN, FRIDGE_MAX_C, WARM_LIMIT_MIN, warmLimitMin } from './warmLimit';
export {
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
