/** Something that was given a chance, and whether it happened. */
export interface Said {
  readonly chance: number;
  readonly happened: boolean;
}

/** What was said about so often, and how often it happened. */
export interface Bin {
  readonly from: number;
  readonly to: number;
  readonly count: number;
  readonly said: number;
  readonly happened: number;
  /** Between which shares 9 in 10 honest records of so many lie. */
  readonly byChance: readonly [number, number];
}

export interface Honest {
  readonly bins: readonly Bin[];
  /** Mean squared miss of what was said: 0 is perfect, 0.25 is a coin. */
  readonly brier: number;
  readonly count: number;
}

const EDGES = [0, 0.35, 0.55, 0.75, 0.9, 1] as const;
const TAIL = 0.05;

/** Log of the binomial chance of k in n. */
function binomialLog(k: number, n: number, p: number): number {
  let log = 0;
  for (let i = 1; i <= k; i += 1) log += Math.log((n - k + i) / i);
  return log + k * Math.log(p) + (n - k) * Math.log(1 - p);
}

/** So many and more are as good as a normal; summed one by one below. */
const MANY = 400;
const Z = 1.6449;

/** Between which shares of n nine in ten fall by chance alone, p being true. */
export function chanceAlone(n: number, p: number): readonly [number, number] {
  if (n === 0 || p <= 0 || p >= 1) return [p, p];
  if (n > MANY) {
    const reach = Z * Math.sqrt((p * (1 - p)) / n);
    return [Math.max(0, p - reach), Math.min(1, p + reach)];
  }
  let [sum, low, high] = [0, 0, n];
  let found = false;
  for (let k = 0; k <= n; k += 1) {
    const before = sum;
    sum += Math.exp(binomialLog(k, n, p));
    if (!found && sum > TAIL) {
      low = k;
      found = true;
    }
    if (before < 1 - TAIL) high = k;
  }
  return [low / n, high / n];
}

/** Whether the odds told the truth: what was said beside what happened, with what chance alone would give. */
export function honestOdds(said: readonly Said[]): Honest {
  const bins = EDGES.slice(1).flatMap((to, i): Bin[] => {
    const from = EDGES[i]!;
    const own = said.filter(({ chance }) => chance >= from && (chance < to || to === 1));
    if (own.length === 0) return [];
    const mean = own.reduce((sum, { chance }) => sum + chance, 0) / own.length;
    const happened = own.filter((each) => each.happened).length / own.length;
    return [{ from, to, count: own.length, said: mean, happened, byChance: chanceAlone(own.length, mean) }];
  });
  const missed = said.reduce((sum, { chance, happened }) => sum + (chance - (happened ? 1 : 0)) ** 2, 0);
  return { bins, brier: said.length > 0 ? missed / said.length : 0, count: said.length };
}
