import fc from 'fast-check';
import { believe } from '@/core/clay';
import { describe, expect, it } from 'vitest';
import { ballRatio, cameOut, chanceAlone, handError, honestOdds, lossOf, withinReading } from '.';

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('what a piece came to', () => {
  it('hand, clay and what is believed now always make the whole', () => {
    fc.assert(
      fc.property(mm(20, 400), mm(-8, 8), mm(0.05, 0.2), mm(0.05, 0.2), mm(-6, 6), (planned, error, shrinkage, shrinkageThen, moved) => {
        const thrown = planned + error;
        const fired = thrown * (1 - shrinkage) + moved;
        const came = cameOut({ planned, thrown, fired, shrinkage, shrinkageThen })!;
        expect(came.hand + came.clay + came.belief).toBeCloseTo(came.whole, 9);
        expect(came.clay).toBeCloseTo(moved, 9);
      }),
      { seed: 16 },
    );
  });

  it('is not told apart without a wet size, and readings tell no more than they can', () => {
    expect(cameOut({ planned: 100, fired: 88, shrinkage: 0.12 })).toBeUndefined();
    expect(withinReading('ruler', 'ruler')).toBeCloseTo(0.7071, 4);
    expect(withinReading('caliper', 'caliper')).toBeLessThan(0.1);
  });
});

describe('a maker’s own figures', () => {
  it('a ball ratio counts from three on, and one slip does not move it', () => {
    expect(ballRatio([1.05, 1.06])).toBeUndefined();
    const steady = ballRatio([1.04, 1.05, 1.06, 1.05, 1.05])!;
    const slipped = ballRatio([1.04, 1.05, 1.06, 1.05, 1.9])!;
    expect(slipped.median).toBe(steady.median);
    expect(slipped.spread).toBeLessThan(0.02);
  });

  it('the hand is typical until it has shown itself, and leans only where that is no chance', () => {
    expect(handError([], 0.5)).toEqual({ sd: 0.5, bias: undefined, count: 0 });
    const wild = handError([3, -3, 3, -3, 3, -3], 0.5);
    expect(wild.sd).toBeCloseTo(Math.sqrt((5 * 0.25 + 54) / 11), 9);
    expect(wild.bias).toBeUndefined();
    expect(handError([1, 1.2, 0.9, 1.1, 1, 1.1], 0.5).bias).toBeCloseTo(1.05, 9);
  });

  it('loss leans on what is typical less and less', () => {
    expect(lossOf(0, 0).share).toBeCloseTo(0.1, 9);
    expect(lossOf(44, 9)).toMatchObject({ good: 9 + 35, bad: 1 + 9 });
    expect(lossOf(400, 80).share).toBeGreaterThan(0.19);
  });
});

describe('honest odds', () => {
  it('what chance alone gives holds nine in ten of honest records', () => {
    for (const [n, p] of [
      [10, 0.8],
      [40, 0.9],
      [900, 0.5],
    ] as const) {
      const [low, high] = chanceAlone(n, p);
      expect(low).toBeLessThan(p);
      expect(high).toBeGreaterThan(p);
      expect(high - low).toBeCloseTo((2 * 1.645 * Math.sqrt(p * (1 - p))) / Math.sqrt(n), n > 100 ? 2 : 0);
    }
    expect(chanceAlone(0, 0.9)).toEqual([0.9, 0.9]);
  });

  it('bins what was said, and the score is that of what happened', () => {
    const said = [...Array(8).fill({ chance: 0.8, happened: true }), ...Array(2).fill({ chance: 0.8, happened: false })] as {
      chance: number;
      happened: boolean;
    }[];
    const { bins, brier, count } = honestOdds(said);
    expect(bins).toMatchObject([{ count: 10, said: expect.closeTo(0.8, 9), happened: 0.8 }]);
    expect(brier).toBeCloseTo(0.16, 9);
    expect(count).toBe(10);
    expect(honestOdds([])).toEqual({ bins: [], brier: 0, count: 0 });
  });
});

describe('pieces that were made to a size', () => {
  const bar = (wet: number, glazed: number, madeTo?: { sd: number; run: string }) => ({ wet, glazed, tool: 'caliper' as const, madeTo });

  it('of one run they never weigh more than the setting lets them, however many there are', () => {
    const many = (count: number, run: (i: number) => string) =>
      believe(
        'stoneware',
        11.5,
        Array.from({ length: count }, (_, i) => bar(100, 88, { sd: 0.5, run: run(i) })),
      ).weight;
    expect(many(40, () => 'one')).toBeLessThan(0.5);
    expect(many(40, () => 'one')).toBeGreaterThan(many(2, () => 'one'));
    expect(many(40, String)).toBeGreaterThan(many(40, () => 'one') * 10);
  });

  it('measured wet they count like bars', () => {
    expect(believe('stoneware', 11.5, [bar(100, 88)])).toEqual(believe('stoneware', 11.5, [{ wet: 100, glazed: 88, tool: 'caliper' }]));
  });
});
