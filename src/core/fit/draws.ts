import { shareAt, shareSdAt } from '@/core/sizing';
import { shrinkageVariances, sharesFiring, type Odds } from './gap';
import { type ClayWidth, type GapRange, type Pair, type Width, isRigid } from './widths';

/** Draws from a normal of mean 0 and sd 1; chance is passed in, so that the same seed fires the same pots. */
export type Normal = () => number;

/** One pair that came out of the kiln, finished mm: the widths where they meet, and the gap between them. */
export interface Fired {
  readonly mouth: number;
  readonly lid: number;
  readonly gap: number;
}

/** What a firing does to every piece of one clay: the common part of its shrinkage, and how much of it is done at a stage. */
interface Kiln {
  readonly common: number;
  readonly share: number;
}

const NO_KILN: Kiln = { common: 0, share: 0 };

const kilnFor = (width: Width, common: number, share: number): Kiln =>
  isRigid(width) ? NO_KILN : { common: common * Math.sqrt(shrinkageVariances(width.clay).common), share: share * shareSdAt(width.clay, width.at) };

function drawnClay(width: ClayWidth, kiln: Kiln, own: number, hand: number): number {
  const { clay, at, diameter, toolSd } = width;
  const made = diameter + hand * toolSd;
  if (at === 'glazed') return made;
  const s = clay.belief.mean + kiln.common + own * Math.sqrt(shrinkageVariances(clay).own);
  return (made * (1 - s)) / (1 - (shareAt(clay, at) + kiln.share) * s);
}

/** Where a drawn width meets the other: warp and glaze narrow a mouth and widen a lid. */
function drawnWidth(width: Width, kiln: Kiln, normal: Normal, outwards: 1 | -1): number {
  if (isRigid(width)) return width.diameter + (width.spreadSd ? normal() * width.spreadSd : 0);
  const finished = drawnClay(width, kiln, normal(), normal());
  const oval = Math.abs(normal() * width.ovalitySd);
  return finished + outwards * (oval / 2 + 2 * (width.glaze ?? 0));
}

/**
 * Makes and fires one pair: computation.md section 7 drawn once. Two parts of one clay and one firing share what that firing does,
 * and how much of it was done where they stand at one stage.
 */
export function fireOnce(pair: Pair, normal: Normal): Fired {
  const { mouth, lid } = pair;
  const [common, share] = [normal(), normal()];
  const together = sharesFiring(pair);
  const alike = together && (mouth as ClayWidth).at === (lid as ClayWidth).at;
  const first = kilnFor(mouth, common, share);
  const second = isRigid(lid) ? NO_KILN : kilnFor(lid, together ? common : normal(), alike ? share : normal());
  const [wide, narrow] = [drawnWidth(mouth, first, normal, -1), drawnWidth(lid, second, normal, 1)];
  return { mouth: wide, lid: narrow, gap: wide - narrow };
}

/** What became of many pairs. */
export interface Tally {
  readonly count: number;
  readonly odds: Odds;
  readonly mean: number;
  readonly sd: number;
}

/** Fires so many pairs and counts. `go` may stop it: then undefined. */
export function fireMany(pair: Pair, { min, max }: GapRange, count: number, normal: Normal): Tally {
  let [jams, loose, sum, squares] = [0, 0, 0, 0];
  for (let i = 0; i < count; i += 1) {
    const { gap } = fireOnce(pair, normal);
    if (gap < min) jams += 1;
    else if (gap > max) loose += 1;
    sum += gap;
    squares += gap * gap;
  }
  const mean = sum / count;
  return {
    count,
    odds: { jams: jams / count, good: (count - jams - loose) / count, loose: loose / count },
    mean,
    sd: Math.sqrt(Math.max(0, squares / count - mean * mean)),
  };
}
