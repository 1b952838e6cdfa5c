import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { chanceAlone, honestOdds } from './honest';
import { ballRatio, medianOf } from './ratio';

/** The chances of 0 to n of n, each from the one before by Pascal's rule: a second way. */
function chancesOf(n: number, p: number): number[] {
  let row = [1];
  for (let i = 0; i < n; i += 1) row = [...row.map((each) => each * (1 - p)), 0].map((each, k) => each + (k > 0 ? row[k - 1]! * p : 0));
  return row;
}

describe('what chance alone gives', () => {
  it('leaves out one in twenty at either end, and no more', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.double({ min: 0.01, max: 0.99, noNaN: true }), (n, p) => {
        const chances = chancesOf(n, p);
        const upTo = (k: number) => chances.slice(0, k + 1).reduce((a, b) => a + b, 0);
        const [low, high] = chanceAlone(n, p).map((share) => Math.round(share * n)) as [number, number];
        expect(upTo(low)).toBeGreaterThan(0.05);
        expect(low === 0 ? 0 : upTo(low - 1)).toBeLessThanOrEqual(0.05);
        expect(high === n ? 1 : upTo(high)).toBeGreaterThanOrEqual(0.95);
        expect(high === 0 ? 0 : upTo(high - 1)).toBeLessThan(0.95);
      }),
      { numRuns: 120, seed: 4 },
    );
  });

  it('of very many is that of a normal, and joins on to what is summed', () => {
    const [summed, normal] = [chanceAlone(400, 0.3), chanceAlone(401, 0.3)];
    for (const end of [0, 1] as const) expect(normal[end]).toBeCloseTo(summed[end], 2);
    const reach = 1.6449 * Math.sqrt(0.21 / 2000);
    expect(chanceAlone(2000, 0.3)).toEqual([expect.closeTo(0.3 - reach, 9), expect.closeTo(0.3 + reach, 9)]);
    expect(chanceAlone(500, 0.0001)[0]).toBe(0);
    expect(chanceAlone(500, 0.9999)[1]).toBe(1);
  });

  it('is nothing where there is none', () => {
    expect([chanceAlone(0, 0.4), chanceAlone(9, 0), chanceAlone(9, 1)]).toEqual([
      [0.4, 0.4],
      [0, 0],
      [1, 1],
    ]);
  });
});

describe('what was said', () => {
  it('is binned from each edge on, up to the next, and certainty goes into the last', () => {
    const said = [0, 0.2, 0.35, 0.549, 0.55, 0.75, 0.9, 1].map((chance) => ({ chance, happened: chance > 0.5 }));
    const { bins, brier, count } = honestOdds(said);
    expect(bins.map(({ from, to, count: many, happened }) => [from, to, many, happened])).toEqual([
      [0, 0.35, 2, 0],
      [0.35, 0.55, 2, 0.5],
      [0.55, 0.75, 1, 1],
      [0.75, 0.9, 1, 1],
      [0.9, 1, 2, 1],
    ]);
    expect(bins[0]!.said).toBeCloseTo(0.1, 12);
    expect(bins[4]!.byChance).toEqual(chanceAlone(2, 0.95));
    const missed = [0, 0.2, 0.35, 0.451, 0.45, 0.25, 0.1, 0].map((miss) => miss ** 2).reduce((a, b) => a + b, 0);
    expect(brier).toBeCloseTo(missed / 8, 12);
    expect(count).toBe(8);
    expect(honestOdds([])).toEqual({ bins: [], brier: 0, count: 0 });
  });
});

describe('a middle', () => {
  it('has as many below as above, of an even count half way between two', () => {
    expect(medianOf([9, 100, 8])).toBe(9);
    expect(medianOf([10, 9, 100, 8])).toBe(9.5);
    fc.assert(
      fc.property(fc.array(fc.double({ min: -1e3, max: 1e3, noNaN: true }), { minLength: 1, maxLength: 12 }), (values) => {
        const median = medianOf(values);
        expect(values.filter((each) => each < median).length).toBeLessThanOrEqual(values.length / 2);
        expect(values.filter((each) => each > median).length).toBeLessThanOrEqual(values.length / 2);
      }),
      { numRuns: 80, seed: 8 },
    );
  });

  it('of ball ratios is one from the third on', () => {
    expect(ballRatio([1, 1.1])).toBeUndefined();
    expect(ballRatio([1.1, 1, 1.3])).toEqual({ median: 1.1, spread: expect.closeTo(1.4826 * 0.1, 9), count: 3 });
    expect(ballRatio([1, 1.2, 1.1, 1.5])).toMatchObject({ median: expect.closeTo(1.15, 12), spread: expect.closeTo(1.4826 * 0.1, 9) });
  });
});
