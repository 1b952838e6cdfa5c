import { type Loft, stretchLoft } from './loft';

/** A point of a meridian section, mm: r from the axis, z up from the base. */
export interface Point {
  readonly r: number;
  readonly z: number;
}

/** A line of such points. */
export type Line = readonly Point[];

/** A closed meridian section: corners in order, the last joins the first. */
export type Section = Line;

/**
 * A piece's section in its three lines, end to end: under the foot from the axis out, up the outside from the foot's edge
 * to the rim's outer edge, and from the rim's inner edge down the inside to the axis.
 */
export interface Outline {
  readonly under: Line;
  readonly side: Line;
  readonly inside: Line;
  /** A piece that is not round: the plan of which this is the section the long way. */
  readonly plan?: Loft | undefined;
}

const MM3_PER_ML = 1000;
const MM2_PER_CM2 = 100;

export const sectionOf = ({ under, side, inside }: Outline): Section => [...under, ...side, ...inside];

/** The sum over each step of a line. */
function eachStep(line: Line, add: (from: Point, to: Point) => number): number {
  let total = 0;
  for (let i = 1; i < line.length; i += 1) total += add(line[i - 1]!, line[i]!);
  return total;
}

const swept = (a: Point, b: Point): number => (b.z - a.z) * (a.r * a.r + a.r * b.r + b.r * b.r);

/** The same line closed. */
const closed = (section: Section): Line => (section.length ? [...section, section[0]!] : section);

/**
 * Volume in ml of a closed section turned about the axis: (pi/3) |sum (z2-z1)(r1^2 + r1 r2 + r2^2)|.
 * Exact for straight sides (each edge sweeps a frustum; how-it-computes.md, The section).
 *
 * @example revolvedMl([{ r: 0, z: 0 }, { r: 50, z: 0 }, { r: 50, z: 100 }, { r: 0, z: 100 }]) // 785.398
 */
export function revolvedMl(section: Section): number {
  return Math.abs((Math.PI / 3) * eachStep(closed(section), swept)) / MM3_PER_ML;
}

/** Area in square centimetres that a line sweeps about the axis: each step is the side of a frustum, pi (r1 + r2) s. */
export function revolvedCm2(line: Line): number {
  return eachStep(line, (a, b) => Math.PI * (a.r + b.r) * Math.hypot(b.r - a.r, b.z - a.z)) / MM2_PER_CM2;
}

/** The radius a piece stands on: the outer edge of its foot, of a bevelled one where the bevel begins, mm. */
export const footEdge = ({ under, side }: Outline): number =>
  Math.max(...[...under, side[0]!].filter(({ z }) => z < 1e-6).map(({ r }) => r));

/** The line stretched by one factor across and another in height, as shrinking does. */
export function stretch(line: Line, across: number, up: number): Line {
  return line.map(({ r, z }) => ({ r: r * across, z: z * up }));
}

export const stretchOutline = ({ under, side, inside, plan }: Outline, across: number, up: number): Outline => ({
  under: stretch(under, across, up),
  side: stretch(side, across, up),
  inside: stretch(inside, across, up),
  ...(plan && { plan: stretchLoft(plan, across, up) }),
});

export const between = (a: Point, b: Point, share: number): Point => ({ r: a.r + (b.r - a.r) * share, z: a.z + (b.z - a.z) * share });

/** The part of a line, running upwards or downwards, that lies at or below a level; the line is cut where it passes it. */
function below(line: Line, level: number): Line {
  const kept: Point[] = [];
  line.forEach((point, i) => {
    const before = line[i - 1];
    if (before && (before.z - level) * (point.z - level) < 0) kept.push(between(before, point, (level - before.z) / (point.z - before.z)));
    if (point.z <= level) kept.push(point);
  });
  return kept;
}

/** What an inside holds up to a level, ml: what lies within the line below it. The line runs from the rim down to the axis. */
export function filledMl(inside: Line, level: number): number {
  const wetted = below(inside, level);
  return Math.abs((Math.PI / 3) * eachStep(wetted, swept)) / MM3_PER_ML;
}

/** The widest radius of a line, mm. */
export const widest = (line: Line): number => line.reduce((most, { r }) => Math.max(most, r), 0);

export const highest = (line: Line): number => line.reduce((most, { z }) => Math.max(most, z), -Infinity);

/** The radius of a line at a height, mm: the widest where it passes more than once; the nearest end's beyond it. */
export function radiusAt(line: Line, z: number): number {
  let found = -1;
  for (let i = 1; i < line.length; i += 1) {
    const [a, b] = [line[i - 1]!, line[i]!];
    if (Math.min(a.z, b.z) > z || Math.max(a.z, b.z) < z) continue;
    const share = a.z === b.z ? 1 : (z - a.z) / (b.z - a.z);
    found = Math.max(found, between(a, b, share).r);
  }
  if (found >= 0) return found;
  const [first, last] = [line[0]!, line.at(-1)!];
  return Math.abs(first.z - z) < Math.abs(last.z - z) ? first.r : last.r;
}

