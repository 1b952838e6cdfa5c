import { STAGES, type Stage, clayFigures } from '@/core/clay';
import { shareAt, shareSdAt } from '@/core/sizing';
import { describe, expect, it } from 'vitest';
import {
  type ClayWidth,
  type Pair,
  type Width,
  coilFlange,
  drawnGaps,
  firingOf,
  gapOf,
  isAhead,
  normalFrom,
  oddsOf,
  shrinkageVariances,
  spreadOf,
  stopperFault,
  uniformFrom,
} from '.';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });
const red = clayFigures({ kind: 'earthenware', shrinkagePercent: 7 });
const width = (at: Stage, diameter: number, change: Partial<ClayWidth> = {}): ClayWidth => ({
  clay,
  at,
  diameter,
  toolSd: 0.5,
  ovalitySd: 0.6,
  glaze: 0.2,
  ...change,
});

/** What a width finishes at where its causes come out so many sd from their mean. */
interface Causes {
  readonly hand?: number;
  readonly common?: number;
  readonly own?: number;
  readonly share?: number;
  readonly oval?: number;
}
function finishes({ clay: of, at, diameter, toolSd, ovalitySd, glaze = 0 }: ClayWidth, outwards: 1 | -1, causes: Causes): number {
  const { hand = 0, common = 0, own = 0, share = 0, oval = 0 } = causes;
  const { common: c, own: o } = shrinkageVariances(of);
  const s = of.belief.mean + common * Math.sqrt(c) + own * Math.sqrt(o);
  const done = shareAt(of, at) + share * shareSdAt(of, at);
  const made = diameter + hand * toolSd;
  return (at === 'glazed' ? made : (made * (1 - s)) / (1 - done * s)) + outwards * (Math.abs(oval * ovalitySd) / 2 + 2 * glaze);
}

/** The gaps where one normal after the other is 1 and the rest 0, beside that of none; each effect to the thousandth. */
function effects(pair: Pair): { readonly base: number; readonly by: readonly string[] } {
  const scripted = (which: number) => {
    let drawn = -1;
    return firingOf(pair, () => ((drawn += 1) === which ? 1 : 0))();
  };
  const base = scripted(-1);
  const by = Array.from({ length: 14 }, (_, i) => scripted(i) - base).filter((each) => Math.abs(each) > 1e-9);
  return { base, by: by.map((each) => each.toFixed(6)).toSorted() };
}
const told = (...by: readonly number[]) =>
  by
    .filter((each) => Math.abs(each) > 1e-9)
    .map((each) => each.toFixed(6))
    .toSorted();
const EACH = ['hand', 'own', 'oval', 'common', 'share'] as const;

describe('a pair fired', () => {
  const moves = (of: ClayWidth, outwards: 1 | -1, cause: (typeof EACH)[number]) =>
    (finishes(of, outwards, { [cause]: 1 }) - finishes(of, outwards, {})) * -outwards;

  it.each(STAGES)('at %s moves by each cause as it alone would', (at) => {
    const [mouth, lid] = [width(at, 102), width('wet', 99, { clay: red, toolSd: 1.5, ovalitySd: 0.9 })];
    const apart = effects({ mouth, lid, sameFiring: false });
    expect(apart.base).toBeCloseTo(finishes(mouth, -1, {}) - finishes(lid, 1, {}), 9);
    expect(apart.by).toEqual(told(...EACH.map((cause) => moves(mouth, -1, cause)), ...EACH.map((cause) => moves(lid, 1, cause))));
  });

  it('of one clay and one firing has the common part in both, and what was done of it at one stage', () => {
    const both = (at: Stage) => {
      const [mouth, lid] = [width('leather', 102), width(at, 99, { toolSd: 1.5 })];
      const shared = (cause: 'common' | 'share') =>
        finishes(mouth, -1, { [cause]: 1 }) - finishes(lid, 1, { [cause]: 1 }) - finishes(mouth, -1, {}) + finishes(lid, 1, {});
      const single = (['hand', 'own', 'oval'] as const).flatMap((cause) => [moves(mouth, -1, cause), moves(lid, 1, cause)]);
      return { found: effects({ mouth, lid, sameFiring: true }).by, shared, single, mouth, lid };
    };
    const alike = both('leather');
    expect(alike.found).toEqual(told(...alike.single, alike.shared('common'), alike.shared('share')));
    const apart = both('dry');
    expect(apart.found).toEqual(
      told(...apart.single, apart.shared('common'), moves(apart.mouth, -1, 'share'), moves(apart.lid, 1, 'share')),
    );
  });

  it('with a rigid lid has of that only the spread of its lot', () => {
    const mouth = width('wet', 102);
    const rigid = (spreadSd?: number): Width => ({ rigid: true, diameter: 88, spreadSd });
    const own = EACH.map((cause) => moves(mouth, -1, cause));
    expect(effects({ mouth, lid: rigid(), sameFiring: false })).toEqual({
      base: expect.closeTo(finishes(mouth, -1, {}) - 88, 9) as number,
      by: told(...own),
    });
    expect(effects({ mouth, lid: rigid(0.3), sameFiring: false }).by).toEqual(told(...own, -0.3));
  });
});

