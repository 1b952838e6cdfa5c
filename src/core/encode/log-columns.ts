import type { Stage } from '@/core/clay';
import type { SizeName } from '@/core/form';
import { everyPiece, type PieceOfRun } from '@/core/lessons';
import { SHELF_WORDS, type Workspace } from '@/core/records';
import { type Cell, writeTable } from './csv';
import { type Table, guessed } from './table-in';

/** What was made as a table: its columns, which are read again too. */

export const SIZES: readonly (readonly [words: string, size: SizeName])[] = [
  ['height', 'height'],
  ['mouth', 'rimDiameter'],
  ['mouth inside', 'mouthInside'],
  ['base', 'baseDiameter'],
];

const STAGES: readonly (readonly [words: string, stage: Stage])[] = [
  ['wet', 'wet'],
  ['leather hard', 'leather'],
  ['bone dry', 'dry'],
  ['bisque', 'bisque'],
  ['fired', 'glazed'],
];

/** What a line of the log is written from. */
export interface Row extends PieceOfRun {
  readonly clay: string;
  readonly batch: string;
}

/** A column of the log: what it is headed, how it is told in a list, by what words another heading is taken for it, and what stands in it. */
interface LogColumnOf {
  readonly key: string;
  readonly head: string;
  readonly words: string;
  readonly like?: RegExp | undefined;
  readonly write: (row: Row) => Cell;
}

/** Where a measured length or weight belongs. */
export const MEASURED = STAGES.flatMap(([at, stage]) =>
  SIZES.map(([what, size]) => ({ key: `${stage} ${size}`, head: `${at} ${what} mm`, words: `${what}, ${at}`, stage, size })),
);
export const WEIGHED = STAGES.map(([at, stage]) => ({ key: `${stage} weight`, head: `${at} weight g`, words: `weight, ${at}`, stage }));

/** Words other people head a measured length with. */
const LIKE: Readonly<Record<string, RegExp>> = {
  'glazed height': /(fired|glazed|finished).*(height|high)/,
  'glazed rimDiameter': /(fired|glazed|finished).*(mouth|rim|width|diam)/,
  'wet height': /(wet|thrown).*(height|high)/,
  'wet rimDiameter': /(wet|thrown).*(mouth|rim|width|diam)/,
};

const hundredth = (mm: number | undefined): number | string => (mm === undefined ? '' : Math.round(mm * 100) / 100);

/** The columns of the log, in the order they are written. */
export const COLUMNS: readonly LogColumnOf[] = [
  { key: 'name', head: 'run', words: 'name of the piece', like: /name|run|pieces|item|what/, write: ({ run }) => run.name },
  { key: 'number', head: 'piece', words: 'number', like: /number|^no|piece$|#/, write: ({ piece }) => piece.no },
  { key: 'date', head: 'made', words: 'day it was made', like: /date|day|made|thrown on/, write: ({ run }) => run.date },
  { key: 'clay', head: 'clay', words: 'clay', like: /clay|body/, write: ({ clay }) => clay },
  { key: 'batch', head: 'batch', words: 'batch of the clay', like: /batch/, write: ({ batch }) => batch },
  { key: 'ball', head: 'ball g', words: 'ball', like: /ball|weigh/, write: ({ run }) => hundredth(run.ball) },
  { key: 'stands', head: 'stands', words: 'where it stands', like: /stands|stage|shelf/, write: ({ piece }) => SHELF_WORDS[piece.shelf] },
  ...MEASURED.map(({ key, head, words, stage, size }) => ({
    key,
    head,
    words,
    like: LIKE[key],
    write: ({ piece }: Row) => hundredth(piece.sizes[stage]?.[size]?.mm),
  })),
  ...WEIGHED.map(({ key, head, words, stage }) => ({ key, head, words, write: ({ piece }: Row) => hundredth(piece.weights[stage]) })),
  { key: 'askedHeight', head: 'asked height mm', words: 'height asked for', write: ({ run }) => hundredth(run.asked.height) },
  { key: 'askedMouth', head: 'asked mouth mm', words: 'mouth asked for', write: ({ run }) => hundredth(run.asked.rimDiameter) },
  {
    key: 'wrong',
    head: 'went wrong',
    words: 'what went wrong',
    like: /wrong|fault|loss|lost/,
    write: ({ piece }) => piece.wrong?.join('; ') ?? '',
  },
  { key: 'became', head: 'became', words: 'what became of it', like: /became|fate|sold/, write: ({ piece }) => piece.fate ?? '' },
  { key: 'glaze', head: 'glaze', words: 'glaze', like: /glaze/, write: ({ piece }) => piece.glaze ?? '' },
  { key: 'note', head: 'note', words: 'note', like: /note|remark|comment/, write: ({ piece }) => piece.note },
  { key: 'out', head: 'left out', words: 'left out of what is learned', write: ({ piece }) => (piece.out ? 'yes' : '') },
  { key: 'id', head: 'id', words: 'id given by Rimbet', write: ({ run, piece }) => `${run.id}/${piece.id}` },
];

export const rowsOf = (workspace: Workspace): Row[] => {
  const clays = new Map(workspace.bodies.map(({ id, name }) => [id, name]));
  const batches = new Map(workspace.batches.map(({ id, name }) => [id, name]));
  return everyPiece(workspace).map(({ run, piece }) => ({
    run,
    piece,
    clay: clays.get(run.bodyId ?? '') ?? '',
    batch: batches.get(run.batchId ?? '') ?? '',
  }));
};

/** Pieces that were made as a table, a line each: mm and g. */
export const madeTable = (workspace: Workspace, ids: ReadonlySet<string>): string =>
  writeTable(
    COLUMNS.map(({ head }) => head),
    rowsOf(workspace)
      .filter(({ piece }) => ids.has(piece.id))
      .map((row) => COLUMNS.map(({ write }) => write(row))),
  );

/** What a column of a log may hold. */
export type LogColumn = string;

export const LOG_COLUMNS: Readonly<Record<LogColumn, string>> = Object.fromEntries(COLUMNS.map(({ key, words }) => [key, words]));

/** Asked in this order: a more telling word comes before one that is in many headings. */
const ASKED = [
  'date',
  'glazed height',
  'glazed rimDiameter',
  'wet height',
  'wet rimDiameter',
  'clay',
  'batch',
  'ball',
  'stands',
  'wrong',
  'became',
  'glaze',
  'note',
  'number',
  'name',
];

const HEADINGS: readonly (readonly [LogColumn, RegExp])[] = [
  // its own headings, to the letter
  ...COLUMNS.map(({ key, head }) => [key, new RegExp(`^${head}$`)] as const),
  ...ASKED.map((key) => [key, COLUMNS.find((column) => column.key === key)!.like!] as const),
];

export const guessedLogColumns = (table: Pick<Table, 'head'>): readonly (LogColumn | undefined)[] => guessed(table, HEADINGS);
