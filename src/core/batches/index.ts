export { cautionsAt } from './cautionsAt';
export { LIMITS, type BatchInputs, type Pins } from './inputs';
export type { BatchPlan, CookPlan, MarinatePlan, PiecePlan, SlicePlan, Surroundings, TenderizePlan } from './plan';
export { planBatch } from './planBatch';
