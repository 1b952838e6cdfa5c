export { type DrawnSize, StepDrawing, scaleOf } from './step-drawing';
export { STEP_TITLES, figuresAt } from './step-figures';
