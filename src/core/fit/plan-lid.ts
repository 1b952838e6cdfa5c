import { type ClayFigures, type Stage, normalDensity, normalUpTo, remaining } from '@/core/clay';
import { shareAt, shareSdAt } from '@/core/sizing';
import { type Odds, shrinkageVariances } from './gap';
import type { GapRange } from './widths';

/** Which plan a mouth and its lid have; a polygon with so many sides. */
export type Plan = { readonly plan: 'oval' | 'box' } | { readonly plan: 'polygon'; readonly sides: number };

/** A mouth or a lid seen from above, mm as it is at its stage; a polygon is as wide as it is long, across its flats. */
export interface PlanSize {
  readonly length: number;
  readonly width: number;
  /** Of its corners; unknown or none of an oval. */
  readonly radius?: number | undefined;
}

export interface ClayPlan extends PlanSize {
  readonly clay: ClayFigures;
  readonly at: Stage;
  /** How truly it is made, sd on each axis. */
  readonly toolSd: number;
  /** By how much it may warp, sd, finished; half of it on each axis. */
  readonly ovalitySd: number;
  /** Glaze on the touching face, finished, on one side. */
  readonly glaze: number;
}

export interface RigidPlan extends PlanSize {
  readonly rigid: true;
}

export interface PlanPair {
  readonly plan: Plan;
  readonly pot: ClayPlan | RigidPlan;
  readonly lid: ClayPlan | RigidPlan;
  readonly gap: GapRange;
  /** The lid goes over the mouth. */
  readonly over: boolean;
  readonly sameFiring: boolean;
}

type Axis = 'length' | 'width';

type Side = 'pot' | 'lid';

const isRigid = (part: ClayPlan | RigidPlan): part is RigidPlan => 'rigid' in part;

/** What one mm of a part finishes at, and how that answers to shrinkage and share. */
function perMm(part: ClayPlan | RigidPlan) {
  if (isRigid(part) || part.at === 'glazed') return { finished: 1, plain: 1, shrinkage: 0, share: 0 };
  const { clay, at } = part;
  const [s, p] = [clay.belief.mean, shareAt(clay, at)];
  const left = 1 - p * s;
  const { common, own } = shrinkageVariances(clay);
  // to the second order in shrinkage and share, as for round mouths
  const bent = (-p * (1 - p) * (common + own) + s * s * (1 - s) * shareSdAt(clay, at) ** 2) / left ** 3;
  return {
    finished: (1 - s) / left + bent,
    plain: remaining(clay.shrinkage, 'glazed', 'width') / remaining(clay.shrinkage, at, 'width'),
    shrinkage: -(1 - p) / left ** 2,
    share: (s * (1 - s)) / left ** 2,
  };
}

/** Variance that is apart on each axis of a part: the hand, and half of the warp. */
function apart(part: ClayPlan | RigidPlan): number {
  if (isRigid(part)) return 0;
  const hand = part.at === 'glazed' ? part.toolSd : part.toolSd * perMm(part).plain;
  return hand ** 2 + (part.ovalitySd / 2) ** 2;
}

interface Gaps {
  readonly mean: Readonly<Record<Axis, number>>;
  readonly sd: Readonly<Record<Axis, number>>;
  /** Covariance of the two. */
  readonly shared: number;
}

const glazeOf = (part: ClayPlan | RigidPlan): number => (isRigid(part) ? 0 : part.glaze);

/** Both gaps of a pair, finished: outer less inner on each axis, with what the axes share. */
function gapsOf({ pot, lid, over, sameFiring }: PlanPair): Gaps {
  const parts = { pot, lid };
  const sign = (side: Side) => ((side === 'pot') !== over ? 1 : -1);
  const [m, l] = [perMm(pot), perMm(lid)];
  const answers = { pot: m, lid: l };
  const clays =
    !isRigid(pot) && !isRigid(lid) ? { one: pot.clay === lid.clay && sameFiring, stage: pot.at === lid.at } : { one: false, stage: false };
  const covariance = (a: Axis, b: Axis): number => {
    const by = (side: Side, axis: Axis, what: 'shrinkage' | 'share') => sign(side) * parts[side][axis] * answers[side][what];
    let sum = 0;
    const sides: readonly Side[] = ['pot', 'lid'];
    for (const side of sides) {
      const part = parts[side];
      if (isRigid(part)) continue;
      const { common, own } = shrinkageVariances(part.clay);
      sum += by(side, a, 'shrinkage') * by(side, b, 'shrinkage') * (own + (clays.one ? 0 : common));
      if (!(clays.one && clays.stage)) sum += by(side, a, 'share') * by(side, b, 'share') * shareSdAt(part.clay, part.at) ** 2;
    }
    if (clays.one && !isRigid(pot)) {
      const both = (axis: Axis, what: 'shrinkage' | 'share') => by('pot', axis, what) + by('lid', axis, what);
      sum += both(a, 'shrinkage') * both(b, 'shrinkage') * shrinkageVariances(pot.clay).common;
      if (clays.stage) sum += both(a, 'share') * both(b, 'share') * shareSdAt(pot.clay, pot.at) ** 2;
    }
    return sum;
  };
  const alone = apart(pot) + apart(lid);
  const glaze = 2 * (glazeOf(pot) + glazeOf(lid));
  const of = (make: (axis: Axis) => number) => ({ length: make('length'), width: make('width') });
  return {
    mean: of((axis) => sign('pot') * (pot[axis] * m.finished - lid[axis] * l.finished) - glaze),
    sd: of((axis) => Math.sqrt(covariance(axis, axis) + alone)),
    shared: covariance('length', 'width'),
  };
}

