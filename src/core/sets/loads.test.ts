import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { loadShelves } from './loads';
import { extras, thumbRules } from './extras';
import { worthOf } from './worth';

describe('kiln shelves', () => {
  const things = fc.array(
    fc.record({
      name: fc.string({ minLength: 1 }),
      across: fc.double({ min: 40, max: 260, noNaN: true }),
      count: fc.integer({ min: 1, max: 7 }),
    }),
    { minLength: 1, maxLength: 5 },
  );

  it('take every piece that is not too wide, on the shelf, 10 mm apart', () => {
    fc.assert(
      fc.property(things, (all) => {
        const named = all.map((thing, i) => ({ ...thing, name: `${thing.name}${i}` }));
        const { shelves, tooWide } = loadShelves(named, 300, 220);
        expect(tooWide).toEqual(named.filter(({ across }) => across > 220));
        for (const { name, across, count } of named) {
          const stands = shelves.flatMap(({ standing }) => standing.filter((each) => each.name === name));
          expect(stands).toHaveLength(across > 220 ? 0 : count);
          for (const each of stands) expect(each.across).toBe(across);
        }
        for (const { standing } of shelves) {
          for (const [i, a] of standing.entries()) {
            expect(Math.max(a.x + a.across, 0)).toBeLessThanOrEqual(300 + 1e-6);
            expect(Math.max(a.y + a.across, 0)).toBeLessThanOrEqual(220 + 1e-6);
            for (const b of standing.slice(i + 1)) {
              const beside = Math.max(b.x - a.x - a.across, a.x - b.x - b.across);
              const behind = Math.max(b.y - a.y - a.across, a.y - b.y - b.across);
              expect(Math.max(beside, behind)).toBeGreaterThanOrEqual(10 - 1e-6);
            }
          }
        }
      }),
      { numRuns: 60, seed: 9 },
    );
  });

  it('take a piece that is just as wide as the shelf is deep', () => {
    expect(loadShelves([{ name: 'charger', across: 220, count: 1 }], 300, 220)).toMatchObject({ tooWide: [], shelves: [{}] });
  });
});

describe('how many more to make', () => {
  /** The chance that at least so many of n come out, by sums over all counts: a second way. */
  const atLeast = (n: number, need: number, good: number): number => {
    const choose = (k: number): number => (k === 0 ? 1 : (choose(k - 1) * (n - k + 1)) / k);
    return Array.from({ length: n - need + 1 }, (_, i) => choose(need + i) * good ** (need + i) * (1 - good) ** (n - need - i)).reduce(
      (a, b) => a + b,
      0,
    );
  };

  it('is the least that is enough as often as asked', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.double({ min: 0.5, max: 0.99, noNaN: true }),
        fc.double({ min: 0.02, max: 0.5, noNaN: true }),
        (need, odds, loss) => {
          const found = extras(need, odds, loss);
          expect(found.odds).toBeCloseTo(atLeast(found.make, need, 1 - loss), 9);
          expect(found.odds).toBeGreaterThanOrEqual(odds);
          if (found.make > need) expect(atLeast(found.make - 1, need, 1 - loss)).toBeLessThan(odds);
        },
      ),
      { numRuns: 80, seed: 3 },
    );
  });

  it('with a history is between the typical and what was lost, and nothing lost ever is just as many', () => {
    const [few, many] = [extras(20, 0.9, 0.1, { made: 200, lost: 4 }), extras(20, 0.9, 0.1, { made: 200, lost: 60 })];
    expect(few.make).toBeLessThan(extras(20, 0.9, 0.1).make);
    expect(many.make).toBeGreaterThan(extras(20, 0.9, 0.1).make);
    expect(extras(20, 0.9, 0)).toEqual({ make: 20, odds: 1 });
    expect(extras(20, 0.9, 0, { made: 50, lost: 0 })).toEqual({ make: 20, odds: 1 });
    expect(extras(1, 0.5, 0.5, { made: 0, lost: 0 }).odds).toBeCloseTo(0.5, 9);
  });

  it('by the rules of thumb is rounded up, and a whole figure stays', () => {
    expect(thumbRules(20)).toEqual({ tenth: 22, thirdOfOrder: 27, thirdOfBatch: 30 });
    expect(thumbRules(11)).toEqual({ tenth: 13, thirdOfOrder: 15, thirdOfBatch: 17 });
    expect(thumbRules(30)).toEqual({ tenth: 33, thirdOfOrder: 40, thirdOfBatch: 45 });
  });
});

describe('what is left of a piece', () => {
  it('is the price less the shop and the costs of the lost ones; the hour and the minutes follow', () => {
    const sale = { price: 40, shop: 0.5, costs: 3, minutes: 20, loss: 0.25, wantPerHour: 30 };
    const worth = worthOf(sale);
    expect(worth.leaves).toBeCloseTo(20 - 4, 12);
    expect(worth.minutesPerGood).toBeCloseTo(20 / 0.75, 12);
    expect(worth.perHour).toBeCloseTo((16 * 60) / (20 / 0.75), 12);
    // made in the most minutes it brings just the hour wanted
    expect(worthOf({ ...sale, minutes: worth.mostMinutes }).perHour).toBeCloseTo(30, 9);
  });
});
