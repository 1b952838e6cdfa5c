export {
  type ClayWidth,
  FITS,
  type Fit,
  type GapRange,
  OVALITY_SD,
  type Pair,
  type RigidWidth,
  type Side,
  type Width,
  isAhead,
} from './widths';
export { type Doubt, type DoubtName, type Gap, type Odds, chanceGapUnder, gapOf, oddsOf, shrinkageVariances, spreadOf } from './gap';
export { type Best, type Costs, EQUAL_COSTS, NARROW_COSTS, bestWidth, goWindow } from './best';
export { type Help, type HelpName, MEASURED_SD, helpsFor } from './help';
export { SEAT_SHARE, type SeatShare, type Seating, type Stopper, bestMouth, seatOf, seatRange, stopperFault, stopperPair } from './seat';
export { type Drawn, type Normal, drawnGaps, firingOf } from './draws';
export { MOST_PAIRED, type Paired, type Pairing, pairUp } from './pairing';
export { normalFrom, uniformFrom } from './chance';
export { chanceWords, tenthsOf, threeChances } from './words';
export { type CoilFlange, coilFlange } from './flange';
export { type Shown, type ShownFit, shownFit } from './shown';
export { type ClayPlan, type Plan, type PlanFit, type PlanPair, type RigidPlan, fitPlan } from './plan-lid';