/** By how much the outer's corner radius is larger than the inner's, finished; unknown where one is missing or it is an oval. */
function cornersOf({ plan, pot, lid, over }: PlanPair): number | undefined {
  if (plan.plan === 'oval' || pot.radius === undefined || lid.radius === undefined) return undefined;
  const difference = pot.radius * perMm(pot).plain - lid.radius * perMm(lid).plain;
  return over ? -difference : difference;
}

const sidesOf = (plan: Plan): number => (plan.plan === 'polygon' ? plan.sides : 4);

/** What is free at the corners for two gaps: outer corners rounder than the inner leave less there than along the sides. */
function clearance(plan: Plan, corners: number, length: number, width: number): number {
  const [a, b] = [Math.max(0, corners - length / 2), Math.max(0, corners - width / 2)];
  return sidesOf(plan) === 4 ? corners - Math.hypot(a, b) : corners - Math.max(a, b) / Math.cos(Math.PI / sidesOf(plan));
}

/** From which gap on the other axis on nothing touches, for a gap on one. */
function leastOther({ plan, gap: { min } }: PlanPair, corners: number | undefined, one: number): number {
  if (corners === undefined || corners <= min / 2) return min;
  const room = corners - min / 2;
  if (sidesOf(plan) !== 4) return Math.max(min, 2 * (corners - room * Math.cos(Math.PI / sidesOf(plan))));
  const a = Math.max(0, corners - one / 2);
  return Math.max(min, 2 * (corners - Math.sqrt(Math.max(0, room ** 2 - a ** 2))));
}

const REACH = 8;
const STEPS = 2000;

/** A sum by Simpson's rule, even in so many steps. */
function integral(of: (x: number) => number, from: number, to: number, steps: number): number {
  if (to <= from) return 0;
  const step = (to - from) / steps;
  let sum = of(from) + of(to);
  for (let i = 1; i < steps; i += 1) sum += (i % 2 === 1 ? 4 : 2) * of(from + i * step);
  return (sum * step) / 3;
}

/** The odds of both gaps and the corners together: a bivariate normal over what is free. */
function oddsFor(pair: PlanPair, { mean, sd, shared }: Gaps): Odds {
  const { min, max } = pair.gap;
  const corners = cornersOf(pair);
  const slope = shared / sd.length ** 2;
  const rest = Math.sqrt(Math.max(1e-18, sd.width ** 2 - slope * shared));
  const edge = sidesOf(pair.plan) === 4 ? min : leastOther(pair, corners, max);
  const between = (to: number, top: number) =>
    integral(
      (x) => {
        const centre = mean.width + slope * (x - mean.length);
        const upTo = top === Infinity ? 1 : normalUpTo((top - centre) / rest);
        return normalDensity(mean.length, sd.length, x) * Math.max(0, upTo - normalUpTo((leastOther(pair, corners, x) - centre) / rest));
      },
      edge,
      to,
      STEPS,
    );
  const good = between(max, max);
  const free = between(Math.max(max, mean.length + REACH * sd.length), Infinity);
  return { jams: 1 - free, good, loose: Math.max(0, free - good) };
}

const TURNED_STEPS = 48;

