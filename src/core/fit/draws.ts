import { shareAt, shareSdAt } from '@/core/sizing';
import { type Odds, gapOf, sharesFiring, shrinkageVariances } from './gap';
import { type ClayWidth, type GapRange, type Pair, type Width, isRigid } from './widths';

/** Draws from a normal of mean 0 and sd 1; chance is passed in, so that the same seed fires the same pots. */
export type Normal = () => number;

/** How a width comes out of a firing: `common` and `share` are what that does to all of one clay, drawn once for both. */
type Maker = (common: number, share: number, normal: Normal) => number;

/** Warp and glaze narrow a mouth and widen a lid. */
function makerOf(width: Width, outwards: 1 | -1): Maker {
  if (isRigid(width)) {
    const { diameter, spreadSd = 0 } = width;
    return spreadSd > 0 ? (_common, _share, normal) => diameter + normal() * spreadSd : () => diameter;
  }
  const { clay, at, diameter, toolSd, lean = 0, ovalitySd, glaze = 0 } = width;
  const { mean } = clay.belief;
  const variances = shrinkageVariances(clay);
  const [commonSd, ownSd] = [Math.sqrt(variances.common), Math.sqrt(variances.own)];
  const [done, doneSd] = [shareAt(clay, at), shareSdAt(clay, at)];
  return (common, share, normal) => {
    const made = diameter + lean + normal() * toolSd;
    const s = mean + common * commonSd + normal() * ownSd;
    const finished = at === 'glazed' ? made : (made * (1 - s)) / (1 - (done + share * doneSd) * s);
    return finished + outwards * (Math.abs(normal() * ovalitySd) / 2 + 2 * glaze);
  };
}

/**
 * Makes and fires pairs one by one, and tells the finished gap of each, mm: drawn by lot (how-it-computes.md, Fits). Two parts of one clay and one firing share what that firing does,
 * and how much of it was done where they stand at one stage.
 */
export function firingOf(pair: Pair, normal: Normal): () => number {
  const { mouth, lid } = pair;
  const together = sharesFiring(pair);
  const alike = together && (mouth as ClayWidth).at === (lid as ClayWidth).at;
  const [mouthMaker, lidMaker] = [makerOf(mouth, -1), makerOf(lid, 1)];
  return () => {
    const [common, share] = [normal(), normal()];
    const wide = mouthMaker(common, share, normal);
    const narrow = lidMaker(together ? common : normal(), alike ? share : normal(), normal);
    return wide - narrow;
  };
}

/** What became of many pairs: the odds, mean and sd of the gap, and how many fell into each step of a width. */
export interface Drawn {
  readonly count: number;
  readonly odds: Odds;
  readonly mean: number;
  readonly sd: number;
  /** Steps of the gap from the first on, mm, with the share of pairs in each. */
  readonly from: number;
  readonly step: number;
  readonly shares: readonly number[];
}

const STEPS = 60;
const REACH_SDS = 4;

/** Fires so many pairs and counts. */
export function drawnGaps(pair: Pair, { min, max }: GapRange, count: number, normal: Normal): Drawn {
  const fire = firingOf(pair, normal);
  const about = gapOf(pair);
  const reach = Math.max(0.05, REACH_SDS * about.sd);
  const [from, step] = [about.mean - reach, (2 * reach) / STEPS];
  const steps = new Array<number>(STEPS).fill(0);
  let [jams, loose, sum, squares] = [0, 0, 0, 0];
  for (let i = 0; i < count; i += 1) {
    const gap = fire();
    if (gap < min) jams += 1;
    else if (gap > max) loose += 1;
    sum += gap;
    squares += gap * gap;
    const at = Math.floor((gap - from) / step);
    if (at >= 0 && at < STEPS) steps[at]! += 1;
  }
  const mean = sum / count;
  return {
    count,
    odds: { jams: jams / count, good: (count - jams - loose) / count, loose: loose / count },
    mean,
    sd: Math.sqrt(Math.max(0, squares / count - mean * mean)),
    from,
    step,
    shares: steps.map((each) => each / count),
  };
}
