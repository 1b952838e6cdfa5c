import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FAMILIES, type Line, type Point, along, filledMl, overallWords, radiusAt, sizesOf, through } from '.';
import { mayBeGiven } from './families';
import { arc } from './curve';
import { formOf } from './form';
import { closesIn } from './loft';
import { crossesItself, withoutLoops } from './section';

const at = (min: number, max: number) => fc.integer({ min: 0, max: 9973 }).map((each) => min + ((max - min) * each) / 9973);
const point = fc.record({ r: at(5, 80), z: at(0, 120) });
const lengthOf = (line: Line) => line.slice(1).reduce((sum, b, i) => sum + Math.hypot(b.r - line[i]!.r, b.z - line[i]!.z), 0);

/** Where two steps cross, by solving for the share of each; near an end it is left open. */
function solved(a: Point, b: Point, c: Point, d: Point): 'cross' | 'apart' | 'near' {
  const det = (b.r - a.r) * (c.z - d.z) - (b.z - a.z) * (c.r - d.r);
  if (Math.abs(det) < 1e-6) return 'near';
  const one = ((c.r - a.r) * (c.z - d.z) - (c.z - a.z) * (c.r - d.r)) / det;
  const two = ((b.r - a.r) * (c.z - a.z) - (b.z - a.z) * (c.r - a.r)) / det;
  const ends = [one, two].flatMap((share) => [Math.abs(share), Math.abs(share - 1)]);
  if (Math.min(...ends) < 1e-6) return 'near';
  return [one, two].every((share) => share > 0 && share < 1) ? 'cross' : 'apart';
}

describe('a closed line', () => {
  it('crosses itself where solving for any two of its sides says so', () => {
    fc.assert(
      fc.property(fc.array(point, { minLength: 4, maxLength: 7 }), (section) => {
        const sides = section.map((a, i) => [a, section[(i + 1) % section.length]!] as const);
        const pairs = sides.flatMap((one, i) => sides.slice(i + 2).map((other, k) => ({ one, other, i, j: i + 2 + k })));
        const met = pairs
          .filter(({ i, j }) => !(i === 0 && j === sides.length - 1))
          .map(({ one, other, i, j }) => ({ i, j, how: solved(...one, ...other) }));
        fc.pre(met.every(({ how }) => how !== 'near'));
        const found = crossesItself(section);
        const crosses = met.filter(({ how }) => how === 'cross');
        expect(found !== undefined).toBe(crosses.length > 0);
        if (!found) return;
        expect([found.first - 1, found.second - 1]).toEqual([crosses[0]!.i, crosses[0]!.j]);
        for (const side of [found.first, found.second]) {
          const [a, b] = [section[side - 1]!, section[side % section.length]!];
          const off =
            Math.abs((b.r - a.r) * (found.point.z - a.z) - (b.z - a.z) * (found.point.r - a.r)) / Math.hypot(b.r - a.r, b.z - a.z);
          expect(off).toBeLessThan(1e-6);
        }
      }),
      { numRuns: 400, seed: 61 },
    );
  });

  it('has no crossing left once its loops are gone, and begins and ends where it did', () => {
    fc.assert(
      fc.property(fc.array(point, { minLength: 4, maxLength: 9 }), (line) => {
        const clean = withoutLoops(line);
        for (const [i, b] of clean.entries())
          for (const [j, d] of clean.entries())
            if (i > 0 && j > i + 1) expect(solved(clean[i - 1]!, b, clean[j - 1]!, d)).not.toBe('cross');
        expect([clean[0], clean.at(-1)]).toEqual([line[0], line.at(-1)]);
      }),
      { numRuns: 200, seed: 62 },
    );
  });
});

