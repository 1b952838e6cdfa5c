import type { Stage } from '@/core/clay';
import { type SizeName, sizeSpec } from '@/core/form';
import { type LengthUnit, type Result, bad, good, quote, readLength, readQuantity } from '@/core/units';
import { startedRun } from '@/core/orders';
import {
  type Fate,
  FATES,
  type MadePiece,
  mainPart,
  type Readings,
  type Run,
  same,
  type Shelf,
  SHELF_WORDS,
  SHELVES,
  type Workspace,
  WRONG,
  type Wrong,
} from '@/core/records';
import { harmlessCell } from './csv';
import { COLUMNS, LOG_COLUMNS, type LogColumn, MEASURED, type Row, SIZES, WEIGHED, rowsOf } from './log-columns';
import type { Table } from './table-in';

/** A table of what was made as runs and pieces. */

/** A line of a log: which run it belongs to, and its piece; whether that is there already, as it is or otherwise. */
export interface LogLine {
  readonly line: number;
  readonly name: string;
  readonly made: Result<LoggedPiece>;
  readonly already?: 'same' | 'changed' | undefined;
}

interface LoggedPiece {
  /** What lines of one run have in common. */
  readonly key: string;
  /** The run and the piece that are there already. */
  readonly run?: Run | undefined;
  readonly was?: MadePiece | undefined;
  readonly name: string;
  readonly date: string;
  readonly bodyId: string | undefined;
  readonly batchId: string | undefined;
  readonly ball: number | undefined;
  readonly asked: Run['asked'];
  readonly piece: Pick<MadePiece, 'no' | 'shelf' | 'sizes' | 'weights' | 'wrong' | 'fate' | 'glaze' | 'note' | 'out'>;
}

interface LogOptions {
  /** What a bare number is in. */
  readonly unit: LengthUnit;
  readonly today: string;
  /** The day of a line that names none, ISO; without it such a line is refused. */
  readonly undated?: string | undefined;
}

const DATES: readonly (readonly [RegExp, (found: RegExpExecArray) => string])[] = [
  [/^(\d{4})-(\d{1,2})-(\d{1,2})$/, ([, y, m, d]) => `${y}-${m!.padStart(2, '0')}-${d!.padStart(2, '0')}`],
  [/^(\d{1,2})\.(\d{1,2})\.(\d{4})$/, ([, d, m, y]) => `${y}-${m!.padStart(2, '0')}-${d!.padStart(2, '0')}`],
];

/** Nobody logs what was made before this day. */
const FIRST_DAY = '1900-01-01';

function dateIn(text: string, { today, undated }: LogOptions): Result<string> {
  if (text === '') return undated ? good(undated) : bad('date', 'It has no day. Enter the day it was made, or one day for all such lines.');
  const read = DATES.flatMap(([shape, write]) => {
    const found = shape.exec(text);
    return found ? [write(found)] : [];
  })[0];
  const real = read !== undefined && new Date(`${read}T00:00:00Z`).toJSON()?.slice(0, 10) === read;
  if (!real) return bad('date', `${quote(text)} is not a date. Enter it as 2026-11-24 or 24.11.2026.`);
  if (read > today || read < FIRST_DAY)
    return bad('date', `${quote(text)} is ${read > today ? 'still to come' : 'too long ago'}. Was the year mistyped?`);
  return good(read);
}

function wordIn<W extends string>(
  text: string,
  words: readonly W[],
  column: LogColumn,
  called: (word: W) => string = (word) => word,
): Result<W | undefined> {
  if (text === '') return good(undefined);
  const found = words.find((word) => [word, called(word)].some((each) => each.toLowerCase() === text.toLowerCase()));
  return found ? good(found) : bad(column, `${quote(text)} is not known here. Enter one of: ${words.map(called).join(', ')}.`);
}

/** A list of words, apart by semicolons. */
function wordsIn<W extends string>(text: string, words: readonly W[], column: LogColumn): Result<readonly W[]> {
  const all: W[] = [];
  for (const part of text.split(';').map((each) => each.trim())) {
    const read = wordIn<W>(part, words, column);
    if (!read.ok) return read;
    if (read.value) all.push(read.value);
  }
  return good(all);
}

type Cells = (column: LogColumn) => string;

/** Reads of the log are to the hundredth: one that is no further from what is known is the same. */
const SAME = 0.0051;
const near = (a: number | undefined, b: number): boolean => a !== undefined && Math.abs(a - b) < SAME;

