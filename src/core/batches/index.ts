export { cautionsAt } from './cautionsAt';
export { LIMITS, WRAPS, type BatchInputs, type Pins, type Wrap } from './inputs';
export type {
  BatchPlan,
  CookPlan,
  FirmPlan,
  Freezer,
  MarinatePlan,
  PiecePlan,
  SidesPlan,
  SlicePlan,
  Surroundings,
  TenderizePlan,
} from './plan';
export { additionsInTime, planBatch } from './planBatch';
export { comesSliced, USUAL_FREEZER, WRAP_GAP_MM } from './planFirm';
export { fruitAfter, fruitClock } from './planFruit';
export { mixCharacter, pinsOfAddition } from './planTenderize';
export { shapeOf, usualShape } from './planSlice';
