export {
  type BarRecord,
  type CutterRecord,
  type FormerRecord,
  type Handmade,
  type LogView,
  type MadePiece,
  type Photo,
  type Promised,
  type Reading,
  type Readings,
  type Run,
  type Batch,
  type Bead,
  type Body,
  EMPTY,
  type Part,
  type Plan,
  type Rows,
  type Settings,
  type Shop,
  type ShopName,
  type ShopRow,
  TABLES,
  type TableName,
  type Workspace,
} from './records';
export { type Ends, allEvidence, asSent, isMade, samplesOf, shrankBy } from './evidence-of';
export { type ClayChoice, type ClayRows, type KnownClay, clayOf, matterIn, newestBatch } from './clay';
export {
  type MatterOf,
  NEW_MAKING,
  PLAIN,
  type Sizable,
  type SizedPart,
  changedForm,
  finishedSizes,
  handOf,
  knownAs,
  isExample,
  isExamplePiece,
  letGo,
  makingOf,
  plainCup,
  runBall,
  sizePart,
  surenessOf,
  throwingOf,
  typedOver,
  withLetGo,
  withManner,
  withSize,
  withTyped,
} from './piece';
export {
  type CoilWork,
  type FormerWork,
  type HandWork,
  type Obstacle,
  type RolledSlab,
  type SlabWork,
  USUAL_ROLLER,
  USUAL_SLAB_LENGTH,
  handWork,
  handWorking,
  obstacleWords,
  withChoices,
} from './handmade';
export { type ClayBeside, claysBeside } from './clays-beside';
export { clayUsedLast, exampleCutters } from './latest';
export { type SizeCame, cameOf, saidAndHappened } from './came';
export {
  type FormLearned,
  type Losses,
  type PieceOfRun,
  ballUsed,
  bySoftness,
  daysBetween,
  errorsOf,
  everyPiece,
  learnedBall,
  learnedDays,
  learnedForms,
  learnedHand,
  learnedLoss,
  learnedLosses,
  learnedMinutes,
  learnedOval,
} from './learned';
export { type Current, piecesOf, runOf, runOfPart, runsOf, startedRun } from './run';
export {
  DIFFERENT,
  type Different,
  FATES,
  type Fate,
  SHELF_WORDS,
  SHELVES,
  STAGE_ON,
  type Shelf,
  WORK,
  WRONG,
  type Work,
  type Wrong,
} from './made';
export { onShelf, refOf, withReading } from './moves';
export { type Start, type StartOf, startedPart } from './start';
export { type SizedPlanPart, inBody, sizedPlanPart } from './sized-plan';
export { type OwnMeasure, inOwnMeasures } from './measures';
export { type Bat, type Die, batFor, chucksFor } from './tools';
export { SHOP_WORDS, shopOf, shopRows } from './shop';
export { NO_KIT, NO_LOG, partedRuns, partedSettings, upgradedPlan } from './upgrade';
export { UNUSED_WORDS, figureWords, restsOnWords } from './belief-words';
export { nextThings } from './next';
export { type RowChange, applyChanges, changesOn, merged, reversed, rowChange, rowFinder, same } from './change';
export { type TableDifference, compare } from './compare';
export {
  DRYING,
  type Drying,
  HELD,
  asksGap,
  type Held,
  SHELF_GAP,
  type FitClass,
  type Fitting,
  USUAL_DEPTH,
  USUAL_OVERHANG,
  asMeant,
  gapRangeOf,
  isLid,
  meetsInside,
} from './fitting';
export { type FitWork, fitOf, goOf, helpsOf, meetsBy, otherLots } from './fit-work';
export { cutParts, lidParts } from './lid-parts';
export { type Lot, STOCK_KINDS, type Stock, type StockKind, lotOf, isRigidLot, stockFault, stopperOf } from './stock';
export { type PartRef, calledPart, mainPart, partOf, partRef, partWords, readRef, withPart } from './parts';
export { type Meets, type StartedFit, startedFit } from './start-fit';
