export { AnswerSheet, type LesserFigure } from './answer-sheet';
export { Place, PlaceAnswer } from './place';
export { Rail, type RailMark } from './rail';
