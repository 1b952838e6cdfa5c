import { gapOf, oddsOf, type Odds } from './gap';
import { type GapRange, type Pair, type Side, ofDiameter } from './widths';

/** What a miss costs beside the other: a mouth too narrow can be opened, one too wide cannot be closed. */
export interface Costs {
  readonly jams: number;
  readonly loose: number;
}

export const EQUAL_COSTS: Costs = { jams: 1, loose: 1 };

/** Where what is too tight can be worked on and what is too loose cannot: a miss on that side costs so much more. Ours. */
export const NARROW_COSTS: Costs = { jams: 1, loose: 4 };

export interface Best {
  readonly diameter: number;
  readonly odds: Odds;
}

const SHRINK = (Math.sqrt(5) - 1) / 2;
const PLACES_MM = 1e-3;

/** The place of the least of a function that falls and then rises, by golden section. */
function least(of: (x: number) => number, from: number, to: number): number {
  let [low, high] = [from, to];
  let [a, b] = [high - SHRINK * (high - low), low + SHRINK * (high - low)];
  let [fa, fb] = [of(a), of(b)];
  while (high - low > PLACES_MM) {
    if (fa <= fb) {
      [high, b, fb] = [b, a, fa];
      a = high - SHRINK * (high - low);
      fa = of(a);
    } else {
      [low, a, fa] = [a, b, fb];
      b = low + SHRINK * (high - low);
      fb = of(b);
    }
  }
  return (low + high) / 2;
}

/**
 * The width of the mouth, or of the lid, at its stage that costs least in misses; with equal costs the one with the highest odds of
 * good (how-it-computes.md, Fits). Where there is no doubt it is the middle of the range. mm
 */
export function bestWidth(pair: Pair, side: Side, range: GapRange, costs: Costs = EQUAL_COSTS): Best {
  const withWidth = (diameter: number): Pair => ({ ...pair, [side]: ofDiameter(pair[side], diameter) });
  const meanAt = (diameter: number) => gapOf(withWidth(diameter)).mean;
  const now = pair[side].diameter;
  const slope = meanAt(now + 1) - meanAt(now);
  const middle = now + ((range.min + range.max) / 2 - meanAt(now)) / slope;
  const at = (diameter: number): Best => ({ diameter, odds: oddsOf(gapOf(withWidth(diameter)), range) });
  const best = at(middle);
  if (best.odds.good > 1 - 1e-6) return best;
  const { sd } = gapOf(withWidth(middle));
  const reach = (range.max - range.min + 3 * sd) / Math.abs(slope);
  const cost = (diameter: number) => {
    const { jams, loose } = at(diameter).odds;
    return costs.jams * jams + costs.loose * loose;
  };
  return at(least(cost, middle - reach, middle + reach));
}

/** The odds with another width of one side. */
export const goodAtWidth = (pair: Pair, side: Side, range: GapRange, diameter: number): Odds =>
  oddsOf(gapOf({ ...pair, [side]: ofDiameter(pair[side], diameter) }), range);

/** A gauge lets through what is this near to the best odds. Ours. */
const GO_SHARE = 0.9;

/** Between which two widths the odds are still nine tenths of the best: go and no-go of a gauge, mm at the stage it is at. */
export function goWindow(pair: Pair, side: Side, range: GapRange, best: Best): readonly [number, number] {
  const enough = best.odds.good * GO_SHARE;
  const goodAt = (diameter: number) => goodAtWidth(pair, side, range, diameter).good;
  const edge = (towards: 1 | -1): number => {
    let reach = 0.25;
    while (reach < best.diameter && goodAt(best.diameter + towards * reach) >= enough) reach *= 2;
    let [within, out] = [0, reach];
    while (out - within > PLACES_MM / 4) {
      const middle = (within + out) / 2;
      if (goodAt(best.diameter + towards * middle) >= enough) within = middle;
      else out = middle;
    }
    return best.diameter + towards * within;
  };
  return [edge(-1), edge(1)];
}
