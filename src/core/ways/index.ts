export { SHAPE_ROWS, SHAPES, shapeRow, type Band, type Shape, type ShapeRow } from './shape';
export { bandOf, isWay, shapesOf, stageNamed, stagesOf, USES, wayRecipe, WAYS, type Use, type Way } from './lookUp';
export {
  HEAT_METHODS,
  HEAT_SETTINGS,
  STAGES,
  type FatAdvice,
  type HeatMethod,
  type HeatRecipe,
  type HeatSetting,
  type HeatTitle,
  type Stage,
  type WayRecipe,
  type WorkPart,
} from './way';
