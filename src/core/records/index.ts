export type { CastChoices, Slip, TestCast } from './casting';
export { type RowChange, applyChanges, changesOn, merged, reversed, rowChange, rowFinder, same } from './change';
export { type TableDifference, compare } from './compare';
export {
  type Drying,
  type FitClass,
  type Fitting,
  type Held,
  asksGap,
  asMeant,
  DRYING,
  gapRangeOf,
  HELD,
  isLid,
  meetingSize,
  meetsInside,
  SHELF_GAP,
  USUAL_DEPTH,
  USUAL_OVERHANG,
} from './fitting';
export { saidOf } from './found-by';
export { clayUsedLast, exampleCutters } from './latest';
export {
  type Different,
  type Fate,
  type Shelf,
  type Work,
  type Wrong,
  DIFFERENT,
  FATES,
  SHELF_WORDS,
  SHELVES,
  STAGE_ON,
  WORK,
  WRONG,
} from './made';
export { type OwnMeasure, inOwnMeasures } from './measures';
export { onShelf, refOf, withReading } from './moves';
export {
  type KilnSpace,
  type Money,
  type Order,
  type OrderLine,
  type OrderStep,
  type PieceSet,
  type Room,
  type Sorting,
  type WorkWeek,
  ORDER_STEPS,
  ROOMS_DRY,
  USUAL_MONEY,
  USUAL_WEEK,
} from './ordered';
export { type PartRef, calledPart, mainPart, partOf, partRef, partWords, readRef, withPart } from './parts';
export { type ClayHere, claysHere, received } from './received';
export {
  type BarRecord,
  type Batch,
  type Bead,
  type Body,
  type CutterRecord,
  type FormerRecord,
  type Handmade,
  type LogView,
  type MadePiece,
  type Part,
  type Photo,
  type Plan,
  type Promised,
  type Reading,
  type Readings,
  type Rows,
  type Run,
  type Settings,
  type Shop,
  type ShopName,
  type ShopRow,
  type TableName,
  type Workspace,
  EMPTY,
  TABLES,
} from './records';
export { SHOP_WORDS, shopOf, shopRows } from './shop';
export type { SaidBall } from './shop-records';
export { type Lot, type Stock, type StockKind, isRigidLot, lotOf, STOCK_KINDS, stockFault, stopperOf } from './stock';
export { type Bat, type Die, batFor, chucksFor } from './tools';
export { NO_KIT, NO_LOG, NO_ORDERS, partedRuns, partedSettings, upgradedPlan } from './upgrade';
