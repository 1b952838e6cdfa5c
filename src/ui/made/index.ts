export { DRIED_WORDS, madeSize, wayWords } from './came-words';
export { PieceSheet } from './piece-sheet';
export { Minutes } from './minutes';
export { outlineOf } from './outline-of';
