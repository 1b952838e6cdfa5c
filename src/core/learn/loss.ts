import { type LossClass, type Passages, survivalOf } from './survival';

/** How often pieces are lost, as believed: a Beta distribution. Seconds count as lost: an order is of firsts. */
export interface Loss {
  /** The mean share that does not come out as a first. */
  readonly share: number;
  /** How many were counted, how many of those are lost, and how many are seconds. */
  readonly made: number;
  readonly lost: number;
  readonly seconds: number;
  /** The two counts of the distribution: good and lost. */
  readonly good: number;
  readonly bad: number;
}

interface Recorded {
  readonly family: LossClass;
  readonly history?: Passages | undefined;
  readonly made?: number | undefined;
  readonly lost?: number | undefined;
  readonly seconds?: number | undefined;
}

/** Loss from a record of what passed and died where, on top of what is typical. */
export function lossOf({ family, history, made = 0, lost = 0, seconds = 0 }: Recorded): Loss {
  const { good, a, b } = survivalOf({ kind: family, history });
  return { share: 1 - good, made, lost, seconds, good: a, bad: b };
}
