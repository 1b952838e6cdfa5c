import { type FamilyName, FAMILIES, FAMILY_NAMES, type SizeName, isNeeded } from '@/core/form';
import { type LengthUnit, type PointMarks, type Result, bad, good, quote, readLength } from '@/core/units';
import { afterEntered, sizedPlanPart, startedPart, type StartOf } from '@/core/part';
import type { Part, Workspace } from '@/core/records';
import Papa from 'papaparse';

/** What a column may hold; sizes are finished. */
export const COLUMNS = {
  name: 'name',
  form: 'form',
  mouth: 'mouth or length',
  height: 'height',
  short: 'short axis',
  base: 'base',
  wall: 'wall',
  floor: 'floor',
  unit: 'unit',
  clay: 'clay',
  note: 'note',
} as const;

export type Column = keyof typeof COLUMNS;

/** By what words a heading is recognised; the first that is in it. */
const HEADINGS: readonly (readonly [Column, RegExp])[] = [
  ['name', /name|piece|item|what/],
  ['form', /form|shape|kind|type/],
  ['unit', /unit/],
  ['clay', /clay|body/],
  ['note', /note|remark|comment/],
  ['base', /base|foot|bottom/],
  ['short', /short|across 2|width 2|depth/],
  ['wall', /wall/],
  ['floor', /floor/],
  ['height', /height|high|tall/],
  ['mouth', /mouth|rim|diam|width|wide|across|length|⌀|ø/],
];

/** A table as it was pasted or saved: its headings and its rows, all text. */
export interface Table {
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
  /** What is wrong with a line as such, by its number: the headings are line 1. */
  readonly faults: ReadonlyMap<number, string>;
}

const MOST_ROWS = 2000;
const MOST_TEXT = 1_000_000;

/** Reads a table with a line of headings: commas, semicolons or tabs between the cells, quotes around what has them. */
export function readTable(text: string): Result<Table> {
  if (text.length > MOST_TEXT) return bad('', 'The table is larger than a million letters. Import it in parts.');
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\ufeff/, '').trim(), {
    skipEmptyLines: 'greedy',
    delimitersToGuess: ['\t', ';', ','],
  });
  const unclosed = errors.find(({ code }) => code === 'MissingQuotes');
  if (unclosed)
    return bad(
      '',
      `In line ${(unclosed.row ?? 0) + 1} a quote mark is opened and not closed: the lines after it would be taken for its text.`,
    );
  const [head = [], ...rows] = data;
  if (head.length === 0) return bad('', 'There is no table yet. Paste one with a line of headings, such as: name, mouth, height.');
  if (rows.length === 0)
    return bad('', `There is only one line, ${quote(head.join(', '))}. The first line is the headings; a line a piece follows.`);
  if (rows.length > MOST_ROWS) return bad('', `There are ${rows.length} lines. Take at most ${MOST_ROWS} at a time.`);
  const faults = rows.flatMap((row, i): [number, string][] => {
    const fault = lineFault(row, head.length);
    return fault ? [[i + 2, fault]] : [];
  });
  return good({ head: head.map((cell) => cell.trim()), rows: rows.map((row) => row.map((cell) => cell.trim())), faults: new Map(faults) });
}

/** What is wrong with a line whatever its columns hold: cells too many or too few, signs that nobody types. */
function lineFault(row: readonly string[], width: number): string | undefined {
  const beyond = row.slice(width).some((cell) => cell.trim() !== '');
  if (beyond || row.length < width)
    return `It has ${row.length} cells where the headings have ${width}. Is a separator or a quote mark wrong?`;
  const odd = row.join(' ').match(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/)?.[0];
  return odd === undefined ? undefined : `It has a sign in it that cannot be seen (code ${odd.charCodeAt(0)}). Delete it.`;
}

/** A table with only these of its lines, counted as people do, as it would be pasted again. */
export const tableText = ({ head, rows }: Pick<Table, 'head' | 'rows'>, lines: ReadonlySet<number>): string =>
  Papa.unparse(
    [head, ...rows.filter((_, i) => lines.has(i + 2))].map((row) => [...row]),
    { delimiter: '\t', newline: '\n' },
  );

