import { clayFigures, remaining } from '@/core/clay';
import { describe, expect, it } from 'vitest';
import { type ClayWidth, type HelpName, type Pair, type Side, bestWidth, gapOf, helpsFor, oddsOf } from '.';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });
const red = clayFigures({ kind: 'earthenware', shrinkagePercent: 7 });
const range = { min: 0.6, max: 2 };

const width = (diameter: number, change: Partial<ClayWidth> = {}): ClayWidth => ({
  clay,
  at: 'wet',
  diameter,
  toolSd: 1.5,
  ovalitySd: 1.2,
  ...change,
});
/** A lid thrown by eye for a mouth thrown by eye, in another firing. */
const pair: Pair = { mouth: width(102), lid: width(100), sameFiring: false };

const helps = (of: Pair, side: Side = 'lid') => Object.fromEntries(helpsFor(of, side, range).map((help) => [help.name, help]));
const names = (of: Pair, side: Side = 'lid'): HelpName[] => helpsFor(of, side, range).map(({ name }) => name);

describe('what would help a fit', () => {
  it('is the best width alone, told where it gains one in a hundred', () => {
    const aim = bestWidth(pair, 'lid', range);
    const now = oddsOf(gapOf(pair), range).good;
    expect(names(pair).includes('aim')).toBe(aim.odds.good >= now + 0.01);
    expect(names({ ...pair, lid: width(aim.diameter + 3) })).toContain('aim');
    expect(names({ ...pair, lid: width(aim.diameter) })).not.toContain('aim');
  });

  it('is each thing a maker could do, by the odds of the best width when it is done', () => {
    const unsure = clayFigures({ kind: 'stoneware' });
    // where hand, warp, clay and firing each are the most in doubt
    const pairs: readonly Pair[] = [
      pair,
      { ...pair, mouth: width(102, { toolSd: 0.1, ovalitySd: 3 }), lid: width(100, { toolSd: 0.1, ovalitySd: 3 }), sameFiring: true },
      {
        ...pair,
        mouth: width(102, { clay: unsure, toolSd: 0.1, ovalitySd: 0.1 }),
        lid: width(100, { clay: unsure, toolSd: 0.1, ovalitySd: 0.1 }),
      },
      { ...pair, mouth: { rigid: true, diameter: 92, spreadSd: 0.1 }, lid: width(100, { clay: unsure, toolSd: 0.6, ovalitySd: 0.1 }) },
      {
        ...pair,
        mouth: width(91, { at: 'glazed', toolSd: 0.5, ovalitySd: 0.1 }),
        lid: width(100, { clay: unsure, toolSd: 0.1, ovalitySd: 0.1 }),
      },
    ];
    const seen = new Set<string>();
    for (const own of pairs) {
      const [mouth, lid] = [own.mouth, own.lid as ClayWidth];
      const clayMouth = 'rigid' in mouth ? undefined : mouth;
      const left = remaining(lid.clay.shrinkage, 'leather', 'width');
      const calmer = (each: ClayWidth) => ({ ...each, ovalitySd: (each.ovalitySd * 2) / 3 });
      const changed: Partial<Record<HelpName, Pair>> = {
        ...(clayMouth && clayMouth.at !== 'glazed' && !own.sameFiring && { together: { ...own, sameFiring: true } }),
        ...(lid.toolSd > 0.5 && { gauge: { ...own, lid: { ...lid, toolSd: 0.5 } } }),
        ...(clayMouth && clayMouth.toolSd > 0.15 && { measured: { ...own, mouth: { ...clayMouth, toolSd: 0.15 } } }),
        ...(clayMouth && { warp: { ...own, mouth: calmer(clayMouth), lid: calmer(lid) } }),
        leather: { ...own, lid: { ...lid, diameter: lid.diameter * left, at: 'leather', toolSd: 0.5 } },
      };
      const [found, aim] = [helps(own), bestWidth(own, 'lid', range).odds.good];
      for (const [name, then] of Object.entries(changed)) {
        const best = bestWidth(then, 'lid', range);
        if (best.odds.good < aim + 0.01) expect([name, found[name]]).toEqual([name, undefined]);
        else
          expect(found[name]).toMatchObject({
            odds: { good: expect.closeTo(best.odds.good, 6) },
            diameter: expect.closeTo(best.diameter, 3),
          });
      }
      for (const name of Object.keys(found)) {
        seen.add(name);
        if (!['aim', 'bars', 'pieces'].includes(name)) expect(Object.keys(changed)).toContain(name);
      }
    }
    expect([...seen]).toEqual(expect.arrayContaining(['gauge', 'measured', 'warp', 'together', 'leather', 'bars', 'pieces']));
  });

  it('comes best first, and only what gains one in a hundred', () => {
    const found = helpsFor(pair, 'lid', range).filter(({ name }) => name !== 'aim');
    const aim = bestWidth(pair, 'lid', range).odds.good;
    for (const [i, { odds }] of found.entries()) {
      expect(odds.good).toBeGreaterThanOrEqual(aim + 0.01);
      if (i > 0) expect(odds.good).toBeLessThanOrEqual(found[i - 1]!.odds.good);
    }
    expect(found.length).toBeGreaterThan(1);
  });

  it('leaves out what is done already, or cannot be', () => {
    expect(names({ ...pair, sameFiring: true })).not.toContain('together');
    expect(names({ ...pair, mouth: width(96, { clay: red }) })).not.toContain('together');
    expect(names({ ...pair, mouth: width(91, { at: 'glazed' }) })).not.toContain('together');
    expect(names({ ...pair, lid: width(100, { toolSd: 0.5 }) })).not.toContain('gauge');
    expect(names({ ...pair, mouth: width(102, { toolSd: 0.15 }) })).not.toContain('measured');
    expect(names({ ...pair, lid: width(94, { at: 'leather' }) })).not.toContain('leather');
    const bought: Pair = { ...pair, mouth: { rigid: true, diameter: 91 } };
    expect(names(bought).filter((name) => ['together', 'measured', 'warp'].includes(name))).toEqual([]);
    expect(helpsFor(bought, 'mouth', range)).toEqual([]);
  });

  it('counts bars of the clay in question, on both where both are of it', () => {
    const unsure = clayFigures({ kind: 'stoneware' });
    const of = (mouth: Partial<ClayWidth>): Pair => ({
      mouth: width(102, { clay: unsure, toolSd: 0.3, ovalitySd: 0.3, ...mouth }),
      lid: width(100, { clay: unsure, toolSd: 0.3, ovalitySd: 0.3 }),
      sameFiring: false,
    });
    const kappa = (unsure.belief.pieceSd / unsure.belief.commonSd) ** 2;
    const after = (bars: number) => ({
      ...unsure,
      belief: { ...unsure.belief, commonSd: unsure.belief.pieceSd / Math.sqrt(kappa + bars * 0.985), dof: unsure.belief.dof + bars },
    });
    const found = helps(of({}));
    for (const [name, bars] of [
      ['bars', 3],
      ['pieces', 2],
    ] as const) {
      const known = after(bars);
      const then: Pair = {
        mouth: width(102, { clay: known, toolSd: 0.3, ovalitySd: 0.3 }),
        lid: width(100, { clay: known, toolSd: 0.3, ovalitySd: 0.3 }),
        sameFiring: false,
      };
      expect(found[name]?.odds.good).toBeCloseTo(bestWidth(then, 'lid', range).odds.good, 6);
    }
    // a mouth of another clay stays as unsure as it was
    const other = helps(of({ clay: red, diameter: 97 })).bars;
    const half: Pair = { ...of({ clay: red, diameter: 97 }), lid: width(100, { clay: after(3), toolSd: 0.3, ovalitySd: 0.3 }) };
    if (other) expect(other.odds.good).toBeCloseTo(bestWidth(half, 'lid', range).odds.good, 6);
  });
});
