import { type Found, type Points, holds, spreadOf } from './boxes';

/** Sets found quickly, as good as exchanging pieces between two of them can make them. */

/** More ways than this of dividing two sets anew are not all looked at. */
const MOST_WAYS = 3000;

/** Every choice of `count` of some things, as long as `tell` wants more. */
function choices(things: readonly number[], count: number, tell: (chosen: readonly number[], rest: readonly number[]) => void): void {
  const chosen: number[] = [];
  const rest: number[] = [];
  const go = (at: number): void => {
    if (chosen.length === count) {
      tell(chosen, [...rest, ...things.slice(at)]);
      return;
    }
    if (things.length - at < count - chosen.length) return;
    chosen.push(things[at]!);
    go(at + 1);
    chosen.pop();
    rest.push(things[at]!);
    go(at + 1);
    rest.pop();
  };
  go(0);
}

function waysOf(things: number, count: number): number {
  let ways = 1;
  for (let i = 0; i < count; i += 1) ways = (ways * (things - i)) / (i + 1);
  return ways;
}

/** Those with the fewest near them first, each with its nearest: what stands apart is placed while there is a choice. */
function apartFirst(points: Points, size: number): { sets: number[][]; left: number[] } {
  const free = new Set(points.keys());
  const sets: number[][] = [];
  const left: number[] = [];
  const offs = (i: number) =>
    [...free]
      .map((j) => ({ j, off: Math.max(...points[i]!.map((at, f) => Math.abs(at - points[j]![f]!))) }))
      .filter(({ off }) => holds(off));
  while (free.size > 0) {
    const [first] = [...free].map((i) => ({ i, near: offs(i) })).sort((a, b) => a.near.length - b.near.length);
    const { i, near } = first!;
    const set: number[] = [i];
    for (const { j } of near.sort((a, b) => a.off - b.off))
      if (set.length < size && j !== i && holds(spreadOf(points, [...set, j]))) set.push(j);
    free.delete(i);
    if (set.length < size) {
      left.push(i);
      continue;
    }
    for (const j of set) free.delete(j);
    sets.push(set);
  }
  return { sets, left };
}

/** In the order of one feature, the most sets of neighbours there, and of those the tightest: exact where there is one feature. */
function inOrder(points: Points, size: number, feature: number): { sets: number[][]; left: number[] } {
  const order = [...points.keys()].sort((a, b) => points[a]![feature]! - points[b]![feature]!);
  const best: { count: number; sum: number; from: number; set?: number[] }[] = [{ count: 0, sum: 0, from: -1 }];
  for (let end = 1; end <= order.length; end += 1) {
    const { count, sum } = best[end - 1]!;
    best[end] = { count, sum, from: end - 1 };
    if (end < size) continue;
    const set = order.slice(end - size, end);
    const spread = spreadOf(points, set);
    const before = best[end - size]!;
    const better = before.count + 1 > count || (before.count + 1 === count && before.sum + spread < sum);
    if (holds(spread) && better) best[end] = { count: before.count + 1, sum: before.sum + spread, from: end - size, set };
  }
  const sets: number[][] = [];
  const left: number[] = [];
  for (let at = order.length; at > 0; at = best[at]!.from) {
    const { set } = best[at]!;
    if (set) sets.push(set);
    else left.push(order[at - 1]!);
  }
  return { sets, left };
}

/** Divides each two sets, and each set and the pieces left over, anew until nothing gets tighter. */
function improved(points: Points, size: number, { sets, left }: { sets: number[][]; left: number[] }): number[][] {
  const spread = (set: readonly number[]) => spreadOf(points, set);
  for (let better = true; better;) {
    better = false;
    for (let a = 0; a < sets.length; a += 1) {
      for (let b = a + 1; b < sets.length; b += 1) {
        const both = [...sets[a]!, ...sets[b]!];
        if (waysOf(both.length, size) > MOST_WAYS) continue;
        let least = spread(sets[a]!) + spread(sets[b]!) - 1e-12;
        choices(both, size, (one, other) => {
          const [first, second] = [spread(one), spread(other)];
          if (!holds(first) || !holds(second) || first + second >= least) return;
          least = first + second;
          [sets[a], sets[b], better] = [[...one], other.slice(), true];
        });
      }
      for (let i = 0; i < size; i += 1) {
        for (let j = 0; j < left.length; j += 1) {
          const swapped = sets[a]!.with(i, left[j]!);
          if (spread(swapped) >= spread(sets[a]!) - 1e-12) continue;
          [left[j], sets[a], better] = [sets[a]![i]!, swapped, true];
        }
      }
    }
  }
  return sets;
}

const withSpreads = (points: Points, sets: readonly (readonly number[])[]): Found[] =>
  sets.map((pieces) => ({ pieces, spread: spreadOf(points, pieces) }));

/** Sets that are there, made tighter where exchanging pieces does it. */
export function tightened(points: Points, size: number, sets: readonly Found[]): Found[] {
  const used = new Set(sets.flatMap(({ pieces }) => pieces));
  const left = [...points.keys()].filter((i) => !used.has(i));
  return withSpreads(points, improved(points, size, { sets: sets.map(({ pieces }) => [...pieces]), left }));
}

/** The best of a few quick ways. */
export function quickSets(points: Points, size: number): Found[] {
  if (points.length < size) return [];
  const starts = [apartFirst(points, size), ...points[0]!.map((_, feature) => inOrder(points, size, feature))];
  const found = starts.map((start) => withSpreads(points, improved(points, size, start)));
  return found.reduce((a, b) => (isBetter(b, a) ? b : a));
}

export const sumOf = (sets: readonly Found[]): number => sets.reduce((sum, { spread }) => sum + spread, 0);

/** More sets; of as many, the tighter ones. */
export const isBetter = (a: readonly Found[], b: readonly Found[]): boolean =>
  a.length > b.length || (a.length === b.length && sumOf(a) < sumOf(b) - 1e-12);
