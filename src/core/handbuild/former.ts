import { type Knot, type Line, type Point, along, between, inward, through } from '@/core/form';
import { type Result, bad, good } from '@/core/units';
import { lengthsFrom } from './darts';

/** A household bowl or a hump that clay is shaped in or over. Widths at heights from its bottom (a hump's: from its top), mm. */
export interface Former {
  /** Inside widths take clay pressed in; outside widths take clay laid over. */
  readonly measured: 'inside' | 'outside';
  readonly points: readonly FormerPoint[];
}

export interface FormerPoint {
  readonly height: number;
  readonly width: number;
}

export const FEWEST_POINTS = 3;
const STEPS = 16;
/** Points a formed profile keeps: it follows its former within 0.3 mm. */
const KNOTS = 13;
/** A foot narrower than this is a point, mm. */
const NARROWEST_FOOT = 4;

/** Refuses a former that no clay can take its shape from, naming the point. */
export function checkFormer({ points }: Former, write: (mm: number) => string): Result<readonly FormerPoint[]> {
  if (points.length < FEWEST_POINTS)
    return bad('points', `A former needs its width at ${FEWEST_POINTS} heights or more: there are ${points.length}.`);
  const path = (i: number) => `points.${i}`;
  for (const [i, { height, width }] of points.entries()) {
    const before = points[i - 1];
    if (i === 0 && height !== 0) return bad(path(i), `The first width is that of its bottom, at height 0; here it is at ${write(height)}.`);
    if (before && height <= before.height)
      return bad(path(i), `Each height lies above the one before: ${write(height)} does not lie above ${write(before.height)}.`);
    if (before && width < before.width)
      return bad(
        path(i),
        `At ${write(height)} the former draws in (${write(width)} after ${write(before.width)}): clay in or on it would not come away.`,
      );
    if (!Number.isFinite(width) || width < 0 || (i > 0 && width === 0))
      return bad(path(i), `The width at ${write(height)} must be above zero.`);
  }
  return good(points);
}

/** The former's contour from its bottom up, mm, smooth through the measured widths. */
export function contourOf({ points }: Former): Line {
  const knots = points.map(({ height, width }, i): Knot => ({ r: width / 2, z: height, corner: i === 0 || i === points.length - 1 }));
  return through(knots, STEPS);
}

/** The contour up to a height. */
function contourTo(contour: Line, stop: number): Line {
  const kept = contour.filter(({ z }) => z <= stop);
  const next = contour[kept.length];
  const last = kept.at(-1)!;
  return next && stop > last.z + 1e-9 ? [...kept, between(last, next, (stop - last.z) / (next.z - last.z))] : kept;
}

/** The wet piece that a former makes, as an own profile: sizes in mm, its outside as shares of mouth and height. */
export interface FormedPiece {
  readonly knots: readonly Knot[];
  readonly sizes: { readonly height: number; readonly rimDiameter: number; readonly wall: number; readonly floor: number };
}

/** A line whose last piece goes on straight for a length, mm. */
function extended(line: Line, by: number): Line {
  const [a, b] = [line.at(-2)!, line.at(-1)!];
  const step = Math.hypot(b.r - a.r, b.z - a.z);
  return [...line, { r: b.r + ((b.r - a.r) * by) / step, z: b.z + ((b.z - a.z) * by) / step }];
}

/** A line up to where it reaches a radius or a height; the whole of it where it does not. */
function upTo(line: Line, key: 'r' | 'z', value: number): Line {
  const i = line.findIndex((point) => point[key] >= value);
  if (i <= 0) return line;
  const [a, b] = [line[i - 1]!, line[i]!];
  return [...line.slice(0, i), between(a, b, (value - a[key]) / (b[key] - a[key]))];
}

/** A wall that leans further than this from upright ends in an upright edge, else level: as forms do. */
const LEVEL_FROM = 0.5;

