export { PieceScreen } from './piece-screen';