/** What each column most likely holds, by its heading; undefined where none says so. Nothing is taken twice. */
export function guessed<C extends string>(
  { head }: Pick<Table, 'head'>,
  headings: readonly (readonly [C, RegExp])[],
): readonly (C | undefined)[] {
  const taken = new Set<C>();
  return head.map((heading) => {
    const found = headings.find(([column, words]) => !taken.has(column) && words.test(heading.toLowerCase()))?.[0];
    if (found) taken.add(found);
    return found;
  });
}

export const guessedColumns = (table: Pick<Table, 'head'>): readonly (Column | undefined)[] => guessed(table, HEADINGS);

/** A line of the table as a part, or why it is none: what is wrong, and in which column. */
export interface RowRead {
  /** The line in the table, counted as people do: the headings are line 1. */
  readonly line: number;
  readonly name: string;
  readonly part: Result<Part>;
}

interface Options {
  /** What a bare number is in, where no column says it. */
  readonly unit: LengthUnit;
  /** What a point before exactly three figures marks. */
  readonly point?: PointMarks | undefined;
  /** The clay where a line names none. */
  readonly bodyId: string | undefined;
  readonly write: {
    readonly length: (mm: number) => string;
    readonly mass: (g: number) => string;
    readonly volume: (ml: number) => string;
  };
}

const UNITS: Readonly<Record<string, 'mm' | 'cm' | 'in'>> = { mm: 'mm', cm: 'cm', in: 'in', inch: 'in', inches: 'in', '"': 'in' };

function unitOf(cell: string, usual: LengthUnit): Result<'mm' | 'cm' | 'in'> {
  if (cell === '') return good(usual === 'inch-fraction' ? 'in' : usual);
  const unit = UNITS[cell.toLowerCase().replace(/\.$/, '')];
  return unit ? good(unit) : bad('unit', `${quote(cell)} is not a unit of length. Use mm, cm or in.`);
}

/** What potters call pieces, by the form each is begun from. */
const ALSO_CALLED: Readonly<Record<string, FamilyName>> = {
  mug: 'cylinder',
  beaker: 'cylinder',
  tumbler: 'cylinder',
  planter: 'cylinder',
  dish: 'bowl',
  basin: 'bowl',
  platter: 'plate',
  saucer: 'plate',
  crock: 'jar',
  canister: 'jar',
  urn: 'jar',
  jug: 'jar',
  pitcher: 'jar',
};

/** The names a form goes by in a table: what it is called on the screen, and parts of that. */
const namesOf = (family: FamilyName): readonly string[] => {
  const words = FAMILIES[family].words.toLowerCase();
  return [family.toLowerCase(), words, words.split(/,| or /)[0]!, words.split(' or ').at(-1)!];
};

function familyOf(cell: string): Result<FamilyName> {
  const wanted = cell.toLowerCase();
  if (wanted === '') return good('cylinder');
  // a table of sets says bowls, dishes and boxes
  for (const name of [wanted, wanted.replace(/s$/, ''), wanted.replace(/es$/, '')]) {
    const found = ALSO_CALLED[name] ?? FAMILY_NAMES.find((family) => namesOf(family).includes(name));
    if (found) return good(found);
  }
  return bad(
    'form',
    `${quote(cell)} is not a form Rimbet knows. Use one of: ${FAMILY_NAMES.map((family) => FAMILIES[family].words.toLowerCase()).join('; ')}.`,
  );
}

function clayOfCell({ bodies }: Workspace, cell: string, usual: string | undefined): Result<string | undefined> {
  if (cell === '') return good(usual);
  const body = bodies.find(({ name }) => name.toLowerCase() === cell.toLowerCase());
  if (body) return good(body.id);
  return bad('clay', `There is no clay called ${quote(cell)}. Add it under Clay first, or leave the cell empty.`);
}

const SIZE_COLUMNS = [
  ['mouth', 'rimDiameter'],
  ['height', 'height'],
  ['short', 'rimAcross'],
  ['base', 'baseDiameter'],
  ['wall', 'wall'],
  ['floor', 'floor'],
] as const satisfies readonly (readonly [Column, SizeName])[];

