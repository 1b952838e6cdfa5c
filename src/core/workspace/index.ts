export {
  type Batch,
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
export { NEW_MAKING, type SizedPart, bodyOf, figuresOf, plainCup, sizePart } from './piece';
export { type RowChange, applyChanges, fits, merged, reversed, rowChange } from './change';
export { type TableDifference, compare } from './compare';
export { DEMO } from './demo';
