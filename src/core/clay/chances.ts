/** The few statistics needed, in place of a whole library on the first screen; tried against one in chances.test.ts. */

const SMALLEST = 1e-300;
const CLOSE = 1e-16;

/** The density of a normal with a mean and an sd, at x. */
export const normalDensity = (mean: number, sd: number, x: number): number =>
  Math.exp(-(((x - mean) / sd) ** 2) / 2) / (sd * Math.sqrt(2 * Math.PI));

/** Where the series below takes more terms than the fraction. */
const FAR = 3;

/** The chance that a normal is beyond x, x at least 3: Laplace's continued fraction (Abramowitz and Stegun, 26.2.14). */
function beyond(x: number): number {
  let fraction = x;
  for (let n = 40; n > 0; n -= 1) fraction = x + n / fraction;
  return normalDensity(0, 1, x) / fraction;
}

/** The chance that a normal is between 0 and x, x under 3: phi(x) (x + x^3/3 + x^5/(3 5) + ...), Abramowitz and Stegun, 26.2.11. */
function between(x: number): number {
  let [term, sum] = [x, x];
  for (let n = 3; Math.abs(term) > CLOSE * Math.abs(sum); n += 2) {
    term *= (x * x) / n;
    sum += term;
  }
  return normalDensity(0, 1, x) * sum;
}

/** From here on what is beyond is no more than the last digit of 1. */
const OUT = 8.5;

/** The chance that a normal of mean 0 and sd 1 is at or under x. */
export function normalUpTo(x: number): number {
  if (x > OUT) return 1;
  if (x > FAR) return 1 - beyond(x);
  return x < -FAR ? beyond(-x) : 0.5 + between(x);
}

/** Lanczos' coefficients for g = 7 (Godfrey's table): right to 1e-15. */
const LANCZOS: readonly [number, ...number[]] = [
  0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059, 12.507343278686905,
  -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
];

/** The logarithm of the gamma function, x over 0.5. */
function logGamma(x: number): number {
  const [first, ...others] = LANCZOS;
  const sum = others.reduce((all, each, i) => all + each / (x + i), first);
  const t = x + 6.5;
  return Math.log(Math.sqrt(2 * Math.PI) * sum) + (x - 0.5) * Math.log(t) - t;
}

/** The density of a Student t at x. */
export function studentDensity(dof: number, x: number): number {
  const scale = Math.exp(logGamma((dof + 1) / 2) - logGamma(dof / 2)) / Math.sqrt(dof * Math.PI);
  return scale * (1 + (x * x) / dof) ** (-(dof + 1) / 2);
}

/** The regularised incomplete beta function for x under (a + 1)/(a + b + 2), by Lentz's continued fraction (DLMF 8.17.22). */
function betaUpTo(x: number, a: number, b: number): number {
  const front = Math.exp(logGamma(a + b) - logGamma(a) - logGamma(b) + a * Math.log(x) + b * Math.log1p(-x)) / a;
  let [c, d] = [1, 1 / Math.max(SMALLEST, 1 - ((a + b) * x) / (a + 1))];
  let whole = d;
  for (let m = 1; m < 500; m += 1) {
    const even = (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m));
    const odd = (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1));
    for (const step of [even, odd]) {
      d = 1 / (1 + step * d);
      c = 1 + step / c;
      whole *= c * d;
    }
    if (Math.abs(c * d - 1) < CLOSE) break;
  }
  return front * whole;
}

/** The chance that a Student t is at or under x. */
export function studentUpTo(dof: number, x: number): number {
  const at = dof / (dof + x * x);
  // the fraction is quick on one side of the middle only: I_x(a, b) = 1 - I_(1-x)(b, a)
  const [a, b] = [dof / 2, 0.5];
  const tails = x === 0 ? 1 : at < (a + 1) / (a + b + 2) ? betaUpTo(at, a, b) : 1 - betaUpTo(1 - at, b, a);
  return x > 0 ? 1 - tails / 2 : tails / 2;
}

/** The place that a Student t is at or under with a chance between 0 and 1: Newton's way from the normal's. */
export function studentAt(dof: number, chance: number): number {
  if (chance < 0.5) return -studentAt(dof, 1 - chance);
  let x = 0;
  for (let i = 0; i < 60; i += 1) {
    const step = (studentUpTo(dof, x) - chance) / studentDensity(dof, x);
    x -= step;
    if (Math.abs(step) < 1e-13 * Math.max(1, x)) break;
  }
  return x;
}