function sizesOf(cell: Cells, unit: LengthUnit, was: MadePiece['sizes'] = {}): Result<MadePiece['sizes']> {
  const sizes: Partial<Record<Stage, Readings>> = { ...was };
  for (const { key, stage, size } of MEASURED) {
    const text = cell(key);
    if (text === '') continue;
    const read = readLength(text, { unit: unit === 'inch-fraction' ? 'in' : unit });
    if (!read.ok) return bad(key, read.problem.message);
    // what is known is kept as it was read
    if (!near(was[stage]?.[size]?.mm, read.value)) sizes[stage] = { ...sizes[stage], [size]: { mm: read.value } };
  }
  for (const [, size] of SIZES) {
    const [wet, fired] = [sizes.wet?.[size]?.mm, sizes.glazed?.[size]?.mm];
    if (wet !== undefined && fired !== undefined && fired >= wet)
      return bad(
        `glazed ${size}`,
        `Fired, its ${sizeSpec(size).words} is not smaller than wet: clay shrinks. Are the two columns the wrong way round?`,
      );
  }
  return good(sizes);
}

function weightsOf(cell: Cells, was: MadePiece['weights'] = {}): Result<MadePiece['weights']> {
  const weights: Partial<Record<Stage, number>> = { ...was };
  for (const { key, stage } of WEIGHED) {
    if (cell(key) === '') continue;
    const read = readQuantity('mass', cell(key), { unit: 'g' });
    if (!read.ok) return bad(key, read.problem.message);
    if (!near(was[stage], read.value)) weights[stage] = read.value;
  }
  return good(weights);
}

/** Text of a cell, refused where it is longer than what it is for, or broken into lines where it may not be. */
function textIn(cell: Cells, column: LogColumn, most: number, lines = false): Result<string> {
  const text = cell(column);
  if (text.length > most) return bad(column, `The ${LOG_COLUMNS[column]} has ${text.length} letters. Use at most ${most}.`);
  return !lines && /[\r\n]/.test(text)
    ? bad(column, `The ${LOG_COLUMNS[column]} goes on in the next line. Is a quote mark missing?`)
    : good(text);
}

/** Text as it was before it was made harmless for a sheet. */
const fromSheet = (text: string): string => (harmlessCell(text.slice(1)) === text ? text.slice(1) : text);

/** Several cells read together: the first that is none, or all of them. */
function together<T extends Readonly<Record<string, Result<unknown>>>>(
  read: T,
): Result<{ readonly [K in keyof T]: T[K] extends Result<infer V> ? V : never }> {
  const wrong = Object.values(read).find(({ ok }) => !ok);
  if (wrong && !wrong.ok) return wrong;
  return good(Object.fromEntries(Object.entries(read).map(([name, each]) => [name, each.ok ? each.value : undefined])) as never);
}

/** A field as it is said, else as it was; none where it never was. */
const kept = <K extends string, T>(name: K, said: T | undefined, was: T | undefined): Partial<Record<K, T>> => {
  const value = said ?? was;
  return value === undefined ? {} : ({ [name]: value } as Partial<Record<K, T>>);
};

/** Words that files written before Rimbet 0.9 use for a shelf. */
const FORMER_SHELF_WORDS: Readonly<Record<string, Shelf>> = { 'ready for bisque': 'ready', glazed: 'coated' };

/** What was measured and said of a piece; what is left empty stays as it was. */
function cameIn(cell: Cells, unit: LengthUnit, was: MadePiece | undefined): Result<Omit<LoggedPiece['piece'], 'no'>> {
  const read = together({
    sizes: sizesOf(cell, unit, was?.sizes),
    weights: weightsOf(cell, was?.weights),
    shelf: wordIn<Shelf>(
      FORMER_SHELF_WORDS[cell('stands').toLowerCase()] ?? cell('stands'),
      SHELVES,
      'stands',
      (word) => SHELF_WORDS[word],
    ),
    wrong: wordsIn<Wrong>(cell('wrong'), WRONG, 'wrong'),
    fate: wordIn<Fate>(cell('became'), FATES, 'became'),
    glaze: textIn(cell, 'glaze', 200),
    note: textIn(cell, 'note', 10_000, true),
    out: wordIn(cell('out'), ['yes', 'no'] as const, 'out'),
  });
  if (!read.ok) return read;
  const { sizes, weights, shelf, wrong, fate, glaze, note, out } = read.value;
  return good({
    shelf: shelf ?? was?.shelf ?? (sizes.glazed ? 'fired' : 'wet'),
    sizes,
    weights,
    ...kept('wrong', wrong.length > 0 ? wrong : undefined, was?.wrong),
    ...kept('fate', fate, was?.fate),
    ...kept('glaze', glaze || undefined, was?.glaze),
    ...(out === 'no' ? { out: undefined } : kept('out', out === 'yes' || undefined, was?.out)),
    note: note || (was?.note ?? ''),
  });
}

