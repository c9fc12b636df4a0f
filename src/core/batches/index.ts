export { LIMITS, type BatchInputs, type Pins } from './inputs';
export {
  planBatch,
  type BatchPlan, type CookPlan, type MarinatePlan, type PiecePlan, type SlicePlan, type Surroundings, type TenderizePlan,
} from './planBatch';
