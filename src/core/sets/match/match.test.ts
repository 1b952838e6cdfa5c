import { normalFrom } from '@/core/fit';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { solve } from 'yalps';
import { areNear, spreadOf, stepOf } from './boxes';
import { type Matched, matchSets } from './match';

const sumOf = ({ sets }: Matched) => sets.reduce((sum, { spread }) => sum + spread, 0);

/** Every set of a size that holds, written down one by one. */
function everySet(points: readonly (readonly number[])[], size: number): number[][] {
  const found: number[][] = [];
  const grow = (set: readonly number[], from: number): void => {
    if (set.length === size) {
      found.push([...set]);
      return;
    }
    for (let i = from; i < points.length; i += 1) if (set.every((j) => areNear(points[i]!, points[j]!))) grow([...set, i], i + 1);
  };
  grow([], 0);
  return found;
}

/** The most sets and their least sum, by trying everything. */
function exhaustively(points: readonly (readonly number[])[], size: number): { count: number; sum: number } {
  const sets = everySet(points, size).map((pieces) => ({ pieces, spread: spreadOf(points, pieces) }));
  const go = (from: number, used: ReadonlySet<number>): { count: number; sum: number } => {
    let best = { count: 0, sum: 0 };
    for (let i = from; i < sets.length; i += 1) {
      const { pieces, spread } = sets[i]!;
      if (pieces.some((piece) => used.has(piece))) continue;
      const rest = go(i + 1, new Set([...used, ...pieces]));
      const own = { count: rest.count + 1, sum: rest.sum + spread };
      if (own.count > best.count || (own.count === best.count && own.sum < best.sum)) best = own;
    }
    return best;
  };
  return go(0, new Set());
}

/** The same as an integer program over every set. */
function byIntegerProgram(points: readonly (readonly number[])[], size: number): { count: number; sum: number } {
  const sets = everySet(points, size);
  const worth = points.length;
  const { result } = solve(
    {
      direction: 'maximize',
      objective: 'worth',
      constraints: Object.fromEntries([...points.keys()].map((i) => [`p${i}`, { max: 1 }])),
      variables: Object.fromEntries(
        sets.map((set, s) => [`s${s}`, { worth: worth - spreadOf(points, set), ...Object.fromEntries(set.map((i) => [`p${i}`, 1])) }]),
      ),
      binaries: true,
    },
    { tolerance: 0, timeout: 60_000 },
  );
  const count = Math.ceil(result / worth - 1e-9);
  return { count, sum: count * worth - result };
}

const tenths = fc.integer({ min: 0, max: 40 }).map((each) => each / 10);
const pieces = (most: number, features: number) =>
  fc.array(fc.array(tenths, { minLength: features, maxLength: features }), { minLength: 2, maxLength: most });

