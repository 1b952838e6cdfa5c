import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inward } from './curve';
import { formOf, outlineOf } from './form';
import {
  type Line,
  type Point,
  crossesItself,
  filledMl,
  footEdge,
  frustumMl,
  nearestOn,
  radiusAt,
  revolvedCm2,
  revolvedMl,
  runsRight,
  stretchOutline,
  thinnest,
  widest,
  withoutLoops,
} from './section';
import type { SizeName } from './sizes';

const line = (...places: readonly (readonly [r: number, z: number])[]): Line => places.map(([r, z]) => ({ r, z }));

const mm = (least: number, most: number) => fc.double({ min: least, max: most, noNaN: true });

const SQUARE = line([10, 0], [30, 0], [30, 20], [10, 20]);

describe('what a turned line makes', () => {
  it('is a frustum for each straight side, and a ring by Pappus: area times the way of its middle', () => {
    expect(revolvedMl(line([0, 0], [30, 0], [50, 80], [0, 80]))).toBeCloseTo(frustumMl(30, 50, 80), 9);
    expect(revolvedMl(SQUARE)).toBeCloseTo((400 * 2 * Math.PI * 20) / 1000, 9);
    expect(revolvedMl([])).toBe(0);
    // the side of a cone of 30 by 40 is pi times 30 times 50
    expect(revolvedCm2(line([0, 0], [30, 40]))).toBeCloseTo((Math.PI * 30 * 50) / 100, 9);
  });

  it('grows by the square across and plainly in height', () => {
    fc.assert(
      fc.property(mm(1, 90), mm(1, 90), mm(1, 90), mm(0.2, 3), mm(0.2, 3), (a, b, h, across, up) => {
        const outline = { under: line([0, 0]), side: line([a, 0], [b, h]), inside: line([0, h]) };
        const { under, side, inside } = stretchOutline(outline, across, up);
        const grown = revolvedMl([...under, ...side, ...inside]);
        expect(grown / (frustumMl(a, b, h) * across ** 2 * up)).toBeCloseTo(1, 9);
      }),
      { seed: 31 },
    );
  });

  it('holds what lies below the level, cut where it passes it', () => {
    const inside = line([50, 100], [30, 0], [0, 0]);
    expect(filledMl(inside, 100)).toBeCloseTo(frustumMl(30, 50, 100), 9);
    expect(filledMl(inside, 40)).toBeCloseTo(frustumMl(30, 38, 40), 9);
    expect(filledMl(inside, 0)).toBe(0);
    expect(filledMl(inside, 200)).toBeCloseTo(frustumMl(30, 50, 100), 9);
    // a corner just at the level is no cut
    expect(filledMl(line([50, 100], [40, 50], [30, 0], [0, 0]), 50)).toBeCloseTo(frustumMl(30, 40, 50), 9);
  });

  it('is as wide at a height as its widest passing there, and as its nearer end beyond it', () => {
    const waisted = line([30, 0], [50, 40], [20, 60], [35, 100]);
    expect(radiusAt(waisted, 20)).toBeCloseTo(40, 9);
    expect(radiusAt(waisted, 50)).toBeCloseTo(35, 9);
    expect([radiusAt(waisted, -5), radiusAt(waisted, 120)]).toEqual([30, 35]);
    expect(radiusAt(line([30, 0], [50, 0], [50, 10]), 0)).toBe(50);
    expect(radiusAt(line([30, 0], [50, 20], [25, 10], [28, 40]), 15)).toBeCloseTo(45, 9);
    expect(widest(waisted)).toBe(50);
  });
});