describe('what an inside holds', () => {
  it('to any level is the sum of thin discs up to it', () => {
    const insides = fc.array(fc.tuple(at(0.5, 20), at(5, 70)), { minLength: 2, maxLength: 6 }).map((steps) => {
      let z = 4;
      const rising = steps.map(([up, r]) => ({ r, z: (z += up) }));
      return [...rising.toReversed(), { r: rising[0]!.r, z: 4 }, { r: 0, z: 4 }];
    });
    fc.assert(
      fc.property(insides, at(0, 1.2), (inside, share) => {
        const rim = inside[0]!.z;
        const level = 4 + (rim - 4) * share;
        const n = 4000;
        const high = (Math.min(level, rim) - 4) / n;
        let ml = 0;
        for (let i = 0; i < n; i += 1) ml += (Math.PI * radiusAt(inside, 4 + (i + 0.5) * high) ** 2 * high) / 1000;
        expect(filledMl(inside, level)).toBeCloseTo(ml, 1);
      }),
      { numRuns: 60, seed: 63 },
    );
  });

  it('is nothing below its floor, and cut exactly where a level passes a corner', () => {
    const cup: Line = [
      { r: 40, z: 100 },
      { r: 40, z: 50 },
      { r: 40, z: 0 },
      { r: 0, z: 0 },
    ];
    expect(filledMl(cup, -1)).toBe(0);
    for (const level of [25, 50, 75, 100, 130]) expect(filledMl(cup, level)).toBeCloseTo((Math.PI * 1600 * Math.min(level, 100)) / 1000, 6);
  });
});

