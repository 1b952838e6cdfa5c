/** A part to cut, by the box about it: its width across the roller, its length along the slab, mm. */
export interface SlabPart {
  readonly width: number;
  readonly length: number;
  readonly count: number;
  /** It may be turned a quarter. */
  readonly turn: boolean;
}

export interface Rolling {
  readonly roller: number;
  readonly longest: number;
  /** Left between parts and along every edge, mm. */
  readonly between: number;
  readonly edge: number;
}

/** One part on a slab: which, where its corner lies, and whether it is turned. x across the roller, mm */
export interface PlacedPart {
  readonly part: number;
  readonly x: number;
  readonly y: number;
  readonly turned: boolean;
}

/** A slab to roll, no larger than what lies on it with its edges. mm */
export interface RolledSlab {
  readonly width: number;
  readonly length: number;
  readonly laid: readonly PlacedPart[];
}

interface Box {
  readonly part: number;
  readonly turned: boolean;
  readonly width: number;
  readonly length: number;
}

const NEAR = 1e-9;

const areaOf = (slabs: readonly RolledSlab[]): number => slabs.reduce((sum, { width, length }) => sum + width * length, 0);
const lengthOf = (slabs: readonly RolledSlab[]): number => slabs.reduce((sum, { length }) => sum + length, 0);

/** Less area first, then fewer slabs, then shorter ones. */
export function isBetter(a: readonly RolledSlab[], b: readonly RolledSlab[]): boolean {
  const [more, less] = [areaOf(a) - areaOf(b), lengthOf(a) - lengthOf(b)];
  if (Math.abs(more) > 1e-6) return more < 0;
  return a.length === b.length ? less < -1e-6 : a.length < b.length;
}

const turned = (box: Box): Box => ({ ...box, turned: !box.turned, width: box.length, length: box.width });

/** The three ways parts are offered: as given, the narrow side across, the wide side across; turned back where that is too wide. */
function offers(parts: readonly SlabPart[], { roller, longest, edge }: Rolling): Box[][] {
  const fits = ({ width, length }: Box) => width <= roller - 2 * edge + NEAR && length <= longest - 2 * edge + NEAR;
  const wanted = (prefer: (box: Box) => boolean): Box[] =>
    parts.flatMap(({ width, length, count, turn }, part) => {
      const given: Box = { part, turned: false, width, length };
      const asked = turn && !prefer(given) ? turned(given) : given;
      const box = turn && !fits(asked) ? turned(asked) : asked;
      return Array.from({ length: count }, () => box);
    });
  return [wanted(() => true), wanted(({ width, length }) => width <= length), wanted(({ width, length }) => width >= length)];
}

/** Rows by falling length, each part in the first that takes it; rows onto the first slab that takes them. Nothing where a part is too wide. */
function inRows(boxes: readonly Box[], width: number, { longest, between, edge }: Rolling): RolledSlab[] | undefined {
  const room = width - 2 * edge;
  const sorted = boxes.toSorted((a, b) => b.length - a.length || b.width - a.width);
  const rows: { length: number; used: number; boxes: { box: Box; x: number }[] }[] = [];
  for (const box of sorted) {
    if (box.width > room + NEAR || box.length > longest - 2 * edge + NEAR) return undefined;
    const row = rows.find(({ used, length }) => used + between + box.width <= room + NEAR && box.length <= length + NEAR);
    if (row) {
      row.boxes.push({ box, x: row.used + between });
      row.used += between + box.width;
    } else rows.push({ length: box.length, used: box.width, boxes: [{ box, x: 0 }] });
  }
  const slabs: { used: number; rows: { row: (typeof rows)[number]; y: number }[] }[] = [];
  for (const row of rows) {
    const slab = slabs.find(({ used }) => used + between + row.length <= longest - 2 * edge + NEAR);
    if (slab) {
      slab.rows.push({ row, y: slab.used + between });
      slab.used += between + row.length;
    } else slabs.push({ used: row.length, rows: [{ row, y: 0 }] });
  }
  return slabs.map((slab) => ({
    width: Math.max(...slab.rows.map(({ row }) => row.used)) + 2 * edge,
    length: slab.used + 2 * edge,
    laid: slab.rows.flatMap(({ row, y }) =>
      row.boxes.map(({ box, x }) => ({ part: box.part, x: x + edge, y: y + edge, turned: box.turned })),
    ),
  }));
}

