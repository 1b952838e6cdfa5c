export { type Came, type CameTo, cameOut, withinReading } from './came-out';
export { type HandError, handError } from './hand';
export { type Bin, type Honest, type Said, chanceAlone, honestOdds } from './honest';
export { type Loss, lossOf } from './loss';
export { type Middle, ballRatio, medianOf } from './ratio';
