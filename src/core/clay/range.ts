import jStat from 'jstat';
import type { Belief } from './belief';
import { type Length, lengthAt } from './stage';

/** The share of pieces a shown range is meant to hold: nine in ten, said as "most". */
const MOST = 0.9;

/** Between which two shrinkages most next pieces lie: the Student t of the belief, centred, 9 in 10. Fractions. */
export function mostPieces(belief: Belief): readonly [low: number, high: number] {
  const reach = jStat.studentt.inv(0.5 + MOST / 2, belief.dof) * belief.scale;
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
  return jStat.studentt.pdf((s - belief.mean) / belief.scale, belief.dof) / belief.scale;
}

/** The density of a normal with the mean and sd, at s. For drawing. */
export const normalDensity = (mean: number, sd: number, s: number): number => jStat.normal.pdf(s, mean, sd);

/** The chance that a normal of mean 0 and sd 1 is at or under x. */
export const normalUpTo = (x: number): number => jStat.normal.cdf(x, 0, 1);

/** The chance that the next piece shrinks by no more than s: the belief's Student t. */
export const chanceUpTo = (belief: Belief, s: number): number => jStat.studentt.cdf((s - belief.mean) / belief.scale, belief.dof);
