import { type Direction, READING_ERROR_MM, type Softness } from '@/core/clay';
import { type FamilyName, type SizeName, sizeSpec, FAMILIES } from '@/core/form';
import {
  type HandReading,
  type Lean,
  type Loss,
  type Middle,
  PASSAGES,
  type Passage,
  ballRatio,
  leanOf,
  lossOf,
  medianOf,
} from '@/core/learn';
import { TOOL_SD } from '@/core/sizing';
import { samplesOf, shrankBy } from './evidence-of';
import { type MadePiece, type Run, type Shelf, SHELVES, WORK, type Work } from '@/core/records';
import { type Made, type PieceOfRun, groups, once, put, taught } from './taught';

type Tool = keyof typeof TOOL_SD;

/** The sizes a wheel sets by itself; what else is measured follows from them. */
const SET: readonly SizeName[] = ['rimDiameter', 'height', 'bellyDiameter', 'mouthInside', 'baseDiameter'];

/** What a size was to measure as thrown: a height still has foot and rim on it. mm */
const plannedThrown = (run: Run, size: SizeName): number | undefined =>
  size === 'height' ? (run.gauge ?? run.planned.height) : run.planned[size];

/** A size of a piece as thrown beside how it was to be. */
export interface ErrorOf extends HandReading {
  readonly size: SizeName;
  readonly direction: Direction;
  /** Thrown less planned, mm. */
  readonly error: number;
}

/**
 * By how much a piece was made larger than planned, mm, size by size. Only what was planned before it was thrown says something of the
 * hand: a run of no plan has its sizes from afterwards.
 */
export function errorsOf({ run, piece }: PieceOfRun): readonly ErrorOf[] {
  if (run.planId === undefined) return [];
  return SET.flatMap((size) => {
    const [reading, planned] = [piece.sizes.wet?.[size], plannedThrown(run, size)];
    if (!reading || planned === undefined) return [];
    const { direction } = sizeSpec(size);
    const readingSd = READING_ERROR_MM[reading.with ?? run.measures];
    const { mm: thrown, sure } = reading;
    return [{ size, direction, planned, thrown, taken: run.taken?.[direction], readingSd, sure, error: thrown - planned }];
  });
}

/**
 * Ball used over the ball worked out for what was really thrown: that of the plan, with wall and floor as they were, in proportion
 * to height and width (ours).
 */
export function ballUsed({ run, piece }: PieceOfRun): number | undefined {
  const { ball, ballComputed, by } = run;
  if (by !== 'wheel' || ball === undefined || ballComputed === undefined) return undefined;
  const grew = (size: SizeName) => {
    const [made, planned] = [piece.sizes.wet?.[size]?.mm, plannedThrown(run, size)];
    return made !== undefined && planned !== undefined ? made / planned : undefined;
  };
  const [tall, wide] = [grew('height'), grew('rimDiameter')];
  return tall === undefined || wide === undefined ? undefined : ball / (ballComputed * tall * wide);
}

const wayKey = ({ by, way }: Pick<Run, 'by' | 'way'>): string => `${by}/${way}`;

const ratios = once((made) => {
  const found = groups(
    taught(made),
    ({ run }) => wayKey(run),
    (row) => {
      const ratio = ballUsed(row);
      return ratio === undefined ? [] : [ratio];
    },
  );
  return new Map(
    [...found].flatMap(([key, all]): [string, Middle][] => {
      const middle = ballRatio(all);
      return middle ? [[key, middle]] : [];
    }),
  );
});

/** The maker's own ball ratio for a way of making, from three on. */
export const learnedBall = (made: Made, way: Pick<Run, 'by' | 'way'>): Middle | undefined => ratios(made).get(wayKey(way));

/** A piece a reading of which is far from what was planned: is it right? */
export interface Doubted extends PieceOfRun {
  readonly size: SizeName;
  readonly tool: Tool;
}

interface Hands {
  readonly by: Readonly<Record<Tool, Readonly<Record<Direction, Lean>>>>;
  readonly doubted: readonly Doubted[];
}

