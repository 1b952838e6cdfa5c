import { type Loft, type Outline, type Section, radians, sectionOf, supportsAt } from '@/core/form';
import { type Corner, type Mesh, MeshMaker } from './mesh';

/** Sides of a turned solid: few, more, and as many as a fine printer shows. */
export const FINENESS = { coarse: 48, fine: 96, finest: 192 } as const;

export type Fineness = keyof typeof FINENESS;

/** The share of its volume a turned solid loses by having so many flat sides: its corners lie on the surface. */
export const lostByFlats = (sides: number): number => 1 - (sides / (2 * Math.PI)) * Math.sin((2 * Math.PI) / sides);

/** A closed section turned about the axis. Its corners run from the axis under the foot, up the outside, and down the inside. mm */
export function turned(section: Section, sides: number): Mesh {
  const maker = new MeshMaker();
  const turn = Array.from({ length: sides }, (_, i): readonly [number, number] => {
    const angle = (2 * Math.PI * i) / sides;
    return [Math.cos(angle), Math.sin(angle)];
  });
  const corner = (at: number, i: number): Corner => {
    const { r, z } = section[at % section.length]!;
    const [x, y] = turn[i % sides]!;
    return [r * x, r * y, z];
  };
  for (let at = 0; at < section.length; at += 1)
    for (let i = 0; i < sides; i += 1) maker.quad(corner(at, i), corner(at, i + 1), corner(at + 1, i + 1), corner(at + 1, i));
  return maker.mesh();
}

/** The corners of the polygon a loft's faces close in at a height. */
function cornersAt(loft: Loft, z: number, inside: boolean): Corner[] {
  const supports = supportsAt(loft, z, inside);
  return loft.faces.map(({ angle }, i): Corner => {
    const next = (i + 1) % loft.faces.length;
    const [a, b] = [radians(angle), radians(loft.faces[next]!.angle)];
    const [p, q] = [supports[i]!, supports[next]!];
    const turn = Math.sin(b - a);
    return [(p * Math.sin(b) - q * Math.sin(a)) / turn, (q * Math.cos(a) - p * Math.cos(b)) / turn, z];
  });
}

/** A piece of flat or bent sides, with its room and its floor if it has one; solid where it has no room. mm */
function lofted(loft: Loft): Mesh {
  const maker = new MeshMaker();
  const { height, floor } = loft;
  const [low, high] = [cornersAt(loft, 0, false), cornersAt(loft, height, false)];
  const n = low.length;
  const around = (from: readonly Corner[], to: readonly Corner[]) => {
    for (let i = 0; i < n; i += 1) maker.quad(from[i]!, from[(i + 1) % n]!, to[(i + 1) % n]!, to[i]!);
  };
  if (floor > 0) maker.fan([0, 0, 0], low.toReversed());
  around(low, high);
  if (floor >= height) {
    maker.fan([0, 0, height], high);
    return maker.mesh();
  }
  const [rim, ground] = [cornersAt(loft, height, true), cornersAt(loft, floor, true)];
  around(high, rim);
  around(rim, ground);
  if (floor > 0) maker.fan([0, 0, floor], ground);
  else around(ground, low);
  return maker.mesh();
}

/** A piece as it is at some stage: turned, or of its faces. */
export const pieceMesh = (outline: Outline, fineness: Fineness): Mesh =>
  outline.plan ? lofted(outline.plan) : turned(sectionOf(outline), FINENESS[fineness]);

/** The room inside a turned piece as a solid, to its rim: a core. */
export function coreSection({ inside }: Outline): Section {
  const [rim, bottom] = [inside[0]!, inside.at(-1)!];
  return [{ r: 0, z: bottom.z }, ...inside.toReversed(), { r: 0, z: rim.z }];
}
