import type { Direction } from '@/core/clay';
import { ballUsed, errorsOf, everyPiece, learnedBall, learnedHand, type PieceOfRun } from '@/core/lessons';
import type { Workspace } from '@/core/records';
import { TOOL_SD, type Tool } from '@/core/sizing';
import { wayWords } from '../way-words';
import { type Lesson, type LessonWriters, piecesWords } from './lesson';

const FEWEST_BALLS = 3;

/** Ball used over ball calculated, by way of making. */
export function ballLessons(workspace: Workspace): readonly Lesson[] {
  const weighed = everyPiece(workspace).filter((row) => ballUsed(row) !== undefined);
  const ways = new Map(weighed.map((row) => [`${row.run.by}/${row.run.way}`, row.run]));
  return [...ways].map(([key, way]) => {
    const ratio = learnedBall(workspace, way);
    const own = weighed.filter(({ run }) => `${run.by}/${run.way}` === key);
    return {
      title: `Ball, ${wayWords(way)}`,
      was: '× 1.00',
      is: ratio && `× ${ratio.median.toFixed(2)}`,
      figure: ratio && { whole: `× ${ratio.median.toFixed(2)}`, unit: '' },
      says: [
        ratio ? `Median of ${ratio.count}, ± ${ratio.spread.toFixed(2)}.` : `Used from ${FEWEST_BALLS} pieces on. You have ${own.length}.`,
      ],
      from: own.map((row) => ({ row, told: `× ${ballUsed(row)!.toFixed(2)}` })),
    };
  });
}

const LEAN_WORDS = { height: ['shorter', 'taller'], width: ['narrower', 'wider'] } as const;

function handLesson(workspace: Workspace, tool: Tool, direction: Direction, { length, written }: LessonWriters): Lesson[] {
  const errors = (row: PieceOfRun) => errorsOf(row).filter((error) => error.direction === direction);
  const from = everyPiece(workspace).filter((row) => row.run.tool === tool && errors(row).length > 0);
  if (from.length === 0) return [];
  const { lean, leanSd, nextSd, count } = learnedHand(workspace)[tool][direction];
  const signed = (mm: number) => `${mm < 0 ? '−' : '+'}${length(Math.abs(mm))}`;
  const leans = leanSd !== undefined && Math.abs(lean) > leanSd;
  return [
    {
      title: `Your hand, ${tool === 'gauge' ? 'with a gauge or calipers' : 'by eye'}, ${direction === 'height' ? 'heights' : 'widths'}`,
      was: `± ${length(TOOL_SD[tool])}`,
      is: count > 0 ? `± ${length(nextSd)}` : undefined,
      figure: count > 0 ? { ...written(nextSd), whole: `± ${written(nextSd).whole}` } : undefined,
      says: leans
        ? [`You throw ${length(Math.abs(lean))} ${LEAN_WORDS[direction][lean > 0 ? 1 : 0]} than planned, give or take ${length(leanSd)}.`]
        : [`From ${piecesWords(count)} measured wet.`],
      from: from.map((row) => ({
        row,
        told: errors(row)
          .map(({ error }) => signed(error))
          .join(', '),
      })),
      hand: { tool, direction },
    },
  ];
}

/** How the hand leans and scatters, by tool and direction. */
export const handLessons = (workspace: Workspace, w: LessonWriters): readonly Lesson[] =>
  (['gauge', 'eye'] as const).flatMap((tool) =>
    (['height', 'width'] as const).flatMap((direction) => handLesson(workspace, tool, direction, w)),
  );
