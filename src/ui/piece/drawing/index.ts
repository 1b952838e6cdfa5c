export { AssembledPiece } from './assembled-piece';
export { BesideChoice } from './beside-choice';
export { PieceDrawing } from './piece-drawing';
export { type Geometry, finishedAt } from './geometry';
