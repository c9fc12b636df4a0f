export { cutStrips, type Strips } from './cutStrips';
export { evennessOf, evennessOfStacks, thicknessByWeightMm, type Evenness, type Lot } from './evenness';
export { HINGE_MM, pound, SCORE_MM, unroll, type Pounded, type Unrolled } from './sheets';
export { shapeCuts, type CutStep, type ShapeCuts, type ShapeInput } from './shapeCuts';
export { dialFor, fitDial, type DialFit, type DialProblem, type DialResult, type DialStack } from './slicerDial';
export {
  flattestLeanDeg,
  RAW_MEAT_G_PER_MM3,
  sliceGeometry,
  type SliceGeometry,
  type SliceInput,
} from './sliceGeometry';
