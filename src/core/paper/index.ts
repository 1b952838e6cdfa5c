export { type BarSheetInput, barSheet } from './bar-sheet';
export {
  CHECKS,
  type Check,
  DASH,
  type Drawing,
  PAPER,
  type Paper,
  type Place,
  type Shape,
  type Sheet,
  box,
  dashed,
  line,
  paragraph,
  path,
  widthOf,
  words,
} from './drawing';
export { type Tile, correctionOf, tile } from './tile';