/** How often all four gaps are within where the lid may be turned by a side: each axis of the mouth with each of the lid, corners left out. */
function turnedGood(pair: PlanPair, { mean, shared }: Gaps): number {
  const { pot, lid, gap } = pair;
  const [mouth, cap] = pair.over ? [apart(lid), apart(pot)] : [apart(pot), apart(lid)];
  const [sz, sh, sk] = [Math.sqrt(Math.max(0, shared)), Math.sqrt(mouth), Math.sqrt(cap)];
  const density = (sd: number, x: number) => (sd > 0 ? normalDensity(0, sd, x) : 1);
  const over = (sd: number, of: (x: number) => number, from = -5 * sd) =>
    sd > 0 ? integral((x) => density(sd, x) * of(x), from, 5 * sd, TURNED_STEPS) : of(0);
  const both = (low: number, high: number) => {
    const one = sh > 0 ? normalUpTo(high / sh) - normalUpTo(low / sh) : low <= 0 && high >= 0 ? 1 : 0;
    return Math.max(0, one) ** 2;
  };
  const at = (middle: number, small: number, large: number) =>
    gap.min - middle + large < gap.max - middle + small ? both(gap.min - middle + large, gap.max - middle + small) : 0;
  return over(sz, (z) => {
    const middle = mean.length + z;
    if (sk === 0) return at(middle, 0, 0);
    // the smaller of the lid's two axes, then the larger: twice, since either may be it
    return 2 * over(sk, (small) => integral((large) => density(sk, large) * at(middle, small, large), small, 5 * sk, TURNED_STEPS));
  });
}

/** How a lid of a plan fits its mouth. */
export interface PlanFit {
  readonly odds: Odds;
  readonly gap: Readonly<Record<Axis, { readonly mean: number; readonly sd: number }>>;
  /** What is free at the corners or along the sides, at the mean gaps, whichever is less; unknown without both radii. */
  readonly corner: number | undefined;
  /** How often it seats whichever way it is turned; only where it can be turned. */
  readonly turned: number | undefined;
  readonly best: {
    readonly part: Side;
    readonly gap: number;
    readonly length: number;
    readonly width: number;
    readonly radius: number | undefined;
    readonly good: number;
  };
}

/** The part made anew to a mean gap that is the same on both axes, its corners so that they never decide. */
function madeToFit(pair: PlanPair, wanted: number): { readonly side: Side; readonly part: ClayPlan | RigidPlan } {
  const side: Side = isRigid(pair.lid) ? 'pot' : 'lid';
  const [made, other] = side === 'lid' ? [pair.lid, pair.pot] : [pair.pot, pair.lid];
  const outer = (side === 'pot') !== pair.over;
  const glaze = 2 * (glazeOf(pair.pot) + glazeOf(pair.lid));
  const [own, theirs] = [perMm(made), perMm(other)];
  const axis = (name: Axis) => (other[name] * theirs.finished + (outer ? 1 : -1) * (wanted + glaze)) / own.finished;
  const finished =
    other.radius === undefined ? undefined : Math.max(0, other.radius * theirs.plain + ((outer ? 1 : -1) * pair.gap.min) / 2);
  const radius = pair.plan.plan === 'oval' || finished === undefined ? undefined : finished / own.plain;
  return { side, part: { ...made, length: axis('length'), width: axis('width'), radius } };
}

const GOLDEN = (Math.sqrt(5) - 1) / 2;

/**
 * A lid of its mouth's own plan: gaps along both axes and at the corners, with the odds of all together. Both axes share what the
 * clay does; the hand and a warp that may go either way are apart on each. Never round where the mouth is not.
 */
export function fitPlan(pair: PlanPair): PlanFit {
  const gaps = gapsOf(pair);
  const corners = cornersOf(pair);
  const half = Math.min(gaps.mean.length, gaps.mean.width) / 2;
  const at = (wanted: number) => {
    const { side, part } = madeToFit(pair, wanted);
    const made = { ...pair, [side]: part };
    return { side, part, good: oddsFor(made, gapsOf(made)).good };
  };
  const { min, max } = pair.gap;
  let [low, high] = [min, max];
  while (high - low > 1e-5) {
    const [a, b] = [high - GOLDEN * (high - low), low + GOLDEN * (high - low)];
    if (at(a).good >= at(b).good) high = b;
    else low = a;
  }
  const wanted = (low + high) / 2;
  const best = at(wanted);
  const square = pair.plan.plan !== 'oval' && [pair.pot, pair.lid].every(({ length, width }) => Math.abs(length - width) < 1e-9);
  const axis = (name: Axis) => ({ mean: gaps.mean[name], sd: gaps.sd[name] });
  return {
    odds: oddsFor(pair, gaps),
    gap: { length: axis('length'), width: axis('width') },
    corner:
      corners === undefined
        ? undefined
        : corners <= 0
          ? half
          : Math.min(half, clearance(pair.plan, corners, gaps.mean.length, gaps.mean.width)),
    turned: square ? turnedGood(pair, gaps) : undefined,
    best: { part: best.side, gap: wanted, length: best.part.length, width: best.part.width, radius: best.part.radius, good: best.good },
  };
}
