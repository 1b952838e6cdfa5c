import { onceAlike } from '@/core/remember';
import { type ClayFigures, normalDensity, normalUpTo } from '@/core/clay';
import { shareAt, shareSdAt } from '@/core/sizing';
import { type GapRange, type Pair, type Width, isRigid } from './widths';

/** What the doubt about a gap is made of: each alone as an sd of the finished gap, mm. */
export interface Doubt {
  /** What this firing does to every piece of the clay. */
  readonly clay: number;
  /** Each piece's own shrinkage. */
  readonly pieces: number;
  /** How much of the shrinkage is done at the stage it is at. */
  readonly share: number;
  readonly hand: number;
  readonly warp: number;
  /** How much a lot of bought lids differs. */
  readonly stock: number;
}

export type DoubtName = keyof Doubt;

/** A finished gap as believed: what is straightforward as a normal, and what warp takes off it. mm */
export interface Gap {
  /** The mean, warp taken off. */
  readonly mean: number;
  readonly sd: number;
  readonly doubt: Doubt;
  /** Mean and sd of the normal part, before warp. */
  readonly straight: { readonly mean: number; readonly sd: number };
  /** Sds of half of each ovality. */
  readonly warps: readonly [number, number];
}

/** Variances of the shrinkage, common to a firing and each piece's own: the t's variance, how-it-computes.md, Fits. */
export function shrinkageVariances({ belief }: ClayFigures): { readonly common: number; readonly own: number } {
  const wider = belief.dof / (belief.dof - 2);
  return { common: belief.commonSd ** 2 * wider, own: belief.pieceSd ** 2 * wider };
}

/** What a width finishes at, per mm, and how that answers to shrinkage and share; rigid things keep theirs. */
interface Answers {
  readonly finished: number;
  readonly perShrinkage: number;
  readonly perShare: number;
  readonly hand: number;
  readonly glaze: number;
}

function answers(width: Width): Answers {
  if (isRigid(width)) return { finished: width.diameter, perShrinkage: 0, perShare: 0, hand: 0, glaze: 0 };
  const { clay, at, toolSd, lean = 0, glaze = 0 } = width;
  const diameter = width.diameter + lean;
  if (at === 'glazed') return { finished: diameter, perShrinkage: 0, perShare: 0, hand: toolSd, glaze };
  const [s, p] = [clay.belief.mean, shareAt(clay, at)];
  const left = 1 - p * s;
  const q = (1 - s) / left;
  const { common, own } = shrinkageVariances(clay);
  // the mean of (1 - S)/(1 - pS) to the second order: -2p(1 - p)/left^3 in S, 2 S^2 (1 - S)/left^3 in p
  const bent = (-p * (1 - p) * (common + own) + s * s * (1 - s) * shareSdAt(clay, at) ** 2) / left ** 3;
  return {
    finished: diameter * (q + bent),
    perShrinkage: (-diameter * (1 - p)) / left ** 2,
    perShare: (diameter * s * (1 - s)) / left ** 2,
    hand: toolSd * q,
    glaze,
  };
}

/** Whether two widths share one draw of how much of the shrinkage is done: one clay, one firing and one stage. */
const sharesStage = ({ mouth, lid, sameFiring }: Pair): boolean =>
  sameFiring && !isRigid(mouth) && !isRigid(lid) && mouth.clay === lid.clay && mouth.at === lid.at;

/** Whether what the firing does is the same to both. */
export const sharesFiring = ({ mouth, lid, sameFiring }: Pair): boolean =>
  sameFiring && !isRigid(mouth) && !isRigid(lid) && mouth.clay === lid.clay;

const varianceOf = (width: Width, which: 'common' | 'own'): number => (isRigid(width) ? 0 : shrinkageVariances(width.clay)[which]);
const shareVariance = (width: Width): number => (isRigid(width) ? 0 : shareSdAt(width.clay, width.at) ** 2);
const spread = (width: Width): number => (isRigid(width) ? (width.spreadSd ?? 0) : 0);
/** Less warp than this is none, mm. */
const NO_WARP = 1e-6;

/** Half of the ovality's sd. */
const warpOf = (width: Width): number => (isRigid(width) || width.ovalitySd < NO_WARP ? 0 : width.ovalitySd / 2);

/** Mean and variance of |N(0, 1)|. */
const HALF_NORMAL = { mean: Math.sqrt(2 / Math.PI), variance: 1 - 2 / Math.PI };

/**
 * The finished gap between a mouth and a lid: mouth - lid - half of each ovality - two coats of glaze on each glazed face
 * (how-it-computes.md, Fits). The widths answer to shrinkage, share and hand to the first order, their means to the second. Beside draws
 * the odds are right to 0.004 where both are at one stage or the shares were measured, to 0.025 where one is further on than the other and
 * what is done of the shrinkage is only typical: that doubt is large and bends.
 *
 * @example gapOf({ mouth: { rigid: true, diameter: 72 }, lid: { rigid: true, diameter: 71 }, sameFiring: false }).mean // 1
 */