/** So many widths are tried as sums of two; beyond that only sides alone are added up. */
const MOST_WIDTHS = 40;

/** Widths worth trying: k of a side, and sums of two such, up to the roller. */
function widthsOf(parts: readonly SlabPart[], { roller, between, edge }: Rolling): number[] {
  const room = roller - 2 * edge;
  const sides = parts.flatMap(({ width, length, turn }) => (turn ? [width, length] : [width]));
  const all = parts.reduce((sum, { count }) => sum + count, 0);
  const distinct = (values: readonly number[]) => [
    ...new Set(values.filter((mm) => mm <= room + NEAR).map((mm) => Math.round(mm * 1e6) / 1e6)),
  ];
  const singles = distinct(sides);
  const several = distinct(singles.flatMap((side) => Array.from({ length: all }, (_, i) => (i + 1) * side + i * between)));
  const summed = several.length <= MOST_WIDTHS ? several : singles;
  const sums = summed.flatMap((a, i) => summed.slice(i).map((b) => a + b + between));
  return distinct([...several, ...sums]).map((mm) => mm + 2 * edge);
}

/** Of one part alone: slabs that are grids, each its own, the count shared out among them at least area. */
function inGrids({ width, length, count, turn }: SlabPart, { roller, longest, between, edge }: Rolling): RolledSlab[] | undefined {
  const along = (n: number, side: number) => n * side + (n - 1) * between + 2 * edge;
  const grids = Array.from({ length: count + 1 }, (_, n): RolledSlab | undefined => {
    let best: RolledSlab | undefined;
    for (const isTurned of turn ? [false, true] : [false]) {
      const [across, deep] = isTurned ? [length, width] : [width, length];
      for (let columns = 1; columns <= n; columns += 1) {
        const rows = Math.ceil(n / columns);
        const slab = { width: along(columns, across), length: along(rows, deep) };
        if (slab.width > roller + NEAR || slab.length > longest + NEAR) continue;
        if (best && slab.width * slab.length >= best.width * best.length - 1e-6) continue;
        const laid = Array.from({ length: n }, (__, i) => ({
          part: 0,
          x: edge + (i % columns) * (across + between),
          y: edge + Math.floor(i / columns) * (deep + between),
          turned: isTurned,
        }));
        best = { ...slab, laid };
      }
    }
    return best;
  });
  const shared: (RolledSlab[] | undefined)[] = [[]];
  for (let n = 1; n <= count; n += 1) {
    let best: RolledSlab[] | undefined;
    for (let own = 1; own <= n; own += 1) {
      const [grid, rest] = [grids[own], shared[n - own]];
      if (grid && rest && (!best || isBetter([...rest, grid], best))) best = [...rest, grid];
    }
    shared[n] = best;
  }
  return shared[count];
}

/** Grids of more than this are not shared out: rows do as well. */
const MOST_SHARED = 200;

/**
 * The slabs of least area that take every part, then the fewest, then the shortest: each as wide and as long as what lies on it, with
 * gaps and edges. A wider roller costs no more clay. Every part must fit on a slab.
 *
 * @example rolledSlabs([{ width: 113, length: 113, count: 12, turn: true }], { roller: 400, longest: 1200, between: 6, edge: 10 }) // one of 371 x 490
 */
export function rolledSlabs(parts: readonly SlabPart[], rolling: Rolling): RolledSlab[] {
  let best: RolledSlab[] | undefined;
  const take = (slabs: RolledSlab[] | undefined) => {
    if (slabs && (!best || isBetter(slabs, best))) best = slabs;
  };
  const offered = offers(parts, rolling);
  for (const width of widthsOf(parts, rolling)) for (const boxes of offered) take(inRows(boxes, width, rolling));
  const [only, ...others] = parts;
  if (only && others.length === 0 && only.count <= MOST_SHARED) take(inGrids(only, rolling));
  return best ?? [];
}
