export {
  soda, SODA_G_PER_TSP, SODA_PRACTICE, SODA_SCHOOLS, SODIUM_IN_SODA, sodiumLeftMg,
  type SodaAdvice, type SodaInput, type SodaSchool, type SodaStrength, type SodaTaste,
} from './soda';
export { chooseSoda, type MarinadeCharacter, type SodaChoice, type SodaReason } from './chooseSoda';
export { judgeTenderizing, type JudgementChange, type JudgementReason, type TenderizingAnswer, type TenderizingJudgement } from './judgeTenderizing';
export { enzyme, ENZYME_VERDICTS, enzymeVerdict, EXPOSURE, exposurePerHour, FRUIT_STOP_H, RIPENESS_SPREAD, stopAfterHours, swapFruit, type EnzymeAdvice, type EnzymeInput, type EnzymeVerdict } from './enzymes';
export { findFruit, FRUITS, type Fruit } from './fruits';
export { biteOf, compareMeans, MEANS, type MeansCompared, type MeansInput, type TenderizingMeans } from './compareMeans';
