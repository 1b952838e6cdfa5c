import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type VerbName, calculate } from '.';

const body = { kind: 'stoneware', shrinkagePercent: 11.5 };

function answered<T>(verb: VerbName, input: unknown): T {
  const answer = calculate(verb, input);
  if (!answer.ok) throw new Error(answer.problem.message);
  return answer.value as T;
}

const refused = (verb: VerbName, input: unknown) => {
  const answer = calculate(verb, input);
  if (answer.ok) throw new Error(`not refused: ${JSON.stringify(answer.value)}`);
  return answer.problem;
};

interface Fit {
  odds: Record<string, number>;
  gap: { mean: number; sd: number };
  depth: { mean: number; sd: number };
  best: { diameter: number; good: number };
}

describe('fit', () => {
  const pot = { at: 'leather', diameter: 110 };
  const lid = { at: 'leather', diameter: 107.5 };
  const gap = { min: 0.5, max: 2.2 };

  it('answers the reference case', () => {
    const { odds, gap: found, best } = answered<Fit>('fit', { body, pot, lid, gap });
    expect(Math.abs(odds.jams! - 0.0561)).toBeLessThan(0.003);
    expect(Math.abs(odds.good! - 0.6214)).toBeLessThan(0.003);
    expect(Math.abs(odds.loose! - 0.3225)).toBeLessThan(0.003);
    expect(found.mean).toBeCloseTo(1.818, 2);
    expect(found.sd).toBeCloseTo(0.827, 2);
    expect(best.diameter).toBeCloseTo(109.48, 1);
    expect(best.good).toBeCloseTo(0.697, 2);
  });

  it('takes the defaults as said, uses bars, and takes a rigid lid', () => {
    const said = { ...pot, toolSd: 0.5, ovalitySd: 0.6, glaze: 0 };
    expect(answered('fit', { body, pot: said, lid, gap, sameFiring: true })).toEqual(answered('fit', { body, pot, lid, gap }));
    const bars = [87.9, 88.2, 87.7].map((glazed) => ({ wet: 100, glazed, tool: 'caliper' }));
    const rigid = { rigid: true, diameter: 71.2 };
    const wet = { at: 'wet', diameter: 82.5 };
    const known = answered<Fit>('fit', { body: { ...body, bars }, pot: wet, lid: rigid, gap });
    const guessed = answered<Fit>('fit', { body, pot: wet, lid: rigid, gap });
    expect(known.gap.sd).toBeLessThan(guessed.gap.sd - 0.2);
    expect(known.best.good).toBeGreaterThan(guessed.best.good);
    // two firings of one clay share nothing
    expect(answered<Fit>('fit', { body, pot, lid, gap, sameFiring: false }).gap.sd).toBeGreaterThan(1.2);
  });

  it.each([
    ['a gap turned round', { gap: { min: 2.2, max: 0.5 } }, 'gap.min', /2.2 must be smaller than 0.5.*Swap/],
    ['a lid further on than its pot', { lid: { at: 'dry', diameter: 107 } }, 'lid.at', /“dry”.*“leather”.*earlier/],
    ['a rigid lid with a stage', { lid: { rigid: true, diameter: 71, at: 'wet' } }, 'lid.at', /not a field known here/],
    ['a lid that is not rigid after all', { lid: { rigid: false, diameter: 71 } }, 'lid.rigid', /./],
    ['no size', { pot: { at: 'wet' } }, 'pot.diameter', /./],
    ['a size of nothing', { pot: { at: 'wet', diameter: 0 } }, 'pot.diameter', /./],
    ['a hand that is worse than nothing', { pot: { ...pot, toolSd: -1 } }, 'pot.toolSd', /./],
  ])('refuses %s', (_, change, path, message) => {
    const problem = refused('fit', { body, pot, lid, gap, ...change });
    expect(problem.path).toBe(path);
    expect(problem.message).toMatch(message);
  });
});

describe('seat', () => {
  const pot = { at: 'wet', diameter: 86.5 };
  const stopper = { bottom: 72, top: 80, length: 26 };

  it('answers the reference case', () => {
    const { odds, depth, best } = answered<Fit>('seat', { body, pot, stopper });
    expect(Math.abs(odds.shallow! - 0.0903)).toBeLessThan(0.003);
    expect(Math.abs(odds.good! - 0.8956)).toBeLessThan(0.003);
    expect(Math.abs(odds.deep! - 0.014)).toBeLessThan(0.003);
    expect(depth.mean).toBeCloseTo(14.01, 1);
    expect(depth.sd).toBeCloseTo(3.675, 2);
    expect(best.diameter).toBeCloseTo(87.04, 1);
    expect(best.good).toBeCloseTo(0.9216, 2);
  });

  it('glaze is on both sides of the mouth', () => {
    const bare = answered<Fit>('seat', { body, pot, stopper }).depth.mean;
    expect(answered<Fit>('seat', { body, pot: { ...pot, glaze: 0.2 }, stopper }).depth.mean).toBeCloseTo(bare - (0.4 * 26) / 8, 6);
  });

  it('refuses what does not taper and shares turned round', () => {
    expect(refused('seat', { body, pot, stopper: { bottom: 80, top: 72, length: 26 } })).toMatchObject({
      path: 'stopper.bottom',
      message: expect.stringMatching(/80 wide.*72.*Swap/),
    });
    expect(refused('seat', { body, pot, stopper, share: { min: 0.9, max: 0.3 } }).path).toBe('share.min');
  });
});

