import type { PercentRange } from '@/core/units';
import { type ClayKind, TYPICAL } from './kinds';
import type { Shares } from './shrinkage';

export type MeasuredWith = 'ruler' | 'caliper';

/** A bar measured glazed, and wet or at a stage between, mm. */
export interface Bar {
  /** Not known where it was first measured later. */
  readonly wet?: number | undefined;
  readonly leather?: number | undefined;
  readonly dry?: number | undefined;
  readonly bisque?: number | undefined;
  readonly glazed?: number | undefined;
  readonly tool: MeasuredWith;
  /** With what it was measured fired, where that is another. */
  readonly firedTool?: MeasuredWith | undefined;
  /** Not measured wet, but made to a size: how truly, sd in mm, and the run it is of. One setting errs on all of a run. */
  readonly madeTo?: { readonly sd: number; readonly run: string } | undefined;
  /** False when the bar is of another batch than the work; true by default. */
  readonly sameBatch?: boolean | undefined;
  /** Which other batch it is of; bars that do not say are all of one. */
  readonly batch?: string | undefined;
}

/** Of each stage between wet and glazed: how much of the shrinkage is done by then, and how sure that is, sd. */
export type BelievedShares = Readonly<Record<keyof Shares, { readonly share: number; readonly sd: number }>>;

/** How many bars' worth each voice has in a belief. */
export interface Voices {
  /** The supplier's figure, or what is typical of the kind. */
  readonly prior: number;
  readonly own: number;
  readonly others: number;
}

/** What is believed about the linear shrinkage of one body, batch and firing. Fractions, not percent. */
export interface Belief {
  readonly mean: number;
  /** Scale of the Student t of the next piece. */
  readonly scale: number;
  readonly dof: number;
  /** How many whole bars the measurements are worth; 0 when only the prior speaks. */
  readonly weight: number;
  /** The doubt shared by every piece of the firing. */
  readonly commonSd: number;
  /** Each piece's own scatter. */
  readonly pieceSd: number;
  readonly voices: Voices;
}

/** Piece-to-piece standard deviation of S and its pseudo-observations; shift between batches: how-it-computes.md, what is believed. */
export const SIGMA0 = 0.0035;
export const NU0 = 10;
export const TAU = 0.004;
/** How truly a length is read, sd in mm. */
export const READING_ERROR_MM: Readonly<Record<MeasuredWith, number>> = { ruler: 0.25, caliper: 0.03 };
/** How sure a share of the shrinkage is while it is typical, and once it was measured or typed, sd. */
export const SHARE_SD = { typical: 0.06, known: 0.02 } as const;
const SUPPLIER_SD = 0.01;
const RANGE_SD_AT_LEAST = 0.003;

/** Mean and sd of the shrinkage before anything was measured: the supplier's figure or range, else what the kind is typically like. */
export function priorOf(kind: ClayKind, percent: PercentRange | undefined): { mean: number; sd: number } {
  if (percent === undefined) return { mean: TYPICAL[kind].shrinkage, sd: TYPICAL[kind].sd };
  if (typeof percent === 'number') return { mean: percent / 100, sd: SUPPLIER_SD };
  const [low, high] = percent;
  return { mean: (low + high) / 200, sd: Math.max(RANGE_SD_AT_LEAST, (high - low) / 100 / Math.sqrt(12)) };
}

export type Fired = Bar & { readonly glazed: number };
export type MeasuredWet = Fired & { readonly wet: number };

/** One voice: a shrinkage, and how many whole bars it weighs. */
export interface Observation {
  readonly shrinkage: number;
  readonly weight: number;
}

export const isWet = (bar: Fired): bar is MeasuredWet => bar.wet !== undefined;

/** The variance of a shrinkage by what both readings may be off. */
export function readingVariance(bar: MeasuredWet): number {
  const [wet, fired] = [bar.madeTo?.sd ?? READING_ERROR_MM[bar.tool], READING_ERROR_MM[bar.firedTool ?? bar.tool]];
  return (wet ** 2 + fired ** 2) / bar.wet ** 2;
}

export const observe = (bar: MeasuredWet): Observation => ({
  shrinkage: 1 - bar.glazed / bar.wet,
  weight: SIGMA0 ** 2 / (SIGMA0 ** 2 + readingVariance(bar)),
});

const BETWEEN = ['leather', 'dry', 'bisque'] as const;

/** The earliest stage after wet at which a bar was measured. */
export const firstStage = (bar: Fired): keyof Shares | undefined => BETWEEN.find((stage) => bar[stage] !== undefined);

/**
 * What a bar not measured wet says: S = (1 - q)/(1 - q s), q = glazed over its length at the stage and s the share done by then, as
 * believed; its variance is that of the two readings alone.
 */
export function observeLater(bar: Fired, stage: keyof Shares, share: number): Observation & { readonly variance: number } {
  const length = bar[stage]!;
  const q = bar.glazed / length;
  const shrinkage = (1 - q) / (1 - q * share);
  const [early, fired] = [READING_ERROR_MM[bar.tool], READING_ERROR_MM[bar.firedTool ?? bar.tool]];
  const variance = ((1 - share * shrinkage) ** 2 / (1 - share)) ** 2 * ((fired ** 2 + q ** 2 * early ** 2) / length ** 2);
  return { shrinkage, variance, weight: SIGMA0 ** 2 / (SIGMA0 ** 2 + variance) };
}

/** What the doubt of a share makes of a shrinkage that was worked out with it, sd. */
export const shareDoubt = (shrinkage: number, { share, sd }: BelievedShares[keyof Shares]): number =>
  ((shrinkage * (1 - shrinkage)) / (1 - share)) * sd;

export const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);

