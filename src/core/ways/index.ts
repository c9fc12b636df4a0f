export { SHAPE_ROWS, SHAPES, shapeRow, type Band, type Shape, type ShapeRow } from './shape';
export {
  bandOf,
  HEAT_METHODS,
  HEAT_SETTINGS,
  shapesOf,
  USES,
  WAY_RECIPES,
  wayRecipe,
  WAYS,
  type HeatMethod,
  type HeatRecipe,
  type HeatSetting,
  type Use,
  type Way,
  type WayRecipe,
} from './way';
