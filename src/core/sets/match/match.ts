import { type Found, type Points, groupsOf, stepOf } from './boxes';
import { type Wanted, pricesOf } from './prices';
import { type Counter, choose, setsWithin } from './search';
import { isBetter, quickSets, sumOf, tightened } from './quick';

/** Pieces sorted into sets. */
export interface Matched {
  readonly sets: readonly Found[];
  /** In no set. */
  readonly left: readonly number[];
  /** No more sets can be made, and of as many none that are tighter together. */
  readonly proven: boolean;
}

/** How far sorting goes. */
export interface Sorting {
  /** So many steps are looked at, some ten million a second; what is best by then is told as not proven. */
  readonly effort?: number;
  readonly onProgress?: (share: number) => void;
}

const EFFORT = 60_000_000;
/** Worth less than this is the same. */
const SAME = 1e-9;
/** How far from the bound is looked first, in spreads; each time the double of it. */
const FIRST_LOOK = 0.02;

/**
 * Sorts pieces into the most sets of a size whose spread is at most 1, and of as many into the tightest: exact by branch and bound, the
 * bound from prices of the pieces (how-it-computes.md, Sets and orders). What is best is over the bound by little, and of the sets that are over
 * their prices by as little there are few.
 *
 * @param points each measured feature over its tolerance
 */
export function matchSets(points: Points, size: number, { effort = EFFORT, onProgress }: Sorting = {}): Matched {
  const sets: Found[] = [];
  const counter = { left: effort };
  let proven = true;
  let done = 0;
  for (const group of groupsOf(points)) {
    if (group.length >= size) {
      const own = group.map((i) => points[i]!);
      const found = sortGroup(own, size, counter);
      proven &&= found.proven;
      sets.push(...found.sets.map(({ pieces, spread }) => ({ pieces: pieces.map((i) => group[i]!).sort((a, b) => a - b), spread })));
    }
    done += group.length;
    onProgress?.(done / points.length);
  }
  const used = new Set(sets.flatMap(({ pieces }) => pieces));
  return { sets: sets.sort((a, b) => a.spread - b.spread), left: [...points.keys()].filter((i) => !used.has(i)), proven };
}

interface Sorted {
  readonly sets: readonly Found[];
  readonly proven: boolean;
}

/** One group of pieces that are near each other. */
function sortGroup(points: Points, size: number, counter: Counter): Sorted {
  const spend = (work: number) => (counter.left -= work) > 0;
  const quick = quickSets(points, size);
  // in the order of one feature neighbours are the best sets there are
  if (points[0]!.length === 1) return { sets: quick, proven: true };
  const counted = pricesOf(points, size, { value: 1, weigh: 0, most: points.length }, quick, spend);
  if (!counted) return { sets: quick, proven: false };
  for (let count = Math.floor(counted.bound + 1e-6); count > 0; count -= 1) {
    const known = quick.length === count ? quick : undefined;
    const found = ofCount(points, size, count, known, [...quick, ...counted.sets], counter);
    if (found.sets) return { sets: found.proven ? found.sets : tightened(points, size, found.sets), proven: found.proven };
    if (!found.proven) break;
  }
  return { sets: quick, proven: counter.left > 0 && quick.length === 0 };
}

/** The tightest so many sets; none where there are none, if that is proven. */
function ofCount(
  points: Points,
  size: number,
  count: number,
  known: readonly Found[] | undefined,
  start: readonly Found[],
  counter: Counter,
): { readonly sets: readonly Found[] | undefined; readonly proven: boolean } {
  const want: Wanted = { value: count + 1, weigh: 1, most: count };
  const priced = pricesOf(points, size, want, start, (work) => (counter.left -= work) > 0);
  if (!priced) return { sets: known, proven: false };
  const { prices, each, bound, sets } = priced;
  const over = ({ pieces, spread }: Found) => pieces.reduce((sum, i) => sum + prices[i]!, each - want.value + spread);
  const least = count * want.value - bound;
  // what is better is better by a step of the readings at least
  const better = Math.max(SAME, stepOf(points) - SAME);
  let best = known;
  const open = () => (best ? sumOf(best) - better : count) - least;
  // among the sets the prices were found with: often the best is there
  const first = choose(points.length, sets, over, prices, { count, size, gap: open(), better }, { left: counter.left / 20 });
  if (first.best && (!best || isBetter(first.best, best))) best = first.best;
  for (let look = FIRST_LOOK; ; look *= 2) {
    const gap = Math.min(look, open());
    const near = gap < 0 ? [] : setsWithin(points, size, gap, over, prices, counter);
    if (!near) return { sets: best, proven: false };
    const all = choose(points.length, near, over, prices, { count, size, gap, better }, counter);
    if (all.best && (!best || isBetter(all.best, best))) best = all.best;
    if (!all.complete) return { sets: best, proven: false };
    if (all.best || look > gap) return { sets: best, proven: true };
  }
}
