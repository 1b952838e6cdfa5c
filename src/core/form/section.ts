/** A point of a meridian section, mm: r from the axis, z up from the base. */
export interface Point {
  readonly r: number;
  readonly z: number;
}

/** A closed meridian section: corners in order, the last joins the first. */
export type Section = readonly Point[];

const MM3_PER_ML = 1000;

function eachEdge(section: Section, add: (from: Point, to: Point) => number): number {
  return section.reduce((total, from, i) => total + add(from, section[(i + 1) % section.length]!), 0);
}

/**
 * Volume in ml of a closed section turned about the axis: (pi/3) |sum (z2-z1)(r1^2 + r1 r2 + r2^2)|.
 * Exact for straight sides (each edge sweeps a frustum; computation.md section 4).
 *
 * @example revolvedMl([{ r: 0, z: 0 }, { r: 50, z: 0 }, { r: 50, z: 100 }, { r: 0, z: 100 }]) // 785.398
 */
export function revolvedMl(section: Section): number {
  const swept = eachEdge(section, (a, b) => (b.z - a.z) * (a.r * a.r + a.r * b.r + b.r * b.r));
  return Math.abs((Math.PI / 3) * swept) / MM3_PER_ML;
}

/** The section stretched by one factor across and another in height, as shrinking does. */
export function stretch(section: Section, across: number, up: number): Section {
  return section.map(({ r, z }) => ({ r: r * across, z: z * up }));
}

/** Volume in ml of the frustum of radii a and b (mm) and height h (mm). */
export function frustumMl(a: number, b: number, h: number): number {
  return ((Math.PI / 3) * h * (a * a + a * b + b * b)) / MM3_PER_ML;
}
