import fc from 'fast-check';
import jStat from 'jstat';
import { describe, expect, it } from 'vitest';
import { normalDensity, normalUpTo, studentAt, studentDensity, studentUpTo } from './chances';

const within = { seed: 1107, numRuns: 500 };
const place = fc.double({ min: -8, max: 8, noNaN: true });
const dof = fc.integer({ min: 3, max: 12_000 });

describe('chances, beside a statistics library', () => {
  it('of the normal', () => {
    fc.assert(
      fc.property(place, (x) => {
        expect(normalUpTo(x)).toBeCloseTo(jStat.normal.cdf(x, 0, 1), 13);
        expect(normalDensity(0.5, 2, x)).toBeCloseTo(jStat.normal.pdf(x, 0.5, 2), 13);
      }),
      within,
    );
  });

  it('of the Student t, few and many degrees of freedom', () => {
    fc.assert(
      fc.property(place, dof, (x, nu) => {
        expect(studentDensity(nu, x)).toBeCloseTo(jStat.studentt.pdf(x, nu), 7);
        expect(studentUpTo(nu, x)).toBeCloseTo(jStat.studentt.cdf(x, nu), 6);
      }),
      within,
    );
  });

  it('and back: the place of a chance has that chance', () => {
    fc.assert(
      fc.property(fc.double({ min: 1e-4, max: 1 - 1e-4, noNaN: true }), dof, (chance, nu) => {
        expect(studentUpTo(nu, studentAt(nu, chance))).toBeCloseTo(chance, 10);
      }),
      within,
    );
    // tables: t of 10 degrees, 95 %
    expect(studentAt(10, 0.95)).toBeCloseTo(1.8124611, 7);
    expect(studentAt(10, 0.5)).toBe(0);
  });

  it('far out the tails stay what they are', () => {
    expect(normalUpTo(-6)).toBeCloseTo(9.865876450377e-10, 20);
    expect(normalUpTo(-40)).toBe(0);
    expect(normalUpTo(40)).toBe(1);
  });
});
