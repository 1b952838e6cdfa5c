export { type Came, type CameTo, cameOut, withinReading } from './came-out';
export { type Bin, type Honest, type Said, chanceAlone, honestOdds } from './honest';
export { type Loss, lossOf } from './loss';
export { type Middle, ballRatio, medianOf } from './ratio';
export { type HandReading, type Lean, leanOf } from './lean';
export { type HeightKnown, type Sag, type SagReading, sagOf } from './sag';
export {
  type LossClass,
  PASSAGES,
  type Passage,
  type Passages,
  type Passed,
  type Survival,
  type SurvivalAsked,
  survivalOf,
} from './survival';
