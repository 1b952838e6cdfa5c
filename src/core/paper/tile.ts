import { type Drawing, PAPER, type Paper, type Place, type Shape, type Sheet, checkLine, line, moved, words } from './drawing';

/** No printer reaches nearer to the edge. mm */
const MARGIN = 12;
/** At the foot of each page: the check line and what page it is. mm */
const FOOT = 24;
/** How far neighbouring pages show the same. mm */
const OVERLAP = 12;

/** What a line drawn at 100 mm measured on a printer's paper corrects to. */
export const correctionOf = (measuredMm: number | undefined): number => (measuredMm ? 100 / measuredMm : 1);

/** The part of a drawing that shows on a page, cut at the page's edge by whoever prints; here only what touches it. */
function touches(shape: Shape, left: number, top: number, width: number, height: number): boolean {
  const within = (x1: number, y1: number, x2: number, y2: number) => x2 >= left && x1 <= left + width && y2 >= top && y1 <= top + height;
  if (shape.kind === 'text') return shape.x >= left && shape.x <= left + width && shape.y >= top && shape.y <= top + height;
  if (shape.kind === 'line') {
    return within(Math.min(shape.x1, shape.x2), Math.min(shape.y1, shape.y2), Math.max(shape.x1, shape.x2), Math.max(shape.y1, shape.y2));
  }
  const { points } = shape;
  const next = (i: number) => points[(i + 1) % points.length]!;
  const each = (a: Place, b: Place) => within(Math.min(a.x, b.x), Math.min(a.y, b.y), Math.max(a.x, b.x), Math.max(a.y, b.y));
  if (points.some((point, i) => each(point, next(i)))) return true;
  // no line of it crosses the page: the page may lie within it
  const middle = { x: left + width / 2, y: top + height / 2 };
  return points.reduce((odd, a, i) => {
    const b = next(i);
    const crosses = a.y > middle.y !== b.y > middle.y && middle.x < a.x + ((middle.y - a.y) / (b.y - a.y)) * (b.x - a.x);
    return crosses ? !odd : odd;
  }, false);
}

/** A page's place among the others. */
export interface Tile extends Sheet {
  readonly row: number;
  readonly column: number;
  /** Where the page's area shows the drawing from, mm of the drawing. */
  readonly from: { readonly x: number; readonly y: number };
  /** Where that stands on the page, mm. */
  readonly at: { readonly x: number; readonly y: number };
  /** How large the area is, mm of the page. */
  readonly area: { readonly width: number; readonly height: number };
}

/** A cross where neighbouring pages meet: laid on each other, they join. */
const cross = (x: number, y: number): Shape[] => [line(x - 4, y, x + 4, y, 0.15), line(x, y - 4, x, y + 4, 0.15)];

/**
 * A drawing on as many pages as it needs, in true mm, none of them empty, each with a check line, its place among the pages, and crosses where
 * they overlap.
 *
 * @param correction by how much positions are stretched for a printer that prints small or large: 100 over what its
 * check line measured
 */
export function tile(drawing: Drawing, paper: Paper, correction = 1): Tile[] {
  const [width, height] = PAPER[paper];
  const area = { width: width - 2 * MARGIN, height: height - MARGIN - FOOT };
  const count = (whole: number, room: number) => (whole <= room ? 1 : Math.ceil((whole - OVERLAP) / (room - OVERLAP)));
  const [drawnWide, drawnHigh] = [drawing.width * correction, drawing.height * correction];
  const [columns, rows] = [count(drawnWide, area.width), count(drawnHigh, area.height)];
  const one = columns * rows === 1;
  const at = { x: one ? (width - drawnWide) / 2 : MARGIN, y: MARGIN };
  const pages = Array.from({ length: rows * columns }, (_, i) => {
    const [row, column] = [Math.floor(i / columns), i % columns];
    const from = { x: (column * (area.width - OVERLAP)) / correction, y: (row * (area.height - OVERLAP)) / correction };
    const shown = { width: area.width / correction, height: area.height / correction };
    const shapes = drawing.shapes
      .filter((shape) => one || touches(shape, from.x, from.y, shown.width, shown.height))
      .map((shape) => moved(shape, at.x - from.x * correction, at.y - from.y * correction, correction));
    const joins = one
      ? []
      : [OVERLAP / 2, area.width - OVERLAP / 2].flatMap((x) =>
          [OVERLAP / 2, area.height - OVERLAP / 2].flatMap((y) => cross(at.x + x, at.y + y)),
        );
    const check = checkLine(0, 0).map((shape) => moved(shape, MARGIN, height - 14, correction));
    const which = one
      ? drawing.title
      : `${drawing.title}: row ${row + 1} of ${rows}, column ${column + 1} of ${columns}; lay crosses on crosses`;
    return {
      paper,
      title: drawing.title,
      row,
      column,
      from,
      at,
      area,
      shapes: [...shapes, ...joins, ...check, words(MARGIN, height - 6, which, 2.8)],
      shows: shapes.length > 0,
    };
  });
  return pages.filter(({ shows }, i) => shows || i === 0).map(({ shows: _, ...page }) => page);
}
