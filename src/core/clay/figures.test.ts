import { describe, expect, it } from 'vitest';
import {
  type ClayFacts,
  type Sample,
  TYPICAL,
  asBars,
  believe,
  clayFigures,
  coneAboutC,
  gather,
  impliedShrinkage,
  perStage,
  plausibility,
  readCone,
  weigh,
} from '.';

const bar = (glazed: number, more = {}) => ({ wet: 100, glazed, tool: 'caliper' as const, ...more });

describe('the figures of a clay', () => {
  const given: ClayFacts = {
    kind: 'stoneware',
    shrinkagePercent: 11,
    heightShrinkagePercent: 13,
    sharesPercent: { leather: 30, dry: 50, bisque: 60 },
    waterPercent: 22,
    lossPercent: 8,
  };

  it('are what is typical of the kind while nothing is known', () => {
    const { shrinkage, matter, sources, heightBelief, belief } = clayFigures({ kind: 'porcelain' });
    expect(shrinkage).toEqual({ width: 0.15, height: 0.15, shares: TYPICAL.porcelain.shares });
    expect(matter).toEqual({ water: 0.21, loss: 0.07 });
    expect(heightBelief).toBe(belief);
    expect(sources).toEqual({
      shrinkage: 'typical',
      shares: { leather: 'typical', dry: 'typical', bisque: 'typical' },
      water: 'typical',
      loss: 'typical',
    });
  });

  it('are the supplier’s where they are given, each by itself', () => {
    const { shrinkage, matter, sources, belief, heightBelief } = clayFigures(given);
    expect(shrinkage.width).toBeCloseTo(0.11, 12);
    expect(shrinkage.height).toBeCloseTo(0.13, 12);
    expect(shrinkage.shares).toEqual({ leather: 0.3, dry: 0.5, bisque: 0.6 });
    expect(matter).toEqual({ water: 0.22, loss: 0.08 });
    expect(heightBelief).toEqual({ ...belief, mean: 0.13 });
    expect(sources).toEqual({
      shrinkage: 'supplier',
      shares: { leather: 'given', dry: 'given', bisque: 'given' },
      water: 'given',
      loss: 'given',
    });
  });

  it('are what was measured before either', () => {
    const { shrinkage, matter, sources, heightBelief } = clayFigures({
      ...given,
      bars: [
        bar(88, { leather: 96 }),
        bar(88, { leather: 97.2, dry: 94 }),
        bar(100, { leather: 99 }),
        { ...bar(88), glazed: undefined, dry: 90 },
      ],
      heightBars: [bar(87)],
      weighed: { water: 0.2, loss: 0.06 },
    });
    // (4/12 + 2.8/12)/2; dry of the one bar that went on to the end
    expect(shrinkage.shares.leather).toBeCloseTo((4 + 2.8) / 24, 12);
    expect(shrinkage.shares.dry).toBeCloseTo(0.5, 12);
    expect(shrinkage.shares.bisque).toBe(0.6);
    expect(matter).toEqual({ water: 0.2, loss: 0.06 });
    // between the width's and what the one upright bar says
    expect(heightBelief.mean).toBeGreaterThan(Math.min(shrinkage.width, 0.13));
    expect(heightBelief.mean).toBeLessThan(Math.max(shrinkage.width, 0.135));
    expect(shrinkage.height).toBe(heightBelief.mean);
    expect(sources).toEqual({
      shrinkage: 'bars',
      shares: { leather: 'bars', dry: 'bars', bisque: 'given' },
      water: 'bars',
      loss: 'bars',
    });
  });

  it('of height begin at the width’s where no height is given', () => {
    const { heightBelief, belief } = clayFigures({ kind: 'stoneware', shrinkagePercent: 11, heightBars: [] });
    expect(heightBelief.mean).toBeCloseTo(belief.mean, 12);
    expect(heightBelief.commonSd).toBeGreaterThan(belief.commonSd);
    expect(clayFigures({ kind: 'stoneware', shrinkagePercent: 11, heightBars: [bar(87)] }).heightBelief.mean).toBeGreaterThan(belief.mean);
    // typed it stands as it is in the contract; the application lets width and heights speak too
    expect(clayFigures(given).heightBelief.mean).toBeCloseTo(0.13, 12);
    expect(clayFigures({ ...given, heightBars: [] }).heightBelief.mean).toBeCloseTo(0.13, 9);
  });
});

