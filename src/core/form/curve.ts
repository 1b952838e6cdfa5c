import { type Line, type Point, between, withoutLoops } from './section';

/** n further points of a curve given for shares 0 to 1, without its start. */
export const sampled = (n: number, at: (share: number) => Point): Point[] => Array.from({ length: n }, (_, i) => at((i + 1) / n));

const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/** An arc of a circle between two angles from straight down, stretched to lead from one point to another. */
export function arc(from: Point, to: Point, [start, end]: readonly [number, number]): (share: number) => Point {
  const [a, b] = [radians(start), radians(end)];
  return (share) => {
    const angle = a + (b - a) * share;
    return {
      r: from.r + ((to.r - from.r) * (Math.sin(angle) - Math.sin(a))) / (Math.sin(b) - Math.sin(a)),
      z: from.z + ((to.z - from.z) * (Math.cos(a) - Math.cos(angle))) / (Math.cos(a) - Math.cos(b)),
    };
  };
}

/** A wall that swells and stands upright where it ends: a quarter of a sine. */
export const swelling =
  (from: Point, to: Point) =>
  (share: number): Point => ({
    r: from.r + (to.r - from.r) * Math.sin((Math.PI / 2) * share),
    z: from.z + (to.z - from.z) * share,
  });

/** A shoulder: upright at both ends, half a cosine between. */
export const shoulder =
  (from: Point, to: Point) =>
  (share: number): Point => ({
    r: from.r + ((to.r - from.r) * (1 - Math.cos(Math.PI * share))) / 2,
    z: from.z + (to.z - from.z) * share,
  });

/** A lip that goes on as the wall below it leans (dr/dz) and curves out from there. */
export const lip =
  (from: Point, to: Point, lean: number) =>
  (share: number): Point => {
    const start = lean * (to.z - from.z);
    return { r: from.r + start * share + (to.r - from.r - start) * share * share, z: from.z + (to.z - from.z) * share };
  };

/** A point that a drawn profile passes, smoothly or with a corner. */
export interface Knot extends Point {
  readonly corner?: boolean | undefined;
}

/**
 * A line through points: smooth ones joined by a centripetal Catmull-Rom spline (Barry and Goldman 1988; no loops within a
 * step), which begins anew at each corner. n points a step; straight where both ends are corners.
 */
export function through(knots: readonly Knot[], n: number): Line {
  const points: Point[] = [{ r: knots[0]!.r, z: knots[0]!.z }];
  for (let i = 1; i < knots.length; i += 1) {
    const [from, to] = [knots[i - 1]!, knots[i]!];
    const before = from.corner ? undefined : knots[i - 2];
    const after = to.corner ? undefined : knots[i + 1];
    if (!before && !after) points.push({ r: to.r, z: to.z });
    else points.push(...sampled(n, spline(before ?? mirrored(to, from), from, to, after ?? mirrored(from, to))));
  }
  return points.map(({ r, z }) => ({ r: Math.max(0, r), z }));
}

const mirrored = (point: Point, about: Point): Point => ({ r: 2 * about.r - point.r, z: 2 * about.z - point.z });

function spline(p0: Point, p1: Point, p2: Point, p3: Point): (share: number) => Point {
  const apart = (a: Point, b: Point) => Math.max(1e-6, Math.sqrt(Math.hypot(b.r - a.r, b.z - a.z)));
  const t1 = apart(p0, p1);
  const t2 = t1 + apart(p1, p2);
  const t3 = t2 + apart(p2, p3);
  return (share) => {
    const t = t1 + (t2 - t1) * share;
    const a1 = between(p0, p1, t / t1);
    const a2 = between(p1, p2, (t - t1) / (t2 - t1));
    const a3 = between(p2, p3, (t - t2) / (t3 - t2));
    const b1 = between(a1, a2, t / t2);
    const b2 = between(a2, a3, (t - t1) / (t3 - t1));
    return between(b1, b2, (t - t1) / (t2 - t1));
  };
}

/** Lengths from the start of a line to each of its points, mm. */
function lengthsAlong(line: Line): number[] {
  const lengths = [0];
  for (let i = 1; i < line.length; i += 1)
    lengths.push(lengths[i - 1]! + Math.hypot(line[i]!.r - line[i - 1]!.r, line[i]!.z - line[i - 1]!.z));
  return lengths;
}

/** Finds the point a share of the way along a line; the line is measured once. */
export function along(line: Line): (share: number) => Point {
  const lengths = lengthsAlong(line);
  const whole = lengths.at(-1)!;
  return (share) => {
    const wanted = share * whole;
    const i = Math.max(
      1,
      lengths.findIndex((length) => length >= wanted - 1e-12),
    );
    const step = lengths[i]! - lengths[i - 1]!;
    return between(line[i - 1]!, line[i]!, step === 0 ? 0 : (wanted - lengths[i - 1]!) / step);
  };
}

/** A line that turns by more than this between two steps has a corner there, degrees: around its outside the inside is a bow, in its inside the two sides meet. */
const CORNER = 10;

/** The points in which the inside goes round a corner at a thickness: a bow where the sides leave a gap, else one end of each, which cross. */
function roundCorner(at: Point, thick: number, a: Point, b: Point, turn: number): Point[] {
  const from = Math.atan2(a.z, a.r);
  const steps = turn < 0 ? Math.max(1, Math.ceil(-turn / radians(CORNER))) : 1;
  return Array.from({ length: steps + 1 }, (_, i) => {
    const angle = from + (turn * i) / steps;
    return { r: at.r + thick * Math.cos(angle), z: at.z + thick * Math.sin(angle) };
  });
}

/**
 * The line as far inside another, which runs up the outside, as `thickness` says for each share of the way. Where the outside bends it is
 * mitred; around a corner that juts in it is a bow, so that it is nowhere further away than the thickness.
 */
export function inward(line: Line, thickness: (share: number) => number): Line {
  const lengths = lengthsAlong(line);
  const whole = lengths.at(-1)!;
  const normals = line.slice(1).map((to, i) => {
    const from = line[i]!;
    const step = Math.hypot(to.r - from.r, to.z - from.z) || 1;
    return { r: -(to.z - from.z) / step, z: (to.r - from.r) / step };
  });
  const offset = line.flatMap((point, i) => {
    const a = normals[Math.max(0, i - 1)]!;
    const b = normals[Math.min(normals.length - 1, i)]!;
    const thick = thickness(lengths[i]! / whole);
    const turn = Math.atan2(a.r * b.z - a.z * b.r, a.r * b.r + a.z * b.z);
    if (Math.abs(turn) > radians(CORNER)) return roundCorner(point, thick, a, b, turn);
    const scale = thick / (1 + a.r * b.r + a.z * b.z);
    return [{ r: point.r + (a.r + b.r) * scale, z: point.z + (a.z + b.z) * scale }];
  });
  const climbs = offset.every(({ z }, i) => i === 0 || z > offset[i - 1]!.z);
  return climbs ? offset : withoutLoops(offset);
}
