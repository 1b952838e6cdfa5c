import type { Odds } from './gap';

/** From here on it is said in hundredths; beyond both ends there is no figure that a hand could check. */
const TENTHS = { from: 0.15, to: 0.945 };
const NEARLY = 0.005;

/**
 * A chance as people say it: tenths in the middle, hundredths near one, one in so many near nothing.
 *
 * @example chanceWords(0.812) // '8 in 10'
 */
export function chanceWords(chance: number): string {
  if (chance >= 1 - NEARLY) return 'over 99 in 100';
  if (chance < NEARLY) return 'under 1 in 100';
  if (chance >= TENTHS.to) return `${Math.round(chance * 100)} in 100`;
  return chance >= TENTHS.from ? `${Math.round(chance * 10)} in 10` : `1 in ${Math.round(1 / chance)}`;
}

const PARTS = ['jams', 'good', 'loose'] as const;

/**
 * Three chances that make up a whole, in whole tenths that add up to ten.
 *
 * @example tenthsOf({ jams: 0.169, good: 0.674, loose: 0.157 }) // { jams: 2, good: 7, loose: 1 }
 */
export function tenthsOf(odds: Odds): Readonly<Record<(typeof PARTS)[number], number>> {
  const whole = PARTS.map((name) => Math.floor(odds[name] * 10 + 1e-9));
  // what is missing to ten goes where most was left over
  const left = PARTS.map((name, i) => odds[name] * 10 - whole[i]!);
  const order = [0, 1, 2].sort((a, b) => left[b]! - left[a]!);
  const missing = 10 - whole.reduce((sum, each) => sum + each, 0);
  const [jams, good, loose] = whole.map((each, i) => each + (order.indexOf(i) < missing ? 1 : 0));
  return { jams: jams!, good: good!, loose: loose! };
}

/**
 * Three chances that make up a whole, in words. Where each is a tenth or more they are told in tenths that add up to ten.
 *
 * @example threeChances({ jams: 0.169, good: 0.674, loose: 0.157 }).loose // '1 in 10'
 */
export function threeChances(odds: Odds): Readonly<Record<(typeof PARTS)[number], string>> {
  const words = (said: (name: (typeof PARTS)[number]) => string) => ({ jams: said('jams'), good: said('good'), loose: said('loose') });
  if (PARTS.some((name) => odds[name] < 0.095)) return words((name) => chanceWords(odds[name]));
  const tenths = tenthsOf(odds);
  return words((name) => `${tenths[name]} in 10`);
}
