import { linearSumAssignment } from 'linear-sum-assignment';
import type { GapRange } from './widths';

/** A mouth and the lid that goes with it, by their places in the lists; mm. */
export interface Paired {
  readonly mouth: number;
  readonly lid: number;
  readonly gap: number;
}

/** Who goes with whom, and who is left over. */
export interface Pairing {
  readonly pairs: readonly Paired[];
  readonly left: { readonly mouths: readonly number[]; readonly lids: readonly number[] };
}

/** The longest lists that are paired. */
export const MOST_PAIRED = 300;

/** A gap on its limit counts as inside: how-it-computes.md, Sets and orders. */
const ON_THE_LIMIT = 1e-9;

const rest = (count: number, taken: ReadonlySet<number>): number[] =>
  Array.from({ length: count }, (_, i) => i).filter((i) => !taken.has(i));

/**
 * Pairs finished mouths with lids: as many as can be with the gap within its range, and among those the least sum of
 * |gap - middle| (how-it-computes.md, Fits). Exact: an assignment whose forbidden cells cost more than all that is allowed.
 *
 * @example pairUp([72], [71], { min: 0.4, max: 2 }).pairs // [{ mouth: 0, lid: 0, gap: 1 }]
 */
export function pairUp(mouths: readonly number[], lids: readonly number[], { min, max }: GapRange): Pairing {
  const middle = (min + max) / 2;
  const fits = (gap: number) => gap >= min - ON_THE_LIMIT && gap <= max + ON_THE_LIMIT;
  const size = Math.max(mouths.length, lids.length);
  const forbidden = (size + 1) * (max - min);
  const cost = Array.from({ length: size }, (_, m) =>
    Array.from({ length: size }, (_each, l) => {
      const gap = (mouths[m] ?? NaN) - (lids[l] ?? NaN);
      return fits(gap) ? Math.abs(gap - middle) : forbidden;
    }),
  );
  const chosen = size === 0 ? [] : Array.from(linearSumAssignment(cost, { maximaze: false }).rowAssignments);
  const pairs = chosen.flatMap((lid, mouth): Paired[] => {
    const gap = (mouths[mouth] ?? NaN) - (lids[lid] ?? NaN);
    return fits(gap) ? [{ mouth, lid, gap }] : [];
  });
  return {
    pairs,
    left: {
      mouths: rest(mouths.length, new Set(pairs.map(({ mouth }) => mouth))),
      lids: rest(lids.length, new Set(pairs.map(({ lid }) => lid))),
    },
  };
}