/**
 * The outside of clay so thick on a former, stopped at a height. In a bowl it is the former itself. Over a hump it lies a thickness
 * further out, from the height its floor stands on, and goes as far as the inside does: the clay's inside reaches the stop.
 */
function outsideOf({ measured, ...former }: Former, stop: number, thickness: number): Line {
  const contour = contourOf({ measured, ...former });
  if (measured === 'inside') return contourTo(contour, stop);
  const out = inward(extended(contour, 4 * thickness), () => -thickness).map(({ r, z }) => ({ r, z: z + thickness }));
  const [below, end] = contourTo(contour, stop).slice(-2) as [Point, Point];
  const level = (end.z - below.z) / Math.hypot(end.r - below.r, end.z - below.z) >= LEVEL_FROM;
  const cut = level ? upTo(out, 'z', stop + thickness) : upTo(out, 'r', end.r);
  return cut[0]!.z > 1e-6 ? [{ r: cut[0]!.r, z: 0 }, ...cut] : cut;
}

/**
 * The wet piece that a former makes of a slab so thick (wet mm), stopped at a height of the former. In a bowl the clay's outside
 * is the former's inside; over a hump its inside is the hump's outside and ends at the stop.
 */
export function formed(former: Former, stop: number, thickness: number): FormedPiece {
  const outside = outsideOf(former, stop, thickness);
  const rim = outside.at(-1)!;
  // the corner of a foot put under a hump's clay keeps its place, the rest is spread evenly
  const corner = former.measured === 'outside' && outside[1] && Math.abs(outside[1].r - outside[0]!.r) < 1e-9 ? 1 : 0;
  const place = along(outside.slice(corner));
  const count = KNOTS - corner;
  const even = Array.from({ length: count }, (_, i) => place(i / (count - 1)));
  const points = corner ? [outside[0]!, ...even] : even;
  return {
    knots: points.map(({ r, z }, i) => ({
      r: Math.max(r, NARROWEST_FOOT / 2) / rim.r,
      z: i === 0 ? 0 : i === points.length - 1 ? 1 : z / rim.z,
      corner: i === 0 || (corner === 1 && i === 1) || i === points.length - 1,
    })),
    sizes: { height: rim.z, rimDiameter: 2 * rim.r, wall: thickness, floor: thickness },
  };
}

/** Beyond the rim, to be trimmed: mm. */
export const SLAB_SPARE = 15;

/**
 * The disc of slab a former takes, mm across: as far as the clay reaches from the middle along the former, to both sides, and
 * something to trim. The edge gathers there; what it gathers is trimmed or thinned.
 */
export function slabAcross(former: Former, stop: number, thickness: number): number {
  const contour = contourTo(contourOf(former), stop);
  const offset = former.measured === 'inside' ? thickness / 2 : -thickness / 2;
  const middle = inward(contour, () => offset);
  const reach = lengthsFrom([{ r: Math.max(0, middle[0]!.r), z: middle[0]!.z }, ...middle.slice(1)]);
  return 2 * (reach.at(-1)! + SLAB_SPARE);
}

const highestOf = ({ points }: Former): number => points.at(-1)!.height;

/** The lowest the clay may stop, mm: where there is a wall to speak of. */
export const lowestStop = (former: Former, thickness: number): number => Math.min(highestOf(former), 3 * thickness);

/** Where to stop so that the wet piece is as wide at the rim as asked, mm; the nearest a former allows. */
export function stopFor(former: Former, rimDiameter: number, thickness: number): number {
  let [low, high] = [lowestStop(former, thickness), highestOf(former)];
  const wide = (stop: number) => formed(former, stop, thickness).sizes.rimDiameter;
  if (wide(high) <= rimDiameter) return high;
  if (wide(low) >= rimDiameter) return low;
  for (let i = 0; i < 40; i += 1) {
    const middle = (low + high) / 2;
    if (wide(middle) < rimDiameter) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
