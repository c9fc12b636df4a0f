export { ADDED, ADDITIONS, worthAdding, type Addition, type AdditionAdvice, type AdditionInput } from './additions';
export {
  soda,
  LEAVE_IN_EDGE_MM,
  LEAVE_IN_USUAL_MM,
  SODA_G_PER_TSP,
  SODA_PRACTICE,
  SODA_SCHOOLS,
  SODA_WORK,
  SODIUM_IN_SODA,
  sodiumLeftMg,
  type SodaAdvice,
  type SodaInput,
  type SodaSchool,
  type SodaStrength,
  type SodaTaste,
} from './soda';
export {
  FIBRE_CLASSES,
  fibreClass,
  judgeTenderizing,
  TENDERIZING_ANSWERS,
  type FibreClass,
  type JudgementChange,
  type JudgementReason,
  type SodaReason,
  type TenderizingAnswer,
  type TenderizingJudgement,
  type TenderizingSituation,
} from './judgeTenderizing';
export {
  enzyme,
  ENZYME_VERDICTS,
  enzymeVerdict,
  EXPOSURE,
  exposurePerHour,
  exposureSpans,
  FRUIT_STOP_H,
  RIPENESS_SPREAD,
  stopAfterHours,
  swapFruit,
  type EnzymeAdvice,
  type EnzymeInput,
  type EnzymeVerdict,
  type ExposureSpans,
} from './enzymes';
export { CLASS_ACTIVITY, ENZYME_CLASSES, findFruit, FRUITS, type EnzymeClass, type Fruit } from './fruits';
export { biteOf, BITTEN_THROUGH_MM, MEANS, type Bite, type BiteInput, type TenderizingMeans } from './bite';
export { compareMeans, FLAVOURS, RISKS, type MeansCompared, type MeansInput } from './compareMeans';
export { conflictsOf, CONFLICTS, type Conflict, type Together } from './conflicts';
export {
  applyForce,
  beats,
  BEATEN_LEAST_MM,
  chooseForce,
  FORCE_TIMES,
  FORCE_WORK,
  FORCES,
  forceFits,
  pierces,
  type Force,
  type ForceAdvice,
  type ForceChoice,
  type ForceReason,
  type ForceTime,
} from './force';
export {
  biteOfPlan,
  COATED_PERCENT,
  meansOf,
  rinsedSodaMin,
  type MixCharacter,
  type ShapeWork,
  type SodaChoice,
  type TenderizingChoice,
} from './means';
