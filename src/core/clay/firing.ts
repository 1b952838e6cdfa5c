import {
  type Bar,
  type Belief,
  type BelievedShares,
  type Fired,
  NU0,
  type Prior,
  SIGMA0,
  TAU,
  firstStage,
  grouped,
  isWet,
  observe,
  observeLater,
  readingVariance,
  scatter,
  shareDoubt,
  sum,
  weightOf,
  weightedMean,
} from './belief';

/** A bar with the firing and the kiln it came out of, and how hot that was. */
export interface FiredBar extends Bar {
  readonly firing?: string | undefined;
  readonly kiln?: string | undefined;
  readonly temperatureC?: number | undefined;
}

/** For which firing a shrinkage is asked: names as the bars have them. */
export interface AskedFiring {
  readonly firing?: string | undefined;
  readonly kiln?: string | undefined;
  readonly temperatureC?: number | undefined;
}

/** What is believed for one firing, and what firings, kilns and heat were found to do. Fractions. */
export interface FiringBelief {
  readonly belief: Omit<Belief, 'weight' | 'voices'>;
  /** By how much firings differ, sd. */
  readonly firingSd: number;
  readonly firings: Readonly<Record<string, number>>;
  readonly kilns: Readonly<Record<string, number>>;
  /** How much more it shrinks for 40 degrees more; unknown where all bars are within 15 of what is asked. */
  readonly slopePer40: number | undefined;
}

/** Firings and kilns differ by so much, sd of a shrinkage. Ours. */
const FIRING_SD = 0.002;
const KILN_SD = 0.002;
/** What was typical counts as so many sets of firings. */
const FIRING_COUNTS = 4;
/** So many firings beyond their sets say how much firings differ. */
const FEWEST_FREE = 2;

/** Half a point in 40 degrees, give or take 0.87; and on top each class of 30 degrees for itself, sd. Ours. */
const SLOPE = { mean: 0.005, sd: 0.0087, class: 0.005, per: 40 } as const;
/** So near is the same heat, and classes are so wide, degrees. */
const SAME_HEAT = 15;
const CLASS_WIDTH = 30;

/** Whether a bar was fired so much hotter or cooler than what is asked that it says less of it. */
export const isFiredOtherwise = ({ temperatureC }: Pick<FiredBar, 'temperatureC'>, askedC: number | undefined): boolean =>
  temperatureC !== undefined && askedC !== undefined && Math.abs(temperatureC - askedC) > SAME_HEAT;

/** In which class of heat a bar lies beside what is asked: 0 for the same, 1 for 15 to 45 degrees more, -1 for as much less; an edge goes to the nearer. */
function heatClass(difference: number): number {
  const beyond = Math.abs(difference);
  return beyond <= SAME_HEAT ? 0 : Math.sign(difference) * Math.ceil((beyond - SAME_HEAT) / CLASS_WIDTH - 1e-9);
}

interface Row {
  readonly value: number;
  readonly variance: number;
  /** Which unknowns it is made of, each so many times. */
  readonly of: readonly (readonly [name: string, times: number])[];
}

/** Solves a symmetric positive definite system by Cholesky's decomposition; the inverse comes column by column from the same. */
function solver(matrix: readonly (readonly number[])[]): (right: readonly number[]) => number[] {
  const size = matrix.length;
  const lower = matrix.map((row) => row.map(() => 0));
  for (let i = 0; i < size; i += 1)
    for (let j = 0; j <= i; j += 1) {
      let left = matrix[i]![j]!;
      for (let k = 0; k < j; k += 1) left -= lower[i]![k]! * lower[j]![k]!;
      lower[i]![j] = i === j ? Math.sqrt(left) : left / lower[j]![j]!;
    }
  return (right) => {
    const found = [...right];
    for (let i = 0; i < size; i += 1) {
      for (let k = 0; k < i; k += 1) found[i]! -= lower[i]![k]! * found[k]!;
      found[i]! /= lower[i]![i]!;
    }
    for (let i = size - 1; i >= 0; i -= 1) {
      for (let k = i + 1; k < size; k += 1) found[i]! -= lower[k]![i]! * found[k]!;
      found[i]! /= lower[i]![i]!;
    }
    return found;
  };
}

