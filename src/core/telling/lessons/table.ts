import type { Workspace } from '@/core/records';
import type { Lesson, LessonWriters } from './lesson';
import { shrinkageLessons, softnessLessons } from './of-clay';
import { ballLessons, handLessons } from './of-hand';
import { daysLessons, lossLessons, minutesLessons, warpLessons } from './of-work';

/** A kind of lesson: what it rests on, what it replaces and what it moves, for the documentation; and how it is told. */
interface KindOfLesson {
  readonly from: string;
  readonly replaces: string;
  readonly moves: string;
  readonly told: (workspace: Workspace, w: LessonWriters) => readonly Lesson[];
}

/** Everything that pieces teach, one entry for each kind. A new one needs its entry here; docs/how-it-computes.md lists it. */
export const LESSONS = {
  shrinkage: {
    from: 'pieces measured across, wet and fired',
    replaces: 'the supplier’s range and the bars',
    moves: 'wet sizes and balls of that clay',
    told: shrinkageLessons,
  },
  ball: {
    from: 'pieces with their ball and wet sizes, 3 or more of a way of making',
    replaces: 'the ball as calculated',
    moves: 'balls of that way of making',
    told: ballLessons,
  },
  hand: {
    from: 'wet sizes beside what was planned, by tool, in height and in width',
    replaces: 'the typical spread of the tool',
    moves: 'ranges and odds, and the gauge once you say so',
    told: handLessons,
  },
  loss: {
    from: 'pieces lost, seconds and pieces that came out, by form',
    replaces: 'the typical loss, which counts as ten pieces',
    moves: 'spares',
    told: lossLessons,
  },
  warp: {
    from: 'fired widths measured two ways, and fired heights beside widths',
    replaces: 'the typical warp; no sag',
    moves: 'odds of a fit, and heights of that form',
    told: warpLessons,
  },
  days: {
    from: 'the days pieces stood on a shelf, 3 or more',
    replaces: 'typical days',
    moves: 'when pieces are due, and the days of orders',
    told: daysLessons,
  },
  minutes: { from: 'minutes written down', replaces: 'nothing', moves: 'the hours of orders', told: minutesLessons },
  softness: { from: 'runs that say how soft the clay was', replaces: 'nothing', moves: 'nothing', told: softnessLessons },
} as const satisfies Record<string, KindOfLesson>;

export type LessonName = keyof typeof LESSONS;

export const LESSON_NAMES = Object.keys(LESSONS) as readonly LessonName[];

/** A lesson with its kind. */
export interface LearnedLesson extends Lesson {
  readonly kind: LessonName;
}

/** Everything the pieces of this workshop teach, in the order of the table. */
export const lessonsOf = (workspace: Workspace, w: LessonWriters): readonly LearnedLesson[] =>
  LESSON_NAMES.flatMap((kind) => LESSONS[kind].told(workspace, w).map((lesson) => ({ ...lesson, kind })));