describe('pieces made to one size', () => {
  /** What the mean of several is worth in bars when each reads with its own variance and all share one: 1' C^-1 1, by elimination. */
  function worth(own: readonly number[], shared: number): number {
    const n = own.length;
    const rows = own.map((each, i) => [...own.map((_, j) => shared + (i === j ? each : 0)), 1]);
    for (let i = 0; i < n; i += 1)
      for (let j = 0; j < n; j += 1) {
        if (i === j) continue;
        const factor = rows[j]![i]! / rows[i]![i]!;
        rows[j] = rows[j]!.map((value, k) => value - factor * rows[i]![k]!);
      }
    return rows.reduce((sum, row, i) => sum + row[n]! / row[i]!, 0);
  }

  it('share the error of that setting, run by run, however many there are', () => {
    const made = (run: string, wet: number) => ({ wet, glazed: wet * 0.88, tool: 'caliper' as const, madeTo: { sd: 0.8, run } });
    const piece = 0.0035;
    const own = (wet: number) => piece ** 2 + (0.8 ** 2 + 0.03 ** 2) / wet ** 2;
    const first = [made('a', 90), made('a', 110), made('a', 100)];
    const second = [made('b', 60), made('b', 64)];
    const expected = (bars: readonly { wet: number }[]) => {
      const size = bars.reduce((sum, { wet }) => sum + wet, 0) / bars.length;
      return (
        piece ** 2 *
        worth(
          bars.map(({ wet }) => own(wet)),
          (0.8 / size) ** 2,
        )
      );
    };
    expect(believe('stoneware', 12, first).weight).toBeCloseTo(expected(first), 9);
    expect(believe('stoneware', 12, [...first, ...second]).weight).toBeCloseTo(expected(first) + expected(second), 9);
    // measured bars beside them count by themselves
    const plain = believe('stoneware', 12, [bar(88)]).weight;
    expect(believe('stoneware', 12, [...first, bar(88)]).weight).toBeCloseTo(expected(first) + plain, 9);
    expect(plain).toBeCloseTo(piece ** 2 / (piece ** 2 + (2 * 0.03 ** 2) / 100 ** 2), 9);
  });

  it('leave out what is not fired', () => {
    expect(believe('stoneware', 12, [bar(88), { ...bar(88), glazed: undefined }])).toEqual(believe('stoneware', 12, [bar(88)]));
  });
});

describe('samples at the edge', () => {
  const shares = TYPICAL.stoneware.shares;
  const sample = (change: Partial<Sample> = {}): Sample => ({
    lengths: { wet: [100], glazed: [88] },
    weights: {},
    tool: 'caliper',
    direction: 'along',
    firing: {},
    ...change,
  });
  const reasons = (samples: Sample[], firing: Sample['firing']) => gather(samples, undefined, firing).sorted.map(({ unused }) => unused);

  it('need two stages: one alone, or none, speaks of nothing', () => {
    expect(impliedShrinkage({ lengths: { glazed: [88] } }, shares)).toBeUndefined();
    expect(impliedShrinkage({ lengths: {} }, shares)).toBeUndefined();
    expect(reasons([sample({ lengths: {} }), sample({ lengths: { glazed: [88] } }), sample()], {})).toEqual([
      'not fired',
      'not fired',
      undefined,
    ]);
  });

  it('use the last stage there is, of three', () => {
    const [leather, bisque] = [1 - 0.32 * 0.12, 1 - 0.52 * 0.12];
    expect(impliedShrinkage({ lengths: { leather: [100 * leather], dry: [99], bisque: [100 * bisque] } }, shares)).toBeCloseTo(0.12, 9);
  });

  it('of a length that stayed are taken as grown', () => {
    expect(reasons([sample({ lengths: { wet: [100], glazed: [100] } })], {})).toEqual(['grew']);
  });

  it('go by cones where both have one, else by temperatures where both have one, else together', () => {
    const hot = { cone: '10', temperatureC: 1222 };
    expect(reasons([sample({ firing: { cone: '6' } }), sample({ firing: hot })], { cone: '6', temperatureC: 1222 })).toEqual([
      undefined,
      'other firing',
    ]);
    expect(reasons([sample({ firing: { cone: '6' } }), sample({ firing: { temperatureC: 900 } })], { cone: '6' })).toEqual([
      undefined,
      undefined,
    ]);
    expect(reasons([sample({ firing: { temperatureC: 1222 } }), sample({ firing: { cone: '6' } })], { temperatureC: 1222 })).toEqual([
      undefined,
      undefined,
    ]);
    const by = (temperatureC: number) => sample({ firing: { temperatureC } });
    expect(reasons([by(1200), by(1215), by(1215.5), by(1185), by(1184.5)], { temperatureC: 1200 })).toEqual([
      undefined,
      undefined,
      'other firing',
      undefined,
      'other firing',
    ]);
  });

  it('stand in from another firing only where none is of this one, and only if there is one that is sound', () => {
    const other = sample({ firing: { cone: '10' } });
    const unfired = sample({ lengths: { wet: [100] } });
    const standsIn = (samples: Sample[]) => gather(samples, undefined, { cone: '6' }).otherFiringStandsIn;
    expect(standsIn([other])).toBe(true);
    expect(standsIn([other, unfired])).toBe(true);
    expect(standsIn([unfired])).toBe(false);
    expect(standsIn([])).toBe(false);
    expect(standsIn([other, sample({ firing: { cone: '6' } })])).toBe(false);
    // a warped one of this firing is none
    expect(standsIn([other, sample({ firing: { cone: '6' }, warped: true })])).toBe(true);
  });

  it('become bars with every stage that was measured', () => {
    const whole = sample({
      lengths: { wet: [100], leather: [97], dry: [95], bisque: [94], glazed: [88] },
      batchId: 'a',
      firedTool: 'ruler',
    });
    const late = sample({ lengths: { leather: [100 * (1 - 0.32 * 0.12)], glazed: [88] } });
    const unfired = sample({ lengths: { wet: [100], dry: [94] } });
    const bars = asBars(gather([whole, late, unfired], 'a', {}));
    expect(bars).toHaveLength(2);
    expect(bars[0]).toMatchObject({ wet: 100, leather: 97, dry: 95, bisque: 94, glazed: 88, firedTool: 'ruler', sameBatch: true });
    expect(bars[1]).toMatchObject({ wet: undefined, leather: expect.closeTo(96.16, 9), glazed: 88, sameBatch: false });
  });
});

