export {
  type BarRecord,
  type Batch,
  type Bead,
  type Body,
  EMPTY,
  type Part,
  type Plan,
  type Rows,
  type Settings,
  TABLES,
  type TableName,
  type Workspace,
} from './records';
export { type ClayChoice, type KnownClay, clayOf, newestBatch } from './clay';
export { NEW_MAKING, type SizedPart, plainCup, sizePart } from './piece';
export { UNUSED_WORDS, figureWords, restsOnWords } from './belief-words';
export { nextThings } from './next';
export { type RowChange, applyChanges, fits, merged, reversed, rowChange, same } from './change';
export { type TableDifference, compare } from './compare';
export { DEMO } from './demo';