/** Volume in ml of the frustum of radii a and b (mm) and height h (mm). */
export function frustumMl(a: number, b: number, h: number): number {
  return ((Math.PI / 3) * h * (a * a + a * b + b * b)) / MM3_PER_ML;
}

const turn = (a: Point, b: Point, c: Point): number => (b.r - a.r) * (c.z - a.z) - (b.z - a.z) * (c.r - a.r);

/** Where two steps cross in their middles, as a share of the first; undefined where they do not. */
function crossing(a: Point, b: Point, c: Point, d: Point): number | undefined {
  if (Math.max(a.r, b.r) < Math.min(c.r, d.r) || Math.max(c.r, d.r) < Math.min(a.r, b.r)) return undefined;
  if (Math.max(a.z, b.z) < Math.min(c.z, d.z) || Math.max(c.z, d.z) < Math.min(a.z, b.z)) return undefined;
  const [one, two] = [turn(c, d, a), turn(c, d, b)];
  if (one * two >= 0 || turn(a, b, c) * turn(a, b, d) >= 0) return undefined;
  return one / (one - two);
}

interface Crossing {
  readonly first: number;
  readonly second: number;
  readonly point: Point;
}

/** The first two steps of a line that cross each other, from a step on. */
function selfCrossing(line: Line, from = 1): Crossing | undefined {
  for (let i = from; i < line.length; i += 1) {
    for (let j = i + 2; j < line.length; j += 1) {
      const share = crossing(line[i - 1]!, line[i]!, line[j - 1]!, line[j]!);
      if (share !== undefined) return { first: i, second: j, point: between(line[i - 1]!, line[i]!, share) };
    }
  }
  return undefined;
}

/** Whether a closed section crosses itself. */
export const crossesItself = (section: Section): Crossing | undefined => selfCrossing(closed(section));

/** A line without the loops it makes where it turns tighter than it is thick. */
export function withoutLoops(line: Line): Line {
  let clean = line;
  // what lies before a crossing that was cut has none
  for (let found = selfCrossing(clean); found; found = selfCrossing(clean, found.first)) {
    clean = [...clean.slice(0, found.first), found.point, ...clean.slice(found.second)];
  }
  return clean;
}

/** How far along a step, 0 to 1, the place nearest to a point lies. */
function nearestShare(p: Point, a: Point, b: Point): number {
  const [dr, dz] = [b.r - a.r, b.z - a.z];
  const along = dr * dr + dz * dz;
  return along === 0 ? 0 : Math.min(1, Math.max(0, ((p.r - a.r) * dr + (p.z - a.z) * dz) / along));
}

/** The place on a line nearest to a point, and the index of the line's point after it. */
export function nearestOn(line: Line, to: Point): { readonly index: number; readonly point: Point; readonly mm: number } {
  let found = { index: 1, point: line[0]!, mm: Infinity };
  for (let i = 1; i < line.length; i += 1) {
    const point = between(line[i - 1]!, line[i]!, nearestShare(to, line[i - 1]!, line[i]!));
    const mm = Math.hypot(point.r - to.r, point.z - to.z);
    if (mm < found.mm) found = { index: i, point, mm };
  }
  return found;
}

/** The square of the distance from a point to a step; plain numbers, since thousands are asked for at each keystroke. */
function squareTo(p: Point, a: Point, b: Point): number {
  const share = nearestShare(p, a, b);
  const r = a.r + (b.r - a.r) * share - p.r;
  const z = a.z + (b.z - a.z) * share - p.z;
  return r * r + z * z;
}

/** The nearest distance from a point to a line, mm. */
function distanceTo(line: Line, point: Point): number {
  let nearest = Infinity;
  for (let i = 1; i < line.length; i += 1) nearest = Math.min(nearest, squareTo(point, line[i - 1]!, line[i]!));
  return Math.sqrt(nearest);
}

/** Where a piece is thinnest, mm, and there. Where it has no floor the foot joins inside and outside: it lies beside neither. */
export function thinnest({ under, side, inside }: Outline): { readonly mm: number; readonly at: Point } {
  const outside = inside.at(-1)!.r > 0 ? side : [...under, ...side];
  let found = { mm: Infinity, at: inside[0]! };
  const look = (points: Line, other: Line) => {
    for (const at of points) {
      const mm = distanceTo(other, at);
      if (mm < found.mm) found = { mm, at };
    }
  };
  look(inside, outside);
  look(outside, inside);
  return found;
}

/** Whether a closed section runs the right way round: the clay to the left of the line. */
export const runsRight = (section: Section): boolean => eachStep(closed(section), (a, b) => a.r * b.z - b.r * a.z) > 0;
