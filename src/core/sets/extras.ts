/** How many to make. */
export interface Extras {
  readonly make: number;
  /** The chance that enough of them come out. */
  readonly odds: number;
}

/** What was made and lost before, and what is typical, which counts as ten pieces. how-it-computes.md, Sets and orders. */
export interface History {
  readonly made: number;
  readonly lost: number;
}

const TYPICAL_COUNTS = 10;
/** More than this is no answer. */
const MOST = 100_000;

/** The chance that at least `need` of `make` come out, each with chance `good`. */
function binomialAtLeast(make: number, need: number, good: number): number {
  // from none good upwards, in logs where there are many
  let log = make * Math.log(1 - good);
  let under = 0;
  for (let k = 0; k < need; k += 1) {
    under += Math.exp(log);
    log += Math.log((make - k) / (k + 1)) + Math.log(good / (1 - good));
  }
  return 1 - under;
}

/** The same where the chance itself is a Beta of a good and b lost. */
function betaBinomialAtLeast(make: number, need: number, a: number, b: number): number {
  let log = 0;
  for (let i = 0; i < make; i += 1) log += Math.log((b + i) / (a + b + i));
  let under = 0;
  for (let k = 0; k < need; k += 1) {
    under += Math.exp(log);
    log += Math.log(((make - k) * (k + a)) / ((k + 1) * (make - k - 1 + b)));
  }
  return 1 - under;
}

/** No more than this is told from a Beta: what would take more is no answer. */
const MOST_FROM_BETA = 2000;

/** The least number to make where the chance itself is a Beta of a good and b lost; undefined where not even two thousand would do. */
export function makeFromBeta(need: number, odds: number, a: number, b: number): Extras | undefined {
  for (let make = need; make <= MOST_FROM_BETA; make += 1) {
    const chance = betaBinomialAtLeast(make, need, a, b);
    if (chance >= odds) return { make, odds: chance };
  }
  return undefined;
}

/**
 * The least number to make so that enough come out as often as asked: binomial where the loss is fixed, beta-binomial with a history
 * (how-it-computes.md, Sets and orders).
 *
 * @param loss the share lost, 0 to below 1: fixed, or typical where there is a history
 * @example extras(11, 0.9, 0.1) // { make: 14, odds: 0.955867 }
 */
export function extras(need: number, odds: number, loss: number, history?: History): Extras {
  const [a, b] = history ? [TYPICAL_COUNTS * (1 - loss) + history.made - history.lost, TYPICAL_COUNTS * loss + history.lost] : [0, 0];
  const chance = (make: number): number => {
    if (history && b > 0) return betaBinomialAtLeast(make, need, a, b);
    return loss === 0 ? 1 : binomialAtLeast(make, need, 1 - loss);
  };
  let make = need;
  while (chance(make) < odds && make < MOST) make += 1;
  return { make, odds: chance(make) };
}

/** Rules of thumb for making more: a tenth more, or a third of the order or of the batch. */
export const thumbRules = (need: number): { readonly tenth: number; readonly thirdOfOrder: number; readonly thirdOfBatch: number } => ({
  tenth: Math.ceil(need * 1.1 - 1e-9),
  thirdOfOrder: Math.ceil((need * 4) / 3 - 1e-9),
  thirdOfBatch: Math.ceil((need * 3) / 2 - 1e-9),
});
