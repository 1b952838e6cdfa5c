export {
  type ClayWidth,
  FITS,
  type Fit,
  type GapRange,
  OVALITY_SD,
  type Pair,
  type RigidWidth,
  type Width,
  isRigid,
  ofDiameter,
} from './widths';
export { type Doubt, type DoubtName, type Gap, type Odds, chanceGapUnder, gapOf, oddsOf } from './gap';
export { type Best, type Costs, EQUAL_COSTS, bestWidth } from './best';
export { SEAT_SHARE, type SeatShare, type Seating, type Stopper, bestMouth, seatOf, seatRange, stopperFault, stopperPair } from './seat';
export { type Fired, type Normal, type Tally, fireMany, fireOnce } from './draws';
export { MOST_PAIRED, type Paired, type Pairing, pairUp } from './pairing';
