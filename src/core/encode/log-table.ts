import type { Stage } from '@/core/clay';
import type { SizeName } from '@/core/form';
import { type LengthUnit, type Result, bad, good, quote, readLength, readQuantity } from '@/core/units';
import {
  FATES,
  type Fate,
  type MadePiece,
  type Run,
  SHELF_WORDS,
  SHELVES,
  type Shelf,
  WRONG,
  type Workspace,
  type Wrong,
  everyPiece,
  mainPart,
  startedRun,
} from '@/core/workspace';
import { writeTable } from './csv';
import { type Table, guessed } from './table-in';

/** What was made as a table, and a table of what was made as runs and pieces. */

const SIZES: readonly (readonly [words: string, size: SizeName])[] = [
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

const MEASURED = STAGES.flatMap(([at, stage]) => SIZES.map(([what, size]) => ({ head: `${at} ${what} mm`, stage, size })));
const WEIGHED = STAGES.map(([at, stage]) => ({ head: `${at} weight g`, stage }));

const HEAD = [
  'run',
  'piece',
  'made',
  'clay',
  'batch',
  'ball g',
  'stands',
  ...MEASURED.map(({ head }) => head),
  ...WEIGHED.map(({ head }) => head),
  'asked height mm',
  'asked mouth mm',
  'went wrong',
  'became',
  'glaze',
  'note',
  'left out',
];

const hundredth = (mm: number | undefined): number | string => (mm === undefined ? '' : Math.round(mm * 100) / 100);

/** Pieces that were made as a table, a line each: mm and g. */
export function madeTable(workspace: Workspace, ids: ReadonlySet<string>): string {
  const clays = new Map(workspace.bodies.map(({ id, name }) => [id, name]));
  const batches = new Map(workspace.batches.map(({ id, name }) => [id, name]));
  const rows = everyPiece(workspace)
    .filter(({ piece }) => ids.has(piece.id))
    .map(({ run, piece }) => [
      run.name,
      piece.no,
      run.date,
      clays.get(run.bodyId ?? '') ?? '',
      batches.get(run.batchId ?? '') ?? '',
      hundredth(run.ball),
      SHELF_WORDS[piece.shelf],
      ...MEASURED.map(({ stage, size }) => hundredth(piece.sizes[stage]?.[size]?.mm)),
      ...WEIGHED.map(({ stage }) => hundredth(piece.weights[stage])),
      hundredth(run.asked.height),
      hundredth(run.asked.rimDiameter),
      piece.wrong?.join('; ') ?? '',
      piece.fate ?? '',
      piece.glaze ?? '',
      piece.note,
      piece.out ? 'yes' : '',
    ]);
  return writeTable(HEAD, rows);
}

/** What a column of a log may hold. */
export const LOG_COLUMNS = {
  name: 'name of the piece',
  number: 'number',
  date: 'day it was made',
  clay: 'clay',
  ball: 'ball',
  stands: 'where it stands',
  wetHeight: 'height, wet',
  wetMouth: 'mouth, wet',
  firedHeight: 'height, fired',
  firedMouth: 'mouth, fired',
  wrong: 'what went wrong',
  became: 'what became of it',
  glaze: 'glaze',
  note: 'note',
} as const;

export type LogColumn = keyof typeof LOG_COLUMNS;

const HEADINGS: readonly (readonly [LogColumn, RegExp])[] = [
  ['date', /date|day|made|thrown on/],
  ['firedHeight', /(fired|glazed|finished).*(height|high)/],
  ['firedMouth', /(fired|glazed|finished).*(mouth|rim|width|diam)/],
  ['wetHeight', /(wet|thrown).*(height|high)/],
  ['wetMouth', /(wet|thrown).*(mouth|rim|width|diam)/],
  ['clay', /clay|body/],
  ['ball', /ball|weigh/],
  ['stands', /stands|stage|shelf/],
  ['wrong', /wrong|fault|loss|lost/],
  ['became', /became|fate|sold/],
  ['glaze', /glaze/],
  ['note', /note|remark|comment/],
  ['number', /number|^no|piece$|#/],
  ['name', /name|run|piece|item|what/],
];

export const guessedLogColumns = (table: Table): readonly (LogColumn | undefined)[] => guessed(table, HEADINGS);

/** A line of a log: which run it belongs to, and its piece. */
export interface LogLine {
  readonly line: number;
  readonly name: string;
  readonly made: Result<LoggedPiece>;
}

interface LoggedPiece {
  readonly name: string;
  readonly date: string;
  readonly bodyId: string | undefined;
  readonly ball: number | undefined;
  readonly piece: Pick<MadePiece, 'no' | 'shelf' | 'sizes' | 'wrong' | 'fate' | 'glaze' | 'note'>;
}

interface LogOptions {
  /** What a bare number is in. */
  readonly unit: LengthUnit;
  /** The day of a line that names none, ISO. */
  readonly today: string;
}

const DATES: readonly (readonly [RegExp, (found: RegExpExecArray) => string])[] = [
  [/^(\d{4})-(\d{1,2})-(\d{1,2})$/, ([, y, m, d]) => `${y}-${m!.padStart(2, '0')}-${d!.padStart(2, '0')}`],
  [/^(\d{1,2})\.(\d{1,2})\.(\d{4})$/, ([, d, m, y]) => `${y}-${m!.padStart(2, '0')}-${d!.padStart(2, '0')}`],
];

function dateIn(text: string, today: string): Result<string> {
  if (text === '') return good(today);
  const read = DATES.flatMap(([shape, write]) => {
    const found = shape.exec(text);
    return found ? [write(found)] : [];
  })[0];
  const real = read !== undefined && new Date(`${read}T00:00:00Z`).toJSON()?.slice(0, 10) === read;
  return real ? good(read) : bad('date', `${quote(text)} is no day that can be read. Write it as 2026-11-24 or 24.11.2026.`);
}

function wordIn<W extends string>(
  text: string,
  words: readonly W[],
  column: LogColumn,
  called: (word: W) => string = (word) => word,
): Result<W | undefined> {
  if (text === '') return good(undefined);
  const found = words.find((word) => [word, called(word)].some((each) => each.toLowerCase() === text.toLowerCase()));
  return found ? good(found) : bad(column, `${quote(text)} is not known here. Write one of: ${words.map(called).join(', ')}.`);
}

const LENGTHS = [
  ['wetHeight', 'wet', 'height'],
  ['wetMouth', 'wet', 'rimDiameter'],
  ['firedHeight', 'glazed', 'height'],
  ['firedMouth', 'glazed', 'rimDiameter'],
] as const satisfies readonly (readonly [LogColumn, Stage, SizeName])[];

function sizesOf(cell: (column: LogColumn) => string, unit: LengthUnit): Result<MadePiece['sizes']> {
  const sizes: Partial<Record<Stage, Partial<Record<SizeName, { mm: number }>>>> = {};
  for (const [column, stage, size] of LENGTHS) {
    const text = cell(column);
    if (text === '') continue;
    const read = readLength(text, { unit: unit === 'inch-fraction' ? 'in' : unit });
    if (!read.ok) return bad(column, read.problem.message);
    sizes[stage] = { ...sizes[stage], [size]: { mm: read.value } };
  }
  for (const size of ['height', 'rimDiameter'] as const) {
    const [wet, fired] = [sizes.wet?.[size]?.mm, sizes.glazed?.[size]?.mm];
    if (wet !== undefined && fired !== undefined && fired >= wet)
      return bad(
        size === 'height' ? 'firedHeight' : 'firedMouth',
        'Fired it is smaller than wet: clay shrinks. Are the two columns the wrong way round?',
      );
  }
  return good(sizes);
}

/** Every line of a log as a piece of a run, or why it is none: what is wrong, and in which column. */
export function madeFrom(table: Table, columns: readonly (LogColumn | undefined)[], workspace: Workspace, options: LogOptions): LogLine[] {
  const counted = new Map<string, number>();
  return table.rows.map((row, i) => {
    const cell = (column: LogColumn) => row[columns.indexOf(column)] ?? '';
    const name = cell('name') || `Line ${i + 2}`;
    return { line: i + 2, name, made: pieceIn(cell, workspace, options, counted) };
  });
}

/** What was measured and said of a piece. */
function cameIn(cell: (column: LogColumn) => string, unit: LengthUnit): Result<Omit<LoggedPiece['piece'], 'no'>> {
  const sizes = sizesOf(cell, unit);
  if (!sizes.ok) return sizes;
  const shelf = wordIn<Shelf>(cell('stands'), SHELVES, 'stands', (word) => SHELF_WORDS[word]);
  if (!shelf.ok) return shelf;
  const wrong = wordIn<Wrong>(cell('wrong'), WRONG, 'wrong');
  if (!wrong.ok) return wrong;
  const fate = wordIn<Fate>(cell('became'), FATES, 'became');
  if (!fate.ok) return fate;
  return good({
    shelf: shelf.value ?? (sizes.value.glazed ? 'fired' : 'wet'),
    sizes: sizes.value,
    ...(wrong.value && { wrong: [wrong.value] }),
    ...(fate.value && { fate: fate.value }),
    ...(cell('glaze') && { glaze: cell('glaze').slice(0, 200) }),
    note: cell('note').slice(0, 10_000),
  });
}

function pieceIn(
  cell: (column: LogColumn) => string,
  { bodies }: Workspace,
  { unit, today }: LogOptions,
  counted: Map<string, number>,
): Result<LoggedPiece> {
  const name = cell('name').slice(0, 200);
  if (name === '') return bad('name', 'It has no name: say which column holds what was made.');
  const date = dateIn(cell('date'), today);
  if (!date.ok) return date;
  const clay = cell('clay');
  const body = bodies.find((each) => each.name.toLowerCase() === clay.toLowerCase());
  if (clay !== '' && !body) return bad('clay', `There is no clay called ${quote(clay)}. Add it under Clay first, or leave the cell empty.`);
  const ball = cell('ball') === '' ? good(undefined) : readQuantity('mass', cell('ball'), { unit: 'g' });
  if (!ball.ok) return bad('ball', ball.problem.message);
  const piece = cameIn(cell, unit);
  if (!piece.ok) return piece;
  const key = `${name}|${date.value}|${body?.id ?? ''}`;
  const typed = cell('number') === '' ? undefined : Number(cell('number'));
  if (typed !== undefined && (!Number.isInteger(typed) || typed < 1 || typed > 100_000))
    return bad('number', `${quote(cell('number'))} is no number of a piece. Write a whole number, such as 3.`);
  const no = typed ?? (counted.get(key) ?? 0) + 1;
  counted.set(key, no);
  return good({
    name,
    date: date.value,
    bodyId: body?.id,
    ball: ball.value,
    piece: { no, ...piece.value },
  });
}

/** What runs and pieces a log's lines become: lines of one name, day and clay are one run; a piece planned under that name gives its plan. */
export function runsFrom(
  lines: readonly LoggedPiece[],
  workspace: Workspace,
  newId: () => string,
  at: string,
): { readonly runs: readonly Run[]; readonly pieces: readonly MadePiece[] } {
  const runs = new Map<string, Run>();
  const pieces = lines.map(({ name, date, bodyId, ball, piece }): MadePiece => {
    const key = `${name}|${date}|${bodyId ?? ''}`;
    const plan = workspace.plans.find((each) => each.name.toLowerCase() === name.toLowerCase());
    const id = runs.get(key)?.id ?? newId();
    if (!runs.has(key)) {
      const planned = plan && startedRun(workspace, plan.id, id, at);
      const part = plan && mainPart(plan);
      const bare: Run = {
        id,
        name,
        date,
        family: part?.family ?? 'cylinder',
        by: 'wheel',
        way: part?.way ?? 'trimmed',
        planned: {},
        asked: {},
        tool: 'gauge',
        measures: 'ruler',
        note: '',
        createdAt: at,
      };
      const { ball: _, promised: _said, ...known } = planned ?? bare;
      // what was promised then is not known; a clay that is said is the line's
      runs.set(key, {
        ...known,
        id,
        name,
        date,
        closed: true,
        ...(bodyId && { bodyId, batchId: undefined }),
        ...(ball !== undefined && { ball }),
      });
    }
    return { ...piece, id: newId(), runId: id, at, since: { [piece.shelf]: date }, weights: {} };
  });
  return { runs: [...runs.values()], pieces };
}
