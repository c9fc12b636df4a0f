export type { Meat } from './foodProperties';
export {
  FIRM,
  FREEZER_PRESETS,
  firming,
  firmnessOf,
  firmingTimes,
  frozenAfter,
  SURFACE_COEFFICIENTS,
  type FirmingTimes,
  type FirmingInput,
  type FirmingResult,
  type Firmness,
  type FreezerPreset,
} from './firming';
export type { Film } from './film';
export { THAW_PLACES, thawing, thawingTimes, type ThawInput, type ThawPlace, type ThawResult } from './thawing';
export { SOLVED_SHAPES, type Moment, type SolvedShape } from './solveBlock';
export {
  FIRMNESS_REPORTS,
  firmingIn,
  learnFreezer,
  strengthened,
  UNKNOWN_FREEZER,
  type FirmnessReport,
  type FreezerKnowledge,
} from './learnFreezer';
