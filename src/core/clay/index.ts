export { type Length, STAGES, type Stage, lengthAt } from './stage';
export { type ClayKind, KINDS, TYPICAL } from './kinds';
export { CONES, coneAboutC, coneRank, readCone } from './cone';
export { type Direction, type Shares, type Shrinkage, convert, perStage, remaining } from './shrinkage';
export { type Bar, type Belief, believe, priorOf } from './belief';
export { type Matter, dryMass, firedMass, leatherMass, wetDensity } from './matter';
export { type ClayFacts, type ClayFigures, type Source, clayFigures } from './figures';
export {
  type Evidence,
  type Firing,
  type Sample,
  type Softness,
  type Sorted,
  type Unused,
  asBars,
  gather,
  impliedShrinkage,
  lengthOf,
  measuredSpan,
  sameFiring,
} from './evidence';
export { type Slip, slipsOf } from './slips';
export { type Weighed, plausible, solidDensity, weigh } from './weighed';
export { beliefDensity, finishesBetween, mostPieces, normalDensity } from './range';
export { type Ingredient, mixtureRange } from './mix';
