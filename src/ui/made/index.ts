export { madeSize } from './came-words';
export { PieceSheet } from './piece-sheet';
export { Minutes } from './minutes';
export { outlineOf } from './outline-of';
