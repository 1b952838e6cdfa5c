import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  CONES,
  TYPICAL,
  type Sample,
  asBars,
  believe,
  clayFigures,
  coneRank,
  finishesBetween,
  gather,
  impliedShrinkage,
  lengthAt,
  mixtureRange,
  mostPieces,
  plausibility,
  readCone,
  slipsOf,
  solidDensity,
  weigh,
} from '.';

const shares = { leather: 0.32, dry: 0.45, bisque: 0.52 };

const sample = (change: Partial<Sample> = {}): Sample => ({
  lengths: { wet: [100], glazed: [88.5] },
  weights: {},
  tool: 'caliper',
  direction: 'along',
  firing: { cone: '6' },
  batchId: 'august',
  ...change,
});

const bar = (glazed: number, more = {}) => ({ wet: 100, glazed, tool: 'caliper' as const, ...more });

describe('cones', () => {
  it('stand in order, 04 far below 4', () => {
    expect(CONES[0]).toBe('022');
    expect(CONES.at(-1)).toBe('13');
    expect(coneRank('04')!).toBeLessThan(coneRank('4')! - 5);
    expect(coneRank('01')! + 1).toBe(coneRank('1'));
  });

  it.each(['6', 'cone 6', 'Cone 6', '^6'])('are read from %s', (text) => expect(readCone(text)).toEqual({ ok: true, value: '6' }));
  it.each(['', '14', '023', '6.5', 'hot'])('are not read from %s', (text) => expect(readCone(text).ok).toBe(false));
});

describe('two sizes at two stages', () => {
  it('say the whole shrinkage from any pair', () => {
    expect(impliedShrinkage({ lengths: { wet: [100], glazed: [88] } }, shares)).toBeCloseTo(0.12, 12);
    const leather = 300 * (1 - 0.32 * 0.115);
    expect(impliedShrinkage({ lengths: { leather: [leather], glazed: [300 * 0.885] } }, shares)).toBeCloseTo(0.115, 10);
  });

  it('average several pairs of dots', () => {
    expect(impliedShrinkage({ lengths: { wet: [100], glazed: [88, 89] } }, shares)).toBeCloseTo(0.115, 12);
  });

  it('say nothing alone', () => expect(impliedShrinkage({ lengths: { glazed: [88] } }, shares)).toBeUndefined());
});

describe('which samples count', () => {
  const reasons = (samples: Sample[], cone: string | undefined = '6') =>
    gather(samples, 'august', cone ? { cone } : {}).sorted.map(({ unused }) => unused);

  it('not the unfired, the warped, the grown, nor those fired otherwise', () => {
    expect(
      reasons([
        sample(),
        sample({ lengths: { wet: [100], dry: [95] } }),
        sample({ warped: true }),
        sample({ lengths: { wet: [100], glazed: [101] } }),
        sample({ firing: { cone: '10' } }),
        sample({ lengths: { wet: [100], glazed: [8.85] } }),
        sample({ lengths: { wet: [100], glazed: [70] }, sure: ['glazed'] }),
      ]),
    ).toEqual([undefined, 'not fired', 'warped', 'grew', 'other firing', 'in question', undefined]);
  });

  it('those fired otherwise when there is nothing else, and it is said', () => {
    const evidence = gather([sample({ firing: { cone: '10' } })], 'august', { cone: '6' });
    expect(evidence.otherFiringStandsIn).toBe(true);
    expect(asBars(evidence)).toHaveLength(1);
  });

  it('cones decide before temperatures, temperatures within 15 degrees', () => {
    expect(reasons([sample(), sample({ firing: { temperatureC: 1220 } })])).toEqual([undefined, undefined]);
    const at = gather([sample({ firing: { temperatureC: 1220 } }), sample({ firing: { temperatureC: 1260 } })], 'august', {
      temperatureC: 1225,
    });
    expect(at.sorted.map(({ unused }) => unused)).toEqual([undefined, 'other firing']);
  });

  it('a batch with none of its own borrows the others as one', () => {
    const bars = asBars(gather([sample({ batchId: 'march' }), sample({ batchId: 'march' })], 'august', { cone: '6' }));
    expect(bars.every(({ sameBatch }) => sameBatch === false)).toBe(true);
    expect(believe('stoneware', 11.5, bars).weight).toBeLessThan(0.8);
  });
});

