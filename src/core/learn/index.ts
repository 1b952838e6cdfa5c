export { type Came, type CameTo, cameOut, withinReading } from './came-out';
export { type HandError, handError } from './hand';
export { type Bin, type Honest, type Said, chanceAlone, chanceBetween, honestOdds } from './honest';
export { type Loss, TYPICAL_LOSS, lossOf } from './loss';
export { FEWEST_RATIOS, type Middle, ballRatio, medianOf } from './ratio';
