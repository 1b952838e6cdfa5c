export { type BarSheetInput, barSheet } from './bar-sheet';
export { PAPER, type Paper, type Shape, type Sheet } from './drawing';
export { writePdf } from './pdf';
