import { onceEach } from '@/core/remember';
import {
  type Belief,
  type ClayFigures,
  type Direction,
  type OwnHand,
  SHARE_SD,
  type Stage,
  beliefDensity,
  chanceUpTo,
  normalUpTo,
} from '@/core/clay';
import { type SizeName, sizeSpec } from '@/core/form';

/** What a range is about: the clay, the size with the direction it shrinks in, and how truly a hand makes it. */
export interface Along {
  readonly clay: ClayFigures;
  readonly size: SizeName;
  /** With what it is made to size; a gauge unless said. */
  readonly tool?: Tool | undefined;
  /** The hand's error on the size at the stage it is made at, sd in mm, where it is not that of the tool. */
  readonly toolSd?: number | undefined;
  /** By how much it is made larger on the whole, mm, with that. */
  readonly lean?: number | undefined;
}

/** Making error by tool, sd in mm. how-it-computes.md, Fits. */
export const TOOL_SD = { gauge: 0.5, eye: 1.5 } as const;

export type Tool = keyof typeof TOOL_SD;

/** How truly a size is made with a tool in one direction, mm: as the maker's own pieces showed it, else typical and without a lean. */
export const handWith = ({ hands }: Pick<ClayFigures, 'hands'>, tool: Tool, direction: Direction): OwnHand =>
  hands?.[tool][direction] ?? { sd: TOOL_SD[tool], lean: 0 };

const handOf = ({ clay, size, tool = 'gauge', toolSd, lean = 0 }: Along): OwnHand =>
  toolSd === undefined ? handWith(clay, tool, sizeSpec(size).direction) : { sd: toolSd, lean };

/** By how much a size comes out larger than it was set, mm. */
export const leanOf = (along: Along): number => handOf(along).lean;

export const beliefOf = ({ clay, size }: Along): Belief => (sizeSpec(size).direction === 'height' ? clay.heightBelief : clay.belief);

/** How much of the shrinkage is done at a stage, 0 to 1. */
export const shareAt = ({ shrinkage }: ClayFigures, stage: Stage): number =>
  stage === 'wet' ? 0 : stage === 'glazed' ? 1 : shrinkage.shares[stage];

/** How sure that share is, as an sd; nothing at the two ends, where it is 0 and 1 by definition. */
export const shareSdAt = ({ sources }: ClayFigures, stage: Stage): number =>
  stage === 'wet' || stage === 'glazed' ? 0 : sources.shares[stage] === 'typical' ? SHARE_SD.typical : SHARE_SD.known;

/** What is left at a stage of a length at another if the piece shrinks by s in all, the shares as believed. */
export const leftFrom = ({ clay }: Along, from: Stage, to: Stage, s: number): number =>
  (1 - shareAt(clay, to) * s) / (1 - shareAt(clay, from) * s);

/** What a length at a stage is or was at another, by what is believed of the clay. mm */
export const reachedFrom = (along: Along, from: Stage, mm: number, to: Stage): number =>
  mm * leftFrom(along, from, to, beliefOf(along).mean);

/** Which doubts are looked at: all of them, or one alone to see what it makes. */
export interface Doubts {
  readonly clay: boolean;
  readonly hand: boolean;
  readonly share: boolean;
}

export const ALL_DOUBTS: Doubts = { clay: true, hand: true, share: true };

/** A belief's Student t as shrinkages with weights, evenly apart; kept with the belief. */
interface Nodes {
  readonly s: readonly number[];
  readonly weight: readonly number[];
}

const REACH = 9;
const STEPS = { coarse: 0.2, fine: 0.05 } as const;
type Grid = keyof typeof STEPS;

function nodes(belief: Belief, grid: Grid): Nodes {
  const count = Math.round((2 * REACH) / STEPS[grid]) + 1;
  const s = Array.from({ length: count }, (_, i) => belief.mean + (i * STEPS[grid] - REACH) * belief.scale);
  const density = s.map((each) => beliefDensity(belief, each));
  const whole = density.reduce((all, each) => all + each, 0);
  return { s, weight: density.map((each) => each / whole) };
}

const NODES = { coarse: onceEach((belief: Belief) => nodes(belief, 'coarse')), fine: onceEach((belief: Belief) => nodes(belief, 'fine')) };

const nodesOf = (belief: Belief, grid: Grid): Nodes => NODES[grid](belief);

/** A normal spread this much of the clay's is smooth enough for the coarse steps, or for the fine; less makes no difference. */
const SMOOTH = { coarse: 0.14, fine: 0.035 } as const;

/** A length made to `mm` at one stage, looked at when another is reached. */
export interface Made {
  readonly from: Stage;
  readonly mm: number;
  readonly to: Stage;
}

/**
 * The chance that a length made to `mm` at a stage is at or under a limit at another. In doubt are the shrinkage (its Student
 * t), the hand (normal, on the size as made) and the shares at stages between wet and glazed (normal, one draw for a stage):
 * how-it-computes.md, Known sizes. For each shrinkage hand and shares together are a normal, bent by the share's second order (right to
 * 0.01 mm); those are summed over the t. Where the stages are one only the hand is in doubt.
 */
