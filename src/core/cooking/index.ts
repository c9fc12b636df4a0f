export { HEATING_UP_MIN, STAYS_ON_MIN } from './heatingUp';
export { leastMinutesTo } from './heatBound';
export {
  directHeatCheck,
  FINISHES,
  heatFor,
  USUAL_ROOM,
  type Finish,
  type Heat,
  type HeatInput,
  type Room,
} from './heatFor';
export { reduceGlaze, slurryFor, SLURRY_WATER_PARTS, type Glaze, type Slurry } from './finish';