const DIRECTIONS: readonly Direction[] = ['height', 'width'];

const hands = once((made): Hands => {
  const doubted: Doubted[] = [];
  const leanBy = (tool: Tool, direction: Direction): Lean => {
    const own = taught(made)
      .filter(({ run }) => run.tool === tool)
      .flatMap((row) => errorsOf(row).flatMap((error) => (error.direction === direction ? [{ row, error }] : [])));
    const lean = leanOf(
      own.map(({ error }) => error),
      TOOL_SD[tool],
    );
    for (const at of lean.asks) doubted.push({ ...own[at]!.row, size: own[at]!.error.size, tool });
    return lean;
  };
  const by = Object.fromEntries(
    (Object.keys(TOOL_SD) as Tool[]).map((tool) => [
      tool,
      Object.fromEntries(DIRECTIONS.map((direction) => [direction, leanBy(tool, direction)])),
    ]),
  ) as Hands['by'];
  return { by, doubted };
});

/** How the maker's hand leans and scatters, by tool and direction: as typical until their own pieces say otherwise. */
export const learnedHand = (made: Made): Hands['by'] => hands(made).by;

/** Readings that are so far off that they are asked about, and do not count until they are answered. */
export const doubtedReadings = (made: Made): readonly Doubted[] => hands(made).doubted;

/** Lost of what was made, by form, and on which shelf. */
export interface Losses {
  readonly family: FamilyName;
  readonly loss: Loss;
  readonly on: Readonly<Partial<Record<Shelf, number>>>;
  /** Firings of which nothing came out: losses in clusters, which a count does not cover. */
  readonly wholeFirings: number;
}

/** The shelf a lost piece stood on last. */
const lostFrom = ({ since }: MadePiece): Shelf => SHELVES.findLast((shelf) => shelf !== 'lost' && since[shelf] !== undefined) ?? 'wet';

/** On which shelf a piece that has passed a passage stands, or stood; the last passage leads nowhere further. */
const PASSED_BY: Readonly<Record<Shelf, number>> = { wet: 0, leather: 1, drying: 2, ready: 3, bisqued: 4, coated: 5, fired: 6, lost: 0 };

type Counted = Record<Passage, { passed: number; lost: number }>;

/** Which passages a piece has passed, and at which it died: a second has passed all but the last. */
function countPassages(counted: Counted, { piece }: PieceOfRun): void {
  const died = piece.shelf === 'lost';
  const reached = PASSED_BY[died ? lostFrom(piece) : piece.shelf];
  for (const passage of PASSAGES.slice(0, reached)) counted[passage].passed += 1;
  if (died) counted[PASSAGES[Math.min(reached, PASSAGES.length - 2)]!].lost += 1;
  else if (piece.shelf === 'fired') counted.first[piece.fate === 'second' ? 'lost' : 'passed'] += 1;
}

const losses = once((made): readonly Losses[] => {
  const found = groups(
    // what is no plan's says nothing of a form: a plate may have been counted as a cup
    taught(made).filter(({ run }) => run.planId !== undefined),
    ({ run }) => run.family,
    (row) => [row],
  );
  return [...found].map(([name, rows]) => {
    const family = name as FamilyName;
    const lost = rows.filter(({ piece }) => piece.shelf === 'lost');
    const on: Partial<Record<Shelf, number>> = {};
    for (const { piece } of lost) on[lostFrom(piece)] = (on[lostFrom(piece)] ?? 0) + 1;
    const runs = new Map<string, PieceOfRun[]>();
    for (const row of rows) put(runs, row.run.id, row);
    const whole = [...runs.values()].filter((own) => own.length > 1 && own.every(({ piece }) => piece.shelf === 'lost'));
    const counted = Object.fromEntries(PASSAGES.map((passage) => [passage, { passed: 0, lost: 0 }])) as Counted;
    for (const row of rows) countPassages(counted, row);
    const seconds = rows.filter(({ piece }) => piece.shelf === 'fired' && piece.fate === 'second').length;
    return {
      family,
      loss: lossOf({ family: kindOf(family), history: counted, made: rows.length, lost: lost.length, seconds }),
      on,
      wholeFirings: whole.length,
    };
  });
});

