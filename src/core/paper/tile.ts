import { polygonContains } from 'd3-polygon';
import { type Drawing, PAPER, type Paper, type Place, type Shape, type Sheet, checkLine, line, moved, widthOf, words } from './drawing';

/** No printer reaches nearer to the edge. mm */
const MARGIN = 12;
/** At the foot of each page: the check line and what page it is. mm */
const FOOT = 24;
/** How far neighbouring pages show the same. mm */
const OVERLAP = 12;

/** What a line drawn at 100 mm measured on a printer's paper corrects to. */
export const correctionOf = (measuredMm: number | undefined): number => (measuredMm ? 100 / measuredMm : 1);

interface Area {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/** Whether a straight stretch comes into an area: what each side leaves of it, after Liang and Barsky. */
function comesInto(a: Place, b: Place, { left, top, width, height }: Area): boolean {
  let [from, to] = [0, 1];
  for (const [on, room] of [
    [a.x - b.x, a.x - left],
    [b.x - a.x, left + width - a.x],
    [a.y - b.y, a.y - top],
    [b.y - a.y, top + height - a.y],
  ] as const) {
    if (on === 0 && room < 0) return false;
    if (on < 0) from = Math.max(from, room / on);
    if (on > 0) to = Math.min(to, room / on);
  }
  return from <= to;
}

/** The part of a drawing that shows on a page, cut at the page's edge by whoever prints; here only what touches it. */
function touches(shape: Shape, area: Area): boolean {
  const { left, top, width, height } = area;
  if (shape.kind === 'line') return comesInto({ x: shape.x1, y: shape.y1 }, { x: shape.x2, y: shape.y2 }, area);
  if (shape.kind === 'text') {
    const wide = widthOf(shape.text, shape.size);
    const from = shape.x - wide * { start: 0, middle: 0.5, end: 1 }[shape.anchor ?? 'start'];
    return from <= left + width && from + wide >= left && shape.y - shape.size <= top + height && shape.y >= top;
  }
  const { points, closed } = shape;
  const stretches = closed ? points.length : points.length - 1;
  if (points.some((point, i) => i < stretches && comesInto(point, points[(i + 1) % points.length]!, area))) return true;
  // no line of it crosses the page: the page may lie within it
  const middle: [number, number] = [left + width / 2, top + height / 2];
  return (
    closed &&
    polygonContains(
      points.map(({ x, y }) => [x, y]),
      middle,
    )
  );
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
      .filter((shape) => one || touches(shape, { left: from.x, top: from.y, ...shown }))
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
