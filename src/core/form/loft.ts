/**
 * One side of a piece that is not round: which way it faces, degrees from the long way, how far it stands from the axis at
 * the base and at the rim, and how far within it the inside stands, both measured level. mm
 */
export interface Face {
  readonly angle: number;
  readonly atBase: number;
  readonly atRim: number;
  readonly inset: number;
}

/**
 * A piece of flat or bent sides between a base and a rim: the room within all its faces. Sides run straight from base to
 * rim, so at every height the plan is the polygon that their distances from the axis close in (its support numbers).
 * An oval is one of many narrow faces.
 */
export interface Loft {
  /** In order around. */
  readonly faces: readonly Face[];
  readonly height: number;
  /** Height of the floor's top, mm; the whole height where there is no inside, 0 where there is no floor. */
  readonly floor: number;
}

const MM3_PER_ML = 1000;
const MM2_PER_CM2 = 100;

export const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/** How far each face stands from the axis at a height, outside or inside. mm */
export const supportsAt = ({ faces, height }: Loft, z: number, inside = false): number[] =>
  faces.map(({ atBase, atRim, inset }) => atBase + ((atRim - atBase) * z) / height - (inside ? inset : 0));

/**
 * The length of each side of the polygon that lines at given distances from the axis close in, mm; below zero where a side
 * is cut away by its neighbours.
 *
 * @param angles which way each line faces, degrees, in order around
 */
export function sideLengths(angles: readonly number[], supports: readonly number[]): number[] {
  const n = angles.length;
  const beyond = (i: number, j: number) => {
    const turn = radians(angles[j]! - angles[i]!);
    return (supports[j]! - supports[i]! * Math.cos(turn)) / Math.abs(Math.sin(turn));
  };
  return supports.map((_, i) => beyond(i, (i + 1) % n) + beyond(i, (i + n - 1) % n));
}

/** The area of such a polygon, mm2: half of each side times its distance. */
export const polygonMm2 = (angles: readonly number[], supports: readonly number[]): number =>
  sideLengths(angles, supports).reduce((all, length, i) => all + (length * supports[i]!) / 2, 0);

const anglesOf = ({ faces }: Loft): number[] => faces.map(({ angle }) => angle);

/** The room between two heights, ml: the plan's area is a square function of the height, so Simpson's rule is exact. */
function between(loft: Loft, from: number, to: number, inside: boolean): number {
  const area = (z: number) => polygonMm2(anglesOf(loft), supportsAt(loft, z, inside));
  return ((to - from) * (area(from) + 4 * area((from + to) / 2) + area(to))) / 6 / MM3_PER_ML;
}

/** What it holds up to a level, ml. */
export const loftHoldsMl = (loft: Loft, level: number): number =>
  level <= loft.floor ? 0 : between(loft, loft.floor, Math.min(level, loft.height), true);

/** The clay in it, ml. */
export const loftMl = (loft: Loft): number => between(loft, 0, loft.height, false) - loftHoldsMl(loft, loft.height);

/** The area of its faces, cm2: each is a trapezium as high as its slant. */
function facesCm2(loft: Loft, from: number, inside: boolean): number {
  const lengths = (z: number) => sideLengths(anglesOf(loft), supportsAt(loft, z, inside));
  const [low, high] = [lengths(from), lengths(loft.height)];
  const share = (loft.height - from) / loft.height;
  return (
    loft.faces.reduce((all, { atBase, atRim }, i) => {
      return all + ((low[i]! + high[i]!) / 2) * Math.hypot(loft.height - from, (atRim - atBase) * share);
    }, 0) / MM2_PER_CM2
  );
}

/** What glaze covers, cm2: the inside with its floor, if it has one, and the rim's edge, and the sides. */
export function loftGlazedCm2(loft: Loft): { readonly inside: number; readonly outside: number } {
  const plan = (z: number, within: boolean) => polygonMm2(anglesOf(loft), supportsAt(loft, z, within)) / MM2_PER_CM2;
  const { height, floor } = loft;
  const outside = facesCm2(loft, 0, false);
  if (floor >= height) return { inside: plan(height, false), outside };
  const onFloor = floor > 0 ? plan(floor, true) : 0;
  return { inside: facesCm2(loft, floor, true) + onFloor + plan(height, false) - plan(height, true), outside };
}

export const stretchLoft = ({ faces, height, floor }: Loft, across: number, up: number): Loft => ({
  faces: faces.map(({ angle, atBase, atRim, inset }) => ({
    angle,
    atBase: atBase * across,
    atRim: atRim * across,
    inset: inset * across,
  })),
  height: height * up,
  floor: floor * up,
});

/** Whether every face has some length at floor and rim, outside and inside: the sides meet, and the inside has room. */
export function closesIn(loft: Loft): boolean {
  const whole = (z: number, inside: boolean) => {
    const supports = supportsAt(loft, z, inside);
    return supports.every((mm) => mm > 0) && sideLengths(anglesOf(loft), supports).every((mm) => mm > -1e-9);
  };
  const hollow = loft.floor < loft.height;
  return whole(0, false) && whole(loft.height, false) && (!hollow || (whole(loft.floor, true) && whole(loft.height, true)));
}
