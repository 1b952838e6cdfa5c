/** A surface of triangles: nine figures each, mm, corners against the clock seen from outside. */
export type Mesh = Float32Array;

/** More than this are not read. */
export const MOST_TRIANGLES = 200_000;

/** A corner as it is given: across, deep, up. mm */
export type Corner = readonly [x: number, y: number, z: number];

/** Collects triangles. Those without an area are left out. */
export class MeshMaker {
  private readonly figures: number[] = [];

  triangle(a: Corner, b: Corner, c: Corner): void {
    const same = (one: Corner, other: Corner) => one.every((each, i) => Math.fround(each) === Math.fround(other[i]!));
    if (same(a, b) || same(b, c) || same(c, a)) return;
    this.figures.push(...a, ...b, ...c);
  }

  /** Four corners in order around, as two triangles. */
  quad(a: Corner, b: Corner, c: Corner, d: Corner): void {
    this.triangle(a, b, c);
    this.triangle(a, c, d);
  }

  /** A closed row of corners, filled from a point within. */
  fan(middle: Corner, around: readonly Corner[]): void {
    around.forEach((corner, i) => this.triangle(middle, corner, around[(i + 1) % around.length]!));
  }

  mesh(): Mesh {
    return Float32Array.from(this.figures, (each) => each + 0);
  }
}

/** Stretched across and up. */
export function scaledMesh(mesh: Mesh, across: number, up: number): Mesh {
  return mesh.map((each, i) => each * (i % 3 === 2 ? up : across));
}
