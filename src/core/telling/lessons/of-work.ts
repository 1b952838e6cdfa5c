import { FAMILIES, type FamilyName } from '@/core/form';
import { everyPiece, learnedDays, learnedForms, learnedLosses, learnedMinutes, type Losses, type PieceOfRun } from '@/core/lessons';
import { SHELF_WORDS, SHELVES, type Workspace } from '@/core/records';
import { DRIED_WORDS } from '../way-words';
import { type Lesson, type LessonWriters, percentOf, piecesWords } from './lesson';

const formWords = (family: FamilyName): string => FAMILIES[family].words.toLowerCase();

const TYPICAL_LOSS = '10%';

function lossSays({ loss, on, wholeFirings }: Losses): readonly string[] {
  const where = SHELVES.flatMap((shelf) => (on[shelf] ? [`, ${on[shelf]} lost ${SHELF_WORDS[shelf]}`] : [])).join('');
  const seconds = loss.seconds > 0 ? `, ${loss.seconds} ${loss.seconds === 1 ? 'second' : 'seconds'}` : '';
  return [
    `${loss.lost} of your ${loss.made} lost${where}${seconds}. The typical figure counts as ten pieces.`,
    ...(wholeFirings > 0 ? ['Whole loads were lost. Spares cannot cover that.'] : []),
  ];
}

/** What is lost of each form. */
export function lossLessons(workspace: Workspace): readonly Lesson[] {
  const ended = everyPiece(workspace).filter(
    ({ run, piece }) => run.planId !== undefined && (piece.shelf === 'lost' || piece.shelf === 'fired'),
  );
  const counted = learnedLosses(workspace).filter(({ loss }) => loss.made > 0);
  const families = new Set([...counted.map(({ family }) => family), ...ended.map(({ run }) => run.family)]);
  return [...families].map((family) => {
    const now = counted.find((each) => each.family === family);
    return {
      title: `Losses: ${formWords(family)}`,
      was: TYPICAL_LOSS,
      is: now && percentOf(now.loss.share),
      figure: now && { whole: String(Math.round(now.loss.share * 100)), unit: '%' },
      says: now ? lossSays(now) : [],
      from: ended
        .filter(({ run }) => run.family === family)
        .map((row) => ({ row, told: row.piece.shelf === 'lost' ? (row.piece.wrong?.join(', ') ?? 'lost') : 'came out' })),
    };
  });
}

/** How oval a piece fired, where that was measured, mm. */
const ovalOf = ({ piece }: PieceOfRun): number | undefined =>
  Object.values(piece.sizes.glazed ?? {}).find(({ oval }) => oval !== undefined)?.oval;

/** How much each form warps, or sags where its warp was not measured. */
export const warpLessons = (workspace: Workspace, { length, written }: LessonWriters): readonly Lesson[] =>
  learnedForms(workspace).map(({ family, oval, byWork, sag }) => ({
    title: `${FAMILIES[family].words}: ${oval ? 'warp' : 'sag'}`,
    was: oval ? `about ${length(0.5)} oval` : 'none',
    figure: written(oval?.mm ?? Math.abs(sag!.mm)),
    is: oval ? `oval by ${length(oval.mm)}` : length(Math.abs(sag!.mm)),
    says: [
      ...(sag
        ? [
            `Fired ${length(Math.abs(sag.mm))} ${sag.mm < 0 ? 'lower' : 'higher'} than the width would suggest. This comes from the form, not the clay.`,
          ]
        : []),
      `Measured on ${piecesWords(oval?.count ?? sag!.count)}.`,
      ...(byWork.length > 1
        ? byWork.map(
            ({ dried, cone, mm, count }) =>
              `Dried ${DRIED_WORDS[dried]}${cone ? `, cone ${cone}` : ''}: oval by ${length(mm)}, from ${count}.`,
          )
        : []),
    ],
    from: everyPiece(workspace)
      .filter((row) => row.run.family === family && ovalOf(row) !== undefined)
      .map((row) => ({ row, told: `oval by ${length(ovalOf(row)!)}` })),
  }));

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
