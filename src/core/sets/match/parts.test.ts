import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { solve } from 'yalps';
import { type Found, type Points, areNear, groupsOf, holds, pricedSets, spreadOf } from './boxes';
import { type Wanted, pricesOf } from './prices';
import { isBetter, quickSets, sumOf, tightened } from './quick';
import { choose, setsWithin } from './search';

const tenths = fc.integer({ min: 0, max: 30 }).map((each) => each / 10);
const pieces = (least: number, most: number, features = 2) =>
  fc.array(fc.array(tenths, { minLength: features, maxLength: features }), { minLength: least, maxLength: most });

/** Every choice of so many, and of those the ones that hold. */
function choicesOf<T>(from: readonly T[], count: number): T[][] {
  if (count === 0) return [[]];
  return from.flatMap((first, i) => choicesOf(from.slice(i + 1), count - 1).map((rest) => [first, ...rest]));
}
const everySet = (points: Points, size: number): Found[] =>
  choicesOf([...points.keys()], size)
    .map((set) => ({ pieces: set, spread: spreadOf(points, set) }))
    .filter(({ spread }) => holds(spread));

const endless = () => true;

describe('prices of pieces', () => {
  /** The best a mixture of sets can do, none of its pieces used more than once in all. */
  function relaxed(points: Points, size: number, { value, weigh, most }: Wanted): number {
    const variables = Object.fromEntries(
      everySet(points, size).map(({ pieces: own, spread }, s) => [
        `s${s}`,
        { worth: value - weigh * spread, count: 1, ...Object.fromEntries(own.map((i) => [`p${i}`, 1])) },
      ]),
    );
    const constraints = { count: { max: most }, ...Object.fromEntries([...points.keys()].map((i) => [`p${i}`, { max: 1 }])) };
    const { result } = solve({ direction: 'maximize', objective: 'worth', constraints, variables });
    return Math.max(0, result);
  }

  it('leave no set worth more than they are, and bound all of them as closely as a linear program does', () => {
    const asked = fc.tuple(
      pieces(4, 11),
      fc.integer({ min: 2, max: 4 }),
      fc.record({ value: fc.constantFrom(1, 3), weigh: fc.constantFrom(0, 1), most: fc.integer({ min: 1, max: 4 }) }),
    );
    fc.assert(
      fc.property(asked, ([points, size, want]) => {
        const found = pricesOf(points, size, want, quickSets(points, size), endless)!;
        for (const { pieces: own, spread } of everySet(points, size)) {
          const paid = own.reduce((sum, i) => sum + found.prices[i]!, found.each);
          expect(want.value - want.weigh * spread).toBeLessThanOrEqual(paid + 1e-9);
        }
        expect(Math.min(...found.prices, found.each)).toBeGreaterThanOrEqual(0);
        expect(found.bound).toBeCloseTo(found.prices.reduce((a, b) => a + b, 0) + want.most * found.each, 9);
        expect(found.bound).toBeGreaterThanOrEqual(relaxed(points, size, want) - 1e-6);
        expect(found.bound).toBeLessThanOrEqual(relaxed(points, size, want) + 1e-3);
        for (const set of found.sets) expect(set.spread).toBeCloseTo(spreadOf(points, set.pieces), 12);
      }),
      { numRuns: 60, seed: 21 },
    );
  });

  it('are none where there is no time to look', () => {
    expect(pricesOf([[0], [0.5]], 2, { value: 1, weigh: 0, most: 2 }, [], () => false)).toBeUndefined();
  });
});

describe('the cheapest set', () => {
  it('is among those of the corners, whatever the pieces and a spread cost', () => {
    const asked = fc.tuple(
      pieces(3, 9, 3),
      fc.integer({ min: 2, max: 3 }),
      fc.constantFrom(0, 0.5, 2),
      fc.array(tenths, { minLength: 9, maxLength: 9 }),
    );
    fc.assert(
      fc.property(asked, ([points, size, weigh, prices]) => {
        const cost = (own: readonly number[], spread: number) => own.reduce((sum, i) => sum + prices[i]!, weigh * spread);
        let least = Infinity;
        const whole = pricedSets(
          points,
          size,
          prices,
          weigh,
          ({ pieces: own, spread }) => {
            expect(holds(spread)).toBe(true);
            expect(spread).toBe(spreadOf(points, own));
            least = Math.min(least, cost(own, spread));
          },
          endless,
        );
        expect(whole).toBe(true);
        expect(least).toBeCloseTo(Math.min(Infinity, ...everySet(points, size).map(({ pieces: own, spread }) => cost(own, spread))), 9);
      }),
      { numRuns: 80, seed: 22 },
    );
  });
});

