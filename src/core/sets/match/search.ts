import { type Found, type Points, areNear, spreadOf } from './boxes';

/** What may still be looked at. */
export interface Counter {
  left: number;
}

/** So many sets are held at once. */
const MOST_SETS = 200_000;

/** Every set that is over its prices by no more than the gap; undefined where they are too many. */
export function setsWithin(
  points: Points,
  size: number,
  gap: number,
  over: (set: Found) => number,
  prices: readonly number[],
  counter: Counter,
): Found[] | undefined {
  const found: Found[] = [];
  const none = over({ pieces: [], spread: 0 });
  const order = [...points.keys()].sort((a, b) => prices[a]! - prices[b]!);
  const grow = (pieces: readonly number[], paid: number, candidates: readonly number[]): boolean => {
    const spread = spreadOf(points, pieces);
    counter.left -= size + candidates.length;
    if (counter.left < 0 || found.length > MOST_SETS) return false;
    if (pieces.length === size) {
      if (paid + spread <= gap) found.push({ pieces, spread });
      return true;
    }
    const wanted = size - pieces.length;
    // candidates stand by price: the next ones are the cheapest there are
    let cheapest = 0;
    for (let k = 0; k < wanted; k += 1) cheapest += prices[candidates[k]!] ?? Infinity;
    for (let at = 0; at + wanted <= candidates.length; at += 1) {
      if (paid + cheapest + spread > gap) return true;
      const next = candidates[at]!;
      counter.left -= (candidates.length - at) / 4;
      const rest = candidates.slice(at + 1).filter((i) => areNear(points[i]!, points[next]!));
      if (!grow([...pieces, next], paid + prices[next]!, rest)) return false;
      cheapest += (prices[candidates[at + wanted]!] ?? Infinity) - prices[next]!;
    }
    return true;
  };
  return grow([], none, order) ? found : undefined;
}

interface Way {
  readonly set: Found;
  readonly over: number;
}

/**
 * The best choice of so many sets that share no piece and are over their prices, with the prices of the pieces left out, by no more than
 * the gap together.
 */
export function choose(
  pieces: number,
  sets: readonly Found[],
  over: (set: Found) => number,
  prices: readonly number[],
  { count, size, gap, better }: { readonly count: number; readonly size: number; readonly gap: number; readonly better: number },
  counter: Counter,
): { readonly best: readonly Found[] | undefined; readonly complete: boolean } {
  const free = Array.from({ length: pieces }, () => true);
  const taken: Found[] = [];
  let best: readonly Found[] | undefined;
  let allowed = gap;
  const go = (spent: number, ways: readonly Way[], out: number): boolean => {
    counter.left -= 1 + ways.length * size;
    if (counter.left < 0) return false;
    if (taken.length === count) {
      // all that is free now stays out
      const whole = free.reduce((sum, isFree, i) => sum + (isFree ? prices[i]! : 0), spent);
      if (whole <= allowed) [best, allowed] = [[...taken], whole - better];
      return true;
    }
    // the piece with the fewest ways first, and leaving it out is a way
    const counts = free.map((isFree, i) => (isFree ? (out > 0 && spent + prices[i]! <= allowed ? 1 : 0) : Infinity));
    for (const { set } of ways) for (const i of set.pieces) counts[i]! += 1;
    const next = counts.indexOf(Math.min(...counts));
    if (counts[next] === Infinity || counts[next] === 0) return true;
    free[next] = false;
    for (const way of ways) {
      const { set } = way;
      const then = spent + way.over;
      if (!set.pieces.includes(next) || then > allowed) continue;
      for (const i of set.pieces) free[i] = false;
      taken.push(set);
      const others = ways.filter((each) => then + each.over <= allowed && each.set.pieces.every((i) => free[i]));
      const finished = go(then, others, out);
      taken.pop();
      for (const i of set.pieces) free[i] = i !== next;
      if (!finished) return false;
    }
    const then = spent + prices[next]!;
    const finished =
      out === 0 ||
      then > allowed ||
      go(
        then,
        ways.filter((each) => then + each.over <= allowed && !each.set.pieces.includes(next)),
        out - 1,
      );
    free[next] = true;
    return finished;
  };
  const all = sets.map((set) => ({ set, over: over(set) })).filter((way) => way.over <= gap);
  const complete = go(
    0,
    all.sort((a, b) => a.over - b.over),
    pieces - count * size,
  );
  return { best, complete };
}