describe('matchSets', () => {
  it('is what trying everything gives, up to 13 pieces', () => {
    const asked = fc.integer({ min: 1, max: 3 }).chain((features) => fc.tuple(pieces(13, features), fc.integer({ min: 2, max: 5 })));
    fc.assert(
      fc.property(asked, ([points, size]) => {
        const found = matchSets(points, size);
        const best = exhaustively(points, size);
        expect(found.proven).toBe(true);
        expect(found.sets).toHaveLength(best.count);
        expect(sumOf(found)).toBeCloseTo(best.sum, 9);
      }),
      { numRuns: 120, seed: 7 },
    );
  });

  it('is what an integer program gives for more', () => {
    const asked = fc.tuple(
      fc.array(fc.tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 })), { minLength: 20, maxLength: 30 }),
      fc.integer({ min: 3, max: 4 }),
    );
    fc.assert(
      fc.property(asked, ([places, size]) => {
        const points = places.map(([a, b]) => [a / 17, b / 13]);
        const found = matchSets(points, size);
        const best = byIntegerProgram(points, size);
        expect(found.proven).toBe(true);
        expect(found.sets).toHaveLength(best.count);
        expect(sumOf(found)).toBeCloseTo(best.sum, 6);
      }),
      { numRuns: 12, seed: 3 },
    );
  });

  it.each([
    [
      2,
      [
        [2.5, 1.9],
        [1.9, 1.6],
        [1.8, 0.6],
        [0.7, 0],
        [1.5, 2.5],
        [2.2, 0.5],
        [2.2, 1.2],
        [1, 0.3],
        [2, 0.1],
      ],
    ],
    [
      3,
      [
        [0.1, 1.4],
        [0.3, 1.6],
        [0.6, 1],
        [0.2, 0.3],
        [1, 1.4],
        [1.4, 0.8],
        [0.8, 0.7],
        [0.5, 1],
        [0.5, 0.4],
        [1.2, 1.1],
      ],
    ],
    [
      3,
      [
        [0.6, 0.8],
        [0.6, 1.9],
        [0.5, 1.2],
        [1.3, 0.8],
        [1.8, 1.9],
        [1, 1.7],
        [0.9, 1.5],
        [2, 1.7],
        [0.7, 0.4],
        [0.3, 1.1],
      ],
    ],
  ])('counts what a piece is worth that is left out, in sets of %d', (size, points) => {
    const found = matchSets(points, size);
    const best = exhaustively(points, size);
    expect(found.proven).toBe(true);
    expect(found.sets).toHaveLength(best.count);
    expect(sumOf(found)).toBeCloseTo(best.sum, 9);
  });

  it('uses no piece twice, and holds every set within its tolerances', () => {
    fc.assert(
      fc.property(pieces(40, 2), fc.integer({ min: 2, max: 6 }), (points, size) => {
        const { sets, left } = matchSets(points, size, { effort: 100_000 });
        expect([...sets.flatMap((set) => set.pieces), ...left].sort((a, b) => a - b)).toEqual([...points.keys()]);
        for (const { pieces: own, spread } of sets) {
          expect(own).toHaveLength(size);
          expect(spread).toBeCloseTo(spreadOf(points, own), 12);
          expect(spread).toBeLessThanOrEqual(1 + 1e-9);
        }
      }),
      { numRuns: 60, seed: 11 },
    );
  });

  it('counts a spread of exactly one as inside', () => {
    expect(matchSets([[0.1 / 0.3], [0.4 / 0.3]], 2).sets).toHaveLength(1);
    expect(matchSets([[0], [1.00001]], 2)).toEqual({ sets: [], left: [0, 1], proven: true });
  });

  it('names pieces by their place among all, lowest first, the tightest set first, and what is left over', () => {
    const tenths = fc.integer({ min: 0, max: 12 }).map((each) => each / 10);
    // far apart in heaps: what is near is sorted by itself
    const piece = fc.tuple(tenths, tenths, fc.constantFrom(0, 10, 20)).map(([a, b, heap]) => [a + heap, b]);
    fc.assert(
      fc.property(fc.array(piece, { minLength: 4, maxLength: 24 }), fc.integer({ min: 2, max: 4 }), (points, size) => {
        const { sets, left, proven } = matchSets(points, size);
        expect(proven).toBe(true);
        for (const { pieces, spread } of sets) {
          expect(pieces).toHaveLength(size);
          expect(pieces).toEqual(pieces.toSorted((a, b) => a - b));
          expect(spread).toBe(spreadOf(points, pieces));
          expect(spread).toBeLessThanOrEqual(1 + 1e-9);
        }
        const spreads = sets.map(({ spread }) => spread);
        expect(spreads).toEqual(spreads.toSorted((a, b) => a - b));
        expect([...sets.flatMap(({ pieces }) => pieces), ...left].toSorted((a, b) => a - b)).toEqual([...points.keys()]);
        expect(left).toEqual(left.toSorted((a, b) => a - b));
      }),
      { numRuns: 60, seed: 12 },
    );
  });

  // steps counted, not seconds: a cut that is lost costs more of them, and a step that is not counted fewer
  it.each([
    [12, 3, 2, 1, 6_033],
    [16, 4, 2, 2, 19_155],
    [20, 4, 2, 3, 55_161],
    [24, 5, 2, 4, 127_831],
    [24, 4, 3, 5, 70_438],
    [30, 5, 2, 6, 74_902],
    [30, 6, 2, 7, 112_724],
    [36, 4, 2, 8, 321_808],
    [40, 5, 3, 9, 354_309],
  ])('sorts %d pieces into sets of %d by %d measures in no more steps than it takes, case %d', (count, size, measures, seed, steps) => {
    const normal = normalFrom(seed);
    const points = Array.from({ length: count }, () => Array.from({ length: measures }, () => Math.round(normal() * 10) / 12));
    const whole = matchSets(points, size);
    const within = (effort: number) => matchSets(points, size, { effort });
    expect(within(1.1 * steps)).toEqual({ ...whole, proven: true });
    const stopped = within(0.8 * steps);
    expect(stopped.proven).toBe(false);
    expect(stopped.sets.length).toBeLessThanOrEqual(whole.sets.length);
  });

  it('says so when it was stopped before all was looked at', () => {
    let seed = 5;
    const next = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
    const points = Array.from({ length: 60 }, () => [next() * 3, next() * 3]);
    expect(matchSets(points, 6, { effort: 10 }).proven).toBe(false);
    const heard: number[] = [];
    matchSets(points, 6, { effort: 10, onProgress: (share) => heard.push(share) });
    expect(heard.at(-1)).toBe(1);
  });
});

describe('stepOf', () => {
  it('finds the step readings are multiples of', () => {
    expect(stepOf([[0.35], [0.9], [1.05]])).toBeCloseTo(0.05, 9);
    expect(stepOf([[0], [Math.SQRT2], [1]])).toBe(0);
  });
});
