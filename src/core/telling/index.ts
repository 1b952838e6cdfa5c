export { figureWords, heightRestsOn, restsOnWords, UNUSED_WORDS } from './belief-words';
export { handWorking, obstacleWords } from './hand-words';
export { standsWords } from './stands';
export { type LearnedLesson, LESSON_NAMES, LESSONS, type Moved, type Witness, hasChanged, lessonsOf, movedBy } from './lessons';
export { type AnyWay, DRIED_WORDS, WAY_WORDS, wayWords } from './way-words';