/** What is of the whole run in a line. */
function runIn(
  cell: Cells,
  { bodies, batches }: Workspace,
  options: LogOptions,
): Result<Omit<LoggedPiece, 'key' | 'piece' | 'run' | 'was'>> {
  const name = textIn(cell, 'name', 200);
  if (!name.ok) return name;
  if (name.value === '') return bad('name', 'It has no name. Choose the column that says what was made.');
  const date = dateIn(cell('date'), options);
  if (!date.ok) return date;
  const [clay, batch] = [cell('clay'), cell('batch')];
  const body = bodies.find((each) => each.name.toLowerCase() === clay.toLowerCase());
  if (clay !== '' && !body) return bad('clay', `There is no clay called ${quote(clay)}. Add it under Clay first, or leave the cell empty.`);
  const lot = batches.find((each) => each.bodyId === body?.id && each.name.toLowerCase() === batch.toLowerCase());
  if (batch !== '' && !lot)
    return bad('batch', `There is no batch ${quote(batch)} of this clay. Add it under Clay first, or leave the cell empty.`);
  const ball = cell('ball') === '' ? good(undefined) : readQuantity('mass', cell('ball'), { unit: 'g' });
  if (!ball.ok) return bad('ball', ball.problem.message);
  const asked: Partial<Record<SizeName, number>> = {};
  for (const [column, size] of [
    ['askedHeight', 'height'],
    ['askedMouth', 'rimDiameter'],
  ] as const) {
    if (cell(column) === '') continue;
    const read = readLength(cell(column), { unit: options.unit === 'inch-fraction' ? 'in' : options.unit });
    if (!read.ok) return bad(column, read.problem.message);
    asked[size] = read.value;
  }
  return good({ name: name.value, date: date.value, bodyId: body?.id, batchId: lot?.id, ball: ball.value, asked });
}

/** What is there already, to be recognised. */
class Known {
  private readonly byId = new Map<string, Row>();
  private readonly byNumber = new Map<string, MadePiece>();
  private readonly runs = new Map<string, Set<Run>>();
  /** The numbers each run has, and each line took. */
  private readonly numbers = new Map<string, Map<number, 'known' | 'line'>>();

  constructor(workspace: Workspace) {
    for (const row of rowsOf(workspace)) {
      const { run, piece } = row;
      this.byId.set(piece.id, row);
      this.byNumber.set(`${run.id}/${piece.no}`, piece);
      this.of(run.id).set(piece.no, 'known');
      const key = Known.keyOf(run);
      this.runs.set(key, (this.runs.get(key) ?? new Set()).add(run));
    }
  }

  private static readonly keyOf = ({ name, date, bodyId }: Pick<Run, 'name' | 'date' | 'bodyId'>): string =>
    JSON.stringify([name, date, bodyId]);

  of(key: string): Map<number, 'known' | 'line'> {
    const found = this.numbers.get(key) ?? new Map<number, 'known' | 'line'>();
    this.numbers.set(key, found);
    return found;
  }

  /** The piece that a line says it is by its id. */
  marked(id: string): Row | undefined {
    return this.byId.get(id.split('/').at(-1)!);
  }

  /** The run that is meant by a name, a day, a clay and a batch. */
  run(of: Pick<LoggedPiece, 'name' | 'date' | 'bodyId' | 'batchId'>): Run | undefined {
    return [...(this.runs.get(Known.keyOf(of)) ?? [])].find(({ batchId }) => of.batchId === undefined || batchId === of.batchId);
  }

  piece(run: Run, no: number): MadePiece | undefined {
    return this.byNumber.get(`${run.id}/${no}`);
  }
}

