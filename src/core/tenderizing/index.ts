export { ADDED, ADDITIONS, worthAdding, type Addition, type AdditionAdvice, type AdditionInput } from './additions';
export {
  soda,
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
export { chooseSoda, type MarinadeCharacter, type SodaChoice, type SodaReason } from './chooseSoda';
export {
  judgeTenderizing,
  type JudgementChange,
  type JudgementReason,
  type TenderizingAnswer,
  type TenderizingJudgement,
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
export { findFruit, FRUITS, type Fruit } from './fruits';
export { biteOf, MEANS, type Bite, type BiteInput, type TenderizingMeans } from './bite';
export {
  compareMeans,
  FLAVOURS,
  RISKS,
  type MeansCompared,
  type MeansInput,
  type TenderizingChoice,
} from './compareMeans';
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
  meansOf,
  proposeTenderizing,
  rinsedSodaMin,
  type MixCharacter,
  type TenderizingProposal,
  type TenderizingSituation,
} from './proposeTenderizing';