describe('a line through points', () => {
  const knots = fc.array(fc.tuple(at(2, 20), at(5, 60)), { minLength: 3, maxLength: 6 }).map((steps) => {
    let z = 0;
    return steps.map(([up, r]) => ({ r, z: (z += up) }));
  });
  const near = (a: Line, b: Line) => {
    expect(a).toHaveLength(b.length);
    for (const [i, { r, z }] of a.entries()) expect([r, z]).toEqual([expect.closeTo(b[i]!.r, 6), expect.closeTo(b[i]!.z, 6)]);
  };

  it('is the same the other way up, and larger where its points are', () => {
    fc.assert(
      fc.property(knots, (all) => {
        near(through(all.toReversed(), 8).toReversed(), through(all, 8));
        const twice = all.map(({ r, z }) => ({ r: 2 * r, z: 2 * z }));
        near(
          through(twice, 8),
          through(all, 8).map(({ r, z }) => ({ r: 2 * r, z: 2 * z })),
        );
      }),
      { numRuns: 80, seed: 64 },
    );
  });

  it('turns nowhere at a smooth point, and at a corner as its sides do', () => {
    fc.assert(
      fc.property(knots, (all) => {
        const n = 400;
        const line = through(all, n);
        for (let k = 1; k < all.length - 1; k += 1) {
          const [a, b, c] = [line[k * n - 1]!, line[k * n]!, line[k * n + 1]!];
          const turned = Math.abs(Math.atan2(c.r - b.r, c.z - b.z) - Math.atan2(b.r - a.r, b.z - a.z));
          expect(turned).toBeLessThan(0.25);
        }
      }),
      { numRuns: 60, seed: 65 },
    );
  });

  it('is walked evenly', () => {
    fc.assert(
      fc.property(fc.array(point, { minLength: 2, maxLength: 6 }), at(0, 1), (line, share) => {
        fc.pre(lengthOf(line) > 1);
        const there = along(line)(share);
        // so far from the start, by the steps before the one it lies on
        const i = line.slice(1).findIndex((b, k) => {
          const a = line[k]!;
          const step = Math.hypot(b.r - a.r, b.z - a.z);
          return (
            Math.abs(Math.hypot(there.r - a.r, there.z - a.z) + Math.hypot(there.r - b.r, there.z - b.z) - step) < 1e-6 &&
            Math.abs(lengthOf([...line.slice(0, k + 1), there]) - share * lengthOf(line)) < 1e-6
          );
        });
        expect(i).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: 200, seed: 66 },
    );
    expect(
      [0, 0.5, 1].map(
        along([
          { r: 0, z: 0 },
          { r: 0, z: 0 },
          { r: 10, z: 0 },
        ]),
      ),
    ).toEqual([
      { r: 0, z: 0 },
      { r: 5, z: 0 },
      { r: 10, z: 0 },
    ]);
  });
});

describe('an arc', () => {
  it('leads from one point to the other as a circle between its angles does, stretched', () => {
    const [from, to] = [
      { r: 10, z: 0 },
      { r: 70, z: 40 },
    ];
    for (const angles of [
      [0, 90],
      [20, 70],
      [0, 120],
    ] as const) {
      const on = arc(from, to, angles);
      expect([on(0), on(1)]).toEqual([
        { r: expect.closeTo(10, 9), z: expect.closeTo(0, 9) },
        { r: expect.closeTo(70, 9), z: expect.closeTo(40, 9) },
      ]);
      // what it is before it is stretched: sin and -cos of the angle from straight down
      for (const share of [0.2, 0.5, 0.9]) {
        const [a, b] = angles.map((degrees) => (degrees * Math.PI) / 180) as [number, number];
        const angle = a + share * (b - a);
        const circle = (t: number) => [Math.sin(t), -Math.cos(t)] as const;
        const [r0, z0] = circle(a);
        const [r1, z1] = circle(b);
        const [r, z] = circle(angle);
        expect((on(share).r - from.r) / 60).toBeCloseTo((r - r0) / (r1 - r0), 9);
        expect((on(share).z - from.z) / 40).toBeCloseTo((z - z0) / (z1 - z0), 9);
      }
    }
  });
});

describe('names and sizes', () => {
  it('a piece is told across by high, what has sides by its length and width too', () => {
    expect(overallWords({ rimDiameter: 92, height: 120 }, String)).toBe('⌀ 92 × 120');
    expect(overallWords({ rimDiameter: 200, rimAcross: 120, height: 60 }, String)).toBe('200 × 120 × 60');
  });

  it('some sizes may be given and need not: a wall at the foot, a bevel, what is measured inside', () => {
    expect(['wallAtFoot', 'bevel', 'mouthInside', 'floorInside'].map((name) => mayBeGiven(name as never))).toEqual([
      true,
      true,
      true,
      true,
    ]);
    expect(['height', 'rimDiameter', 'floor', 'wall', 'footHeight'].map((name) => mayBeGiven(name as never))).toEqual([
      false,
      false,
      false,
      false,
      false,
    ]);
    const cup = formOf({ family: 'cylinder', manner: FAMILIES.cylinder.manner }, 'glazed', FAMILIES.cylinder.typical);
    expect(sizesOf(cup, cup.sizes)).toEqual(expect.arrayContaining(['height', 'rimDiameter', 'wall']));
  });
});

describe('sides that meet', () => {
  const square = (change: object = {}, inset = 5) => ({
    faces: [0, 90, 180, 270].map((angle) => ({ angle, atBase: 40, atRim: 50, inset })),
    height: 80,
    floor: 6,
    ...change,
  });

  it('leave room inside at floor and rim', () => {
    expect(closesIn(square())).toBe(true);
    // walls that fill it leave none at the floor, or at the rim
    expect(closesIn(square({}, 42))).toBe(false);
    expect(closesIn({ ...square(), faces: square().faces.map((face) => ({ ...face, atRim: 4 })) })).toBe(false);
    // solid all the way up it needs none
    expect(closesIn(square({ floor: 80 }, 60))).toBe(true);
    // one side so far out that its neighbours meet before it
    const cut = (mm: number) =>
      [...square().faces, { angle: 45, atBase: mm, atRim: mm * 1.25, inset: 5 }].toSorted((a, b) => a.angle - b.angle);
    expect([50, 60].map((mm) => closesIn(square({ faces: cut(mm) })))).toEqual([true, false]);
    expect(closesIn({ ...square(), faces: square().faces.map((face, i) => (i === 0 ? { ...face, atBase: -1 } : face)) })).toBe(false);
  });
});