describe('a section', () => {
  it('crosses itself where two of its sides do, told with the place; touching is no crossing', () => {
    expect(crossesItself(SQUARE)).toBeUndefined();
    const bow = line([0, 0], [20, 20], [20, 0], [0, 20]);
    expect(crossesItself(bow)!.point).toEqual({ r: expect.closeTo(10, 9), z: expect.closeTo(10, 9) });
    expect(crossesItself(line([0, 0], [20, 0], [20, 20], [10, 0], [0, 20]))).toBeUndefined();
    expect(crossesItself([])).toBeUndefined();
  });

  it('runs the right way round or the other', () => {
    expect([runsRight(SQUARE), runsRight(SQUARE.toReversed())]).toEqual([true, false]);
  });

  it('loses its loops, and nothing where it has none', () => {
    const looped = line([0, 0], [20, 20], [25, 10], [5, 20], [0, 40]);
    const clean = withoutLoops(looped);
    expect(crossesItself([...clean, { r: -50, z: 20 }])).toBeUndefined();
    expect(clean).toHaveLength(4);
    expect(clean[0]).toEqual(looped[0]);
    expect(clean.at(-1)).toEqual(looped.at(-1));
    expect(withoutLoops(SQUARE)).toEqual(SQUARE);
  });

  it('is thinnest where its two sides come nearest', () => {
    const wall = { under: line([0, 0], [50, 0]), side: line([50, 0], [50, 80]), inside: line([45, 80], [47, 40], [44, 6], [0, 6]) };
    expect(thinnest(wall)).toEqual({ mm: expect.closeTo(3, 9), at: { r: 47, z: 40 } });
    // a corner of the outside counts as well as one of the inside
    const dented = { ...wall, side: line([50, 0], [46.5, 60], [50, 80]), inside: line([45, 80], [44, 6], [0, 6]) };
    expect(thinnest(dented).at).toEqual({ r: 46.5, z: 60 });
  });

  it('has a nearest place to a point: on a side, or at its end', () => {
    const side = line([50, 0], [50, 80], [90, 80]);
    expect(nearestOn(side, { r: 40, z: 30 })).toEqual({ index: 1, point: { r: 50, z: 30 }, mm: 10 });
    expect(nearestOn(side, { r: 70, z: 95 })).toMatchObject({ index: 2, point: { r: 70, z: 80 }, mm: 15 });
    expect(nearestOn(side, { r: 47, z: -4 })).toEqual({ index: 1, point: { r: 50, z: 0 }, mm: 5 });
    expect(nearestOn(line([50, 0], [50, 0]), { r: 53, z: 4 }).mm).toBe(5);
  });
});

describe('a line inside another', () => {
  const apartFrom = (other: Line, point: Point): number => nearestOn(other, point).mm;

  it('of one straight side lies square to it by the thickness, thinner or thicker as it is said', () => {
    const side = line([50, 0], [80, 40]);
    const within = inward(side, () => 5);
    expect(within).toEqual([
      { r: expect.closeTo(46, 9), z: expect.closeTo(3, 9) },
      { r: expect.closeTo(76, 9), z: expect.closeTo(43, 9) },
    ]);
    const tapered = inward(line([50, 0], [50, 50], [50, 100]), (share) => 8 - 4 * share);
    expect(tapered.map(({ r }) => r)).toEqual([42, 44, 46]);
  });

  it('meets in a corner as far from both its sides where they lean together, and goes round one that juts in', () => {
    // the side turns in: its inside lies in the corner
    const inner = inward(line([50, 0], [50, 60], [20, 100]), () => 6);
    const corner = inner.find(({ z }) => z > 40 && z < 60)!;
    expect(corner.r).toBeCloseTo(44, 9);
    expect(((20 - 50) * (corner.z - 60) - (100 - 60) * (corner.r - 50)) / 50).toBeCloseTo(6, 9);
    // the side turns out: around it each point is as far from the corner
    const outer = inward(line([50, 0], [50, 60], [80, 100]), () => 6);
    for (const { r, z } of outer.slice(1, -1)) expect(Math.hypot(r - 50, z - 60)).toBeCloseTo(6, 9);
    expect(outer.length).toBeGreaterThan(4);
  });

  it('never lies nearer than its thickness, even where the side turns tighter than it is thick', () => {
    fc.assert(
      fc.property(mm(2, 8), mm(20, 50), mm(8, 30), (thick, r, bend) => {
        const side = Array.from({ length: 40 }, (_, i) => ({ r: r + bend * Math.sin((i / 39) * Math.PI), z: i * 2.5 }));
        for (const point of inward(side, () => thick)) expect(apartFrom(side, point)).toBeGreaterThan(thick * 0.8);
      }),
      { seed: 32, numRuns: 60 },
    );
  });
});

it('a piece stands on the outer edge of its foot, a bevelled one where its bevel begins', () => {
  const edge = (sizes: Partial<Record<SizeName, number>>, foot: 'flat' | 'ring') =>
    footEdge(
      outlineOf(
        formOf({ family: 'cylinder', manner: { foot } }, 'glazed', {
          height: 100,
          rimDiameter: 90,
          baseDiameter: 80,
          wall: 5,
          floor: 8,
          footHeight: 4,
          footWidth: 8,
          ...sizes,
        }),
      ),
    );
  for (const foot of ['flat', 'ring'] as const) {
    expect(edge({}, foot)).toBe(40);
    expect(edge({ bevel: 3 }, foot)).toBeCloseTo(37, 6);
  }
});
