export { AnswerSheet, type LesserFigure } from './answer-sheet';
export { Rail, type RailMark } from './rail';
