import { bestWidth, type Best } from './best';
import { gapOf, oddsOf } from './gap';
import type { GapRange, Pair, Width } from './widths';
import type { Problem } from '@/core/units';

/** A tapered stopper: its widths and how long it is between them, mm; a lot of them may differ by a spread. */
export interface Stopper {
  readonly bottom: number;
  readonly top: number;
  readonly length: number;
  readonly spreadSd?: number | undefined;
}

/** Which share of its length a stopper may go in. */
export interface SeatShare {
  readonly min: number;
  readonly max: number;
}

/** Unless said: how-it-computes.md, Fits. */
export const SEAT_SHARE: SeatShare = { min: 0.35, max: 0.85 };

/** How deep a stopper goes in: the odds and the depth, mm. */
export interface Seating {
  readonly odds: { readonly shallow: number; readonly good: number; readonly deep: number };
  readonly depth: { readonly mean: number; readonly sd: number };
  readonly gap: ReturnType<typeof gapOf>;
}

/** Where a stopper is as wide as the mouth, its taper is what a lid's width is: it meets the mouth at `bottom` and goes in from there. */
export const stopperPair = (mouth: Width, { bottom, spreadSd }: Stopper): Pair => ({
  mouth,
  lid: { rigid: true, diameter: bottom, spreadSd },
  sameFiring: false,
});

/** The share of a stopper's length as a range of mouth less bottom width, mm. */
export const seatRange = ({ bottom, top }: Stopper, share: SeatShare): GapRange => ({
  min: share.min * (top - bottom),
  max: share.max * (top - bottom),
});

/**
 * How deep a tapered stopper goes into a mouth: L (mouth - bottom)/(top - bottom), the finished mouth less half its ovality and its
 * glaze; good within a share of the length. how-it-computes.md, Fits.
 */
export function seatOf(mouth: Width, stopper: Stopper, share: SeatShare = SEAT_SHARE): Seating {
  const gap = gapOf(stopperPair(mouth, stopper));
  const perMm = stopper.length / (stopper.top - stopper.bottom);
  const { jams, good, loose } = oddsOf(gap, seatRange(stopper, share));
  return { odds: { shallow: jams, good, deep: loose }, depth: { mean: gap.mean * perMm, sd: gap.sd * perMm }, gap };
}

/** The width of the mouth at its stage with the highest odds of a good seat. */
export const bestMouth = (mouth: Width, stopper: Stopper, share: SeatShare = SEAT_SHARE): Best =>
  bestWidth(stopperPair(mouth, stopper), 'mouth', seatRange(stopper, share));

/** Why something is no tapered stopper, if so: its path and what would be right. */
export function stopperFault({ bottom, top }: Stopper, path: string): Problem | undefined {
  if (bottom < top) return undefined;
  return {
    path: `${path}.bottom`,
    message: `A stopper ${bottom} wide at its bottom and ${top} at its top does not taper inwards. Swap them.`,
  };
}