const kindOf = (family: FamilyName) => (FAMILIES[family].liesFlat ? 'flat' : 'hollow');

/** What was lost of each form. */
export const learnedLosses = (made: Made): readonly Losses[] => losses(made);

/** Loss of a form as the maker's own record has it; typical where there is none. */
export const learnedLoss = (made: Made, family: FamilyName): Loss =>
  losses(made).find((each) => each.family === family)?.loss ?? lossOf({ family: kindOf(family) });

const DAY = 24 * 60 * 60 * 1000;

/** Whole days between two ISO dates. */
export const daysBetween = (from: string, to: string): number => Math.round((Date.parse(to) - Date.parse(from)) / DAY);

/** The shelf that was reached next after one, and after how many days. */
function stays({ since }: MadePiece): { readonly shelf: Shelf; readonly days: number }[] {
  const reached = SHELVES.filter((shelf) => since[shelf] !== undefined);
  return reached.slice(0, -1).map((shelf, i) => ({ shelf, days: daysBetween(since[shelf]!, since[reached[i + 1]!]!) }));
}

/** So many are needed before the maker's own days stand for the typical ones. Ours. */
const FEWEST_DAYS = 3;

/** Days on a shelf while nothing is learned: ours, for a barn in between seasons. */
const TYPICAL_DAYS: Readonly<Partial<Record<Shelf, number>>> = { wet: 1, leather: 2, drying: 7, ready: 3, bisqued: 3, coated: 2 };

const days = once((made) => {
  const found = new Map<Shelf, number[]>();
  for (const { piece } of taught(made)) {
    if (piece.shelf === 'lost') continue;
    for (const stay of stays(piece)) if (stay.days >= 0) put(found, stay.shelf, stay.days);
  }
  return found;
});

/** How long pieces stand on a shelf: the median of the maker's own from three on, typical before. */
export function learnedDays(
  made: Made,
  shelf: Shelf,
): { readonly days: number | undefined; readonly count: number; readonly learned: boolean } {
  const own = days(made).get(shelf) ?? [];
  const learned = own.length >= FEWEST_DAYS;
  return { days: learned ? medianOf(own) : TYPICAL_DAYS[shelf], count: own.length, learned };
}

const minutes = once((made) => {
  const found = new Map<Work, number[]>();
  for (const { piece } of taught(made))
    for (const work of WORK) {
      const took = piece.minutes?.[work];
      if (took !== undefined) put(found, work, took);
    }
  return found;
});

/** Minutes a piece takes of each kind of work, where they were written down. */
export const learnedMinutes = (made: Made): readonly { readonly work: Work; readonly median: number; readonly count: number }[] =>
  WORK.flatMap((work) => {
    const own = minutes(made).get(work);
    return own ? [{ work, median: medianOf(own), count: own.length }] : [];
  });

/** What pieces of a softness of clay shrank and how many were lost. */
export interface BySoftness {
  readonly softness: Softness;
  readonly shrank: number | undefined;
  readonly measured: number;
  readonly made: number;
  readonly lost: number;
}

/** Shrinkage and loss by how soft the clay was, where runs say so. */
export const bySoftness = once((made): readonly BySoftness[] => {
  const found = groups(
    taught(made).filter(({ run }) => run.softness !== undefined),
    ({ run }) => run.softness!,
    (row) => [row],
  );
  return [...found].map(([softness, rows]) => {
    const shrank = rows.flatMap(({ run, piece }) =>
      samplesOf(run, piece)
        .filter(({ direction }) => direction === 'across')
        .map(shrankBy),
    );
    return {
      softness: softness as Softness,
      shrank: shrank.length > 0 ? shrank.reduce((sum, each) => sum + each, 0) / shrank.length : undefined,
      measured: shrank.length,
      made: rows.length,
      lost: rows.filter(({ piece }) => piece.shelf === 'lost').length,
    };
  });
});
