import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Found, type Points, holds, spreadOf } from './boxes';
import { choose, setsWithin } from './search';

const tenths = fc.integer({ min: 0, max: 25 }).map((each) => each / 10);
const points = (least: number, most: number) => fc.array(fc.tuple(tenths, tenths), { minLength: least, maxLength: most });
const prices = fc.array(
  fc.integer({ min: 0, max: 10 }).map((each) => each / 10),
  { minLength: 10, maxLength: 10 },
);

/** Between the tenths all else is counted in. */
const gaps = (min: number, max: number) => fc.integer({ min, max }).map((each) => (each + 0.5) / 10);

function choicesOf<T>(from: readonly T[], count: number): T[][] {
  if (count === 0) return [[]];
  return from.flatMap((first, i) => choicesOf(from.slice(i + 1), count - 1).map((rest) => [first, ...rest]));
}
const everySet = (all: Points, size: number): Found[] =>
  choicesOf([...all.keys()], size)
    .map((pieces) => ({ pieces, spread: spreadOf(all, pieces) }))
    .filter(({ spread }) => holds(spread));

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
