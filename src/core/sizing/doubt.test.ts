import { type Stage, beliefDensity, clayFigures, normalDensity, normalUpTo } from '@/core/clay';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ALL_DOUBTS, type Along, TOOL_SD, chanceUnder, rangeOf, reachedFrom, handWith, shareAt, shareSdAt } from './doubt';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 10 });
const along = (more: Partial<Along> = {}): Along => ({ clay, size: 'rimDiameter', ...more });

const STAGES: readonly Stage[] = ['wet', 'leather', 'dry', 'bisque', 'glazed'];
const NONE = { clay: false, hand: false, share: false };

/** Of a normal, the middle 9 in 10 lie within so many sd. */
const NINE_IN_TEN = 1.6448536;

describe('between which lengths most pieces come out', () => {
  it('is where the chances say: as many fall short of the one as pass the other', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...STAGES),
        fc.constantFrom(...STAGES),
        fc.double({ min: 8, max: 700, noNaN: true }),
        fc.constantFrom(0.5, 0.8, 0.9, 0.99),
        fc.constantFrom(0.05, 0.5, 1.5, 4),
        (from, to, mm, odds, toolSd) => {
          const what = along({ toolSd });
          const [least, most] = rangeOf(what, { from, mm, to }, odds);
          expect(least).toBeLessThan(most);
          expect(chanceUnder(what, { from, mm, to }, least)).toBeCloseTo((1 - odds) / 2, 3);
          expect(chanceUnder(what, { from, mm, to }, most)).toBeCloseTo((1 + odds) / 2, 3);
        },
      ),
      { seed: 41, numRuns: 120 },
    );
  });

  it('of the hand alone is a normal on the size as made, carried along by the shrinkage', () => {
    const made = { from: 'wet', mm: 200, to: 'glazed' } as const;
    const [least, most] = rangeOf(along({ toolSd: 2 }), made, 0.9, { ...NONE, hand: true });
    const left = reachedFrom(along(), 'wet', 1, 'glazed');
    expect(least).toBeCloseTo((200 - NINE_IN_TEN * 2) * left, 3);
    expect(most).toBeCloseTo((200 + NINE_IN_TEN * 2) * left, 3);
    // where it stays at its stage nothing but the hand is in doubt
    const [here] = rangeOf(along({ toolSd: 2 }), { from: 'dry', mm: 200, to: 'dry' }, 0.9);
    expect(here).toBeCloseTo(200 - NINE_IN_TEN * 2, 3);
  });

  it('of the share alone is as wide as that is unsure at the stage it is looked at', () => {
    const made = { from: 'wet', mm: 200, to: 'dry' } as const;
    const [least, most] = rangeOf(along(), made, 0.9, { ...NONE, share: true });
    const { mean } = clay.belief;
    expect(most - least).toBeCloseTo(2 * NINE_IN_TEN * 200 * mean * shareSdAt(clay, 'dry'), 2);
    expect((least + most) / 2).toBeCloseTo(200 * (1 - shareAt(clay, 'dry') * mean), 2);
  });

  it('of nothing at all is the length itself', () => {
    const made = { from: 'wet', mm: 200, to: 'glazed' } as const;
    const [least, most] = rangeOf(along(), made, 0.9, NONE);
    expect(least).toBeCloseTo(reachedFrom(along(), 'wet', 200, 'glazed'), 3);
    expect(most).toBeCloseTo(least, 3);
    expect(chanceUnder(along(), made, least + 0.001, NONE)).toBe(1);
    expect(chanceUnder(along(), made, least - 0.001, NONE)).toBe(0);
  });

  it('grows with every doubt, and with the odds asked for', () => {
    const made = { from: 'wet', mm: 200, to: 'glazed' } as const;
    const wide = (odds: number, doubts = ALL_DOUBTS, more: Partial<Along> = {}) => {
      const [least, most] = rangeOf(along(more), made, odds, doubts);
      return most - least;
    };
    expect(wide(0.99)).toBeGreaterThan(wide(0.9));
    expect(wide(0.9)).toBeGreaterThan(wide(0.8));
    for (const one of ['clay', 'hand'] as const) expect(wide(0.9)).toBeGreaterThan(wide(0.9, { ...NONE, [one]: true }));
    expect(wide(0.9, ALL_DOUBTS, { toolSd: 3 })).toBeGreaterThan(wide(0.9));
    // a coarse hand and a fine one come from the same sum
    expect(wide(0.9, ALL_DOUBTS, { toolSd: 1e-4 })).toBeCloseTo(wide(0.9, { ...NONE, clay: true }), 2);
  });
});