describe('weights at the edge', () => {
  const weights = (each: Sample['weights'], boiled?: number): Sample => ({
    lengths: {},
    weights: each,
    boiled,
    tool: 'caliper',
    direction: 'along',
    firing: {},
  });

  it('are averaged over the bars that have them', () => {
    const { water, loss, absorption } = weigh([
      weights({ wet: 100, dry: 80, bisque: 76 }),
      weights({ wet: 100, dry: 76, bisque: 74, glazed: 71.44 }, 75.012),
      weights({ dry: 50 }),
    ]);
    expect(water).toBeCloseTo((0.2 + 0.24) / 2, 12);
    expect(loss).toBeCloseTo((0.05 + 0.06) / 2, 12);
    expect(absorption).toBeCloseTo(0.05, 12);
  });

  it('that stayed say none, those that grew nothing', () => {
    expect(weigh([weights({ wet: 100, dry: 100, glazed: 100 }, 100)])).toEqual({ water: 0, loss: 0, absorption: 0 });
    expect(weigh([weights({ wet: 100, dry: 101, glazed: 102 }, 101)])).toEqual({
      water: undefined,
      loss: undefined,
      absorption: undefined,
    });
    expect(weigh([weights({ wet: 0, dry: 0, glazed: 0 })])).toMatchObject({ water: undefined, loss: undefined });
    expect(weigh([weights({ glazed: 70 }), weights({}, 70)]).absorption).toBeUndefined();
  });

  it('are possible between 2.0 and 2.75 g/ml, both of them too', () => {
    expect([2, 2.75, 1.999, 2.751, 0, -1, Number.NaN].map(plausibility)).toEqual([
      'true',
      'true',
      'too light',
      'too heavy',
      'too heavy',
      'too heavy',
      'too heavy',
    ]);
  });
});

it('a cone bends at about a temperature, hotter from cone to cone; what is no cone at none', () => {
  expect([coneAboutC('022'), coneAboutC('6'), coneAboutC('13')]).toEqual([expect.any(Number), expect.any(Number), 1345]);
  expect(coneAboutC('022')!).toBeLessThan(coneAboutC('6')!);
  expect([coneAboutC('14'), coneAboutC(undefined)]).toEqual([undefined, undefined]);
  expect(readCone('  CONE 04 ')).toEqual({ ok: true, value: '04' });
});

it('every stage has one value', () => {
  expect(perStage((stage) => stage.length)).toEqual({ wet: 3, leather: 7, dry: 3, bisque: 6, glazed: 6 });
});
