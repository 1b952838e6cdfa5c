import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { beliefDensity, chanceUpTo, clayFigures, finishesBetween, lengthAt, mostPieces } from '.';

const { belief } = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });

describe('what is believed of a shrinkage', () => {
  it('is as likely below its mean as above, and falls off to both sides alike', () => {
    expect(chanceUpTo(belief, belief.mean)).toBeCloseTo(0.5, 9);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 0.05, noNaN: true }), (off) => {
        expect(beliefDensity(belief, belief.mean + off)).toBeCloseTo(beliefDensity(belief, belief.mean - off), 9);
        expect(chanceUpTo(belief, belief.mean - off) + chanceUpTo(belief, belief.mean + off)).toBeCloseTo(1, 9);
      }),
      { numRuns: 40, seed: 6 },
    );
  });

  it('has a density that adds up to the chance, by small steps', () => {
    const [from, to] = [belief.mean - 0.01, belief.mean + 0.02];
    const steps = 4000;
    const wide = (to - from) / steps;
    const sum = Array.from({ length: steps }, (_, i) => beliefDensity(belief, from + (i + 0.5) * wide) * wide).reduce((a, b) => a + b, 0);
    expect(sum).toBeCloseTo(chanceUpTo(belief, to) - chanceUpTo(belief, from), 5);
  });

  it('holds nine in ten between the two told, and the sizes are those shrinkages leave', () => {
    const [low, high] = mostPieces(belief);
    expect(chanceUpTo(belief, high) - chanceUpTo(belief, low)).toBeCloseTo(0.9, 6);
    expect((low + high) / 2).toBeCloseTo(belief.mean, 12);
    const [least, most] = finishesBetween(lengthAt('wet', 200), belief);
    expect(least).toBeCloseTo(200 * (1 - high), 9);
    expect(most).toBeCloseTo(200 * (1 - low), 9);
    expect(mostPieces({ ...belief, mean: 0.001 })[0]).toBe(0);
  });
});