describe('many pairs fired', () => {
  const pair: Pair = { mouth: width('wet', 102), lid: width('wet', 99.4), sameFiring: true };
  const range = { min: 0.8, max: 1.6 };

  it('are counted one by one', () => {
    const count = 3000;
    const found = drawnGaps(pair, range, count, normalFrom(7));
    const fire = firingOf(pair, normalFrom(7));
    const gaps = Array.from({ length: count }, fire);
    const share = (wanted: (gap: number) => boolean) => gaps.filter(wanted).length / count;
    expect(found.odds).toEqual({
      jams: share((gap) => gap < 0.8),
      good: expect.closeTo(
        share((gap) => gap >= 0.8 && gap <= 1.6),
        12,
      ) as number,
      loose: share((gap) => gap > 1.6),
    });
    const mean = gaps.reduce((a, b) => a + b, 0) / count;
    expect(found.mean).toBeCloseTo(mean, 9);
    expect(found.sd).toBeCloseTo(Math.sqrt(gaps.reduce((sum, gap) => sum + (gap - mean) ** 2, 0) / count), 9);
    expect(found.count).toBe(count);
    // sixty steps over four sd on both sides of what is expected
    const about = gapOf(pair);
    expect(found.shares).toHaveLength(60);
    expect([found.from, found.from + 60 * found.step]).toEqual([
      expect.closeTo(about.mean - 4 * about.sd, 9),
      expect.closeTo(about.mean + 4 * about.sd, 9),
    ]);
    found.shares.forEach((each, i) => {
      const [from, to] = [found.from + i * found.step, found.from + (i + 1) * found.step];
      expect(each).toBeCloseTo(
        share((gap) => gap >= from && gap < to),
        3,
      );
    });
    expect(found.shares.reduce((a, b) => a + b, 0)).toBeGreaterThan(0.99);
  });

  it('without doubt all are the same, on the limit good; what is beyond the steps is in none', () => {
    const rigid = (diameter: number): Width => ({ rigid: true, diameter });
    const at = (gap: number) =>
      drawnGaps({ mouth: rigid(90 + gap), lid: rigid(90), sameFiring: false }, { min: 1, max: 2 }, 8, normalFrom(1));
    expect([0.5, 1, 2, 2.5].map((gap) => at(gap).odds)).toEqual([
      { jams: 1, good: 0, loose: 0 },
      { jams: 0, good: 1, loose: 0 },
      { jams: 0, good: 1, loose: 0 },
      { jams: 0, good: 0, loose: 1 },
    ]);
    expect(at(1.5)).toMatchObject({ sd: 0, step: expect.closeTo(0.1 / 60, 9) as number });
    // far out on either side
    for (const far of [40, -40]) {
      const shares = drawnGaps(
        { mouth: { ...rigid(91), spreadSd: 0.1 } as Width, lid: rigid(90), sameFiring: false },
        range,
        5,
        () => far,
      ).shares;
      expect(shares).toHaveLength(60);
      expect(shares.every((each) => each === 0)).toBe(true);
    }
  });

  it('come from the same seed the same, evenly or normally spread', () => {
    const [a, b] = [uniformFrom(3), uniformFrom(3)];
    const evenly = Array.from({ length: 2000 }, a);
    expect(Array.from({ length: 2000 }, b)).toEqual(evenly);
    expect(Math.min(...evenly)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...evenly)).toBeLessThan(1);
    expect(evenly.reduce((sum, each) => sum + each, 0) / 2000).toBeCloseTo(0.5, 1);
    expect(uniformFrom(4)()).not.toBe(evenly[0]);
  });
});

