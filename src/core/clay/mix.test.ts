import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mixtureRange } from '.';

const body = (parts: number, mean: number, commonSd = 0) => ({ parts, belief: { mean, commonSd } });

/** Middle and sd of a uniform spread between two percents, as fractions. */
const spreadOf = ([low, high]: readonly [number, number]) => ({ mean: (low + high) / 200, sd: (high - low) / 200 / Math.sqrt(3) });

describe('a mixture before it has a bar', () => {
  it('of one body alone is that body, less sure by half a percent of its length', () => {
    // reach = sqrt(3) 0.005 = 0.866 %
    expect(mixtureRange([body(1, 0.12)])).toEqual([11.1, 12.9]);
    // and its own doubt beside that: sqrt(3 (0.012^2 + 0.005^2)) = 2.25 %
    expect(mixtureRange([body(5, 0.12, 0.012)])).toEqual([9.7, 14.3]);
  });

  it('is the mean by weight, and less sure the further apart its bodies are', () => {
    // 3 : 1 of 12 and 8: 11; apart 3/4 1^2 + 1/4 3^2 = 3, a quarter of it 0.75: reach sqrt(3 (0.75 + 0.25)) = 1.73 %
    expect(mixtureRange([body(3, 0.12), body(1, 0.08)])).toEqual([9.3, 12.7]);
    expect(mixtureRange([body(1, 0.12), body(3, 0.08)])).toEqual([7.3, 10.7]);
    // doubts count by the square of their share: (0.75 0.02)^2 and (0.25 0.02)^2
    const { sd } = spreadOf(mixtureRange([body(3, 0.1, 0.02), body(1, 0.1, 0.02)]));
    expect(sd).toBeCloseTo(Math.sqrt(0.000225 + 0.000025 + 0.000025), 3);
  });

  it('is no other for being weighed in pounds, or named the other way round', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 0.16, noNaN: true }),
        fc.double({ min: 0.02, max: 0.16, noNaN: true }),
        fc.double({ min: 0.1, max: 9, noNaN: true }),
        fc.double({ min: 0.1, max: 9, noNaN: true }),
        (a, b, p, q) => {
          const range = mixtureRange([body(p, a, 0.01), body(q, b, 0.006)]);
          const [low, high] = mixtureRange([body(q * 2.2, b, 0.006), body(p * 2.2, a, 0.01)]);
          expect(Math.abs(low - range[0])).toBeLessThan(0.11);
          expect(Math.abs(high - range[1])).toBeLessThan(0.11);
          const { mean } = spreadOf(range);
          expect(mean).toBeGreaterThan(Math.min(a, b) - 0.0006);
          expect(mean).toBeLessThan(Math.max(a, b) + 0.0006);
        },
      ),
      { seed: 61, numRuns: 200 },
    );
  });

  it('never says that clay grows, nor that it loses more than a third', () => {
    expect(mixtureRange([body(1, 0.005)])[0]).toBe(0.1);
    expect(mixtureRange([body(1, 0.295)])[1]).toBe(30);
  });
});
