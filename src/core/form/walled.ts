import { inward } from './curve';
import { type Line, type Outline, type Point, between } from './section';

/** Thicknesses of a form with a wall, mm: square to the wall, the floor along the axis. */
export interface Walls {
  readonly wall: number;
  readonly wallAtFoot: number;
  readonly floor: number;
  /** A ring turned under the floor. */
  readonly ring?: { readonly height: number; readonly width: number } | undefined;
  /** The foot's outer edge cut off at 45 degrees, so far in and so far up; none where 0. */
  readonly bevel?: number | undefined;
}

/** A wall leaning further than 60 degrees from upright ends in an upright edge, any other in a level rim. */
const LEVEL_RIM_FROM = 0.5 - 1e-9;

const steepness = (a: Point, b: Point): number => Math.abs(b.z - a.z) / (Math.hypot(b.r - a.r, b.z - a.z) || 1);

/** Where the line through two points reaches a level, or a radius. */
const atLevel = (a: Point, b: Point, z: number): Point => between(a, b, (z - a.z) / (b.z - a.z));
const atRadius = (a: Point, b: Point, r: number): Point => between(a, b, (r - a.r) / (b.r - a.r));

/** Whether a wall ends in a level rim; one that leans further ends in an upright edge. */
const endsLevel = (before: Point, rim: Point): boolean => steepness(before, rim) >= LEVEL_RIM_FROM;

/** Cuts the upper end of the inside level with the rim, or upright below its edge where the wall lies too flat for that. */
function cutAtRim(inner: Line, rim: Point, before: Point): Line {
  const level = endsLevel(before, rim);
  const opens = rim.r >= before.r;
  const beyond = (p: Point) => (level ? p.z >= rim.z : opens ? p.r >= rim.r : p.r <= rim.r);
  // from the rim down: a belly below a shoulder may be as wide as the rim
  const last = inner.findLastIndex((p) => !beyond(p));
  const [a, b] = last < 0 || last === inner.length - 1 ? [inner.at(-2)!, inner.at(-1)!] : [inner[last]!, inner[last + 1]!];
  const kept = last < 0 ? inner.slice(0, 1) : last === inner.length - 1 ? inner.slice(0, -1) : inner.slice(0, last + 1);
  return [...kept, level ? atLevel(a, b, rim.z) : atRadius(a, b, rim.r)];
}

/**
 * Cuts the lower end of the inside level with the floor's top, or leads it down to it where the wall lies too flat for that. Without a
 * floor it ends at the foot, away from the axis.
 */
function cutAtFloor(inner: Line, floorTop: number): Line {
  const axis = floorTop > 0 ? [{ r: 0, z: floorTop }] : [];
  let low = -1;
  inner.forEach(({ z }, i) => {
    if (z <= floorTop) low = i;
  });
  if (low >= 0 && low < inner.length - 1) {
    return [...axis, atLevel(inner[low]!, inner[low + 1]!, floorTop), ...inner.slice(low + 1).filter(({ z }) => z > floorTop)];
  }
  const [first, second] = [inner[0]!, inner[1]!];
  if (steepness(first, second) >= LEVEL_RIM_FROM && second.z > first.z) return [...axis, atLevel(first, second, floorTop), ...inner];
  return [...axis, ...inner];
}

/** A rim that flares out flat ends in an edge that is as high as the piece: so often its outside is lowered, until that is met, mm. */
const ROUNDS = 30;
const MET = 1e-9;

/**
 * The outline of a form with a wall, from the line up its outside: the wall is laid inside it square to the surface,
 * evenly thinner from foot to rim, and cut at the floor's top and at the rim. The rim's edge is as high as the line: of one that flares
 * out flat, whose edge stands above its outside, the outside is as much lower.
 *
 * @param side from the foot's outer edge, z = 0, up to the rim's
 */
export function walled(side: Line, walls: Walls): Outline {
  const height = side.at(-1)!.z;
  let made = laidInside(side, walls);
  let lower = side;
  const stands = made.inside[0]!.z > height + MET;
  for (let round = 0; stands && round < ROUNDS && Math.abs(made.inside[0]!.z - height) > MET; round += 1) {
    const most = lower.at(-1)!.z - (made.inside[0]!.z - height);
    if (most <= 0) break;
    lower = side.map(({ r, z }) => ({ r, z: (z * most) / height }));
    made = laidInside(lower, walls);
  }
  return made;
}

function laidInside(side: Line, { wall, wallAtFoot, floor, ring, bevel = 0 }: Walls): Outline {
  const inner = inward(side, (share) => wallAtFoot + (wall - wallAtFoot) * share);
  const rim = side.at(-1)!;
  const open = cutAtFloor(cutAtRim(inner, rim, side.at(-2)!), (ring?.height ?? 0) + floor);
  const under = floor > 0 ? underOf(side[0]!.r, ring) : [open[0]!];
  return bevelled({ under, side, inside: open.toReversed() }, bevel);
}

/** The outer edge of the foot cut off: what is cut lies between the end of the underside and the beginning of the side. */
function bevelled({ under, side, inside }: Outline, bevel: number): Outline {
  if (bevel <= 0) return { under, side, inside };
  const [edge, above] = [side[0]!, side.findIndex(({ z }) => z > bevel)];
  const from = atLevel(side[above - 1]!, side[above]!, bevel);
  return { under: [...under, { r: edge.r - bevel, z: 0 }], side: [from, ...side.slice(above)], inside };
}

/** An outline with the edge of its foot as before a bevel was cut. */
export function unbevelled({ under, side, inside }: Outline): Outline {
  const [stands, from] = [under.at(-1)!, side[0]!];
  if (from.z <= 0) return { under, side, inside };
  return { under: under.slice(0, -1), side: [{ r: stands.r + from.z, z: 0 }, ...side], inside };
}

/** The outer radius of a foot, as before a bevel was cut, mm. */
export const footRadius = (outline: Outline): number => unbevelled(outline).side[0]!.r;

/** Whether a piece has no floor: its inside ends at the foot, not on the axis. */
export const opensBelow = ({ inside }: Pick<Outline, 'inside'>): boolean => inside.at(-1)!.r > 0;

/** Under the foot from the axis out: flat, or hollow within a ring. The foot's edge itself begins the side. */
export const underOf = (foot: number, ring: Walls['ring']): Line =>
  ring
    ? [
        { r: 0, z: ring.height },
        { r: foot - ring.width, z: ring.height },
        { r: foot - ring.width, z: 0 },
      ]
    : [{ r: 0, z: 0 }];

/** A ledge for a lid, turned into the inside below the rim: so wide, so deep, carried by a slope of 45 degrees down to the wall. */
export function withGallery(outline: Outline, width: number, depth: number, edge: number): Outline {
  const { inside } = outline;
  const rim = inside[0]!;
  const lip = { r: rim.r - width, z: rim.z - depth - edge };
  const beyondSlope = (p: Point) => p.r - lip.r - (lip.z - p.z);
  const meets = Math.max(
    1,
    inside.findIndex((p) => beyondSlope(p) <= 0),
  );
  const [from, to] = [inside[meets - 1]!, inside[meets]!];
  const joined = between(from, to, beyondSlope(from) / (beyondSlope(from) - beyondSlope(to)));
  const ledge = rim.z - depth;
  return { ...outline, inside: [rim, { r: rim.r, z: ledge }, { r: lip.r, z: ledge }, lip, joined, ...inside.slice(meets)] };
}
