export { ANIMALS, freezingPointC, isPoultry, type Animal, type Composition, type Cut } from './cut';
export { CUTS, findCut } from './cuts';
export { meatDensityGPerMm3, sizePiece, type PieceSize } from './sizePiece';
