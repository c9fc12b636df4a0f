export { cutStrips, LENGTH_MOST_MM, SLAB_IS_STRIP_MM, STRIP_LEAST_MM, type Strips } from './cutStrips';
export { evennessOf, evennessOfStacks, thicknessByWeightMm, type Evenness, type Lot } from './evenness';
export { HINGE_MM, pound, SCORE_MM, SCORE_SHEET_MM, unroll, type Pounded, type Unrolled } from './sheets';
export { shapeCuts, STEAK_TALLEST_MM, type CutStep, type ShapeCuts, type ShapeInput } from './shapeCuts';
export { dialFor, fitDial, type DialFit, type DialProblem, type DialResult, type DialStack } from './slicerDial';
export {
  flattestLeanDeg,
  knifeToGrainDeg,
  RAW_MEAT_G_PER_MM3,
  ROUND_FILLS,
  sliceGeometry,
  type SliceGeometry,
  type SliceInput,
} from './sliceGeometry';