/** Weighted least squares over unknowns by name: the values, the least sum of squares, and the variance of a sum of unknowns. */
function leastSquares(rows: readonly Row[]) {
  const names = [...new Set(rows.flatMap(({ of }) => of.map(([name]) => name)))];
  const index = new Map(names.map((name, i) => [name, i]));
  const matrix = names.map(() => names.map(() => 0));
  const right = names.map(() => 0);
  for (const { value, variance, of } of rows)
    for (const [a, timesA] of of) {
      right[index.get(a)!]! += (timesA * value) / variance;
      for (const [b, timesB] of of) matrix[index.get(a)!]![index.get(b)!]! += (timesA * timesB) / variance;
    }
  const solve = solver(matrix);
  const values = solve(right);
  const valueOf = (name: string): number => values[index.get(name) ?? -1] ?? 0;
  const squares = sum(
    rows.map(({ value, variance, of }) => (value - sum(of.map(([name, times]) => times * valueOf(name)))) ** 2 / variance),
  );
  const varianceOf = (asked: readonly string[]): number => {
    const unit = names.map((name) => (asked.includes(name) ? 1 : 0));
    const solved = solve(unit);
    return sum(solved.map((each, i) => each * unit[i]!));
  };
  return { has: (name: string) => index.has(name), valueOf, squares, varianceOf };
}

const batchOf = ({ sameBatch, batch = '' }: Bar): string | undefined => (sameBatch === false ? batch : undefined);

/** By how much firings differ, as a variance: bars measured wet of one batch, kiln and heat are told apart by their firing. */
function firingVariance(bars: readonly FiredBar[], classOf: (bar: FiredBar) => number): number {
  const named = bars.filter((bar) => bar.glazed !== undefined && bar.wet !== undefined && bar.firing !== undefined) as (FiredBar & Fired)[];
  const sets = grouped(named, (bar) => JSON.stringify([batchOf(bar), bar.kiln, classOf(bar)])).map((set) =>
    grouped(set, ({ firing }) => firing!).map((own) => own.filter(isWet).map(observe)),
  );
  const all = sets.flat();
  const within =
    (NU0 * SIGMA0 ** 2 + sum(all.map((own) => scatter(own, weightedMean(own))))) / (NU0 + sum(all.map((own) => own.length)) - all.length);
  const several = sets.filter((groups) => groups.length >= 2);
  const free = sum(several.map((groups) => groups.length - 1));
  const base = FIRING_SD ** 2;
  if (free < FEWEST_FREE) return base;
  const means = several.map((groups) => groups.map((own) => ({ shrinkage: weightedMean(own), weight: weightOf(own) })));
  const between = sum(means.map((groups) => scatter(groups, weightedMean(groups))));
  const effective = sum(means.map((groups) => weightOf(groups) - sum(groups.map(({ weight }) => weight ** 2)) / weightOf(groups)));
  return (FIRING_COUNTS * base + free * Math.max(0, (between - free * within) / effective)) / (FIRING_COUNTS + free);
}

/**
 * What is believed of the shrinkage across for one firing, from bars of several firings, kilns and heats: least squares with a row a
 * bar, and an unknown with a row of its own for every doubt that bars share. Without names and with one heat it is {@link believeFrom} exactly.
 */