describe('the chance to end under a length', () => {
  /** By summing over the shrinkage and both shares in small steps, the hand a normal: a second way. */
  function summed(from: Stage, mm: number, to: Stage, limit: number, hand: number): number {
    const nodes = (mean: number, sd: number) =>
      sd === 0
        ? [[mean, 1] as const]
        : Array.from({ length: 21 }, (_, i) => [mean + (i - 10) * 0.5 * sd, 0.5 * normalDensity(0, 1, (i - 10) * 0.5)] as const);
    const { belief } = clay;
    const steps = Array.from({ length: 181 }, (_, i) => belief.mean + (i - 90) * 0.1 * belief.scale);
    const whole = steps.reduce((sum, s) => sum + beliefDensity(belief, s), 0);
    const [early, late] = [nodes(shareAt(clay, from), shareSdAt(clay, from)), nodes(shareAt(clay, to), shareSdAt(clay, to))];
    let chance = 0;
    for (const s of steps)
      for (const [p, a] of early)
        for (const [q, b] of late)
          chance += (beliefDensity(belief, s) / whole) * a * b * normalUpTo(((limit * (1 - p * s)) / (1 - q * s) - mm) / hand);
    return chance;
  }

  it.each<[Stage, Stage]>([
    ['wet', 'glazed'],
    ['wet', 'leather'],
    ['leather', 'glazed'],
    ['leather', 'dry'],
    ['dry', 'bisque'],
    ['glazed', 'leather'],
  ])('made %s and looked at %s is what summing over every doubt gives', (from, to) => {
    for (const [mm, hand] of [
      [180, 0.5],
      [60, 1.5],
    ] as const) {
      const middle = reachedFrom(along(), from, mm, to);
      for (const off of [-1.5, -0.4, 0, 0.4, 1.5]) {
        const found = chanceUnder(along({ toolSd: hand }), { from, mm, to }, middle + off);
        expect(Math.abs(found - summed(from, mm, to, middle + off, hand))).toBeLessThan(1.2e-3);
      }
    }
  });
});

describe('how sure a hand and a share are', () => {
  it('is typical until it is known', () => {
    for (const tool of ['gauge', 'eye'] as const)
      expect([handWith({}, tool, 'width'), handWith({}, tool, 'height')]).toEqual([
        { sd: TOOL_SD[tool], lean: 0 },
        { sd: TOOL_SD[tool], lean: 0 },
      ]);
    const own = { width: { sd: 0.9, lean: 0 }, height: { sd: 1.1, lean: 1.2 } };
    expect(handWith({ hands: { gauge: own, eye: own } }, 'gauge', 'height')).toEqual(own.height);
    expect(STAGES.map((stage) => shareAt(clay, stage)).slice(0, 1)).toEqual([0]);
    expect(shareAt(clay, 'glazed')).toBe(1);
    expect([shareSdAt(clay, 'wet'), shareSdAt(clay, 'glazed')]).toEqual([0, 0]);
    expect(shareSdAt(clay, 'leather')).toBe(0.06);
    const known = { sources: { ...clay.sources, shares: { ...clay.sources.shares, leather: 'bars' as const } } };
    expect(shareSdAt({ ...clay, ...known } as typeof clay, 'leather')).toBe(0.02);
  });
});
