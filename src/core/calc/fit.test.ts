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
    ['a gap turned round', { gap: { min: 2.2, max: 0.5 } }, 'gap.min', /2.2 is not under 0.5.*Swap/],
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
