export { ALLOWANCE_MARKS } from './allowance-marks';
export { BesideChoice } from './beside-choice';
export { MovedPoint } from './moved-point';
export { PieceDrawing } from './piece-drawing';
export { type Geometry, finishedAt } from './geometry';
