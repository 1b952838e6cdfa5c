export { AnswerSheet, type LesserFigure, counted } from './answer-sheet';
export { Place, PlaceAnswer, onRail } from './place';
export { Rail, type RailMark } from './rail';