describe('pair', () => {
  it('answers the reference case, and leaves over what does not fit', () => {
    const mouths = [71.8, 72.4, 73.1, 70.9];
    const lids = [70.6, 71.5, 72.2, 69.2];
    const { pairs } = answered<{ pairs: { gap: number }[] }>('pair', { mouths, lids, gap: { min: 0.4, max: 2 } });
    expect(pairs).toHaveLength(4);
    expect(pairs.reduce((sum, each) => sum + Math.abs(each.gap - 1.2), 0)).toBeCloseTo(1.1, 9);
    expect(answered('pair', { mouths: [90], lids: [70], gap: { min: 0.4, max: 2 } })).toEqual({
      pairs: [],
      left: { mouths: [0], lids: [0] },
    });
    expect(refused('pair', { mouths, lids, gap: { min: 2, max: 2 } }).path).toBe('gap.min');
    expect(refused('pair', { mouths: [-1], lids, gap: { min: 0.4, max: 2 } }).path).toBe('mouths.0');
  });
});

describe('the figure of a fit that is shown', () => {
  const body = { kind: 'stoneware', shrinkagePercent: 11.5 };
  const clayLid = { at: 'leather', diameter: 107.5 };
  const gap = { min: 0.5, max: 2.2 };
  const shownOf = (diameter: number, more: object = {}) => {
    const found = calculate('fit', { body, pot: { at: 'leather', diameter }, lid: clayLid, gap, ...more });
    if (!found.ok) throw new Error(found.problem.message);
    return found.value as {
      go: { min: number; max: number } | null;
      shown: {
        step: number;
        figure: number;
        go: { min: number; max: number } | null;
        odds: { good: number };
        finished: number;
        within: boolean;
      } | null;
    };
  };

  it('answers the reference case', () => {
    const { go, shown } = shownOf(110);
    expect(go).toEqual({ min: expect.closeTo(108.989, 2), max: expect.closeTo(109.978, 2) });
    expect(shown).toMatchObject({ step: 0.2, figure: expect.closeTo(109.4, 9), within: false, finished: expect.closeTo(100.518, 3) });
    expect(shown!.go).toEqual({ min: expect.closeTo(109, 9), max: expect.closeTo(109.8, 9) });
    expect(shown!.odds.good).toBeCloseTo(0.694876, 3);
    expect(shownOf(109.5).shown!.within).toBe(true);
  });

  it('is worked out as it is shown, in mm and in inches, at every stage: its odds are those of typing it', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('wet', 'leather', 'dry', 'bisque'),
        fc.constantFrom('mm', 'in'),
        fc.double({ min: 30, max: 260, noNaN: true }),
        fc.double({ min: 0.2, max: 3, noNaN: true }),
        (at, units, lid, wide) => {
          const asked = {
            body,
            pot: { at, diameter: lid / 0.885 },
            lid: { rigid: true, diameter: lid },
            gap: { min: 0.3, max: 0.3 + wide },
            units,
          };
          const found = (diameter: number) => {
            const answer = calculate('fit', { ...asked, pot: { at, diameter } });
            if (!answer.ok) throw new Error(answer.problem.message);
            return answer.value as ReturnType<typeof shownOf> & { odds: { good: number } };
          };
          const { go, shown } = found(lid / 0.885);
          if (!go || !shown) return;
          const { figure, step } = shown;
          // a figure that can be set, its odds its own, no neighbour better
          expect(figure / step).toBeCloseTo(Math.round(figure / step), 6);
          expect(found(figure).odds).toEqual(shown.odds);
          for (const beside of [figure - step, figure + step]) expect(found(beside).odds.good).toBeLessThanOrEqual(shown.odds.good + 1e-9);
          if (!shown.go) return;
          expect(shown.go.min).toBeGreaterThanOrEqual(go.min - 1e-6);
          expect(shown.go.max).toBeLessThanOrEqual(go.max + 1e-6);
        },
      ),
      { seed: 26, numRuns: 60 },
    );
  });

  it('is none where not one in a hundred would do', () => {
    expect(shownOf(110, { lid: { rigid: true, diameter: 90 }, gap: { min: 0, max: 0.001 } })).toMatchObject({ go: null, shown: null });
  });
});
