export { hasChanged, type Witness } from './lesson';
export { type Moved, movedBy } from './moved';
export { type LearnedLesson, LESSON_NAMES, LESSONS, lessonsOf } from './table';