export function gapOf(pair: Pair): Gap {
  const { mouth, lid } = pair;
  const [m, l] = [answers(mouth), answers(lid)];
  const apart = (a: number, b: number) => a * a * varianceOf(mouth, 'common') + b * b * varianceOf(lid, 'common');
  const clay = sharesFiring(pair)
    ? (m.perShrinkage - l.perShrinkage) ** 2 * varianceOf(mouth, 'common')
    : apart(m.perShrinkage, l.perShrinkage);
  const share = sharesStage(pair)
    ? (m.perShare - l.perShare) ** 2 * shareVariance(mouth)
    : m.perShare ** 2 * shareVariance(mouth) + l.perShare ** 2 * shareVariance(lid);
  const pieces = m.perShrinkage ** 2 * varianceOf(mouth, 'own') + l.perShrinkage ** 2 * varianceOf(lid, 'own');
  const hand = m.hand ** 2 + l.hand ** 2;
  const stock = spread(mouth) ** 2 + spread(lid) ** 2;
  const warps = [warpOf(mouth), warpOf(lid)] as const;
  const warp = (warps[0] ** 2 + warps[1] ** 2) * HALF_NORMAL.variance;
  const straight = {
    mean: m.finished - l.finished - 2 * (m.glaze + l.glaze),
    sd: Math.sqrt(clay + share + pieces + hand + stock),
  };
  return {
    mean: straight.mean - (warps[0] + warps[1]) * HALF_NORMAL.mean,
    sd: Math.sqrt(straight.sd ** 2 + warp),
    doubt: {
      clay: Math.sqrt(clay),
      pieces: Math.sqrt(pieces),
      share: Math.sqrt(share),
      hand: Math.sqrt(hand),
      warp: Math.sqrt(warp),
      stock: Math.sqrt(stock),
    },
    straight,
    warps,
  };
}

/** Twice the normal's chance between 0 and x: erf(x / sqrt 2). */
const within = (x: number): number => 2 * normalUpTo(x) - 1;

/** The density of half the ovalities' sum at w: the sum of two half-normals of sds a and b. */
function warpDensity([a, b]: readonly [number, number], w: number): number {
  const s = Math.hypot(a, b);
  if (a === 0 || b === 0) return 2 * normalDensity(0, s, w);
  return 2 * normalDensity(0, s, w) * (within((w * a) / (b * s)) + within((w * b) / (a * s)));
}

const WARP_REACH = 6;
const FEWEST_STEPS = 60;
const MOST_STEPS = 480;

type Nodes = readonly (readonly [w: number, weight: number])[];

/** Warps with their weights by Simpson's rule, in so many steps. */
function warpNodes(warps: Gap['warps'], steps: number): Nodes {
  const step = (WARP_REACH * Math.hypot(...warps)) / steps;
  const nodes = Array.from({ length: steps + 1 }, (_, i): [number, number] => {
    const times = i === 0 || i === steps ? 1 : i % 2 === 1 ? 4 : 2;
    return [i * step, times * warpDensity(warps, i * step)];
  });
  const whole = nodes.reduce((sum, [, weight]) => sum + weight, 0);
  return nodes.map(([w, weight]) => [w, weight / whole]);
}

/** Worked out once for the same warps: widths are tried out by the dozen with them. */
const nodesFor = onceAlike(64, ({ warps, steps }: { readonly warps: Gap['warps']; readonly steps: number }): Nodes =>
  warpNodes(warps, steps),
);

/** The same, fine enough for the sd beside them. */
function nodesOf({ warps, straight }: Gap): Nodes {
  let steps = FEWEST_STEPS;
  while (steps < MOST_STEPS && straight.sd * steps < WARP_REACH * Math.hypot(...warps) * 3) steps *= 2;
  return nodesFor({ warps, steps });
}

/** The chance that the finished gap is under a width, mm. Without doubt it is 0 or 1. */
export function chanceGapUnder(gap: Gap, mm: number): number {
  const { mean, sd } = gap.straight;
  const straight = (x: number) => (sd > 0 ? normalUpTo((x - mean) / sd) : x > mean + 1e-9 ? 1 : 0);
  if (gap.warps[0] === 0 && gap.warps[1] === 0) return straight(mm);
  return nodesOf(gap).reduce((sum, [w, weight]) => sum + weight * straight(mm + w), 0);
}

/** Too tight, good or too loose: the chances, which add up to 1. */
export interface Odds {
  readonly jams: number;
  readonly good: number;
  readonly loose: number;
}

/** The odds that a gap lies within a range. */
export function oddsOf(gap: Gap, { min, max }: GapRange): Odds {
  const jams = chanceGapUnder(gap, min);
  const upTo = chanceGapUnder(gap, max);
  return { jams, good: Math.max(0, upTo - jams), loose: 1 - upTo };
}

/** So finely a gap's chances are looked up for its spread. */
const LOOKED_UP = 96;

/**
 * So many finished gaps, evenly likely, in order, mm: what that many firings would be spread over.
 *
 * @param count one or more
 * @example spreadOf(gap, 3) // the gaps that 1 in 6, 3 in 6 and 5 in 6 keep under
 */
export function spreadOf(gap: Gap, count: number): readonly number[] {
  const [from, to] = [gap.mean - 6 * gap.sd, gap.mean + 4 * gap.sd];
  const under = Array.from({ length: LOOKED_UP + 1 }, (_, i) => {
    const mm = from + ((to - from) * i) / LOOKED_UP;
    return [mm, chanceGapUnder(gap, mm)] as const;
  });
  let at = 1;
  return Array.from({ length: count }, (_, i) => {
    const chance = (i + 0.5) / count;
    while (at < LOOKED_UP && under[at]![1] < chance) at += 1;
    const [[a, lower], [b, upper]] = [under[at - 1]!, under[at]!];
    return upper > lower ? a + ((b - a) * (Math.min(upper, Math.max(lower, chance)) - lower)) / (upper - lower) : gap.mean;
  });
}
