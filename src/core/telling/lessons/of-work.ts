import { FAMILIES, type FamilyName } from '@/core/form';
import {
  everyPiece,
  type FormLearned,
  learnedDays,
  learnedForms,
  learnedLoss,
  learnedLosses,
  learnedMinutes,
  type Losses,
  type PieceOfRun,
} from '@/core/lessons';
import { SHELF_WORDS, SHELVES, type Workspace } from '@/core/records';
import { DRIED_WORDS } from '../way-words';
import { type Lesson, type LessonWriters, percentOf, piecesWords, withoutPieces } from './lesson';

const formWords = (family: FamilyName): string => FAMILIES[family].words.toLowerCase();

function lossSays({ loss, on, wholeFirings }: Losses): readonly string[] {
  const where = SHELVES.flatMap((shelf) => (on[shelf] ? [`, ${on[shelf]} lost ${SHELF_WORDS[shelf]}`] : [])).join('');
  const seconds = loss.seconds > 0 ? `, ${loss.seconds} ${loss.seconds === 1 ? 'second' : 'seconds'}` : '';
  return [
    `${loss.lost} of your ${loss.made} lost${where}${seconds}. The typical figure counts as ten pieces.`,
    ...(wholeFirings > 0 ? ['Whole loads were lost. Spares cannot cover that.'] : []),
  ];
}

const fateWords = ({ piece }: PieceOfRun): string =>
  piece.shelf === 'lost' ? (piece.wrong?.join(', ') ?? 'lost') : piece.shelf === 'fired' ? 'came out' : SHELF_WORDS[piece.shelf];

/** What is lost of each form. */
export function lossLessons(workspace: Workspace): readonly Lesson[] {
  // what is no plan's says nothing of a form
  const planned = everyPiece(workspace).filter(({ run }) => run.planId !== undefined);
  const counted = learnedLosses(workspace).filter(({ loss }) => loss.made > 0);
  const families = new Set([...counted.map(({ family }) => family), ...planned.map(({ run }) => run.family)]);
  return [...families].map((family) => {
    const now = counted.find((each) => each.family === family);
    const own = planned.filter(({ run }) => run.family === family);
    return {
      title: `Losses: ${formWords(family)}`,
      was: percentOf(learnedLoss(withoutPieces(workspace, own), family).share),
      is: now && percentOf(now.loss.share),
      figure: now && { whole: String(Math.round(now.loss.share * 100)), unit: '%' },
      says: now ? lossSays(now) : [],
      from: own.map((row) => ({ row, told: fateWords(row) })),
    };
  });
}

/** How oval a piece fired, where that was measured, mm. */
const ovalOf = ({ piece }: PieceOfRun): number | undefined =>
  Object.values(piece.sizes.glazed ?? {}).find(({ oval }) => oval !== undefined)?.oval;

/** A form whose pieces were all left out: what it would do is not known, and they can count again. */
const unused = (family: FamilyName): FormLearned => ({ family, byWork: [] });

/** How much each form warps, or sags where its warp was not measured. */
export function warpLessons(workspace: Workspace, { length, written }: LessonWriters): readonly Lesson[] {
  const measured = everyPiece(workspace).filter((row) => ovalOf(row) !== undefined);
  const learned = learnedForms(workspace);
  const left = new Set(measured.map(({ run }) => run.family).filter((family) => !learned.some((each) => each.family === family)));
  return [...learned, ...[...left].map(unused)].map((form) => {
    const { family, oval, sag } = form;
    const mm = oval?.mm ?? (sag && Math.abs(sag.mm));
    return {
      title: `${FAMILIES[family].words}: ${sag && !oval ? 'sag' : 'warp'}`,
      was: sag && !oval ? 'none' : `about ${length(0.5)} oval`,
      figure: mm === undefined ? undefined : written(mm),
      is: oval ? `oval by ${length(oval.mm)}` : mm === undefined ? undefined : length(mm),
      says: warpSays(form, length),
      from: measured.filter(({ run }) => run.family === family).map((row) => ({ row, told: `oval by ${length(ovalOf(row)!)}` })),
    };
  });
}

function warpSays({ oval, sag, byWork }: FormLearned, length: (mm: number) => string): readonly string[] {
  const count = oval?.count ?? sag?.count;
  return [
    ...(sag
      ? [
          `Fired ${length(Math.abs(sag.mm))} ${sag.mm < 0 ? 'lower' : 'higher'} than the width would suggest. This comes from the form, not the clay.`,
        ]
      : []),
    ...(count === undefined ? [] : [`Measured on ${piecesWords(count)}.`]),
    ...(byWork.length > 1
      ? byWork.map(
          ({ dried, cone, mm, count: own }) =>
            `Dried ${DRIED_WORDS[dried]}${cone ? `, cone ${cone}` : ''}: oval by ${length(mm)}, from ${own}.`,
        )
      : []),
  ];
}

const daysWords = (days: number | undefined): string => (days === undefined ? '–' : days === 1 ? '1 day' : `${days} days`);

/** How long pieces stand on each shelf. */
export const daysLessons = (workspace: Workspace): readonly Lesson[] =>
  SHELVES.filter((shelf) => shelf !== 'lost' && shelf !== 'fired').flatMap((shelf) => {
    const typical = daysWords(learnedDays({ ...workspace, pieces: [] }, shelf).days);
    const { days, count, learned } = learnedDays(workspace, shelf);
    if (count === 0) return [];
    return [
      {
        title: `Days ${SHELF_WORDS[shelf]}`,
        was: typical,
        is: learned ? daysWords(days) : undefined,
        figure: learned ? { whole: String(days), unit: days === 1 ? 'day' : 'days' } : undefined,
        says: [`Median of ${piecesWords(count)}.`],
        from: [],
      },
    ];
  });

/** Minutes a piece takes of each kind of work. */
export const minutesLessons = (workspace: Workspace): readonly Lesson[] =>
  learnedMinutes(workspace).map(({ work, median, count }) => ({
    title: `Minutes to ${work} one`,
    was: 'not known',
    is: `${median} min`,
    figure: { whole: `${median}`, unit: 'min' },
    says: [`Median of ${piecesWords(count)}.`],
    from: [],
  }));
