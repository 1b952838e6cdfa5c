import { between } from '@/core/form';
import { describe, expect, it } from 'vitest';
import { type Former, checkFormer, formed, lowestStop, slabAcross, stopFor } from '.';
import { write } from './examples';

const former = (measured: Former['measured'], ...points: readonly (readonly [height: number, width: number])[]): Former => ({
  measured,
  points: points.map(([height, width]) => ({ height, width })),
});

/** A straight cone on its small end, 60 across at the bottom and 120 at 40 high: its side runs 3 out for 4 up. */
const CONE = [
  [0, 60],
  [20, 90],
  [40, 120],
] as const;

/** A flat one, 20 across at the bottom and 120 at 20 high: 5 out for 2 up. */
const SAUCER = [
  [0, 20],
  [10, 70],
  [20, 120],
] as const;

const inMm = ({ knots, sizes }: ReturnType<typeof formed>) =>
  knots.map(({ r, z }) => ({ r: (r * sizes.rimDiameter) / 2, z: z * sizes.height }));

describe('clay on a former with straight sides, by the closed forms', () => {
  it('in a bowl has the former’s inside for its outside', () => {
    const piece = formed(former('inside', ...CONE), 30, 6);
    expect(piece.sizes).toEqual({ height: expect.closeTo(30, 6), rimDiameter: expect.closeTo(105, 6), wall: 6, floor: 6 });
    for (const { r, z } of inMm(piece)) expect(r).toBeCloseTo(30 + 0.75 * z, 6);
  });

  it('over a steep hump lies a thickness further out and ends level, a thickness above the stop', () => {
    // square to the side: 0.8 of the thickness out and 0.4 up, once it stands on its floor
    const piece = formed(former('outside', ...CONE), 40, 6);
    expect(piece.sizes).toEqual({ height: expect.closeTo(46, 6), rimDiameter: expect.closeTo(135, 6), wall: 6, floor: 6 });
    const [foot, corner, ...rest] = inMm(piece);
    expect(foot).toEqual({ r: expect.closeTo(34.8, 6), z: 0 });
    expect(corner).toEqual({ r: expect.closeTo(34.8, 6), z: expect.closeTo(2.4, 6) });
    for (const { r, z } of rest) expect(r).toBeCloseTo(34.8 + 0.75 * (z - 2.4), 6);
    expect(piece.knots.map(({ corner: is }) => is)).toEqual([true, true, ...Array<boolean>(10).fill(false), true]);
    // stopped lower it is as much narrower as the side says
    expect(formed(former('outside', ...CONE), 30, 6).sizes.rimDiameter).toBeCloseTo(120, 6);
  });

  it('over a flat hump ends upright, as wide as the hump where it stops', () => {
    const piece = formed(former('outside', ...SAUCER), 20, 6);
    expect(piece.sizes.rimDiameter).toBeCloseTo(120, 6);
    const [out, up] = [(6 * 2) / Math.hypot(5, 2), 6 - (6 * 5) / Math.hypot(5, 2)];
    expect(piece.sizes.height).toBeCloseTo(up + ((60 - 10 - out) * 2) / 5, 6);
  });

  it('takes a disc that reaches along the middle of the clay to both sides, and 15 mm more all round', () => {
    const flat = { r: 30, z: 0 };
    const rim = between(flat, { r: 60, z: 40 }, 0.75);
    const along = Math.hypot(rim.r - flat.r, rim.z);
    // in a bowl the middle lies half a thickness inside the side, over a hump outside it
    expect(slabAcross(former('inside', ...CONE), 30, 6)).toBeCloseTo(2 * (30 - 0.8 * 3 + along + 15), 4);
    expect(slabAcross(former('outside', ...CONE), 30, 6)).toBeCloseTo(2 * (30 + 0.8 * 3 + along + 15), 4);
  });

  it('stops where the rim is as wide as asked, or as near as the former goes', () => {
    const cone = former('outside', ...CONE);
    expect(stopFor(cone, 120, 6)).toBeCloseTo(30, 6);
    expect(stopFor(cone, 500, 6)).toBe(40);
    expect(stopFor(cone, 10, 6)).toBe(18);
    expect([lowestStop(cone, 6), lowestStop(cone, 20)]).toEqual([18, 40]);
  });
});

describe('a former', () => {
  const refusal = (...points: Parameters<typeof former>[1][]) => {
    const made = checkFormer(former('outside', ...points), write);
    return made.ok ? undefined : made.problem.path;
  };

  it('may stand upright but never draw in, and rises from its bottom', () => {
    expect(refusal([0, 60], [20, 60], [40, 80])).toBeUndefined();
    expect(refusal([0, 60], [20, 59], [40, 80])).toBe('points.1');
    expect(refusal([0, 60], [20, 70], [20, 80])).toBe('points.2');
    expect(refusal([5, 60], [20, 70], [40, 80])).toBe('points.0');
    expect(refusal([0, 0], [20, 70], [40, 80])).toBeUndefined();
    expect(refusal([0, 0], [20, 0], [40, 80])).toBe('points.1');
    expect(refusal([0, NaN], [20, 70], [40, 80])).toBe('points.0');
    expect(refusal([0, 60])).toBe('points');
  });
});
