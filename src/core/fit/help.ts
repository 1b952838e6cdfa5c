import { type Belief, type ClayFigures, remaining } from '@/core/clay';
import { handWith } from '@/core/sizing';
import { type Best, type Costs, EQUAL_COSTS, bestWidth } from './best';
import { type Odds, gapOf, oddsOf } from './gap';
import { type ClayWidth, type GapRange, type Pair, type Side, type Width, isRigid } from './widths';

/** What a maker could do about the odds. */
export type HelpName = 'aim' | 'bars' | 'pieces' | 'together' | 'leather' | 'gauge' | 'warp' | 'measured';

export interface Help {
  readonly name: HelpName;
  readonly odds: Odds;
  /** The width to make then, at the stage it is made at, mm. */
  readonly diameter: number;
}

/** How much a measured bar says beside a whole observation, by caliper: 0.985 and more (how-it-computes.md, From finished to wet). */
const BAR_WORTH = 0.985;

/** What is believed after so many more bars of the batch whose lengths are not known yet: as sure as it will be, about the same mean. */
function surer(belief: Belief, bars: number): Belief {
  const kappa = (belief.pieceSd / belief.commonSd) ** 2 + bars * BAR_WORTH;
  return { ...belief, commonSd: belief.pieceSd / Math.sqrt(kappa), dof: belief.dof + bars };
}

/** The pair with every part of a clay in it known better. */
function withBars(pair: Pair, clay: ClayFigures, bars: number): Pair {
  const known: ClayFigures = { ...clay, belief: surer(clay.belief, bars) };
  const better = (width: Width): Width => (!isRigid(width) && width.clay === clay ? { ...width, clay: known } : width);
  return { ...pair, mouth: better(pair.mouth), lid: better(pair.lid) };
}

/** A test piece says as much as a bar where it was measured wet and fired; two are the usual insurance, three bars a batch's due. */
const BARS = 3;
const TEST_PIECES = 2;

/** What is measured with calipers on the piece itself, sd in mm. Ours: the tip of a caliper on clay is no better. */
export const MEASURED_SD = 0.15;

/** Lid and pot kept on each other while they dry and fire, sd of the ovality as a share of what it is apart. Ours. */
const TOGETHER_WARP = 2 / 3;

type Change = (pair: Pair, made: ClayWidth) => Pair | undefined;

const onSide = (pair: Pair, side: Side, change: Partial<ClayWidth>): Pair => ({ ...pair, [side]: { ...pair[side], ...change } });

/** What this maker's hand does with a gauge, as they have shown it: no better hand than theirs is promised. */
function byGauge({ clay }: ClayWidth): Pick<ClayWidth, 'toolSd' | 'lean'> & { readonly toolSd: number } {
  const { sd, lean } = handWith(clay, 'gauge', 'width');
  return { toolSd: sd, lean };
}

/** The stage a thing is at, as a width made to the same size there. */
function atLeather(pair: Pair, side: Side, made: ClayWidth): Pair | undefined {
  if (made.at !== 'wet') return undefined;
  const left = remaining(made.clay.shrinkage, 'leather', 'width');
  return onSide(pair, side, { at: 'leather', diameter: made.diameter * left, ...byGauge(made) });
}

const CHANGES = (side: Side): Readonly<Record<Exclude<HelpName, 'aim'>, Change>> => ({
  bars: (pair, { clay }) => withBars(pair, clay, BARS),
  pieces: (pair, { clay }) => withBars(pair, clay, TEST_PIECES),
  together: (pair) => {
    const { mouth, lid, sameFiring } = pair;
    if (sameFiring || isRigid(mouth) || isRigid(lid) || mouth.clay !== lid.clay || mouth.at === 'glazed' || lid.at === 'glazed')
      return undefined;
    return { ...pair, sameFiring: true };
  },
  leather: (pair, made) => atLeather(pair, side, made),
  gauge: (pair, made) => (made.toolSd > byGauge(made).toolSd ? onSide(pair, side, byGauge(made)) : undefined),
  measured: (pair) => {
    const other: Side = side === 'mouth' ? 'lid' : 'mouth';
    const width = pair[other];
    return isRigid(width) || width.toolSd <= MEASURED_SD ? undefined : onSide(pair, other, { toolSd: MEASURED_SD, lean: 0 });
  },
  warp: (pair) => {
    const { mouth, lid } = pair;
    if (isRigid(mouth) || isRigid(lid)) return undefined;
    const calmer = (width: ClayWidth): ClayWidth => ({ ...width, ovalitySd: width.ovalitySd * TOGETHER_WARP });
    return { ...pair, mouth: calmer(mouth), lid: calmer(lid) };
  },
});

/** Less than this is no help worth its work: one in a hundred. */
const WORTH = 0.01;

/**
 * What would help most, best first: each thing a maker could do, worked out as the odds there would then be with the best width for it.
 * `aim` is that width with nothing else done. Nothing that gains less than one in a hundred over it is told.
 */
export function helpsFor(pair: Pair, side: Side, range: GapRange, costs: Costs = EQUAL_COSTS): Help[] {
  const made = pair[side];
  if (isRigid(made)) return [];
  const now = oddsOf(gapOf(pair), range).good;
  const aim = bestWidth(pair, side, range, costs);
  const helpOf = (name: HelpName, { odds, diameter }: Best): Help => ({ name, odds, diameter });
  const aims = aim.odds.good >= now + WORTH ? [helpOf('aim', aim)] : [];
  const changed = Object.entries(CHANGES(side)).flatMap(([name, change]): Help[] => {
    const then = change(pair, made);
    if (!then) return [];
    const best = bestWidth(then, side, range, costs);
    return best.odds.good >= aim.odds.good + WORTH ? [helpOf(name as HelpName, best)] : [];
  });
  return [...aims, ...changed.sort((a, b) => b.odds.good - a.odds.good)];
}
