import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Mesh, lostByFlats, measureMesh, scaledMesh } from '.';

type Corner = readonly [x: number, y: number, z: number];
type Quad = readonly [a: Corner, b: Corner, c: Corner, d: Corner];

const meshOf = (quads: readonly Quad[]): Mesh => Float32Array.from(quads.flatMap(([a, b, c, d]) => [...a, ...b, ...c, ...a, ...c, ...d]));

/** A block on a rectangle `low` at the height z, with `top` over it; anywhere. Its sides lean as the two differ. */
function block(low: readonly [number, number], top: readonly [number, number], high: number, [x, y, z]: Corner = [0, 0, 0]): Quad[] {
  const corners = ([w, d]: readonly [number, number], at: number): Corner[] =>
    [
      [-w, -d],
      [w, -d],
      [w, d],
      [-w, d],
    ].map(([u, v]) => [x + u! / 2, y + v! / 2, z + at]);
  const [l, t] = [corners(low, 0), corners(top, high)] as unknown as [Quad, Quad];
  const side = (i: number): Quad => [l[i]!, l[(i + 1) % 4]!, t[(i + 1) % 4]!, t[i]!];
  return [[l[3], l[2], l[1], l[0]], side(0), side(1), side(2), side(3), t];
}

describe('a surface measured', () => {
  it('is a block’s size, volume and sides, wherever it stands', () => {
    const where = fc.integer({ min: -300, max: 300 });
    const long = fc.integer({ min: 1, max: 90 });
    fc.assert(
      fc.property(fc.tuple(where, where, where), fc.tuple(long, long, long), (at, [w, d, h]) => {
        const found = measureMesh(meshOf(block([w, d], [w, d], h, at)), 2);
        expect(found).toMatchObject({ triangles: 12, closed: true, openEdges: 0, insideOut: false });
        expect([found.size.width, found.size.depth, found.size.height].map((each) => Math.round(each * 100) / 100)).toEqual([w, d, h]);
        expect(found.volumeMl).toBeCloseTo((w * d * h) / 1000, 3);
        // upright sides have no draft: they are held, but by nothing
        expect(found.draft.little).toBeCloseTo(2 * (w + d) * h, 0);
        expect([found.draft.undercut, found.draft.enough, Math.abs(found.draft.least)]).toEqual([0, 0, expect.closeTo(0, 4)]);
      }),
      { numRuns: 60, seed: 5 },
    );
  });

  it('tells its sides by how they lean: undercut, a little, enough', () => {
    // a block 100 high whose top is `in` narrower on each side: it leans by atan(in / 100)
    const leaning = (inwards: number, leastDraft = 2) => {
      const { draft, volumeMl, closed } = measureMesh(meshOf(block([100, 100], [100 - 2 * inwards, 100 - 2 * inwards], 100)), leastDraft);
      const slant = Math.hypot(100, inwards);
      expect(draft.undercut + draft.little + draft.enough).toBeCloseTo(4 * slant * (100 - inwards), -1);
      // a model is pulled upwards: narrower above it is held
      expect(draft.least).toBeCloseTo((Math.atan(-inwards / 100) * 180) / Math.PI, 3);
      expect(volumeMl).toBeCloseTo((100 * (100 ** 2 + (100 - 2 * inwards) ** 2 + 100 * (100 - 2 * inwards))) / 3000, 0);
      expect(closed).toBe(true);
      return (['undercut', 'little', 'enough'] as const).filter((name) => draft[name] > 0);
    };
    const tan = (degrees: number) => 100 * Math.tan((degrees * Math.PI) / 180);
    for (const [degrees, which] of [
      [-10, 'undercut'],
      [-0.6, 'undercut'],
      [-0.4, 'little'],
      [0.5, 'little'],
      [1.9, 'little'],
      [2.1, 'enough'],
      [20, 'enough'],
    ] as const)
      expect(leaning(tan(-degrees)), `${degrees}`).toEqual([which]);
    expect(leaning(tan(-3), 4)).toEqual(['little']);
  });

  it('counts no face that is within five degrees of level', () => {
    const roof = (degrees: number) => {
      const rise = 100 * Math.tan((degrees * Math.PI) / 180);
      // a wedge: its slope goes up from nothing to `rise` over 100
      const wedge: Quad[] = [
        [
          [0, 100, 0],
          [100, 100, 0],
          [100, 0, 0],
          [0, 0, 0],
        ],
        [
          [0, 0, 0],
          [100, 0, 0],
          [100, 100, rise],
          [0, 100, rise],
        ],
      ];
      return measureMesh(meshOf(wedge), 2).draft;
    };
    expect(roof(4.9)).toEqual({ undercut: 0, little: 0, enough: 0, least: 90 });
    expect(roof(5.1).undercut + roof(5.1).enough).toBeCloseTo(100 * Math.hypot(100, 100 * Math.tan((5.1 * Math.PI) / 180)), 0);
  });

  it('with its sides exchanged is inside out, of the same volume', () => {
    const mesh = meshOf(block([30, 40], [20, 30], 50, [7, 8, 9]));
    const turned = scaledMesh(mesh, 1, -1);
    expect(measureMesh(turned, 2)).toMatchObject({
      closed: true,
      insideOut: true,
      volumeMl: expect.closeTo(measureMesh(mesh, 2).volumeMl, 3) as number,
    });
    expect(measureMesh(new Float32Array(9), 2)).toMatchObject({ insideOut: false, volumeMl: 0 });
  });

  it('has as many open edges as have not their like the other way round', () => {
    const corner = fc.tuple(fc.nat(5), fc.nat(5), fc.nat(5));
    fc.assert(
      fc.property(fc.array(fc.tuple(corner, corner, corner), { minLength: 1, maxLength: 400 }), (triangles) => {
        const edges = new Map<string, number>();
        for (const [a, b, c] of triangles) {
          const names = [a, b, c].map(String) as [string, string, string];
          if (new Set(names).size < 3) continue;
          names.forEach((from, i) => {
            const edge = `${from} ${names[(i + 1) % 3]}`;
            edges.set(edge, (edges.get(edge) ?? 0) + 1);
          });
        }
        const back = (edge: string) => edges.get(edge.split(' ').toReversed().join(' ')) ?? 0;
        // each edge too many is missed by its opposite as well: both stand in the count of the other
        const open = [...edges].reduce((sum, [edge, times]) => sum + Math.max(0, times - back(edge)) * 2, 0);
        const found = measureMesh(Float32Array.from(triangles.flat(2)), 2);
        expect([found.openEdges, found.closed]).toEqual([open, open === 0]);
      }),
      { numRuns: 150, seed: 6 },
    );
  });
});

it('flat sides lose of a circle what is between it and its polygon', () => {
  for (const sides of [3, 48, 192]) {
    const polygon = sides * Math.sin(Math.PI / sides) * Math.cos(Math.PI / sides);
    expect(lostByFlats(sides)).toBeCloseTo(1 - polygon / Math.PI, 12);
  }
});
