export { type Problem, type Result, bad, good } from './result';
export { harmless, quote } from './quote';
export { type FluidOunce, type Kind, fluidOunceMl } from './tables';
export { type PointMarks, type ReadOptions, bothReadings, readLength, readLengths, readQuantity, readSizes } from './read';
export { readDay } from './day';
export { type Span, readSpan } from './span';
export { type PercentLimits, type PercentRange, readPercent, readPercentRange, readShrinkage } from './percent';
export {
  G_PER_OZ,
  type LengthUnit,
  type MassUnit,
  METRIC,
  type UnitChoice,
  type VolumeUnit,
  type Written,
  bareUnit,
  fineMass,
  handLength,
  handMass,
  text,
  unbroken,
  writeLength,
  writeStep,
  writeMass,
  writePercent,
  writeApart,
  writeDensity,
  writeVolume,
} from './write';
export { linesOf, readingOf } from './instrument';
export { NEAR, type StepUnits, inward, stepUnits, stepWithin } from './steps';
export { medianOf } from './median';
