import type { Outline } from '@/core/form';
import { describe, expect, it } from 'vitest';
import { dartedDisc, midLine, midReach } from '.';

/** A cone on its point, so thin that its middle is its side: 60 out and 80 up, 100 along. */
const CONE: Outline = {
  under: [],
  side: [
    { r: 0, z: 0 },
    { r: 60, z: 80 },
  ],
  inside: [
    { r: 60, z: 80 },
    { r: 0, z: 0 },
  ],
};

describe('a disc with darts', () => {
  it('reaches as far as the clay does from the middle to the rim', () => {
    expect(midReach(CONE)).toBeCloseTo(100, 6);
    expect(midLine(CONE).at(-1)).toEqual({ r: expect.closeTo(60, 6), z: expect.closeTo(80, 6) });
  });

  it.each([3, 4, 8])('of a cone with %d keeps of each turn what the girth needs, evenly round the middle', (darts) => {
    const { edges, outline, count, name } = dartedDisc(CONE, darts, 5);
    expect([count, name]).toEqual([1, `Disc with ${darts} darts`]);
    expect(edges).toHaveLength(2 * darts);
    // 60 of every 100 of the turn are left: half of a petal's share to each side of its middle
    const half = (0.6 * Math.PI) / darts;
    edges.forEach(({ line }, i) => {
      const middle = (Math.floor(i / 2) * 2 * Math.PI) / darts;
      const turn = middle + (i % 2 === 0 ? -half : half);
      const rim = i % 2 === 0 ? line.at(-1)! : line[0]!;
      expect(rim.x).toBeCloseTo(100 * Math.sin(turn), 6);
      expect(rim.y).toBeCloseTo(-100 * Math.cos(turn), 6);
    });
    // the rim of a petal is an arc about the middle
    expect(Math.max(...outline.map(({ x, y }) => Math.hypot(x, y)))).toBeCloseTo(100, 6);
    // both edges of a wedge are as long, from where the floor turns up to the rim
    const [first, ...others] = edges.map(({ midMm }) => midMm);
    for (const each of others) expect(each).toBeCloseTo(first!, 6);
    expect(first).toBeCloseTo(100, 6);
  });

  it('of a flat bottom begins where the floor turns up', () => {
    const pan: Outline = {
      under: [],
      side: [
        { r: 50, z: 0 },
        { r: 50, z: 40 },
      ],
      inside: [
        { r: 50, z: 40 },
        { r: 50, z: 0 },
        { r: 0, z: 0 },
      ],
    };
    for (const { line } of dartedDisc(pan, 4, 5).edges) {
      const from = Math.min(...line.map(({ x, y }) => Math.hypot(x, y)));
      expect(from).toBeGreaterThan(47);
      expect(from).toBeLessThan(51);
    }
  });
});