describe('belief, as more is measured', () => {
  const fired = fc.array(fc.double({ min: 86, max: 90, noNaN: true }), { minLength: 1, maxLength: 12 });

  it('does not depend on the order of entry', () => {
    fc.assert(
      fc.property(fired, fc.array(fc.boolean(), { minLength: 12, maxLength: 12 }), (lengths, same) => {
        const bars = lengths.map((glazed, i) => bar(glazed, { sameBatch: same[i], batch: i % 2 ? 'a' : 'b' }));
        const there = believe('stoneware', 11.5, bars);
        const back = believe('stoneware', 11.5, [...bars].reverse());
        expect(back.mean).toBeCloseTo(there.mean, 12);
        expect(back.scale).toBeCloseTo(there.scale, 12);
      }),
      { seed: 51 },
    );
  });

  it('narrows on average with each further bar', () => {
    // bars scattered as a steady hand scatters them: quantiles of the believed piece-to-piece spread
    const spread = [-1.2, 0.4, 0.9, -0.5, 0.1, -0.9, 1.3, 0.6, -0.2, -0.7];
    const widths = spread.map((_, i) => {
      const [low, high] = mostPieces(
        believe(
          'stoneware',
          [10, 13],
          spread.slice(0, i + 1).map((z) => bar(88.5 + z * 0.3)),
        ),
      );
      return high - low;
    });
    const half = (from: number) => widths.slice(from, from + 5).reduce((a, b) => a + b, 0);
    expect(half(5)).toBeLessThan(half(0));
    expect(widths[0]).toBeLessThan(mostPieces(believe('stoneware', [10, 13], []))[1] - mostPieces(believe('stoneware', [10, 13], []))[0]);
  });

  it('is drowned out of any supplier’s figure by a hundred consistent bars', () => {
    const bars = Array.from({ length: 100 }, (_, i) => bar(88 + (i % 2 ? 0.05 : -0.05)));
    for (const supplier of [6, 9, 18, undefined, [14, 15] as const]) expect(believe('stoneware', supplier, bars).mean).toBeCloseTo(0.12, 3);
  });

  it('keeps other batches apart from each other', () => {
    const together = believe('stoneware', 11.5, [bar(88, { sameBatch: false, batch: 'a' }), bar(88, { sameBatch: false, batch: 'a' })]);
    const apart = believe('stoneware', 11.5, [bar(88, { sameBatch: false, batch: 'a' }), bar(88, { sameBatch: false, batch: 'b' })]);
    expect(apart.weight).toBeGreaterThan(together.weight);
  });

  it('gives a wet size with what it finishes at in 9 of 10', () => {
    const [small, large] = finishesBetween(lengthAt('wet', 82.5), believe('stoneware', 11.5, [bar(88.4), bar(88.6), bar(88.5)]));
    expect(small).toBeLessThan(82.5 * 0.885);
    expect(large).toBeGreaterThan(82.5 * 0.885);
    expect(large - small).toBeLessThan(1.6);
  });

  it('takes height apart from width where bars carry it', () => {
    const { shrinkage, heightBelief } = clayFigures({
      kind: 'stoneware',
      shrinkagePercent: 11.5,
      bars: [bar(88.5)],
      heightBars: [bar(86.5), bar(86.4), bar(86.6)],
    });
    expect(shrinkage.width).toBeCloseTo(0.115, 3);
    expect(shrinkage.height).toBeGreaterThan(0.13);
    expect(heightBelief.mean).toBe(shrinkage.height);
  });
});

describe('slips', () => {
  const kinds = (lengths: Sample['lengths'], tool: Sample['tool'] = 'caliper') =>
    slipsOf({ lengths, tool }).map(({ stage, kind, meant }) => [stage, kind, meant]);

  it.each<[Sample['lengths'], unknown[]]>([
    [{ wet: [100], dry: [94.8], glazed: [88.3] }, []],
    [{ wet: [100], glazed: [101] }, [['glazed', 'grew', undefined]]],
    [{ wet: [100], dry: [94], bisque: [95] }, [['bisque', 'grew', undefined]]],
    [{ wet: [100], glazed: [8.83] }, [['glazed', 'tenfold', 88.3]]],
    [{ wet: [10], glazed: [88] }, [['glazed', 'tenfold', 8.8]]],
    [{ wet: [100], glazed: [70] }, [['glazed', 'shrank too much', undefined]]],
    [{ glazed: [70] }, []],
  ])('in %j', (lengths, found) => expect(kinds(lengths)).toEqual(found));

  it('leaves a ruler its half millimetre', () => {
    expect(kinds({ wet: [100], bisque: [94], glazed: [94.4] }, 'ruler')).toEqual([]);
    expect(kinds({ wet: [100], bisque: [94], glazed: [94.4] })).toEqual([['glazed', 'grew', undefined]]);
  });
});

describe('weighing and boiling', () => {
  const weighed = sample({ weights: { wet: 100, dry: 79, glazed: 73.47 }, boiled: 75.6741 });

  it('says water, loss and absorption', () => {
    const { water, loss, absorption } = weigh([weighed, sample()]);
    expect([water, loss, absorption].map((value) => Number(value!.toFixed(6)))).toEqual([0.21, 0.07, 0.03]);
  });

  it('says nothing where nothing was weighed, nor of a bar that got heavier', () => {
    expect(weigh([sample({ weights: { wet: 100, dry: 110 } })])).toEqual({ water: undefined, loss: undefined, absorption: undefined });
  });

  it('tells figures that cannot all be true', () => {
    const matter = { water: 0.21, loss: 0.07 };
    expect(solidDensity(matter, 0.885, 0.885, 0.03)).toBeCloseTo(2.0626 / (1 - 0.03 * 2.0626), 3);
    expect(plausibility(solidDensity(matter, 0.885, 0.885, 0.03))).toBe('true');
    expect(plausibility(solidDensity(matter, 0.78, 0.78, 0))).toBe('too heavy');
    expect(plausibility(solidDensity(matter, 0.97, 0.97, 0.02))).toBe('too light');
    expect(plausibility(solidDensity(matter, 0.885, 0.885, 0.6))).toBe('too heavy');
    for (const { shrinkage, water, loss, absorption } of Object.values(TYPICAL)) {
      const k = 1 - shrinkage;
      expect(plausibility(solidDensity({ water, loss }, k, k, absorption)), 'typical figures for this kind of clay is possible').toBe(
        'true',
      );
    }
  });
});

describe('a mixture', () => {
  const of = (mean: number) => ({ mean, commonSd: 0.002 });

  it('lies between its bodies, wide, and wider the further apart they are', () => {
    const [low, high] = mixtureRange([
      { parts: 2, belief: of(0.1) },
      { parts: 1, belief: of(0.13) },
    ]);
    expect((low + high) / 2).toBeCloseTo(11, 1);
    const near = mixtureRange([
      { parts: 2, belief: of(0.11) },
      { parts: 1, belief: of(0.11) },
    ]);
    expect(high - low).toBeGreaterThan(near[1] - near[0]);
    expect(near[1] - near[0]).toBeGreaterThan(1.5);
  });
});
