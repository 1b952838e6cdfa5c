/** What a habit of the shop would give for a finished size, mm, and where it would really end. */
export interface HabitCost {
  /** The wet size the habit makes. */
  readonly wet: number;
  /** What that comes out of the kiln at. */
  readonly finishes: number;
  /** Finished size wanted less what it would be; positive is too small. */
  readonly short: number;
}

/**
 * What adding the shrinkage percentage to a finished size costs: finished x (1 + S) fires to finished x (1 - S^2)
 * (how-it-computes.md, From finished to wet).
 *
 * @example addingCost(120, 0.115).short // 1.587
 */
export function addingCost(finished: number, shrinkage: number): HabitCost {
  const wet = finished * (1 + shrinkage);
  const finishes = wet * (1 - shrinkage);
  return { wet, finishes, short: finished - finishes };
}
