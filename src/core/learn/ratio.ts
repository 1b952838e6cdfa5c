import { medianOf } from '@/core/units';

export { medianOf };

/** A middle with its spread, of so many. */
export interface Middle {
  readonly median: number;
  /** 1.4826 times the median distance from the median: an sd that a single slip does not move. */
  readonly spread: number;
  readonly count: number;
}

/** So many are needed before a maker's own ratio counts: how-it-computes.md, The ball. */
const FEWEST_RATIOS = 3;

const MAD_TO_SD = 1.4826;

/**
 * The maker's own ball ratio: balls used over balls worked out for the sizes really thrown; from three on (how-it-computes.md, What pieces teach).
 *
 * @example ballRatio([1.04, 1.08, 0.99, 1.11, 1.05]) // { median: 1.05, spread: 0.0445, count: 5 }
 */
export function ballRatio(ratios: readonly number[]): Middle | undefined {
  if (ratios.length < FEWEST_RATIOS) return undefined;
  const median = medianOf(ratios);
  return { median, spread: MAD_TO_SD * medianOf(ratios.map((ratio) => Math.abs(ratio - median))), count: ratios.length };
}
