import { polygonArea, polygonContains } from 'd3-polygon';

/** A place on the slab, mm: x along it, y down. */
export interface Flat {
  readonly x: number;
  readonly y: number;
}

/** An edge that meets another of the same mark. */
export interface FlatEdge {
  readonly mark: string;
  readonly line: readonly Flat[];
  /** Its length at mid-thickness, mm. */
  readonly midMm: number;
}

/** A part to cut from the slab. */
export interface FlatPart {
  readonly name: string;
  readonly count: number;
  /** Where to cut. */
  readonly outline: readonly Flat[];
  /** Further lines: where a bevel ends, where an overlap begins. */
  readonly lines: readonly (readonly Flat[])[];
  readonly edges: readonly FlatEdge[];
  /** What to mind in cutting and joining it. */
  readonly notes: readonly string[];
  /** Thickness of the slab it is cut from, mm. */
  readonly thickness: number;
}

export const at = (x: number, y: number): Flat => ({ x, y });

export const apart = (a: Flat, b: Flat): number => Math.hypot(b.x - a.x, b.y - a.y);

export function lengthOf(line: readonly Flat[]): number {
  return line.slice(1).reduce((all, to, i) => all + apart(line[i]!, to), 0);
}

const pairs = (outline: readonly Flat[]) => outline.map(({ x, y }): [number, number] => [x, y]);

/** The area of a closed outline, mm2. */
export const areaOf = (outline: readonly Flat[]): number => Math.abs(polygonArea(pairs(outline)));

export interface Bounds {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

export function boundsOf(places: readonly Flat[]): Bounds {
  const [xs, ys] = [places.map(({ x }) => x), places.map(({ y }) => y)];
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  return { left, top, width: Math.max(...xs) - left, height: Math.max(...ys) - top };
}

const movedBy = (places: readonly Flat[], dx: number, dy: number): Flat[] => places.map(({ x, y }) => at(x + dx, y + dy));

/** A part with its bounds at the corner, and every line in it moved along. */
export function cornered(part: FlatPart): FlatPart {
  const { left, top } = boundsOf(part.outline);
  const moved = (places: readonly Flat[]) => movedBy(places, -left, -top);
  return {
    ...part,
    outline: moved(part.outline),
    lines: part.lines.map(moved),
    edges: part.edges.map((edge) => ({ ...edge, line: moved(edge.line) })),
  };
}

/** A part with every length by one factor. */
export function scaledPart(part: FlatPart, factor: number): FlatPart {
  const scaled = (places: readonly Flat[]) => places.map(({ x, y }) => at(x * factor, y * factor));
  return {
    ...part,
    outline: scaled(part.outline),
    lines: part.lines.map(scaled),
    edges: part.edges.map((edge) => ({ ...edge, line: scaled(edge.line), midMm: edge.midMm * factor })),
    thickness: part.thickness * factor,
  };
}

/** Whether a place lies within a closed outline. */
export const liesWithin = (outline: readonly Flat[], { x, y }: Flat): boolean => polygonContains(pairs(outline), [x, y]);

/** How near a place comes to the lines between corners, the last joined to the first, mm. */
export function distanceTo(outline: readonly Flat[], place: Flat): number {
  return outline.reduce((least, a, i) => {
    const b = outline[(i + 1) % outline.length]!;
    const [dx, dy] = [b.x - a.x, b.y - a.y];
    const length2 = dx * dx + dy * dy;
    const share = length2 === 0 ? 0 : Math.min(1, Math.max(0, ((place.x - a.x) * dx + (place.y - a.y) * dy) / length2));
    return Math.min(least, apart(place, at(a.x + dx * share, a.y + dy * share)));
  }, Infinity);
}

const GRID = 24;

/** The roomiest place within an outline, to write on, and how far it is from the edge, mm: the best of a grid. */
export function roomIn(outline: readonly Flat[]): { readonly at: Flat; readonly mm: number } {
  const { left, top, width, height } = boundsOf(outline);
  const middle = at(left + width / 2, top + height / 2);
  let best = { at: middle, mm: liesWithin(outline, middle) ? distanceTo(outline, middle) : -1 };
  for (let i = 1; i < GRID; i += 1) {
    for (let j = 1; j < GRID; j += 1) {
      const place = at(left + (width * i) / GRID, top + (height * j) / GRID);
      if (!liesWithin(outline, place)) continue;
      const mm = distanceTo(outline, place);
      if (mm > best.mm + 1e-6) best = { at: place, mm };
    }
  }
  return best;
}
