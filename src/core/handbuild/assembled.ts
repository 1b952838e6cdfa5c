import { type Face, type Form, type Loft, outlineOf, radians, FAMILIES, isDisc } from '@/core/form';
import type { Stage } from '@/core/clay';
import { type Flat, at } from './flat';
import { planAt } from './panels';

/** A line of a piece seen from a little above; heavier ones are edges of the clay, lighter ones its inside. */
export interface Seen {
  readonly points: readonly Flat[];
  readonly kind: 'edge' | 'inside' | 'join';
}

/** A piece as it stands, drawn flat: x to the right, y down, true along the heights' direction but for their tilt. mm */
export interface Assembled {
  readonly lines: readonly Seen[];
  readonly marks: readonly { readonly mark: string; readonly at: Flat }[];
}

/** Turned about its axis and seen from so far above, degrees. */
const TURNED = 32;
const ABOVE = 24;
/** A round wall is looked at as so many faces. */
const ROUND_FACES = 96;
/** More faces than this are a bent wall: its corners are not drawn. */
const MOST_CORNERS = 24;

const [COS, SIN, DOWN, UP] = [Math.cos(radians(TURNED)), Math.sin(radians(TURNED)), Math.sin(radians(ABOVE)), Math.cos(radians(ABOVE))];

/** Where a place at a height is seen. */
function seen({ x, y }: Flat, z: number): Flat {
  const [across, away] = [x * COS - y * SIN, x * SIN + y * COS];
  return at(across, -away * DOWN - z * UP);
}

/** Whether a face turns to whoever looks: the side towards the eye has its normal towards -away. */
function turnsHere({ angle, atBase, atRim }: Face, height: number): boolean {
  const away = Math.sin(radians(angle + TURNED));
  const lean = (atRim - atBase) / height;
  return -away * UP - lean * DOWN > 0;
}

function loftOf<S extends Stage>(form: Form<S>): Loft | undefined {
  const { plan } = outlineOf(form);
  if (plan) return plan;
  const { rimDiameter, baseDiameter = rimDiameter, height, wall = 0, floor = 0 } = form.sizes;
  if (FAMILIES[form.family].flatSided || FAMILIES[form.family].slabs === 'darts') return undefined;
  const solid = isDisc(form.family);
  const face = { atBase: baseDiameter / 2, atRim: rimDiameter / 2, inset: solid ? 0 : wall };
  const faces = Array.from({ length: ROUND_FACES }, (_, i) => ({ angle: (i * 360) / ROUND_FACES, ...face }));
  return { faces, height, floor: solid ? height : floor };
}

const AROUND = 72;

/** A curved wall closed from a disc: rim, foot, the sides as they are seen, and its darts up the wall. */
function revolved<S extends Stage>(form: Form<S>, darts: number): Assembled {
  const { side, inside } = outlineOf(form);
  const [foot, rim, within] = [side[0]!, side.at(-1)!, inside[0]!];
  const place = (r: number, degrees: number): Flat => at(r * Math.cos(radians(degrees)), r * Math.sin(radians(degrees)));
  // degrees from the eye: -90 is nearest
  const from = (degrees: number) => degrees - TURNED;
  const circle = (r: number, z: number, start: number, end: number) =>
    Array.from({ length: AROUND + 1 }, (_, i) => seen(place(r, from(start + ((end - start) * i) / AROUND)), z));
  const meridian = (degrees: number) => side.map(({ r, z }) => seen(place(r, from(degrees)), z));
  const near = Array.from({ length: darts }, (_, i) => -90 + ((i + 0.5 - darts / 2) * 360) / darts).filter(
    (turn) => turn > -175 && turn < -5,
  );
  const joins = near.map((turn): Seen => ({ kind: 'join', points: meridian(turn) }));
  return {
    lines: [
      { kind: 'edge', points: circle(rim.r, rim.z, 0, 360) },
      { kind: 'inside', points: circle(within.r, within.z, 0, 360) },
      { kind: 'edge', points: circle(foot.r, 0, -180, 0) },
      { kind: 'edge', points: meridian(0) },
      { kind: 'edge', points: meridian(-180) },
      ...joins,
    ],
    marks: joins.map(({ points }) => ({ mark: 'A', at: points[Math.floor(points.length / 2)]! })),
  };
}

/**
 * The assembled piece in a plain projection, joining edges marked as on its flat parts: A the upright joins, B the base's.
 *
 * @param darts of a curved wall
 */
export function assembled<S extends Stage>(form: Form<S>, darts: number): Assembled {
  const loft = loftOf(form);
  if (!loft) return revolved(form, darts);
  const { faces, height, floor } = loft;
  const [low, high, inner] = [planAt(loft, 0), planAt(loft, height), planAt(loft, height, true)];
  const here = faces.map((face) => turnsHere(face, height));
  const n = faces.length;
  const bent = n > MOST_CORNERS;
  const hollow = floor < height;
  // corner i lies between face i and the next
  const corner = (i: number): Seen => ({ kind: bent ? 'edge' : 'join', points: [seen(low[i]!, 0), seen(high[i]!, height)] });
  const shown = faces.flatMap((_, i) => {
    const [one, next] = [here[i]!, here[(i + 1) % n]!];
    return (bent ? one !== next : one || next) ? [i] : [];
  });
  const foot = faces.flatMap((_, i): Seen[] =>
    here[i] ? [{ kind: 'edge', points: [seen(low[(i + n - 1) % n]!, 0), seen(low[i]!, 0)] }] : [],
  );
  const around = (places: readonly Flat[], z: number) => [...places, places[0]!].map((place) => seen(place, z));
  // a bent wall's seam lies in the middle of a long side
  const seamAt = faces.findIndex(({ angle }) => angle >= 270) % n;
  const seam: Seen[] = bent && hollow ? [{ kind: 'join', points: [seen(low[seamAt]!, 0), seen(high[seamAt]!, height)] }] : [];
  const middle = ({ points: [from, to] }: Seen) => at((from!.x + to!.x) / 2, (from!.y + to!.y) / 2);
  const joins = bent ? seam : shown.map(corner);
  const front = foot[Math.floor(foot.length / 2)];
  return {
    lines: [
      { kind: 'edge', points: around(high, height) },
      ...(hollow ? [{ kind: 'inside' as const, points: around(inner, height) }] : []),
      ...foot,
      ...(bent ? [...shown.map(corner), ...seam] : joins),
    ],
    marks: hollow ? [...joins.map((line) => ({ mark: 'A', at: middle(line) })), ...(front ? [{ mark: 'B', at: middle(front) }] : [])] : [],
  };
}