export function chanceUnder(what: Along, { from, mm: set, to }: Made, limit: number, doubts = ALL_DOUBTS): number {
  const { clay } = what;
  const belief = beliefOf(what);
  const own = handOf(what);
  const hand = doubts.hand ? own.sd : 0;
  // a hand that leans makes another size than the one that was set
  const mm = doubts.hand ? set + own.lean : set;
  const moves = from !== to;
  const sharesDoubted = moves && doubts.share;
  const [earlyShare, lateShare] = [shareAt(clay, from), shareAt(clay, to)];
  const [earlySd, lateSd] = sharesDoubted ? [shareSdAt(clay, from), shareSdAt(clay, to)] : [0, 0];
  // a share's relative spread of the length, for a shrinkage s
  const spread = (sd: number, share: number, s: number) => (sd * s) / (1 - share * s);
  const under = (s: number) => {
    const early = spread(earlySd, earlyShare, s);
    const late = spread(lateSd, lateShare, s);
    const sd = Math.sqrt(hand ** 2 + mm ** 2 * (early ** 2 + late ** 2));
    const beyond = (limit * (1 - earlyShare * s)) / (1 - lateShare * s) - mm;
    if (sd === 0) return beyond >= -1e-9 ? 1 : 0;
    // the early share divides: 1/(1 - d) = 1 + d + d^2, the last by what is expected of it given the sum of all
    const part = (mm * early * early) / (sd * sd);
    const bent = mm * ((part * beyond) ** 2 + early * early * (1 - part * mm));
    return normalUpTo((beyond - bent) / sd);
  };
  const { mean, scale } = belief;
  if (!moves || !doubts.clay) return under(mean);
  const smooth = Math.hypot(hand / mm, spread(earlySd, earlyShare, mean), spread(lateSd, lateShare, mean)) / scale;
  if (smooth < SMOOTH.fine) return clayAlone(what, { from, mm, to }, limit);
  const { s, weight } = nodesOf(belief, smooth < SMOOTH.coarse ? 'fine' : 'coarse');
  return s.reduce((all, each, i) => all + weight[i]! * under(each), 0);
}

/** The same by the Student t alone: the more a piece shrinks on its way the smaller it is, backwards the larger. */
function clayAlone(what: Along, { from, mm, to }: Made, limit: number): number {
  const [early, late] = [shareAt(what.clay, from), shareAt(what.clay, to)];
  const g = limit / mm;
  const shrinks = (1 - g) / (late - early * g);
  const chance = chanceUpTo(beliefOf(what), shrinks);
  return late > early ? 1 - chance : chance;
}

const PLACES_MM = 1e-5;
const MOST_STEPS = 80;

/** The logarithm of the odds of a chance: against a length nearly straight, where the chance itself is a step. */
function logOdds(chance: number): number {
  const p = Math.min(1 - 1e-12, Math.max(1e-12, chance));
  return Math.log(p / (1 - p));
}

interface Place {
  readonly mm: number;
  /** How far it is off there. */
  readonly off: number;
}

/** Where something that rises with a length is nothing, mm, between two places: by false position (the Illinois rule). */
function zeroBetween(offAt: (mm: number) => number, from: Place, to: Place): number {
  let [low, under] = [from.mm, from.off];
  let [high, over] = [to.mm, to.off];
  let [at, side] = [(low + high) / 2, 0];
  for (let i = 0; i < MOST_STEPS && over > under; i += 1) {
    const next = (low * over - high * under) / (over - under);
    const error = offAt(next);
    if (Math.abs(next - at) < PLACES_MM) return next;
    at = next;
    // an end that stays twice weighs half, so that the other is moved
    if (error < 0) {
      [low, under] = [next, error];
      if (side < 0) over /= 2;
      side = -1;
    } else {
      [high, over] = [next, error];
      if (side > 0) under /= 2;
      side = 1;
    }
  }
  return at;
}

/** Between which two lengths the middle share of pieces lies at a stage, mm: {@link chanceUnder} the other way. */
export function rangeOf(what: Along, made: Made, odds: number, doubts = ALL_DOUBTS): readonly [number, number] {
  const middle = made.mm * leftFrom(what, made.from, made.to, beliefOf(what).mean);
  const at = (mm: number): Place => ({ mm, off: logOdds(chanceUnder(what, made, mm, doubts)) });
  const [least, most] = [logOdds((1 - odds) / 2), logOdds((1 + odds) / 2)];
  let reach = Math.max(1, middle * 0.02);
  let [low, high] = [at(middle - reach), at(middle + reach)];
  while (reach < middle && (low.off > least || high.off < most)) {
    reach *= 2;
    [low, high] = [at(Math.max(0, middle - reach)), at(middle + reach)];
  }
  const passed = (wanted: number) =>
    zeroBetween((mm) => at(mm).off - wanted, { mm: low.mm, off: low.off - wanted }, { mm: high.mm, off: high.off - wanted });
  return [passed(least), passed(most)];
}
