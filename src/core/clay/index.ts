export { type Length, STAGES, type Stage, lengthAt } from './stage';
export { type ClayKind, KINDS, TYPICAL } from './kinds';
export { CONES, coneAboutC, coneRank, readCone } from './cone';
export { type Direction, type Shares, type Shrinkage, convert, perStage, remaining } from './shrinkage';
export {
  type Bar,
  type Belief,
  type BelievedShares,
  type MeasuredWith,
  READING_ERROR_MM,
  SHARE_SD,
  SIGMA0,
  believe,
  priorOf,
} from './belief';
export { type HeightBelief, believeHeight } from './height';
export { type AskedFiring, type FiredBar, type FiringBelief, believeFiring, isFiredOtherwise } from './firing';
export { type Matter, dryMass, firedMass, leatherMass, wetDensity } from './matter';
export { type ClayFacts, type ClayFigures, type OwnHand, type Source, believedShares, clayFigures, sharesOf } from './figures';
export { type Evidence, type Sorted, type Unused, asBars, gather, heatOf, impliedShrinkage } from './evidence';
export { type Firing, type Sample, type Softness, lengthOf } from './sample';
export { type Slip, slipsOf } from './slips';
export { type Weighed, plausibility, solidDensity, weigh } from './weighed';
export { beliefDensity, chanceUpTo, finishesBetween, mostPieces } from './range';
export { normalDensity, normalUpTo } from './chances';
export { type Ingredient, mixtureRange } from './mix';