export function believeFiring(prior: Prior, bars: readonly FiredBar[], shares: BelievedShares, asked: AskedFiring): FiringBelief {
  const fired = bars.filter(
    (bar): bar is FiredBar & Fired => bar.glazed !== undefined && (bar.wet !== undefined || firstStage(bar as Fired) !== undefined),
  );
  const apart = (bar: FiredBar): number => (isFiredOtherwise(bar, asked.temperatureC) ? bar.temperatureC! - asked.temperatureC! : 0);
  const classOf = (bar: FiredBar) => heatClass(apart(bar));
  const phi2 = firingVariance(bars, classOf);

  const later = grouped(
    fired.filter((bar) => !isWet(bar)),
    (bar) => JSON.stringify([batchOf(bar), firstStage(bar)]),
  );
  const doubts = new Map<string, { readonly stage: 'leather' | 'dry' | 'bisque'; readonly sd: number }>();
  for (const own of later) {
    const stage = firstStage(own[0]!)!;
    const mean = weightedMean(own.map((bar) => observeLater(bar, stage, shares[stage].share)));
    doubts.set(JSON.stringify([batchOf(own[0]!), stage]), { stage, sd: shareDoubt(mean, shares[stage]) });
  }
  const rows: Row[] = fired.map((bar) => {
    const stage = isWet(bar) ? undefined : firstStage(bar)!;
    const seen = isWet(bar) ? { ...observe(bar), variance: readingVariance(bar) } : observeLater(bar, stage!, shares[stage!].share);
    const [batch, difference] = [batchOf(bar), apart(bar)];
    const of: (readonly [string, number])[] = [['S', 1]];
    if (batch !== undefined) of.push([`batch ${batch}`, 1]);
    if (bar.firing !== undefined) of.push([`firing ${bar.firing}`, 1]);
    if (bar.kiln !== undefined) of.push([`kiln ${bar.kiln}`, 1]);
    if (stage) of.push([`share ${JSON.stringify([batch, stage])}`, 1]);
    if (difference !== 0) of.push(['slope', difference / SLOPE.per], [`heat ${classOf(bar)}`, difference / SLOPE.per]);
    return { value: seen.shrinkage, variance: SIGMA0 ** 2 + seen.variance, of };
  });
  const known = [...new Set(rows.flatMap(({ of }) => of.map(([name]) => name)))];
  const own: Row[] = [...new Set(['S', ...known])].map((name) => {
    const alone = (value: number, sd: number): Row => ({ value, variance: sd ** 2, of: [[name, 1]] });
    if (name === 'S') return alone(prior.mean, prior.sd);
    if (name === 'slope') return alone(SLOPE.mean, SLOPE.sd);
    if (name.startsWith('heat ')) return alone(0, SLOPE.class);
    if (name.startsWith('batch ')) return alone(0, TAU);
    if (name.startsWith('kiln ')) return alone(0, KILN_SD);
    if (name.startsWith('firing ')) return { ...alone(0, 1), variance: phi2 };
    return alone(0, doubts.get(name.slice('share '.length))!.sd);
  });
  const { has, valueOf, squares, varianceOf } = leastSquares([...own, ...rows]);
  const dof = NU0 + fired.length;
  const variance = (SIGMA0 ** 2 * (NU0 + squares)) / dof;
  const [firing, kiln] = [`firing ${asked.firing}`, `kiln ${asked.kiln}`];
  const names = (kind: string) => known.filter((name) => name.startsWith(kind));
  const seenHere = ['S', ...[firing, kiln].filter(has)];
  // what is asked has a doubt of its own where no bar was in it
  const unseen = (names('firing ').length > 0 && !has(firing) ? phi2 : 0) + (names('kiln ').length > 0 && !has(kiln) ? KILN_SD ** 2 : 0);
  const commonSd = Math.sqrt((variance / SIGMA0 ** 2) * (varianceOf(seenHere) + unseen));
  const found = (kind: string) => Object.fromEntries(names(kind).map((name) => [name.slice(kind.length), valueOf(name)]));
  return {
    belief: {
      mean: sum(seenHere.map(valueOf)),
      scale: Math.sqrt(variance + commonSd ** 2),
      dof,
      commonSd,
      pieceSd: Math.sqrt(variance),
    },
    firingSd: Math.sqrt(phi2),
    firings: found('firing '),
    kilns: found('kiln '),
    slopePer40: has('slope') ? valueOf('slope') : undefined,
  };
}
