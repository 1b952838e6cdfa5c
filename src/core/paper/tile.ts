import { polygonContains } from 'd3-polygon';
import {
  CHECKS,
  type Check,
  type Drawing,
  PAPER,
  type Paper,
  type Place,
  type Shape,
  type Sheet,
  checkLine,
  line,
  moved,
  widthOf,
  words,
} from './drawing';

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
    const { from, to } = extentOf(shape);
    return from <= left + width && to >= left && shape.y - shape.size <= top + height && shape.y >= top;
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

/** Whether all of a shape shows in an area. */
function liesIn(shape: Shape, { left, top, width, height }: Area): boolean {
  const within = (x: number, y: number) => x >= left && x <= left + width && y >= top && y <= top + height;
  if (shape.kind === 'line') return within(shape.x1, shape.y1) && within(shape.x2, shape.y2);
  if (shape.kind === 'path') return shape.points.every(({ x, y }) => within(x, y));
  const { from, to } = extentOf(shape);
  return within(from, shape.y - shape.size) && within(to, shape.y);
}

/** From where to where a text runs, about. */
function extentOf({ x, text, size, anchor = 'start' }: Extract<Shape, { kind: 'text' }>): { readonly from: number; readonly to: number } {
  const wide = widthOf(text, size);
  const from = x - wide * { start: 0, middle: 0.5, end: 1 }[anchor];
  return { from, to: from + wide };
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

/** One of the pages a drawing may take, and what of it shows there. */
interface Page {
  readonly row: number;
  readonly column: number;
  readonly area: Area;
  readonly shapes: readonly Shape[];
}

/** The page so many columns and rows further on, where it is among them. */
const beside = (pages: ReadonlySet<Page>, { row, column }: Page, across: number, down: number): Page | undefined =>
  [...pages].find((each) => each.column === column + across && each.row === row + down);

/** What a page shows that no page beside it does. */
function ownArea(page: Page, pages: ReadonlySet<Page>, overlap: number): Area {
  const shared = (across: number, down: number) => (beside(pages, page, across, down) ? overlap : 0);
  const { left, top, width, height } = page.area;
  const [fromLeft, fromTop] = [shared(-1, 0), shared(0, -1)];
  return { left: left + fromLeft, top: top + fromTop, width: width - fromLeft - shared(1, 0), height: height - fromTop - shared(0, 1) };
}

/** The pages that show something no other does: an edge that stands whole on the next page needs none of its own. */
function needed(all: readonly Page[], overlap: number): ReadonlySet<Page> {
  const pages = new Set(all.filter(({ shapes }, i) => shapes.length > 0 || i === 0));
  for (const page of [...pages].toReversed()) {
    if (pages.size === 1) break;
    const own = ownArea(page, pages, overlap);
    const others = [...pages].filter((each) => each !== page);
    const shownWhole = (shape: Shape) => others.some(({ area }) => liesIn(shape, area));
    if (page.shapes.every((shape) => !touches(shape, own) || shownWhole(shape))) pages.delete(page);
  }
  return pages;
}

/**
 * A drawing on as many pages as it needs, in true mm, none of them empty and none that only repeats others, each with a check line,
 * its place among the pages, and crosses where they overlap.
 *
 * @param correction by how much positions are stretched for a printer that prints small or large: 100 over what its
 * check line measured
 * @param check the line to lay a rule on at the foot of each page
 */
export function tile(drawing: Drawing, paper: Paper, correction = 1, check: Check = CHECKS.mm): Tile[] {
  const [width, height] = PAPER[paper];
  const area = { width: width - 2 * MARGIN, height: height - MARGIN - FOOT };
  const count = (whole: number, room: number) => (whole <= room ? 1 : Math.ceil((whole - OVERLAP) / (room - OVERLAP)));
  const [drawnWide, drawnHigh] = [drawing.width * correction, drawing.height * correction];
  const [columns, rows] = [count(drawnWide, area.width), count(drawnHigh, area.height)];
  const one = columns * rows === 1;
  const at = { x: one ? (width - drawnWide) / 2 : MARGIN, y: MARGIN };
  const all = Array.from({ length: rows * columns }, (_, i): Page => {
    const [row, column] = [Math.floor(i / columns), i % columns];
    const shown: Area = {
      left: (column * (area.width - OVERLAP)) / correction,
      top: (row * (area.height - OVERLAP)) / correction,
      width: area.width / correction,
      height: area.height / correction,
    };
    return { row, column, area: shown, shapes: drawing.shapes.filter((shape) => one || touches(shape, shown)) };
  });
  const pages = needed(all, OVERLAP / correction);
  return [...pages].map((page, i) => {
    const { row, column, area: shown } = page;
    const from = { x: shown.left, y: shown.top };
    const shapes = page.shapes.map((shape) => moved(shape, at.x - from.x * correction, at.y - from.y * correction, correction));
    const joins = [-1, 1].flatMap((across) =>
      [-1, 1].flatMap((down) => {
        const joined = [beside(pages, page, across, 0), beside(pages, page, 0, down), beside(pages, page, across, down)].some(Boolean);
        const end = (side: number, whole: number) => (side < 0 ? OVERLAP / 2 : whole - OVERLAP / 2);
        return joined ? cross(at.x + end(across, area.width), at.y + end(down, area.height)) : [];
      }),
    );
    const measure = checkLine(0, 0, check).map((shape) => moved(shape, MARGIN, height - 14, correction));
    const which =
      pages.size === 1
        ? drawing.title
        : `${drawing.title}: page ${i + 1} of ${pages.size}, row ${row + 1}, column ${column + 1}; match the crosses`;
    return {
      paper,
      title: drawing.title,
      row,
      column,
      from,
      at,
      area,
      shapes: [...shapes, ...joins, ...measure, words(MARGIN, height - 6, which, 2.8)],
    };
  });
}
