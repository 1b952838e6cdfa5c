export { type SizeCame, cameOf, saidAndHappened } from './came';
export { type Ends, allEvidence, asSent, endsOf, isMade, samplesOf, shrankAcross } from './evidence-of';
export {
  type Losses,
  ballUsed,
  bySoftness,
  daysBetween,
  doubtedReadings,
  errorsOf,
  learnedBall,
  learnedDays,
  learnedHand,
  learnedLoss,
  learnedLosses,
  learnedMinutes,
} from './learned';
export { type PieceOfRun, everyPiece, once, recordFor } from './taught';
export { type FormLearned, learnedForms, learnedOval, typicalOval } from './warp';
