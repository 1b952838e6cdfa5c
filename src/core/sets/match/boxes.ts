/** Pieces as points: each measured feature over its tolerance, so that a set holds while it fits a box with sides of 1. */
export type Points = readonly (readonly number[])[];

/** A set of pieces by their indexes, and its spread: the longest side of its box. */
export interface Found {
  readonly pieces: readonly number[];
  readonly spread: number;
}

/** Takes so much of what may be looked at; false once that is used up. */
export type Spend = (work: number) => boolean;

/** A spread of exactly 1 counts as inside. how-it-computes.md, Sets and orders. */
const INSIDE = 1 + 1e-9;

export const holds = (spread: number): boolean => spread <= INSIDE;

/** The longest side of the box some pieces fill. */
export function spreadOf(points: Points, pieces: readonly number[]): number {
  let spread = 0;
  for (let f = 0; f < (points[0]?.length ?? 0); f += 1) {
    let [least, most] = [Infinity, -Infinity];
    for (const i of pieces) {
      const at = points[i]![f]!;
      if (at < least) least = at;
      if (at > most) most = at;
    }
    spread = Math.max(spread, most - least);
  }
  return spread;
}

/** Finer than this nobody measures, in tolerances. */
const FINEST = 1e-4;

/** The step all differences are multiples of, as where everything was read to a tenth; 0 where there is none. */
export function stepOf(points: Points): number {
  let step = 0;
  const first = points[0] ?? [];
  for (const point of points) {
    for (const [f, at] of point.entries()) {
      let [a, b] = [step, Math.abs(at - first[f]!)];
      while (b > FINEST / 2) [a, b] = [b, Math.abs(a - b * Math.round(a / b))];
      step = a;
    }
    if (step > 0 && step < FINEST) return 0;
  }
  return step;
}

export const areNear = (a: readonly number[], b: readonly number[]): boolean => a.every((at, f) => holds(Math.abs(at - b[f]!)));

/** Pieces that are joined by being near each other, directly or by way of others: no set reaches from one group to another. */
export function groupsOf(points: Points): number[][] {
  const left = new Set(points.keys());
  const groups: number[][] = [];
  for (const first of points.keys()) {
    if (!left.delete(first)) continue;
    const group = [first];
    for (const i of group) {
      for (const j of left) {
        if (!areNear(points[i]!, points[j]!)) continue;
        left.delete(j);
        group.push(j);
      }
    }
    groups.push(group);
  }
  return groups;
}

/**
 * Of every corner a box could have, the set in it that costs least: the prices of its pieces and, `weigh` times, its spread. The
 * cheapest of all is among them, since in a box of any side the cheapest pieces are the best. `tell` hears of each found for a corner.
 * False where it was stopped before all corners were tried.
 */
export function pricedSets(
  points: Points,
  size: number,
  prices: readonly number[],
  weigh: number,
  tell: (found: Found) => void,
  spend: Spend,
): boolean {
  const last = (points[0]?.length ?? 0) - 1;
  const inBox = (candidates: readonly number[], corner: readonly number[]): void => {
    const near = candidates
      .map((i) => ({ i, side: Math.max(...corner.map((at, f) => points[i]![f]! - at)) }))
      .filter(({ side }) => holds(side))
      .sort((a, b) => a.side - b.side);
    const cheapest: number[] = [];
    let [paid, best, chosen] = [0, Infinity, undefined as number[] | undefined];
    for (const { i, side } of near) {
      let place = cheapest.length;
      while (place > 0 && prices[cheapest[place - 1]!]! > prices[i]!) place -= 1;
      if (place === size) continue;
      cheapest.splice(place, 0, i);
      paid += prices[i]!;
      if (cheapest.length > size) paid -= prices[cheapest.pop()!]!;
      if (cheapest.length < size || paid + weigh * side >= best) continue;
      best = paid + weigh * side;
      chosen = [...cheapest];
    }
    if (chosen) tell({ pieces: chosen, spread: spreadOf(points, chosen) });
  };
  const corners = (candidates: readonly number[], corner: readonly number[], f: number): boolean => {
    for (const at of new Set(candidates.map((i) => points[i]![f]!))) {
      const inside = candidates.filter((i) => points[i]![f]! >= at && holds(points[i]![f]! - at));
      if (inside.length < size) continue;
      if (!spend(candidates.length + (f === last ? inside.length * (1 + size / 3) : 0))) return false;
      if (f === last) inBox(inside, [...corner, at]);
      else if (!corners(inside, [...corner, at], f + 1)) return false;
    }
    return true;
  };
  return corners([...points.keys()], [], 0);
}
