export {
  ANIMALS,
  FATS,
  FORMS,
  freezingPointRangeC,
  isGame,
  isPoultry,
  SUITS,
  usualFreezingPointC,
  WORKS,
  type Animal,
  type Composition,
  type Cut,
  type Form,
  type SuitsBecause,
} from './cut';
export { CUTS, findCut } from './cuts';
export { divide, pricePerTrimmedKg, type DividedPart, type Part } from './divide';
export { nearCuts, searchCuts } from './searchCuts';
export { meatDensityGPerMm3, sizePiece, usualCount, type PieceSize } from './sizePiece';
