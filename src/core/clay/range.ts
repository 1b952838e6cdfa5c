import type { Belief } from './belief';
import { studentAt, studentDensity, studentUpTo } from './chances';
import { type Length, lengthAt } from './stage';

/** The share of pieces a shown range is meant to hold: nine in ten, said as "most". */
const MOST = 0.9;

/** Between which two shrinkages most next pieces lie: the Student t of the belief, centred, 9 in 10. Fractions. */
export function mostPieces(belief: Belief): readonly [low: number, high: number] {
  const reach = studentAt(belief.dof, 0.5 + MOST / 2) * belief.scale;
  return [Math.max(0, belief.mean - reach), belief.mean + reach];
}

/**
 * What a wet size finishes at in 9 of 10 pieces, mm, smallest first.
 *
 * @example finishesBetween(lengthAt('wet', 82.5), belief) // [72.3, 73.7] where about 11.5 % is believed
 */
export function finishesBetween(wet: Length<'wet'>, belief: Belief): readonly [Length<'glazed'>, Length<'glazed'>] {
  const [low, high] = mostPieces(belief);
  return [lengthAt('glazed', wet * (1 - high)), lengthAt('glazed', wet * (1 - low))];
}

/** The density of the next piece's shrinkage at s: the belief's Student t. For drawing. */
export function beliefDensity(belief: Belief, s: number): number {
  return studentDensity(belief.dof, (s - belief.mean) / belief.scale) / belief.scale;
}

/** The chance that the next piece shrinks by no more than s: the belief's Student t. */
export const chanceUpTo = (belief: Belief, s: number): number => studentUpTo(belief.dof, (s - belief.mean) / belief.scale);
