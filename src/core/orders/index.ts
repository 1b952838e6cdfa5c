export type { DatedStep, Ordered } from './order-days';
export { type SharedFiring, sharedFirings } from './order-firings';
export { type ClayNeed, type LineWork, type OrderWork, lineWork, openOrders, orderWork } from './order-work';
export { type LineWorth, BOARD, boardsFor, kilnLoads, worthFor } from './order-worth';
export { type Current, piecesOf, runOf, runOfPart, runsOf, startedRun } from './run';
export { type ToSort, asTheyCome, measuredStages, toSort } from './sorted';
export { dueOnShelves, type Doing, type ToDo, WHERES, type Where, workList } from './work-list';
