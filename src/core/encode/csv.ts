import { inBody, shownBall, calledPart, weighedPart, type Workspace } from '@/core/workspace';
import Papa from 'papaparse';

export type Cell = string | number;

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

/** An empty cell for a size the form does not have. */
const maybe = (value: number | undefined): Cell => (value === undefined ? '' : tenth(value));

const PIECE_HEAD = [
  'piece',
  'clay',
  'shrinkage %',
  'finished height mm',
  'finished mouth mm',
  'finished mouth, short side mm',
  'finished base mm',
  'wet height mm',
  'wet mouth mm',
  'wet mouth, short side mm',
  'wet base mm',
  'rim above bat mm',
  'weigh out g',
  'fired g',
  'holds ml',
  'note',
];

/** Every part of every piece. */
const everyPart = ({ plans }: Workspace) => plans.flatMap((plan) => plan.parts.map((part) => ({ plan, part })));

/** The pieces of a workspace as a table: finished and wet sizes, clay to weigh out and capacity, mm, g and ml. Impossible pieces keep their name only. */
export function piecesTable(workspace: Workspace, separator: Separator = ','): string {
  const rows = everyPart(workspace).map(({ plan, part }): Cell[] => {
    const made = weighedPart(workspace, part, String);
    const clay = workspace.bodies.find(({ id }) => id === part.bodyId)?.name ?? '';
    if (!made.ok) return [calledPart(plan, part), clay];
    const { hand, weighOut, sized } = made.value;
    const { stages, thrown, masses, capacityMl } = sized;
    const [wet, glazed] = [stages.wet.sizes, stages.glazed.sizes];
    return [
      calledPart(plan, part),
      clay,
      Math.round(made.value.clay.shrinkage.width * 10000) / 100,
      ...[glazed.height, glazed.rimDiameter, glazed.rimAcross, glazed.baseDiameter].map(maybe),
      ...[wet.height, wet.rimDiameter, wet.rimAcross, wet.baseDiameter].map(maybe),
      hand ? '' : tenth(thrown.gauge),
      weighOut === undefined ? '' : Math.round(shownBall(weighOut, part, workspace.settings.units)),
      ...[masses.glazed, capacityMl].map(Math.round),
      plan.note,
    ];
  });
  return writeTable(PIECE_HEAD, rows, separator);
}

/** Every piece in every body: its wet mouth, a short side and height, its rim above the bat where it is thrown, mm, and the clay to weigh out, g. A piece in its own clay keeps its batch and firing. */
export function comparisonTable(workspace: Workspace): string {
  const { units } = workspace.settings;
  const head = [
    'piece',
    ...workspace.bodies.flatMap(({ name }) =>
      ['wet mouth mm', 'wet mouth, short side mm', 'wet height mm', 'rim above the bat mm', 'weigh out g'].map(
        (what) => `${name}, ${what}`,
      ),
    ),
  ];
  const rows = everyPart(workspace).map(({ plan, part }): Cell[] => {
    const cells = workspace.bodies.flatMap(({ id }): Cell[] => {
      const made = weighedPart(workspace, inBody(part, id), String);
      if (!made.ok) return ['', '', '', '', ''];
      const { sized, hand, weighOut } = made.value;
      const { rimDiameter, rimAcross, height } = sized.stages.wet.sizes;
      const gauge = hand ? undefined : sized.thrown.gauge;
      return [
        maybe(rimDiameter),
        maybe(rimAcross),
        maybe(height),
        maybe(gauge),
        weighOut === undefined ? '' : Math.round(shownBall(weighOut, inBody(part, id), units)),
      ];
    });
    return [calledPart(plan, part), ...cells];
  });
  return writeTable(head.map(String), rows);
}
