export {
  bandOf,
  SHAPES,
  shapesOf,
  USES,
  WAY_PRACTICE,
  WAYS,
  type Shape,
  type Use,
  type Way,
  type WayPractice,
} from './way';
export { cookRounds, USUAL_ROOM, type CookRounds, type Heat, type Room } from './cookRounds';
export { reduceGlaze, slurryFor, SLURRY_WATER_PARTS, type Glaze, type Slurry } from './finish';
