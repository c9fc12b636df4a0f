export {
  G_PER_LB,
  G_PER_OZ,
  MM_PER_IN,
  ML_PER_CUP,
  ML_PER_FL_OZ,
  ML_PER_TBSP,
  ML_PER_TSP,
  type UnitSystem,
} from './exact';
export type { Parsed, QuantityProblem } from './problem';
export { parseNumber } from './parseNumber';
export {
  parseDuration,
  parseLength,
  parseMass,
  parsePlain,
  parseSides,
  parseTemperature,
  parseVolume,
  type ParseOptions,
  type Sides,
} from './parseQuantity';
export {
  areaFigure,
  formatDuration,
  formatLength,
  formatMass,
  formatMassRange,
  formatNumber,
  formatRoughly,
  formatTemperature,
  joinFigure,
  lengthFigure,
  massFigure,
  temperatureFigure,
  type Figure,
  type FormatStyle,
} from './format';
export { fromMeasures, HEAPED, type ReadVolume } from './fromMeasures';
export { readKindly, type KindlyParsed, type ReadAs } from './readKindly';
export {
  MEASURE_TOLERANCE_PERCENT,
  PINCH_ML,
  roughSpoons,
  sayCount,
  sayHalves,
  toMeasures,
  USUAL_MEASURES,
  WEIGH_IT,
  type MeasuredVolume,
  type MeasurePart,
  type OwnedMeasure,
} from './measures';
