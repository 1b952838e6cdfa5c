export {
  MAKING_MOST,
  MAKING_WAYS,
  MAKING_WORDS,
  type Making,
  NOTHING_LOST,
  WAYS,
  type Way,
  checkMaking,
  withoutRim,
  withoutTrimmedWall,
} from './making';
export { type Attached, type Masses, type Sized, type Thrown, size } from './size';
export { type ClayVolumes, type OnBat, totalMl } from './thrown';
export type { Reached } from './grow';
export { type Gives, giverOf, undecided } from './insides';
export { type CapacityTarget, type Keep, type Wanted, reach, solveCapacity } from './solve';
export { type FromBall, foundOf, growFree, reverse } from './reverse';
export { type HabitCost, addingCost } from './habit';
export {
  type Conflict,
  type Exact,
  type KnownSize,
  type KnownSizes,
  type StagedForm,
  type Sureness,
  conflictsIn,
  isExact,
  resolveKnown,
  shrinkageIfBoth,
} from './known';
export { type Along, type Doubts, type Made, TOOL_SD, type Tool, handWith, rangeOf, reachedFrom, shareAt, shareSdAt } from './doubt';
export { type Limit, USUAL_ODDS, type Window, aimFor, chanceWithin, windowAt, windows } from './window';
export {
  type Opening,
  type Step,
  type StepName,
  type Throwing,
  USUAL_OPENING,
  USUAL_SHORTENING,
  type WallSlice,
  type WheelSteps,
  wheelSteps,
} from './steps';
export {
  type Again,
  GLAZE,
  type InTheHand,
  type KnownPiece,
  type ScaledBall,
  TWICE_THE_CLAY,
  type Tester,
  again,
  ballFromTester,
  scaledBall,
  wallOfBall,
} from './ways';
export {
  ATTACHED_KINDS,
  type AttachedPart,
  type Joined,
  type JoinedSizes,
  type PouringLip,
  attachedG,
  beyondItself,
  joinedSizes,
  withPouringLip,
} from './extras';
export { type Slice, wallSlices } from './slices';
export { LIMIT_NAMES, LIMIT_WORDS, type LimitCheck, type LimitName, type PlaceLimits, checkLimits } from './limits';
export { type Advice, adviceFor } from './advice';
export { type NumberName, STAGE_WORDS, type Worked, type Working, type Writers, limitWords, oddsWords, working } from './working';
