import { type Loft, radians, supportsAt } from '@/core/form';
import { type Flat, at } from './flat';

/** How the sides of a box meet. */
export type Corners = 'butted' | 'lapped' | 'mitred';

interface Vector {
  readonly x: number;
  readonly y: number;
  readonly z: number;
}

const plus = (a: Vector, b: Vector, factor = 1): Vector => ({ x: a.x + b.x * factor, y: a.y + b.y * factor, z: a.z + b.z * factor });
const dot = (a: Vector, b: Vector): number => a.x * b.x + a.y * b.y + a.z * b.z;

/** A flat side in space: where it stands, along it, up it, and square out of it. */
interface Plane {
  readonly foot: Vector;
  readonly along: Vector;
  readonly up: Vector;
  readonly out: Vector;
  readonly slant: number;
}

function planeOf({ faces, height }: Loft, i: number): Plane {
  const { angle, atBase, atRim } = faces[i]!;
  const [cos, sin] = [Math.cos(radians(angle)), Math.sin(radians(angle))];
  const lean = atRim - atBase;
  const slant = Math.hypot(height, lean);
  return {
    foot: { x: cos * atBase, y: sin * atBase, z: 0 },
    along: { x: -sin, y: cos, z: 0 },
    up: { x: (cos * lean) / slant, y: (sin * lean) / slant, z: height / slant },
    out: { x: (cos * height) / slant, y: (sin * height) / slant, z: -lean / slant },
    slant,
  };
}

/** Where a side so deep under its face, mm, ends against a neighbour: at a depth under the neighbour's face. */
function endAt(side: Plane, other: Plane, up: number, depth: number, depthThere: number): number {
  const start = plus(plus(side.foot, side.up, up), side.out, -depth);
  return (dot(other.out, other.foot) - depthThere - dot(other.out, start)) / dot(other.out, side.along);
}

/** Four corners of a side at one depth: foot left, foot right, head right, head left; y up. */
export type Quad = readonly [Flat, Flat, Flat, Flat];

/** A flat side of a piece at its outer face, at mid-thickness and at its inner face, mm. */
export interface Panel {
  readonly face: number;
  readonly outer: Quad;
  readonly mid: Quad;
  readonly inner: Quad;
  readonly slant: number;
  /** How far from square each upright end is bevelled, degrees: left, right. */
  readonly bevels: readonly [number, number];
}

/** How deep under the neighbour's face a side ends, for a point so deep under its own. */
type Joint = 'mitre' | 'covers' | 'between';
const depthThere = (joint: Joint, depth: number, thickness: number): number =>
  joint === 'mitre' ? depth : joint === 'covers' ? 0 : thickness;

/** How the left and right ends of a side meet its neighbours. */
function jointsOf(corners: Corners, face: number): readonly [Joint, Joint] {
  if (corners === 'mitred') return ['mitre', 'mitre'];
  if (corners === 'lapped') return ['between', 'covers'];
  return face % 2 === 0 ? ['between', 'between'] : ['covers', 'covers'];
}

const degreesOf = (cosine: number): number => (Math.acos(Math.min(1, Math.max(-1, cosine))) * 180) / Math.PI;

/** The angle between an end and a square cut, degrees: half the turn for a mitre, what the lean leaves for the others. */
function bevelOf(side: Plane, other: Plane, joint: Joint): number {
  const turn = degreesOf(dot(side.out, other.out));
  return joint === 'mitre' ? turn / 2 : Math.abs(90 - turn);
}

/**
 * The sides of a piece of flat faces as slabs of one thickness, edges at foot and head square to the slab (as for round walls,
 * how-it-computes.md, Made by hand). Butted: the long sides run through, the short ones stand between. Lapped: each covers the next
 * and stands against the one before. Mitred: both ends are cut to half the angle they meet at.
 */
export function panelsOf(loft: Loft, thickness: number, corners: Corners): Panel[] {
  const n = loft.faces.length;
  const planes = loft.faces.map((_, i) => planeOf(loft, i));
  return planes.map((side, face) => {
    const [left, right] = [planes[(face + n - 1) % n]!, planes[(face + 1) % n]!];
    const [leftJoint, rightJoint] = jointsOf(corners, face);
    const quad = (depth: number): Quad => {
      const end = (other: Plane, joint: Joint, up: number) => at(endAt(side, other, up, depth, depthThere(joint, depth, thickness)), up);
      return [end(left, leftJoint, 0), end(right, rightJoint, 0), end(right, rightJoint, side.slant), end(left, leftJoint, side.slant)];
    };
    return {
      face,
      outer: quad(0),
      mid: quad(thickness / 2),
      inner: quad(thickness),
      slant: side.slant,
      bevels: [bevelOf(side, left, leftJoint), bevelOf(side, right, rightJoint)],
    };
  });
}

/** The corners of the plan at a height, outside or inside, in order around. */
export function planAt(loft: Loft, z: number, inside = false): Flat[] {
  const supports = supportsAt(loft, z, inside);
  return loft.faces.map(({ angle }, i) => {
    const j = (i + 1) % loft.faces.length;
    const [a, b] = [radians(angle), radians(loft.faces[j]!.angle)];
    const determinant = Math.sin(b - a);
    return at(
      (supports[i]! * Math.sin(b) - supports[j]! * Math.sin(a)) / determinant,
      (supports[j]! * Math.cos(a) - supports[i]! * Math.cos(b)) / determinant,
    );
  });
}

/** The upper part of a piece, standing on a base so thick. */
export function standingOn(loft: Loft, base: number): Loft {
  const supports = supportsAt(loft, base);
  return {
    faces: loft.faces.map((face, i) => ({ ...face, atBase: supports[i]! })),
    height: loft.height - base,
    floor: Math.max(0, loft.floor - base),
  };
}

/**
 * Narrow sides laid flat one beside the other at mid-thickness, as a bent wall is: the lines of foot and head, y up, the first
 * side's left end upright at the start.
 */
export function unrolled(panels: readonly Panel[]): { readonly foot: Flat[]; readonly head: Flat[] } {
  const [first] = panels as [Panel];
  const foot = [at(0, 0)];
  const head = [at(0, Math.hypot(first.mid[3].x - first.mid[0].x, first.mid[3].y - first.mid[0].y))];
  for (const { mid } of panels) {
    const [from, to] = [foot.at(-1)!, head.at(-1)!];
    const edge = at(mid[3].x - mid[0].x, mid[3].y - mid[0].y);
    const length2 = edge.x ** 2 + edge.y ** 2;
    const [dx, dy] = [to.x - from.x, to.y - from.y];
    // the turn that lays the side's left end on the end of what is laid
    const cos = (edge.x * dx + edge.y * dy) / length2;
    const sin = (edge.x * dy - edge.y * dx) / length2;
    const laid = (place: Flat) => {
      const [x, y] = [place.x - mid[0].x, place.y - mid[0].y];
      return at(from.x + x * cos - y * sin, from.y + x * sin + y * cos);
    };
    foot.push(laid(mid[1]));
    head.push(laid(mid[2]));
  }
  return { foot, head };
}
