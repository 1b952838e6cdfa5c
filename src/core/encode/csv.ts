import { type Workspace, clayOf, matterIn, sizePart } from '@/core/workspace';
import Papa from 'papaparse';

type Cell = string | number;

/**
 * Text that a spreadsheet would run as a formula gets an apostrophe before it: `= + - @`, their full-width forms,
 * tab and carriage return, also behind spaces. Numbers stay numbers.
 */
export function harmlessCell(cell: Cell): Cell {
  return typeof cell === 'string' && /^\s*[=+\-@\uff1d\uff0b\uff0d\uff20]|^[\t\r\n]/.test(cell) ? `'${cell}` : cell;
}

export type Separator = ',' | '\t';

/** Writes a table as CSV, or with tabs for pasting into a sheet. Cells are made harmless; lines end CRLF (RFC 4180). */
export function writeTable(head: readonly string[], rows: readonly (readonly Cell[])[], separator: Separator = ','): string {
  return Papa.unparse(
    [head, ...rows].map((row) => row.map(harmlessCell)),
    { delimiter: separator, newline: '\r\n' },
  );
}

const tenth = (value: number): number => Math.round(value * 10) / 10;

const PIECE_HEAD = [
  'piece',
  'clay',
  'shrinkage %',
  'finished height mm',
  'finished mouth mm',
  'finished base mm',
  'wet height mm',
  'wet mouth mm',
  'wet base mm',
  'rim above bat mm',
  'ball g',
  'fired g',
  'holds ml',
  'note',
];

/** The pieces of a workspace as a table: finished and wet sizes, ball and capacity, mm, g and ml. Impossible pieces keep their name only. */
export function piecesTable(workspace: Workspace, separator: Separator = ','): string {
  const rows = workspace.plans.map((plan): Cell[] => {
    const [part] = plan.parts;
    const { body, figures } = clayOf(workspace, part);
    const sized = sizePart(part, figures, String, matterIn(workspace));
    if (!sized.ok) return [plan.name, body?.name ?? ''];
    const { stages, thrown, masses, capacityMl } = sized.value.sized;
    const [wet, glazed] = [stages.wet.sizes, stages.glazed.sizes];
    const base = (form: typeof wet | typeof glazed) => (form.baseDiameter === undefined ? '' : tenth(form.baseDiameter));
    return [
      plan.name,
      body?.name ?? '',
      Math.round(sized.value.clay.shrinkage.width * 10000) / 100,
      ...[glazed.height, glazed.rimDiameter].map(tenth),
      base(glazed),
      ...[wet.height, wet.rimDiameter].map(tenth),
      base(wet),
      tenth(thrown.gauge),
      ...[masses.ball, masses.glazed, capacityMl].map(Math.round),
      plan.note,
    ];
  });
  return writeTable(PIECE_HEAD, rows, separator);
}

/** Every piece in every body: its wet mouth and height, mm, and its ball, g. A piece in its own clay keeps its batch and firing. */
export function comparisonTable(workspace: Workspace): string {
  const head = [
    'piece',
    ...workspace.bodies.flatMap(({ name }) => ['wet mouth mm', 'wet height mm', 'ball g'].map((what) => `${name}, ${what}`)),
  ];
  const rows = workspace.plans.map((plan): Cell[] => {
    const [part] = plan.parts;
    const cells = workspace.bodies.flatMap(({ id }): Cell[] => {
      const sized = sizePart(part, clayOf(workspace, part.bodyId === id ? part : { bodyId: id }).figures, String);
      if (!sized.ok) return ['', '', ''];
      const { stages, masses } = sized.value.sized;
      return [tenth(stages.wet.sizes.rimDiameter), tenth(stages.wet.sizes.height), Math.round(masses.ball)];
    });
    return [plan.name, ...cells];
  });
  return writeTable(head.map(String), rows);
}
