export { cautionsAt } from './cautionsAt';
export { figuresOf, FIGURES, SOURCES, type Figure, type Known, type Source } from './figuresOf';
export { HANDWORK, pacesOf, type Handwork, type Pace, type Paces } from './handwork';
export {
  asksOf,
  endOf,
  JOB_ENDS,
  lastsOf,
  linesOf,
  teachesOf,
  type JobEnd,
  type JobLine,
  type Lasts,
} from './jobDetails';
export { LIMITS, withHour, WRAPS, type BatchInputs, type Pins, type Wrap } from './inputs';
export type {
  BatchPlan,
  CookPlan,
  FirmPlan,
  Freezer,
  Kitchen,
  LeftOut,
  MarinatePlan,
  MealBatch,
  PiecePlan,
  SidesPlan,
  SlicePlan,
  Surroundings,
  TenderizePlan,
} from './plan';
export { additionsInTime, planAsItStands } from './planBatch';
export { planBatch, planMeal, planMeanwhile, type MealPlan } from './planMeal';
export { USUAL_FREEZER, WRAP_GAP_MM } from './planFirm';
export { fruitAfter, fruitClock } from './planFruit';
export { mixCharacter, pinsOfAddition } from './planTenderize';
export { comesSliced, shapeOf, usualShape, usualThicknessMm } from './planSlice';
export { remediesFor, type Remedy } from './remedies';
export { saltAtTakeOut, TOO_SALTY_PERCENT, TOO_SWEET_G } from './cautionsFor';
export { withWashesTold } from './shareKitchen';
export { withFacts } from './withFacts';
