export { type DrawnSize, StepDrawing, scaleOf } from './step-drawing';
export { type HandFigure, areaWords, handFigures } from './hand-figures';
export { workOf } from './hand-order';
export { lessThanPiece, weighOutText, weighOutWritten } from './weigh-out';
export { STEP_TITLES, figuresAt } from './step-figures';
