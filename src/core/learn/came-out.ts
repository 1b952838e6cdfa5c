import { type MeasuredWith, READING_ERROR_MM } from '@/core/clay';

/** One length of a piece on its way: what it was to be, what it was made, what it fired to, mm; and the shrinkage believed then and now. */
export interface CameTo {
  /** Wet, as it was to be made. */
  readonly planned: number;
  /** Wet, as measured. */
  readonly thrown?: number | undefined;
  readonly fired: number;
  /** Believed without this piece, a fraction. */
  readonly shrinkage: number;
  /** Believed when it was planned; the same unless said. */
  readonly shrinkageThen?: number | undefined;
}

/** Why a piece came out as it did, finished mm; above zero is larger. The parts add up to the whole. */
export interface Came {
  /** Fired less what was asked for when it was planned. */
  readonly whole: number;
  /** What the hand did: thrown larger or smaller. */
  readonly hand: number;
  /** What the clay did: shrank less or more than believed. */
  readonly clay: number;
  /** What was believed of the clay when it was planned, against now. */
  readonly belief: number;
}

/**
 * Parts the difference between intended and fired into hand, clay and what has been learned since (how-it-computes.md, What pieces teach):
 * fired - intended = (thrown - planned)(1 - S) + [fired - thrown (1 - S)], and planned x (S then - S now). Without a measured wet
 * size what hand and clay did cannot be told apart: undefined.
 *
 * @example cameOut({ planned: 104, thrown: 104.6, fired: 92.1, shrinkage: 0.115889 })!.hand // 0.5305
 */
export function cameOut({ planned, thrown, fired, shrinkage, shrinkageThen = shrinkage }: CameTo): Came | undefined {
  if (thrown === undefined) return undefined;
  const left = 1 - shrinkage;
  return {
    whole: fired - planned * (1 - shrinkageThen),
    hand: (thrown - planned) * left,
    clay: fired - thrown * left,
    belief: planned * (shrinkageThen - shrinkage),
  };
}

/** So many times what both readings may be off is more than a tool can be wrong about. how-it-computes.md, What pieces teach. */
const TWICE = 2;

/** What two readings together cannot tell, finished mm. */
export const withinReading = (wet: MeasuredWith, fired: MeasuredWith): number =>
  TWICE * Math.hypot(READING_ERROR_MM[wet], READING_ERROR_MM[fired]);
