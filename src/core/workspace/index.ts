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
export { type ClayChoice, type ClayRows, type KnownClay, clayNow, clayOf, matterIn, newestBatch } from './clay';
export {
  type MatterOf,
  type Sizable,
  type SizedPart,
  handOf,
  isExample,
  isExamplePiece,
  makingOf,
  runBall,
  sizePart,
  surenessOf,
  throwingOf,
} from './piece';
export { NEW_MAKING, PLAIN, changedForm, finishedSizes, plainCup, withManner } from './new-form';
export { freeSizes, knownAs, letGo, typedOver, withGiver, withLetGo, withTyped } from './typed';
export { fitKept, partsOfSameClay } from './fit-kept';
export { isMixed, withoutExample } from './example-rows';
export { standsWords } from './stands';
export { type OwnBall, ratioOf, saidBall, shortWall } from './own-ball';
export type { SaidBall } from './shop-records';
export { type ClayTaken, afterEntered, afterTyped, canGrow, followed, foundThick } from './followed';
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
} from './handmade';
export { withChoices } from './hand-choices';
export { handWorking, obstacleWords } from './hand-words';
export type { CastChoices, Slip, TestCast } from './casting';
export { type ClayBeside, claysBeside } from './clays-beside';
export { clayUsedLast, exampleCutters } from './latest';
export { saidOf } from './found-by';
export { type SizeCame, cameOf, saidAndHappened } from './came';
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
export { type PieceOfRun, everyPiece, recordFor } from './taught';
export { type FormLearned, learnedForms, learnedOval, typicalOval } from './warp';
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
export { type SizedPlanPart, inBody, shownBall, sizedPlanPart, thrownBall } from './sized-plan';
export { type WeighedPart, weighed, weighedPart } from './weighed-part';
export { type OwnMeasure, inOwnMeasures } from './measures';
export { type Bat, type Die, batFor, chucksFor } from './tools';
export { SHOP_WORDS, shopOf, shopRows } from './shop';
export {
  type KilnSpace,
  type Money,
  ORDER_STEPS,
  type Order,
  type OrderLine,
  type OrderStep,
  type PieceSet,
  ROOMS_DRY,
  type Room,
  type Sorting,
  USUAL_MONEY,
  USUAL_WEEK,
  type WorkWeek,
} from './ordered';
export { NO_KIT, NO_LOG, NO_ORDERS, partedRuns, partedSettings, upgradedPlan } from './upgrade';
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
export { meetsBy } from './fit-met';
export type { FitRows } from './fit-met';
export { type FitWork, fitOf, helpsOf, isWithin, otherLots } from './fit-work';
export { cutParts, lidParts } from './lid-parts';
export { type Lot, STOCK_KINDS, type Stock, type StockKind, lotOf, isRigidLot, stockFault, stopperOf } from './stock';
export { type PartRef, calledPart, mainPart, partOf, partRef, partWords, readRef, withPart } from './parts';
export { type Meets, type StartedFit, startedFit } from './start-fit';
export { type ClayNeed, type LineWork, type OrderWork, lineWork, openOrders, orderWork } from './order-work';
export type { DatedStep, Ordered } from './order-days';
export { type SharedFiring, sharedFirings } from './order-firings';
export { BOARD, type LineWorth, boardsFor, kilnLoads, worthFor } from './order-worth';
export { type ToSort, asTheyCome, measuredStages, toSort } from './sorted';
export { type Doing, type ToDo, workList } from './work-list';
export { type NestBowl, type NestChoices, nestWork, usualNest } from './nesting';
export { type CastWork, type SlipWork, USUAL_CAST, castOf, mouldsToPour } from './cast-work';
export { type LidOn, lidOn, lidPartOf, standsOut } from './lid-on';
export { type SticksOut, sticksOut } from './sticks-out';
export { type ClayHere, claysHere, received } from './received';