describe('sets found quickly', () => {
  const asked = fc.tuple(pieces(6, 16), fc.integer({ min: 2, max: 4 }));

  it('hold, share no piece, and are not tighter for any exchange with another or with what is left over', () => {
    fc.assert(
      fc.property(asked, ([points, size]) => {
        const sets = quickSets(points, size).map(({ pieces: own }) => own);
        const used = sets.flat();
        expect(new Set(used).size).toBe(used.length);
        const left = [...points.keys()].filter((i) => !used.includes(i));
        const spread = (set: readonly number[]) => spreadOf(points, set);
        for (const [a, one] of sets.entries()) {
          expect(one).toHaveLength(size);
          expect(holds(spread(one))).toBe(true);
          for (let i = 0; i < size; i += 1) for (const j of left) expect(spread(one.with(i, j))).toBeGreaterThanOrEqual(spread(one) - 1e-9);
          for (const other of sets.slice(a + 1)) {
            const both = [...one, ...other];
            for (const first of choicesOf(both, size)) {
              const second = both.filter((i) => !first.includes(i));
              if (holds(spread(first)) && holds(spread(second)))
                expect(spread(first) + spread(second)).toBeGreaterThanOrEqual(spread(one) + spread(other) - 1e-9);
            }
          }
        }
      }),
      { numRuns: 60, seed: 23 },
    );
  });

  it('are as many as there can be, or nearly, and leave none that what is left over would make', () => {
    let [quick, most] = [0, 0];
    fc.assert(
      fc.property(asked, ([points, size]) => {
        const sets = quickSets(points, size);
        const used = new Set(sets.flatMap(({ pieces: own }) => own));
        expect(everySet(points, size).filter(({ pieces: own }) => own.every((i) => !used.has(i)))).toEqual([]);
        quick += sets.length;
        most += Math.floor(points.length / size);
      }),
      { numRuns: 60, seed: 24 },
    );
    expect(quick / most).toBeGreaterThan(0.5);
  });

  it('place what stands apart while there is a choice', () => {
    // the two in the middle are nearest, but then the two outside have nobody
    const points = [
      [0, 0],
      [0.9, 0],
      [1.1, 0],
      [2, 0],
    ];
    expect(quickSets(points, 2)).toHaveLength(2);
    const crossed = [
      [0, 0.2],
      [0.9, 0.5],
      [1.2, 0.4],
      [1.9, 0.9],
      [5, 5],
    ];
    expect(quickSets(crossed, 2)).toHaveLength(2);
  });

  it('are the most there can be of one feature, and of as many the tightest', () => {
    const one = fc.tuple(
      fc.array(
        fc.integer({ min: 0, max: 200 }).map((each) => [each / 20]),
        { minLength: 3, maxLength: 40 },
      ),
      fc.integer({ min: 2, max: 5 }),
    );
    fc.assert(
      fc.property(one, ([points, size]) => {
        const at = points.map(([each]) => each!).toSorted((a, b) => a - b);
        // from each place on, in order: left out, or the first of a set of neighbours
        const best = Array.from({ length: at.length + size }, () => ({ count: 0, sum: 0 }));
        for (let i = at.length - size; i >= 0; i -= 1) {
          const spread = at[i + size - 1]! - at[i]!;
          const [out, set] = [best[i + 1]!, { count: best[i + size]!.count + 1, sum: best[i + size]!.sum + spread }];
          const takes = holds(spread) && (set.count > out.count || (set.count === out.count && set.sum < out.sum));
          best[i] = takes ? set : out;
        }
        const found = quickSets(points, size);
        expect(found).toHaveLength(best[0]!.count);
        expect(sumOf(found)).toBeCloseTo(best[0]!.sum, 9);
      }),
      { numRuns: 100, seed: 27 },
    );
  });

  it('are made tighter from any that hold', () => {
    fc.assert(
      fc.property(asked, ([points, size]) => {
        const some = quickSets(points, size);
        const rough = everySet(points, size).slice(0, 1);
        for (const start of [some, rough]) {
          const after = tightened(points, size, start);
          expect(after).toHaveLength(start.length);
          expect(sumOf(after)).toBeLessThanOrEqual(sumOf(start) + 1e-9);
          for (const { pieces: own, spread } of after) expect(spread).toBe(spreadOf(points, own));
        }
      }),
      { numRuns: 40, seed: 25 },
    );
    expect(tightened([[0], [0.8], [0.1]], 2, [{ pieces: [0, 1], spread: 0.8 }])).toEqual([
      { pieces: [2, 0], spread: expect.closeTo(0.1, 9) },
    ]);
  });

  it('are better for being more, and of as many for being tighter', () => {
    const set = (spread: number) => ({ pieces: [], spread });
    expect(isBetter([set(0.9), set(0.9)], [set(0.1)])).toBe(true);
    expect(isBetter([set(0.1)], [set(0.9), set(0.9)])).toBe(false);
    expect(isBetter([set(0.1)], [set(0.2)])).toBe(true);
    expect(isBetter([set(0.2)], [set(0.2)])).toBe(false);
  });
});

