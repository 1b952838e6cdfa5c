/** From here on it is said in hundredths; beyond both ends there is no figure that a hand could check. */
const TENTHS = { from: 0.145, to: 0.945 };
const NEARLY = 0.005;

/**
 * A chance as people say it: tenths in the middle, hundredths near one, one in so many near nothing.
 *
 * @example chanceWords(0.812) // '8 in 10'
 */
export function chanceWords(chance: number): string {
  if (chance > 1 - NEARLY) return 'nearly all';
  if (chance < NEARLY) return 'hardly any';
  if (chance >= TENTHS.to) return `${Math.round(chance * 100)} in 100`;
  return chance >= TENTHS.from ? `${Math.round(chance * 10)} in 10` : `1 in ${Math.round(1 / chance)}`;
}
