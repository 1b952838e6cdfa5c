export { type DrawnSize, StepDrawing, scaleOf } from './step-drawing';
export { type HandFigure, handFigures } from './hand-figures';
export { workOf } from './hand-order';
export { STEP_TITLES, figuresAt } from './step-figures';
