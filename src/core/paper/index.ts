export { type BarSheetInput, barSheet } from './bar-sheet';
export { type Drawing, PAPER, type Paper, type Place, type Shape, type Sheet, box, line, paragraph, path, words } from './drawing';
export { type Tile, correctionOf, tile } from './tile';
