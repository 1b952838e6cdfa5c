import type { PercentRange } from '@/core/units';
import {
  type Bar,
  type Belief,
  type BelievedShares,
  type Fired,
  type Prior,
  SIGMA0,
  believeFrom,
  grouped,
  isWet,
  observe,
  priorOf,
  weightOf,
  weightedMean,
} from './belief';
import type { ClayKind } from './kinds';

/** Height shrinks as width, within so much: sd of the logarithm of their ratio while nothing is known, and around a typed figure. Ours. */
const RATIO_SD = { unknown: 0.03, typed: 0.02 } as const;
/** A batch's shrinkage counts as no less when it is divided by. */
const LEAST_SHRINKAGE = 0.01;

/** What is believed of height beside width. */
export interface HeightBelief {
  readonly belief: Belief;
  /** Shrinkage in height over shrinkage across, and its sd for the batch. */
  readonly ratio: number;
  readonly ratioSd: number;
}

/**
 * What is believed of the shrinkage in height: that of the width, times a ratio that other batches measured both ways teach, then
 * this batch's own heights. Heights never move widths. Only bars measured wet count.
 *
 * @param typedPercent the height's own figure, where one was entered
 * @param width what is believed of the width for this batch and firing
 */
export function believeHeight(
  clay: {
    readonly kind: ClayKind;
    readonly shrinkagePercent?: PercentRange | undefined;
    readonly heightShrinkagePercent?: number | undefined;
  },
  widths: readonly Bar[],
  heights: readonly Bar[],
  width: Belief,
  shares: BelievedShares,
): HeightBelief {
  const { mean: m0 } = priorOf(clay.kind, clay.shrinkagePercent);
  const typed = clay.heightShrinkagePercent;
  const [wide, high] = [widths, heights].map((bars) => bars.filter((bar): bar is Fired => bar.glazed !== undefined).filter(isWet));
  const others = (bars: readonly Fired[]) => bars.filter(({ sameBatch }) => sameBatch === false);
  const byBatch = (bars: readonly Fired[]) =>
    new Map(grouped(others(bars), ({ batch = '' }) => batch).map((own) => [own[0]!.batch ?? '', own]));
  const [wideBatches, highBatches] = [byBatch(wide!), byBatch(high!)];

  let precision = 1 / (typed === undefined ? RATIO_SD.unknown : RATIO_SD.typed) ** 2;
  let pull = precision * (typed === undefined ? 0 : Math.log(typed / 100 / m0));
  for (const [batch, own] of highBatches) {
    const both = wideBatches.get(batch);
    if (!both) continue;
    const [across, up] = [both, own].map((bars) => bars.filter(isWet).map(observe));
    const [x, h] = [weightedMean(across!), weightedMean(up!)].map((mean) => Math.max(LEAST_SHRINKAGE, mean)) as [number, number];
    const weight = 1 / (SIGMA0 ** 2 * (1 / (weightOf(across!) * x ** 2) + 1 / (weightOf(up!) * h ** 2)));
    precision += weight;
    pull += weight * Math.log(h / x);
  }
  const [r, lambda2] = [Math.exp(pull / precision), 1 / precision];
  const prior: Prior = { mean: r * width.mean, sd: r * Math.sqrt(width.commonSd ** 2 + width.mean ** 2 * lambda2) };
  // batches measured both ways have spoken by their ratio; those with heights alone speak as any other batch
  const own = high!.filter(({ sameBatch, batch = '' }) => sameBatch !== false || !wideBatches.has(batch));
  const belief = believeFrom(prior, own, shares);
  return { belief, ratio: belief.mean / width.mean, ratioSd: belief.commonSd / width.mean };
}
