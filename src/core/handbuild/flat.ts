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

/** The area of a closed outline, mm2 (the shoelace formula). */
export function areaOf(outline: readonly Flat[]): number {
  const twice = outline.reduce((all, { x, y }, i) => {
    const next = outline[(i + 1) % outline.length]!;
    return all + x * next.y - next.x * y;
  }, 0);
  return Math.abs(twice) / 2;
}

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

/** The same places moved, and turned a quarter where asked. */
export const movedBy = (places: readonly Flat[], dx: number, dy: number): Flat[] => places.map(({ x, y }) => at(x + dx, y + dy));

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
