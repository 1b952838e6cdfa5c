import { G_PER_OZ, type UnitChoice, bareUnit, fluidOunceMl } from '@/core/units';
import { inBody, shownBall, weighedPart } from '@/core/part';
import { calledPart, type Workspace } from '@/core/records';
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

interface Column {
  readonly unit: string;
  readonly cell: (value: number | undefined) => Cell;
}

/** An empty cell for what a piece has not; figures of the unit, to so many places. */
const columnIn = (unit: string, per: number, places: number): Column => ({
  unit,
  cell: (value) => (value === undefined ? '' : Number((value / per).toFixed(places))),
});

/** How a workshop's lengths, weights and volumes stand in a table: plain figures, their unit in the heading. From mm, g and ml. */
function columnsOf({ length, mass, volume, flOz }: UnitChoice) {
  const lengths = { mm: columnIn('mm', 1, 1), cm: columnIn('cm', 10, 2), in: columnIn('in', 25.4, 3) };
  return {
    length: lengths[bareUnit[length]],
    mass: mass === 'g' ? columnIn('g', 1, 0) : columnIn('oz', G_PER_OZ, 1),
    volume: volume === 'ml' ? columnIn('ml', 1, 0) : columnIn('fl oz', fluidOunceMl(flOz), 1),
  };
}

/** Every part of every piece. */
const everyPart = ({ plans }: Workspace) => plans.flatMap((plan) => plan.parts.map((part) => ({ plan, part })));

const SIZES = ['height', 'mouth', 'mouth, short side', 'base'];

/** The pieces of a workspace as a table: finished and wet sizes, clay to weigh out and capacity, in the units chosen. Impossible pieces keep their name only. */
export function piecesTable(workspace: Workspace, separator: Separator = ','): string {
  const { length, mass, volume } = columnsOf(workspace.settings.units);
  const head = [
    'piece',
    'clay',
    'shrinkage %',
    ...['finished', 'wet'].flatMap((stage) => SIZES.map((size) => `${stage} ${size} ${length.unit}`)),
    `rim above bat ${length.unit}`,
    `weigh out ${mass.unit}`,
    `fired ${mass.unit}`,
    `holds ${volume.unit}`,
    'note',
  ];
  const rows = everyPart(workspace).map(({ plan, part }): Cell[] => {
    const made = weighedPart(workspace, part, String);
    const clay = workspace.bodies.find(({ id }) => id === part.bodyId)?.name ?? '';
    if (!made.ok) return [calledPart(plan, part), clay];
    const { hand, weighOut, sized } = made.value;
    const { stages, thrown, masses, capacityMl } = sized;
    return [
      calledPart(plan, part),
      clay,
      Math.round(made.value.clay.shrinkage.width * 10000) / 100,
      ...[stages.glazed.sizes, stages.wet.sizes].flatMap(({ height, rimDiameter, rimAcross, baseDiameter }) =>
        [height, rimDiameter, rimAcross, baseDiameter].map(length.cell),
      ),
      length.cell(hand ? undefined : thrown.gauge),
      mass.cell(weighOut && shownBall(weighOut, part, workspace.settings.units)),
      mass.cell(masses.glazed),
      volume.cell(capacityMl),
      plan.note,
    ];
  });
  return writeTable(head, rows, separator);
}

/** Every piece in every body: its wet mouth, a short side and height, its rim above the bat where it is thrown, and the clay to weigh out, in the units chosen. A piece in its own clay keeps its batch and firing. */
export function comparisonTable(workspace: Workspace): string {
  const { units } = workspace.settings;
  const { length, mass } = columnsOf(units);
  const told = [
    ...['wet mouth', 'wet mouth, short side', 'wet height', 'rim above the bat'].map((what) => `${what} ${length.unit}`),
    `weigh out ${mass.unit}`,
  ];
  const head = ['piece', ...workspace.bodies.flatMap(({ name }) => told.map((what) => `${name}, ${what}`))];
  const rows = everyPart(workspace).map(({ plan, part }): Cell[] => {
    const cells = workspace.bodies.flatMap(({ id }): Cell[] => {
      const made = weighedPart(workspace, inBody(part, id), String);
      if (!made.ok) return told.map(() => '');
      const { sized, hand, weighOut } = made.value;
      const { rimDiameter, rimAcross, height } = sized.stages.wet.sizes;
      return [
        ...[rimDiameter, rimAcross, height, hand ? undefined : sized.thrown.gauge].map(length.cell),
        mass.cell(weighOut && shownBall(weighOut, inBody(part, id), units)),
      ];
    });
    return [calledPart(plan, part), ...cells];
  });
  return writeTable(head, rows);
}
