export { MAKING_WAYS, MAKING_WORDS, type Making, NOTHING_LOST, WAYS, type Way, checkMaking } from './making';
export { type Masses, type Sized, type Thrown, size } from './size';
export { type CapacityTarget, solveCapacity } from './solve';
export { type HabitCost, addingCost } from './habit';
export { type KnownSize, type KnownSizes, type StagedCup, resolveKnown } from './known';
export { type NumberName, STAGE_WORDS, type Worked, type Working, type Writers, working } from './working';