export const weightOf = (seen: readonly Observation[]): number => sum(seen.map((o) => o.weight));

export const weightedMean = (seen: readonly Observation[]): number => sum(seen.map((o) => o.weight * o.shrinkage)) / weightOf(seen);

export const scatter = (seen: readonly Observation[], centre: number): number =>
  sum(seen.map((o) => o.weight * (o.shrinkage - centre) ** 2));

export function grouped<T>(all: readonly T[], keyOf: (each: T) => string): T[][] {
  const groups = new Map<string, T[]>();
  for (const each of all) {
    const key = keyOf(each);
    const own = groups.get(key);
    if (own) own.push(each);
    else groups.set(key, [each]);
  }
  return [...groups.values()];
}

/** Several that share an error, as one observation: that error's variance, of a shrinkage, is on top of their own. */
interface Shared {
  readonly each: readonly Observation[];
  readonly variance: number;
}

const asOne = ({ each, variance }: Shared): Observation => ({
  shrinkage: weightedMean(each),
  weight: 1 / (1 / weightOf(each) + variance / SIGMA0 ** 2),
});

/** All of a run made to one size share the error of that setting, against the mean of their sizes. */
const settings = (own: readonly MeasuredWet[]): Shared[] =>
  grouped(own, ({ madeTo }) => `${madeTo!.run}|${madeTo!.sd}`).map((bars) => {
    const size = sum(bars.map(({ wet }) => wet)) / bars.length;
    return { each: bars.map(observe), variance: (bars[0]!.madeTo!.sd / size) ** 2 };
  });

/** All bars of a batch that were first measured at one stage share the doubt of its share. */
const laterOnes = (own: readonly Fired[], shares: BelievedShares): Shared[] =>
  grouped(
    own.filter((bar) => !isWet(bar) && firstStage(bar) !== undefined),
    (bar) => firstStage(bar)!,
  ).map((bars) => {
    const stage = firstStage(bars[0]!)!;
    const each = bars.map((bar) => observeLater(bar, stage, shares[stage].share));
    return { each, variance: shareDoubt(weightedMean(each), shares[stage]) ** 2 };
  });

/** What one other batch says: all its bars share that batch's shift. */
function otherBatch(bars: readonly Fired[], shares: BelievedShares): { readonly batch: Shared; readonly later: readonly Shared[] } {
  const later = laterOnes(bars, shares);
  return { batch: { each: [...bars.filter(isWet).map(observe), ...later.map(asOne)], variance: TAU ** 2 }, later };
}

/** What is typical of a kind, with the doubt of that. */
const typicalShares = (kind: ClayKind): BelievedShares => {
  const { shares } = TYPICAL[kind];
  const typical = (share: number) => ({ share, sd: SHARE_SD.typical });
  return { leather: typical(shares.leather), dry: typical(shares.dry), bisque: typical(shares.bisque) };
};

/** Mean and sd of a shrinkage before it was measured. */
export interface Prior {
  readonly mean: number;
  readonly sd: number;
}

/**
 * The believed shrinkage after the bars that have been fired: normal-inverse-gamma with known weights
 * (the textbook conjugate update; Gelman et al., Bayesian Data Analysis, 3.3). A bar that was not measured wet counts by its earliest
 * stage, with the doubt of the share that was done by then. Bars without a glazed length say nothing here. Order does not matter.
 *
 * @example believe('stoneware', 11.5, []).mean // 0.115
 */
export const believe = (
  kind: ClayKind,
  percent: PercentRange | undefined,
  bars: readonly Bar[],
  shares: BelievedShares = typicalShares(kind),
): Belief => believeFrom(priorOf(kind, percent), bars, shares);

/** The same from any prior. */
export function believeFrom(prior: Prior, bars: readonly Bar[], shares: BelievedShares): Belief {
  const kappa0 = SIGMA0 ** 2 / prior.sd ** 2;
  const fired = bars.filter(
    (bar): bar is Fired => bar.glazed !== undefined && (bar.wet !== undefined || firstStage(bar as Fired) !== undefined),
  );
  const same = fired.filter((bar) => bar.sameBatch !== false);
  const measured = same.filter((bar) => isWet(bar) && !bar.madeTo).map((bar) => observe(bar as MeasuredWet));
  const runs = settings(same.filter((bar): bar is MeasuredWet => isWet(bar) && bar.madeTo !== undefined));
  const later = laterOnes(same, shares);
  const own = [...measured, ...runs.map(asOne), ...later.map(asOne)];
  const batches = grouped(
    fired.filter(({ sameBatch }) => sameBatch === false),
    ({ batch = '' }) => batch,
  ).map((all) => otherBatch(all, shares));
  const others = batches.map(({ batch }) => asOne(batch));
  const seen = [...own, ...others];
  const shared = [...runs, ...later, ...batches.flatMap((each) => [each.batch, ...each.later])];

  const n = weightOf(seen);
  const centre = n > 0 ? weightedMean(seen) : prior.mean;
  const squares = scatter(seen, centre) + sum(shared.map(({ each }) => scatter(each, weightedMean(each))));
  const kappa = kappa0 + n;
  const dof = NU0 + fired.length;
  const variance = (NU0 * SIGMA0 ** 2 + squares + ((kappa0 * n) / kappa) * (centre - prior.mean) ** 2) / dof;
  return {
    mean: (kappa0 * prior.mean + n * centre) / kappa,
    scale: Math.sqrt(variance * (1 + 1 / kappa)),
    dof,
    weight: n,
    commonSd: Math.sqrt(variance / kappa),
    pieceSd: Math.sqrt(variance),
    voices: { prior: kappa0, own: weightOf(own), others: weightOf(others) },
  };
}