describe('around a lid', () => {
  it('a coil for a flange is as long as its middle, with a mm to pare all round', () => {
    expect(coilFlange(100, 8)).toEqual({ length: Math.PI * 94, thickness: 8, across: 102, pare: 1 });
  });

  it('a stopper tapers inwards or is told so', () => {
    const fault = (bottom: number, top: number) => stopperFault({ bottom, top, length: 30 }, 'stopper');
    expect(fault(80, 81)).toBeUndefined();
    for (const [bottom, top] of [
      [80, 80],
      [81, 80],
    ] as const)
      expect(fault(bottom, top)?.path).toBe('stopper.bottom');
  });

  it('a lid is ahead of its pot where it is at a later stage, unless it is fired', () => {
    STAGES.forEach((lid, i) => STAGES.forEach((pot, j) => expect(isAhead(lid, pot), `${lid} ${pot}`).toBe(i > j && lid !== 'glazed')));
  });
});

describe('odds worked out', () => {
  const measured = { leather: 32, dry: 45, bisque: 52 };
  const beside = (sharesPercent: typeof measured | undefined, mouthAt: Stage, lidAt: Stage, diameter: number): number => {
    const of = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5, sharesPercent });
    const [mouth, near] = [width(mouthAt, diameter, { clay: of }), width(lidAt, diameter * 0.98, { clay: of })];
    // a lid for the middle of an easy gap
    const off = gapOf({ mouth, lid: near, sameFiring: true }).mean - 1.6;
    const pair: Pair = { mouth, lid: { ...near, diameter: near.diameter + off }, sameFiring: true };
    const range = { min: 0.8, max: 2.5 };
    const [told, drawn] = [oddsOf(gapOf(pair), range), drawnGaps(pair, range, 60_000, normalFrom(2724)).odds];
    return Math.max(Math.abs(told.jams - drawn.jams), Math.abs(told.good - drawn.good), Math.abs(told.loose - drawn.loose));
  };
  // 60,000 draws are right to 0.006 themselves
  const NOISE = 0.006;

  it('are those of draws: to 0.004 at one stage or by measured shares, to 0.025 by typical ones', () => {
    for (const diameter of [60, 220]) {
      for (const at of ['wet', 'leather', 'dry', 'bisque'] as const) {
        expect(beside(undefined, at, at, diameter)).toBeLessThan(0.004 + NOISE);
        expect(beside(measured, 'bisque', at, diameter)).toBeLessThan(0.004 + NOISE);
        expect(beside(undefined, 'bisque', at, diameter)).toBeLessThan(0.025 + NOISE);
      }
    }
  });
});

describe('a spread of evenly likely gaps', () => {
  const lid = width('leather', 108);
  const pairs: Pair[] = [
    { mouth: width('wet', 112), lid: width('wet', 109), sameFiring: true },
    { mouth: width('leather', 110), lid, sameFiring: false },
    { mouth: width('glazed', 100, { toolSd: 0.1, ovalitySd: 0 }), lid: width('wet', 112), sameFiring: false },
  ];

  it.each(pairs.map((pair, i) => [i, pair] as const))(
    '%d is in order, and as many of them jam, fit and are loose as the odds say',
    (_, pair) => {
      const gap = gapOf(pair);
      for (const count of [1, 7, 60, 400]) {
        const gaps = spreadOf(gap, count);
        expect(gaps).toHaveLength(count);
        expect(gaps).toEqual(gaps.toSorted((a, b) => a - b));
        const range = { min: gap.mean - gap.sd / 2, max: gap.mean + gap.sd };
        const { jams, loose } = oddsOf(gap, range);
        expect(Math.abs(gaps.filter((mm) => mm < range.min).length / count - jams)).toBeLessThanOrEqual(1 / count + 0.005);
        expect(Math.abs(gaps.filter((mm) => mm > range.max).length / count - loose)).toBeLessThanOrEqual(1 / count + 0.005);
      }
    },
  );
});
