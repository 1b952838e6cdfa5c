import type { PercentRange } from '@/core/units';
import { type ClayKind, TYPICAL } from './kinds';

export type MeasuredWith = 'ruler' | 'caliper';

/** A bar measured wet and glazed, mm; the measures between are optional. */
export interface Bar {
  readonly wet: number;
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

/** Piece-to-piece standard deviation of S and its pseudo-observations; shift between batches. computation.md section 2. */
const SIGMA0 = 0.0035;
const NU0 = 10;
const TAU = 0.004;
/** How truly a length is read, sd in mm. */
export const READING_ERROR_MM: Readonly<Record<MeasuredWith, number>> = { ruler: 0.25, caliper: 0.03 };
const SUPPLIER_SD = 0.01;
const RANGE_SD_AT_LEAST = 0.003;

/** Mean and sd of the shrinkage before anything was measured: the supplier's figure or range, else what the kind is typically like. */
export function priorOf(kind: ClayKind, percent: PercentRange | undefined): { mean: number; sd: number } {
  if (percent === undefined) return { mean: TYPICAL[kind].shrinkage, sd: TYPICAL[kind].sd };
  if (typeof percent === 'number') return { mean: percent / 100, sd: SUPPLIER_SD };
  const [low, high] = percent;
  return { mean: (low + high) / 200, sd: Math.max(RANGE_SD_AT_LEAST, (high - low) / 100 / Math.sqrt(12)) };
}

type Fired = Bar & { readonly glazed: number };

interface Observation {
  readonly shrinkage: number;
  readonly weight: number;
}

function observe(bar: Fired): Observation {
  const [wet, fired] = [bar.madeTo?.sd ?? READING_ERROR_MM[bar.tool], READING_ERROR_MM[bar.firedTool ?? bar.tool]];
  const reading = (wet ** 2 + fired ** 2) / bar.wet ** 2;
  return { shrinkage: 1 - bar.glazed / bar.wet, weight: SIGMA0 ** 2 / (SIGMA0 ** 2 + reading) };
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);

const weightOf = (seen: readonly Observation[]): number => sum(seen.map((o) => o.weight));

const weightedMean = (seen: readonly Observation[]): number => sum(seen.map((o) => o.weight * o.shrinkage)) / weightOf(seen);

const scatter = (seen: readonly Observation[], centre: number): number => sum(seen.map((o) => o.weight * (o.shrinkage - centre) ** 2));

function grouped(bars: readonly Fired[], keyOf: (bar: Fired) => string): Fired[][] {
  const groups = new Map<string, Fired[]>();
  for (const bar of bars) {
    const key = keyOf(bar);
    const own = groups.get(key);
    if (own) own.push(bar);
    else groups.set(key, [bar]);
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

/** All bars of one other batch share that batch's shift. */
const otherBatches = (fired: readonly Fired[]): Shared[] =>
  grouped(
    fired.filter(({ sameBatch }) => sameBatch === false),
    ({ batch = '' }) => batch,
  ).map((bars) => ({ each: bars.map(observe), variance: TAU ** 2 }));

/** All of a run made to one size share the error of that setting, against the mean of their sizes. */
const settings = (own: readonly Fired[]): Shared[] =>
  grouped(own, ({ madeTo }) => `${madeTo!.run}|${madeTo!.sd}`).map((bars) => {
    const size = sum(bars.map(({ wet }) => wet)) / bars.length;
    return { each: bars.map(observe), variance: (bars[0]!.madeTo!.sd / size) ** 2 };
  });

/**
 * The believed shrinkage after the bars that have been fired: normal-inverse-gamma with known weights
 * (the textbook conjugate update; Gelman et al., Bayesian Data Analysis, 3.3).
 * Bars without a glazed length say nothing here. Order does not matter.
 *
 * @example believe('stoneware', 11.5, []).mean // 0.115
 */
export function believe(kind: ClayKind, percent: PercentRange | undefined, bars: readonly Bar[]): Belief {
  const prior = priorOf(kind, percent);
  const kappa0 = SIGMA0 ** 2 / prior.sd ** 2;
  const fired = bars.filter((bar): bar is Fired => bar.glazed !== undefined);
  const same = fired.filter((bar) => bar.sameBatch !== false);
  const measured = same.filter(({ madeTo }) => !madeTo).map(observe);
  const runs = settings(same.filter(({ madeTo }) => madeTo));
  const own = [...measured, ...runs.map(asOne)];
  const batches = otherBatches(fired);
  const others = batches.map(asOne);
  const seen = [...own, ...others];

  const n = weightOf(seen);
  const centre = n > 0 ? weightedMean(seen) : prior.mean;
  const squares = scatter(seen, centre) + sum([...runs, ...batches].map(({ each }) => scatter(each, weightedMean(each))));
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
