export {
  ALLERGEN_NAMES,
  ANIMAL_NAMES,
  GUIDANCE_LINE,
  HEAT_PLACE_NAMES,
  KIND_NAMES,
  listOf,
  SHAPE_UNITS,
  SODA_NAMES,
  STAGE_NAMES,
  USE_NAMES,
  WAY_NAMES,
  WORK_NAMES,
} from './names';
export {
  bandReason,
  cutStepWords,
  dialProblemWords,
  FAT_NAMES,
  fatWords,
  FIRMNESS_NAMES,
  FORM_NAMES,
  FREEZER_NAMES,
  fibreWords,
  sliceCountWords,
  judgementWords,
  REPORT_NAMES,
  SHAPE_NAMES,
  SOLID_NAMES,
  spanWords,
  SUITS_WORDS,
  suitsLines,
} from './boardWords';
export { allergenWords, cautionWords, CURING_SALT_WORDS, type CautionWords } from './cautionWords';
export { conflictWords } from './conflictWords';
export { HANDWORK_NAMES, JOB_SHORT, jobShort } from './jobNames';
export { centreWords, heatWords, type HeatWords } from './heatWords';
export { AWAY_WORDS, leftOutWords, nightWords, remedyWords } from './remedyWords';
export { firmWords, jobWords, type JobContext, type JobWords } from './jobWords';
export { orderWords } from './orderWords';
export { quantityWords, readAsWords, type QuantityKind } from './quantityWords';
export { behindWords, catchUpWords } from './behindWords';
export { GIVES_HELP, givesWords } from './givesWords';
export { MEASURE_QUESTIONS, MEASURE_USES, measuredWords, sayMeasure, takenBackWords } from './measureWords';
export { projectWords } from './projectWords';
export { NOT_PLANNED, scheduleWords } from './scheduleWords';
export {
  additionWords,
  ENZYME_WORDS,
  FLAVOUR_WORDS,
  FORCE_NAMES,
  MEANS_NAMES,
  meansWords,
  riskWords,
  SODA_REASONS,
  whyWords,
} from './tenderizingWords';
export { gameWords } from './gameWords';
export { saltBand } from './saltWords';
