export { customaryFirming } from './customaryFirming';
export type { Meat } from './foodProperties';
export {
  FREEZER_PRESETS, firming, firmnessOf, SURFACE_COEFFICIENTS,
  type FirmingInput, type FirmingResult, type Firmness, type FreezerPreset,
} from './firming';
export { THAW_PLACES, thawing, type ThawInput, type ThawPlace, type ThawResult } from './thawing';
export type { Moment } from './solveBlock';
