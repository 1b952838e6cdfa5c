import fc from 'fast-check';
import { believe } from '@/core/clay';
import { describe, expect, it } from 'vitest';
import { ballRatio, cameOut, chanceAlone, leanOf, honestOdds, lossOf, withinReading } from '.';

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

  it('loss leans on what is typical less and less, and a second is no first', () => {
    expect(lossOf({ family: 'hollow' }).share).toBeCloseTo(0.1, 9);
    const died = { passed: 320, lost: 80 };
    expect(lossOf({ family: 'hollow', history: { drying: died } }).share).toBeGreaterThan(0.19);
    const seconds = { first: { passed: 6, lost: 6 } };
    expect(lossOf({ family: 'hollow', history: seconds }).share).toBeGreaterThan(lossOf({ family: 'hollow' }).share + 0.2);
  });
});

describe('a hand with its lean', () => {
  const readings = (errors: readonly number[]) => errors.map((error) => ({ planned: 100, thrown: 100 + error, readingSd: 0.25 }));

  it('told by heights says nothing of widths, and one slip moves neither lean nor spread by much', () => {
    const own = [1.2, 1.5, 0.9, 1.1, 1.3, 1.2, 1, 1.4];
    const { lean, spread, takeOff } = leanOf(readings(own), 0.5);
    expect(lean).toBeCloseTo(1.2, 1);
    expect(takeOff).toBe(1);
    const slipped = leanOf(readings([...own, -89.5]), 0.5);
    expect(slipped.asks).toEqual([8]);
    expect(slipped).toMatchObject({ lean, spread });
    // answered that it is right, it counts
    const [last] = readings([-89.5]);
    expect(leanOf([...readings(own), { ...last!, sure: true }], 0.5).spread).toBeGreaterThan(10);
  });

  it('slipped anywhere by a decimal is asked about, whatever the hand', () => {
    fc.assert(
      fc.property(fc.array(mm(-1, 1), { minLength: 4, maxLength: 30 }), fc.nat(), mm(-3, 3), (errors, at, lean) => {
        const all = readings(errors.map((error) => error + lean));
        const i = at % all.length;
        const slipped = all.map((reading, j) => (j === i ? { ...reading, thrown: reading.thrown / 10 } : reading));
        const found = leanOf(slipped, 0.5);
        expect(found.asks).toContain(i);
        expect(found.nextSd).toBeLessThan(4);
      }),
      { seed: 20 },
    );
  });

  it('looks at the newest fifty', () => {
    const old = readings(Array.from({ length: 50 }, () => 5));
    const now = readings(Array.from({ length: 50 }, () => 0.1));
    expect(leanOf([...old, ...now], 0.5)).toEqual(leanOf(now, 0.5));
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