/** Every line of a log as a piece of a run, or why it is none: what is wrong, and in which column. */
export function madeFrom(table: Table, columns: readonly (LogColumn | undefined)[], workspace: Workspace, options: LogOptions): LogLine[] {
  const known = new Known(workspace);
  return table.rows.map((row, i): LogLine => {
    const line = i + 2;
    const cell = (column: LogColumn) => {
      const at = columns.indexOf(column);
      return at < 0 ? '' : fromSheet(row[at] ?? '');
    };
    const name = cell('name') || `Line ${line}`;
    const fault = table.faults.get(line);
    if (fault) return { line, name, made: bad('', fault) };
    const marked = known.marked(cell('id'));
    // to the letter as it went out
    const told = marked && COLUMNS.every(({ key, write }) => !columns.includes(key) || String(write(marked)).trim() === cell(key));
    if (marked && told) return { line, name, made: sameAs(marked), already: 'same' };
    const made = pieceIn(cell, workspace, options, known, marked);
    if (!made.ok || !made.value.was) return { line, name, made };
    return { line, name, made, already: isSame(made.value, made.value.was) ? 'same' : 'changed' };
  });
}

/** A piece that is there already, as it is. */
function sameAs({ run, piece }: Row): Result<LoggedPiece> {
  const { name, date, bodyId, batchId, ball, asked } = run;
  return good({ key: run.id, run, was: piece, name, date, bodyId, batchId, ball, asked, piece });
}

const isSame = ({ piece }: LoggedPiece, was: MadePiece): boolean => same({ ...was, ...piece }, was);

/** The number of a piece, where a line says one: no two lines of a run say the same. */
function numberIn(text: string, taken: ReadonlyMap<number, 'known' | 'line'>, run: string): Result<number | undefined> {
  if (text === '') return good(undefined);
  const number = Number(text);
  if (!Number.isInteger(number) || number < 1 || number > 100_000)
    return bad('number', `${quote(text)} is not a piece number. Enter a whole number, such as 3.`);
  if (taken.get(number) === 'line')
    return bad('number', `There are two with the number ${number} in ${quote(run)}. Each piece of a run has a number of its own.`);
  return good(number);
}

function pieceIn(cell: Cells, workspace: Workspace, options: LogOptions, known: Known, marked: Row | undefined): Result<LoggedPiece> {
  const run = runIn(cell, workspace, options);
  if (!run.ok) return run;
  const there = marked?.run ?? known.run(run.value);
  const [runMark] = cell('id').includes('/') ? cell('id').split('/') : [];
  const key = there?.id ?? runMark ?? `${run.value.name}|${run.value.date}|${run.value.bodyId ?? ''}|${run.value.batchId ?? ''}`;
  const numbers = known.of(key);
  const number = numberIn(cell('number'), numbers, run.value.name);
  if (!number.ok) return number;
  const typed = number.value;
  const was = marked?.piece ?? (there && typed !== undefined ? known.piece(there, typed) : undefined);
  const piece = cameIn(cell, options.unit, was);
  if (!piece.ok) return piece;
  const no = typed ?? was?.no ?? Math.max(0, ...numbers.keys()) + 1;
  numbers.set(no, 'line');
  return good({ ...run.value, key, run: there, was, piece: { no, ...piece.value } });
}

/** What runs and pieces a log's lines become, and which pieces that are there they change. */
export interface LogTaken {
  readonly runs: readonly Run[];
  readonly pieces: readonly MadePiece[];
  readonly changed: readonly MadePiece[];
}

/** What a log's lines become: those of one name, day and clay are one run; a piece planned under that name gives its plan. */
export function runsFrom(lines: readonly LoggedPiece[], workspace: Workspace, newId: () => string, at: string): LogTaken {
  const runs = new Map<string, Run>();
  const changed: MadePiece[] = [];
  const pieces: MadePiece[] = [];
  for (const line of lines) {
    const { key, run, was, date, piece } = line;
    if (was) {
      const since = piece.shelf === was.shelf ? was.since : { ...was.since, [piece.shelf]: at.slice(0, 10) };
      if (!isSame(line, was)) changed.push({ ...was, ...piece, since });
      continue;
    }
    if (!run && !runs.has(key)) runs.set(key, newRun(line, workspace, newId(), at));
    const runId = run?.id ?? runs.get(key)!.id;
    pieces.push({ ...piece, id: newId(), runId, at, since: { [piece.shelf]: date } });
  }
  return { runs: [...runs.values()], pieces, changed };
}

/** A run as its first line has it, closed: it was made before it was logged. */
function newRun({ name, date, bodyId, batchId, ball, asked }: LoggedPiece, workspace: Workspace, id: string, at: string): Run {
  const plan = workspace.plans.find((each) => each.name.toLowerCase() === name.toLowerCase());
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
  return {
    ...known,
    id,
    name,
    date,
    closed: true,
    asked: { ...known.asked, ...asked },
    ...(bodyId && { bodyId, batchId }),
    ...(ball !== undefined && { ball }),
  };
}
