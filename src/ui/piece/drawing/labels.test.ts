import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { levelPath, spread, untangled } from './labels';

describe('labels in a column', () => {
  const heights = fc.array(fc.integer({ min: 0, max: 400 }), { minLength: 1, maxLength: 9 });
  const far = (places: readonly number[], wished: readonly number[]) => wished.reduce((all, y, i) => all + (y - places[i]!) ** 2, 0);

  it('stand in order, apart and on the sheet, and nowhere nearer to what they speak of', () => {
    fc.assert(
      fc.property(heights, fc.array(fc.integer({ min: 0, max: 60 }), { minLength: 10, maxLength: 10 }), (drawn, steps) => {
        const wished = drawn.toSorted((a, b) => a - b);
        const [most, top, bottom] = [44, 30, 330];
        const places = spread(wished, most, top, bottom);
        const apart = Math.min(most, (bottom - top) / Math.max(1, wished.length - 1));
        places.forEach((y, i) => {
          expect(y).toBeGreaterThanOrEqual(top - 1e-9);
          expect(y).toBeLessThanOrEqual(bottom + 1e-9);
          if (i > 0) expect(y - places[i - 1]!).toBeGreaterThanOrEqual(apart - 1e-9);
        });
        // any other column that keeps to the same
        let y = top - apart;
        const other = wished.map((_, i) => (y += apart + steps[i]!));
        if (other.at(-1)! <= bottom) expect(far(places, wished)).toBeLessThanOrEqual(far(other, wished) + 1e-6);
      }),
      { seed: 125, numRuns: 300 },
    );
    expect(spread([100, 200], 44, 30, 330)).toEqual([100, 200]);
    expect(spread([100, 100, 106], 44, 30, 330)).toEqual([58, 102, 146]);
    expect(spread([], 44, 30, 330)).toEqual([]);
  });

  it('lead to their places without one line through another', () => {
    const side = ([ax, ay]: readonly number[], [bx, by]: readonly number[], [px, py]: readonly number[]) =>
      Math.sign((bx! - ax!) * (py! - ay!) - (by! - ay!) * (px! - ax!));
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 8, max: 90 }), fc.integer({ min: 0, max: 60 })), { minLength: 2, maxLength: 4 }),
        (to) => {
          const places = [0, 17, 34, 51].slice(0, to.length);
          const led = untangled(places, to, 0);
          expect(led.toSorted((a, b) => a - b)).toEqual(places);
          to.forEach((target, i) =>
            to.slice(0, i).forEach((other, j) => {
              const [a, b] = [
                [0, led[i]!],
                [0, led[j]!],
              ];
              const crossing = side(a, target, b) * side(a, target, other) < 0 && side(b, other, a) * side(b, other, target) < 0;
              expect(crossing).toBe(false);
            }),
          );
        },
      ),
      { seed: 126, numRuns: 300 },
    );
  });

  it('have a level line open where they lead through it', () => {
    const through = [
      [100, 0],
      [60, 80],
    ] as const;
    expect(levelPath(40, 0, 200, [through])).toBe('M0 40H73M87 40H200');
    expect(levelPath(90, 0, 200, [through])).toBe('M0 90H200');
    expect(levelPath(40, 0, 50, [through])).toBe('M0 40H50');
  });
});