/** The unit a heading names: "finished height in", "mouth (cm)". */
const unitIn = (heading: string): 'mm' | 'cm' | 'in' | undefined =>
  UNITS[/(?:^|[\s(,])(mm|cm|in|inch|inches)[.)]*$/i.exec(heading.trim())?.[1]?.toLowerCase() ?? ''];

/** The finished sizes a line gives, mm. */
function sizesIn(
  cell: (column: Column) => string,
  unitOfColumn: (column: Column) => 'mm' | 'cm' | 'in',
  point: PointMarks | undefined,
): Result<Partial<Record<SizeName, number>>> {
  const sizes: Partial<Record<SizeName, number>> = {};
  for (const [column, size] of SIZE_COLUMNS) {
    const text = cell(column);
    if (text === '') continue;
    const read = readLength(text, { unit: unitOfColumn(column), point, zero: size === 'floor' });
    if (!read.ok) return bad(column, read.problem.message);
    sizes[size] = read.value;
  }
  return good(sizes);
}

/** Each line of a table as a part whose given sizes are known and the rest suggested; a line that is none says why. */
export function partsFrom(table: Table, columns: readonly (Column | undefined)[], workspace: Workspace, options: Options): RowRead[] {
  return table.rows.map((row, i) => {
    const cell = (column: Column) => row[columns.indexOf(column)] ?? '';
    const headed = (column: Column) => unitIn(table.head[columns.indexOf(column)] ?? '');
    const line = i + 2;
    const name = cell('name') || `Line ${line}`;
    const fault = table.faults.get(line) ?? nameFault(cell('name'), columns.includes('name'));
    return { line, name, part: fault ? bad('name', fault) : partOf(cell, headed, workspace, options) };
  });
}

/** What is wrong with a name: none where there is a column for it, or one that runs on. */
function nameFault(name: string, asked: boolean): string | undefined {
  if (name === '') return asked ? 'It has no name. Enter one.' : undefined;
  if (name.length > 200) return `The name has ${name.length} letters. Use at most 200.`;
  return /[\r\n]/.test(name) ? 'The name goes on in the next line. Is a quote mark missing?' : undefined;
}

function partOf(
  cell: (column: Column) => string,
  headed: (column: Column) => 'mm' | 'cm' | 'in' | undefined,
  workspace: Workspace,
  { unit, point, bodyId, write }: Options,
): Result<Part> {
  const family = familyOf(cell('form'));
  if (!family.ok) return family;
  const clay = clayOfCell(workspace, cell('clay'), bodyId);
  if (!clay.ok) return clay;
  const measured = unitOf(cell('unit'), unit);
  if (!measured.ok) return measured;
  // a cell of its own says more than a heading
  const sizes = sizesIn(cell, (column) => (cell('unit') === '' ? (headed(column) ?? measured.value) : measured.value), point);
  if (!sizes.ok) return sizes;
  const { rimDiameter: across, height: high, ...others } = sizes.value;
  if (!across && !high) return bad('mouth', 'There is no mouth and no height. Enter at least one.');
  const of: StartOf = {
    family: family.value,
    bodyId: clay.value,
    way: 'trimmed',
    ...(FAMILIES[family.value].flatSided && { hand: { by: 'slab' } }),
  };
  const started = startedPart(workspace, { kind: 'size', at: 'glazed', across, high }, of, 'new', write);
  if (!started.ok) return started;
  const { manner } = FAMILIES[family.value];
  const foreign = (Object.keys(others) as SizeName[]).find(
    (size) => !FAMILIES[family.value].sizes.includes(size) || !isNeeded(size, manner),
  );
  if (foreign) {
    const column = SIZE_COLUMNS.find(([, size]) => size === foreign)![0];
    return bad(
      column,
      `A ${FAMILIES[family.value].words.toLowerCase()} has no ${COLUMNS[column]}. Leave the cell empty, or change its form.`,
    );
  }
  const known = Object.fromEntries(Object.entries(others).map(([size, mm]) => [size, [{ mm, at: 'glazed' as const }]]));
  const part: Part = { ...started.value, sizes: { ...started.value.sizes, ...known } };
  // what the table does not say goes with what it says
  const whole = afterEntered(workspace, started.value, part, () => undefined);
  const made = sizedPlanPart(workspace, whole, write.length);
  return made.ok ? good(whole) : made;
}