it('groups are joined by being near, directly or by way of others, and no set reaches from one to another', () => {
  fc.assert(
    fc.property(pieces(2, 14), (points) => {
      const groups = groupsOf(points);
      expect(groups.flat().toSorted((a, b) => a - b)).toEqual([...points.keys()]);
      const of = (i: number) => groups.findIndex((group) => group.includes(i));
      for (const i of points.keys()) for (const j of points.keys()) if (areNear(points[i]!, points[j]!)) expect(of(i)).toBe(of(j));
      // as many groups as links leave: by joining labels until nothing changes
      const labels = [...points.keys()];
      for (let changed = true; changed;) {
        changed = false;
        for (const i of labels.keys())
          for (const j of labels.keys())
            if (areNear(points[i]!, points[j]!) && labels[j]! > labels[i]!) [labels[j], changed] = [labels[i]!, true];
      }
      expect(groups).toHaveLength(new Set(labels).size);
    }),
    { numRuns: 60, seed: 26 },
  );
});

const points = (least: number, most: number) => fc.array(fc.tuple(tenths, tenths), { minLength: least, maxLength: most });
const prices = fc.array(
  fc.integer({ min: 0, max: 10 }).map((each) => each / 10),
  { minLength: 10, maxLength: 10 },
);

/** Between the tenths all else is counted in. */
const gaps = (min: number, max: number) => fc.integer({ min, max }).map((each) => (each + 0.5) / 10);

const plenty = () => ({ left: 1e9 });
const overOf =
  (own: readonly number[], base: number) =>
  ({ pieces, spread }: Found) =>
    pieces.reduce((sum, i) => sum + own[i]!, base + spread);
const named = (sets: readonly Found[]) => sets.map(({ pieces }) => pieces.toSorted((a, b) => a - b).join()).toSorted();

describe('sets that are over their prices by no more than a gap', () => {
  it('are those of all sets, each once', () => {
    fc.assert(
      fc.property(points(3, 10), prices, fc.integer({ min: 2, max: 4 }), gaps(-10, 30), (all, own, size, gap) => {
        const over = overOf(own, -1);
        const found = setsWithin(all, size, gap, over, own, plenty())!;
        expect(named(found)).toEqual(named(everySet(all, size).filter((set) => over(set) <= gap)));
        for (const { pieces, spread } of found) expect(spread).toBe(spreadOf(all, pieces));
      }),
      { numRuns: 150, seed: 41 },
    );
  });

  it('are none where there is no room to look', () => {
    expect(setsWithin([[0], [0.1], [0.2]], 2, 5, overOf([0, 0, 0], 0), [0, 0, 0], { left: 1 })).toBeUndefined();
  });

  it('stops where no set can be within, without looking at all', () => {
    const many = Array.from({ length: 60 }, (_, i) => [i / 100]);
    const counter = { left: 1e6 };
    expect(
      setsWithin(
        many,
        4,
        0.5,
        overOf(
          many.map(() => 1),
          0,
        ),
        many.map(() => 1),
        counter,
      ),
    ).toEqual([]);
    expect(1e6 - counter.left).toBeLessThan(200);
  });
});

describe('the best choice of sets that share no piece', () => {
  it('is what trying every choice finds, the prices of pieces left out counted', () => {
    fc.assert(
      fc.property(
        points(4, 8),
        prices,
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 2, max: 3 }),
        gaps(0, 40),
        (all, own, count, size, gap) => {
          fc.pre(count * size <= all.length);
          const over = overOf(own, -0.5);
          const sets = everySet(all, size).filter((set) => over(set) >= 0);
          const costOf = (chosen: readonly Found[]) => {
            const used = new Set(chosen.flatMap(({ pieces }) => pieces));
            return (
              chosen.reduce((sum, set) => sum + over(set), 0) + [...all.keys()].reduce((sum, i) => sum + (used.has(i) ? 0 : own[i]!), 0)
            );
          };
          const apart = choicesOf(sets, count).filter((chosen) => new Set(chosen.flatMap(({ pieces }) => pieces)).size === count * size);
          const least = Math.min(Infinity, ...apart.map(costOf));
          const { best, complete } = choose(all.length, sets, over, own, { count, size, gap, better: 1e-9 }, plenty());
          expect(complete).toBe(true);
          if (least > gap + 1e-9) return void expect(best === undefined || costOf(best) <= gap + 1e-9).toBe(true);
          if (least > gap - 1e-9) return;
          expect(best).toHaveLength(count);
          expect(costOf(best!)).toBeCloseTo(least, 6);
        },
      ),
      { numRuns: 400, seed: 42 },
    );
  });
});
