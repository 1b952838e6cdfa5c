import { type Stage, STAGES, clayFigures } from '@/core/clay';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Along, type Limit, aimFor, chanceWithin, windowAt, windows } from '.';
import { beliefOf, leftFrom } from './doubt';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 12 });

const asked = fc.record({
  size: fc.constantFrom('rimDiameter' as const, 'height' as const),
  at: fc.constantFrom(...STAGES),
  made: fc.constantFrom(...STAGES),
  odds: fc.constantFrom(0.5, 0.8, 0.9, 0.95),
  least: fc.integer({ min: 30, max: 250 }),
  room: fc.integer({ min: 1, max: 30 }),
  bounds: fc.constantFrom('least', 'most', 'both'),
});

const limitOf = ({ at, least, room, bounds }: { at: Stage; least: number; room: number; bounds: string }): Limit => ({
  at,
  ...(bounds !== 'most' && { least }),
  ...(bounds !== 'least' && { most: least + room }),
});

describe('a window of lengths', () => {
  it('ends where the odds do, at each side that is limited and nowhere else', () => {
    fc.assert(
      fc.property(asked, ({ size, made, odds, ...rest }) => {
        const limit = limitOf(rest);
        const along: Along = { clay, size };
        const { best, go } = windowAt(along, limit, made, odds);
        const chance = (mm: number) => chanceWithin(along, limit, made, mm);
        if (!go) {
          // even the best length of a fine scan is not good enough
          const near = rest.least / leftFrom(along, made, limit.at, beliefOf(along).mean);
          const tried = Array.from({ length: 400 }, (_, i) => chance(near * (0.8 + i * 0.002)));
          expect(Math.max(...tried)).toBeLessThan(odds + 1e-3);
          expect(best).toBeLessThan(odds);
          expect(limit.least !== undefined && limit.most !== undefined).toBe(true);
          return;
        }
        expect(best).toBeGreaterThan(odds - 1e-5);
        expect(go[0] === undefined).toBe(limit.least === undefined);
        expect(go[1] === undefined).toBe(limit.most === undefined);
        if (go[0] !== undefined) {
          expect(chance(go[0])).toBeGreaterThan(odds - 2e-6);
          expect(chance(go[0] - 2e-3)).toBeLessThan(odds);
        }
        if (go[1] !== undefined) {
          expect(chance(go[1])).toBeGreaterThan(odds - 2e-6);
          expect(chance(go[1] + 2e-3)).toBeLessThan(odds);
        }
      }),
      { numRuns: 150, seed: 66 },
    );
  });

  it('is aimed at in the middle of a range, else as near to the limit as the odds allow', () => {
    fc.assert(
      fc.property(asked, ({ size, made, odds, ...rest }) => {
        const limit = limitOf(rest);
        const along: Along = { clay, size };
        const aim = aimFor(along, limit, odds, made);
        const length = aim / leftFrom(along, made, limit.at, beliefOf(along).mean);
        const chance = (mm: number) => chanceWithin(along, limit, made, mm);
        if (rest.bounds === 'both') {
          expect(aim).toBeCloseTo(rest.least + rest.room / 2, 9);
          return;
        }
        const [wanted, towards] = rest.bounds === 'least' ? [rest.least, -1] : [rest.least + rest.room, 1];
        expect(chance(length)).toBeGreaterThan(odds - 1e-9);
        // at even odds, and at the limit's own stage, the limit itself; else nearer to it is not sure enough
        if (Math.abs(aim - wanted) > 1e-9) expect(chance(length + towards * 2e-3)).toBeLessThan(odds);
        expect((aim - wanted) * towards).toBeLessThanOrEqual(1e-9);
      }),
      { numRuns: 150, seed: 67 },
    );
  });

  it('at the limit’s own stage is the limit itself, certain inside it and out of the question beyond', () => {
    const limit: Limit = { at: 'glazed', least: 80, most: 82 };
    const along: Along = { clay, size: 'rimDiameter' };
    expect([79.9, 80, 81, 82, 82.1].map((mm) => chanceWithin(along, limit, 'glazed', mm))).toEqual([0, 1, 1, 1, 0]);
    const { best, go } = windows(along, limit, 0.9).glazed;
    expect(best).toBe(1);
    expect(go).toEqual([expect.closeTo(80, 3), expect.closeTo(82, 3)]);
    expect(Object.keys(windows(along, limit, 0.9))).toEqual([...STAGES]);
    expect(chanceWithin(along, { at: 'glazed' }, 'wet', 90)).toBe(1);
    expect(chanceWithin(along, { at: 'glazed', least: 0 }, 'wet', 90)).toBe(1);
  });
});
