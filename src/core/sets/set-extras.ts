import type { Extras } from './extras';

/** What pieces for sets that match are drawn from. */
export interface SetsWanted {
  readonly sets: number;
  readonly size: number;
  /** How much pieces differ in each feature that must agree: sd over tolerance. */
  readonly spreads: readonly number[];
  /** The share lost. */
  readonly loss: number;
  readonly odds: number;
}

/** So many firings are drawn: the share is right to 2 in 100. */
const TRIALS = 400;
/** More than this is no answer. */
const MOST_TIMES = 12;

/**
 * Sets that hold, counted quickly: from the lowest in one feature on, as many neighbours as agree in the others. A careful sorting never
 * gives fewer, so that what is made for it is on the safe side.
 */
export function countSets(points: readonly (readonly number[])[], size: number): number {
  const left = points.toSorted((a, b) => a[0]! - b[0]!);
  let count = 0;
  for (let at = 0; at < left.length;) {
    const lowest = left[at]!;
    const window = left.slice(at).filter((each) => each[0]! - lowest[0]! <= 1);
    const set = agreeing(window, size, 1);
    if (!set) {
      at += 1;
      continue;
    }
    count += 1;
    const used = new Set(set);
    for (let i = left.length - 1; i >= at; i -= 1) if (used.has(left[i]!)) left.splice(i, 1);
  }
  return count;
}

/** So many of some that agree in the features from one on, with the lowest of all among them where that can be. */
function agreeing(some: readonly (readonly number[])[], size: number, feature: number): (readonly number[])[] | undefined {
  if (some.length < size) return undefined;
  if (feature >= some[0]!.length) return some.slice(0, size);
  const order = some.toSorted((a, b) => a[feature]! - b[feature]!);
  for (const from of order) {
    const near = some.filter((each) => each[feature]! >= from[feature]! && each[feature]! - from[feature]! <= 1);
    const found = agreeing(near, size, feature + 1);
    if (found) return found;
  }
  return undefined;
}

/**
 * The least number to make so that so many matching sets come out as often as asked: drawn from how much pieces differ and the losses
 * (how-it-computes.md, Sets and orders). What a firing does to all of them alike does not part them.
 *
 * @param normal draws from a normal of mean 0 and sd 1; @param uniform from 0 to 1
 */
export function setExtras({ sets, size, spreads, loss, odds }: SetsWanted, normal: () => number, uniform: () => number): Extras {
  const need = sets * size;
  const most = Math.ceil(need * MOST_TIMES);
  const drawn = Array.from({ length: TRIALS }, () =>
    Array.from({ length: most }, () => ({ lost: uniform() < loss, at: spreads.map((sd) => sd * normal()) })),
  );
  const share = (make: number): number =>
    drawn.filter((all) => {
      const good = all.slice(0, make).filter(({ lost }) => !lost);
      return (
        good.length >= need &&
        countSets(
          good.map(({ at }) => at),
          size,
        ) >= sets
      );
    }).length / TRIALS;
  let [low, high] = [need, need];
  while (share(high) < odds && high < most) {
    low = high + 1;
    high = Math.min(most, high * 2);
  }
  while (low < high) {
    const middle = Math.floor((low + high) / 2);
    if (share(middle) >= odds) high = middle;
    else low = middle + 1;
  }
  return { make: high, odds: share(high) };
}
