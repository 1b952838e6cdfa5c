import { type Length, STAGES, type Stage, lengthAt } from './stage';

/** How much of the whole shrinkage has happened by a stage, 0 to 1. Wet is 0 and glazed is 1 by definition. */
export interface Shares {
  readonly leather: number;
  readonly dry: number;
  readonly bisque: number;
}

/** Linear shrinkage wet to glazed as a fraction OF THE WET LENGTH, across and in height, and how it is spread over the stages. */
export interface Shrinkage {
  readonly width: number;
  readonly height: number;
  readonly shares: Shares;
}

/** Widths and walls shrink by one factor; heights and floors may have one of their own. */
export type Direction = 'width' | 'height';

/**
 * What is left of a wet length at a stage: k = 1 - share x S. k(wet) is 1.
 *
 * @example remaining({ width: 0.115, height: 0.115, shares }, 'glazed', 'width') // 0.885
 */
export function remaining(shrinkage: Shrinkage, stage: Stage, direction: Direction): number {
  const share = stage === 'wet' ? 0 : stage === 'glazed' ? 1 : shrinkage.shares[stage];
  return 1 - share * shrinkage[direction];
}

/**
 * The same part of the piece at another stage: length x k(to) / k(from). Never finished x (1 + S).
 *
 * @example convert(lengthAt('glazed', 120), 'glazed', 'wet', shrinkage, 'height') // 135.593
 */
export function convert<From extends Stage, To extends Stage>(
  length: Length<From>,
  from: From,
  to: To,
  shrinkage: Shrinkage,
  direction: Direction,
): Length<To> {
  const factor = remaining(shrinkage, to, direction) / remaining(shrinkage, from, direction);
  return lengthAt(to, length * factor);
}

/** One value for each stage. */
export function perStage<T>(make: (stage: Stage) => T): Record<Stage, T> {
  return Object.fromEntries(STAGES.map((stage) => [stage, make(stage)])) as Record<Stage, T>;
}
