export { PieceScreen } from './piece-screen';
export { cardOf } from './tools';
