export { type Length, STAGES, type Stage, lengthAt } from './stage';
export { type ClayKind, KINDS } from './kinds';
export { type Direction, type Shares, type Shrinkage, convert, perStage, remaining } from './shrinkage';
export { type Bar, type Belief, believe } from './belief';
export { type Matter, dryMass, firedMass, leatherMass, wetDensity } from './matter';
export { type ClayFacts, type ClayFigures, type Source, clayFigures } from './figures';
