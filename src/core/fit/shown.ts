import { type Best, type Costs, EQUAL_COSTS, goodAtWidth, goWindow } from './best';
import { type Odds, gapOf, oddsOf } from './gap';
import { NEAR, type StepUnits, inward, stepWithin } from '@/core/units';
import { type GapRange, type Pair, type Side, ofDiameter } from './widths';

/** A width as it is shown: a multiple of what a hand can set, with the odds of that figure and no other. */
export interface Shown {
  readonly step: number;
  readonly figure: number;
  /** Between which figures it is nearly as good; none where the window holds no multiple of the step. */
  readonly go: readonly [number, number] | undefined;
  readonly odds: Odds;
}

/** Seldomer good than this, or not above nothing, there is nothing to make. */
const HOPELESS = 0.01;

/** The window of a width with 0.9 of the best odds or more, and the figure in steps of a hand. Nothing where not one in a hundred would do. */
export interface ShownFit {
  readonly window: readonly [number, number];
  readonly shown: Shown;
}

/**
 * What is shown of a fit: the window, and of the multiples of its step the one with the best odds (of equals the nearer to the best
 * width), whose odds and finish are told. Undefined where the best width would be good in less than one of a hundred.
 */
export function shownFit(
  pair: Pair,
  side: Side,
  range: GapRange,
  best: Best,
  units: StepUnits,
  costs: Costs = EQUAL_COSTS,
): ShownFit | undefined {
  if (best.odds.good < HOPELESS) return undefined;
  const window = goWindow(pair, side, range, best);
  const step = stepWithin(window[0], window[1], units);
  const costOf = (mm: number) => {
    const { jams, loose } = oddsOf(gapOf({ ...pair, [side]: ofDiameter(pair[side], mm) }), range);
    return costs.jams * jams + costs.loose * loose;
  };
  const below = Math.floor(best.diameter / step + NEAR);
  const figures = [below, below + 1].map((count) => count * step).filter((mm) => mm > 0);
  const [figure] = figures.sort((a, b) => costOf(a) - costOf(b) || Math.abs(a - best.diameter) - Math.abs(b - best.diameter));
  if (figure === undefined) return undefined;
  return { window, shown: { step, figure, go: inward(window[0], window[1], step), odds: goodAtWidth(pair, side, range, figure) } };
}
