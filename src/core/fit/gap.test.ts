import { type ClayFigures, STAGES, clayFigures, normalUpTo } from '@/core/clay';
import { shareAt, shareSdAt } from '@/core/sizing';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type ClayWidth, type Pair, chanceGapUnder, gapOf } from '.';
import { shrinkageVariances } from './gap';

const buff = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });
const red = clayFigures({ kind: 'earthenware', shrinkagePercent: 7 });

const any = fc.record({
  clay: fc.constantFrom(buff, red),
  at: fc.constantFrom(...STAGES),
  diameter: fc.double({ min: 40, max: 260, noNaN: true }),
  toolSd: fc.double({ min: 0.1, max: 1.5, noNaN: true }),
  ovalitySd: fc.constant(0),
  glaze: fc.double({ min: 0, max: 0.4, noNaN: true }),
});

/** What a width finishes at when the clay shrinks so much in all and so much of it is done. */
const finishes = ({ diameter }: ClayWidth, s: number, p: number): number => (diameter * (1 - s)) / (1 - p * s);

/** First and second derivatives by differences: a second way. */
function bends(of: (x: number) => number, x: number, by = 1e-3): { readonly slope: number; readonly bend: number } {
  const [below, at, above] = [of(x - by), of(x), of(x + by)];
  return { slope: (above - below) / (2 * by), bend: (above - 2 * at + below) / by ** 2 };
}

function answersOf(width: ClayWidth) {
  const [s, p] = [width.clay.belief.mean, shareAt(width.clay, width.at)];
  const { common, own } = shrinkageVariances(width.clay);
  const sharing = shareSdAt(width.clay, width.at) ** 2;
  const byShrinkage = bends((x) => finishes(width, x, p), s);
  const byShare = bends((x) => finishes(width, s, x), p);
  const isDone = width.at === 'glazed';
  return {
    mean: isDone ? width.diameter : finishes(width, s, p) + (byShrinkage.bend * (common + own)) / 2 + (byShare.bend * sharing) / 2,
    shrinks: isDone ? 0 : byShrinkage.slope,
    share: isDone ? 0 : byShare.slope,
    hand: isDone ? width.toolSd : (width.toolSd * finishes(width, s, p)) / width.diameter,
    common,
    own,
    sharing,
  };
}

describe('the doubt of a gap', () => {
  it('is what each cause alone would move it by, by differences, whatever is made of which clay at whichever stage', () => {
    fc.assert(
      fc.property(any, any, fc.boolean(), (one, other, sameFiring) => {
        const pair: Pair = { mouth: one, lid: other, sameFiring };
        const { doubt, straight } = gapOf(pair);
        const [m, l] = [answersOf(one), answersOf(other)];
        const alike = sameFiring && one.clay === other.clay;
        const close = (found: number, wanted: number) => expect(Math.abs(found - wanted)).toBeLessThan(1e-3 + 1e-3 * Math.abs(wanted));
        expect(straight.mean).toBeCloseTo(m.mean - l.mean - 2 * (one.glaze + other.glaze), 5);
        close(
          doubt.clay,
          alike
            ? Math.abs(m.shrinks - l.shrinks) * Math.sqrt(m.common)
            : Math.hypot(m.shrinks * Math.sqrt(m.common), l.shrinks * Math.sqrt(l.common)),
        );
        close(doubt.pieces, Math.hypot(m.shrinks * Math.sqrt(m.own), l.shrinks * Math.sqrt(l.own)));
        const together = alike && one.at === other.at;
        close(
          doubt.share,
          together
            ? Math.abs(m.share - l.share) * Math.sqrt(m.sharing)
            : Math.hypot(m.share * Math.sqrt(m.sharing), l.share * Math.sqrt(l.sharing)),
        );
        close(doubt.hand, Math.hypot(m.hand, l.hand));
        close(straight.sd, Math.hypot(doubt.clay, doubt.pieces, doubt.share, doubt.hand));
      }),
      { numRuns: 150, seed: 12 },
    );
  });
});

describe('a gap that warp takes from', () => {
  const pot = (clay: ClayFigures, ovalitySd: number, diameter: number, toolSd: number): ClayWidth => ({
    clay,
    at: 'glazed',
    diameter,
    toolSd,
    ovalitySd,
  });

  /** The chance by summing over both warps in small steps, each a half-normal: a second way. */
  function summed(mean: number, sd: number, warps: readonly [number, number], mm: number): number {
    const steps = 300;
    const nodes = (of: number) =>
      of === 0
        ? [[0, 1] as const]
        : Array.from({ length: steps }, (_, i) => {
            const [from, to] = [(i * 6) / steps, ((i + 1) * 6) / steps];
            return [((from + to) / 2) * of, 2 * (normalUpTo(to) - normalUpTo(from))] as const;
          });
    return nodes(warps[0]).reduce(
      (all, [a, x]) => all + x * nodes(warps[1]).reduce((sum, [b, y]) => sum + y * normalUpTo((mm + a + b - mean) / sd), 0),
      0,
    );
  }

  it.each([
    [0.8, 0, 0.5],
    [0, 1.4, 0.5],
    [0.8, 0.8, 0.5],
    [2.4, 0.5, 0.5],
    [2.4, 0.5, 0.1],
    [0, 2.4, 0.05],
  ])(
    'of ovalities of %d and %d mm, each held to %d mm, has the chances of the sum, to five in a hundred thousand',
    (mouth, lid, toolSd) => {
      const gap = gapOf({ mouth: pot(buff, mouth, 82, toolSd), lid: pot(red, lid, 80.2, toolSd), sameFiring: false });
      const { mean, sd } = gap.straight;
      expect(gap.warps).toEqual([mouth / 2, lid / 2]);
      expect(gap.mean).toBeCloseTo(mean - ((mouth + lid) / 2) * Math.sqrt(2 / Math.PI), 9);
      expect(gap.sd).toBeCloseTo(Math.sqrt(sd ** 2 + ((mouth ** 2 + lid ** 2) / 4) * (1 - 2 / Math.PI)), 9);
      expect(gap.doubt.warp).toBeCloseTo(Math.sqrt(((mouth ** 2 + lid ** 2) / 4) * (1 - 2 / Math.PI)), 9);
      for (const mm of [-0.5, 0.4, 1, 1.7, 2.6])
        expect(Math.abs(chanceGapUnder(gap, mm) - summed(mean, sd, gap.warps, mm))).toBeLessThan(5e-5);
    },
  );

  it('is certain or impossible where there is nothing else', () => {
    const gap = gapOf({ mouth: { rigid: true, diameter: 72 }, lid: { rigid: true, diameter: 71 }, sameFiring: false });
    expect([chanceGapUnder(gap, 0.999), chanceGapUnder(gap, 1), chanceGapUnder(gap, 1.001)]).toEqual([0, 0, 1]);
  });
});
