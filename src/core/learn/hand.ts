/** How truly a hand makes sizes with a tool, mm. */
export interface HandError {
  readonly sd: number;
  /** So much larger than planned on the whole, where that is more than chance; below zero smaller. */
  readonly bias: number | undefined;
  readonly count: number;
}

/** What is typical counts as so many pieces. computation.md section 16. */
const TYPICAL_COUNTS = 5;

/** A mean so many standard errors from none is no chance. */
const TOLD_APART = 2;

/**
 * Making error of a tool from made less planned, mm: sd^2 = (5 s0^2 + sum of squares)/(5 + n), and a bias once |mean| > 2 sd/sqrt n
 * (computation.md section 16).
 *
 * @param typical the tool's typical sd, mm
 */
export function handError(errors: readonly number[], typical: number): HandError {
  const count = errors.length;
  const squares = errors.reduce((sum, error) => sum + error * error, 0);
  const sd = Math.sqrt((TYPICAL_COUNTS * typical * typical + squares) / (TYPICAL_COUNTS + count));
  const mean = errors.reduce((sum, error) => sum + error, 0) / count;
  return { sd, count, bias: count > 1 && Math.abs(mean) > (TOLD_APART * sd) / Math.sqrt(count) ? mean : undefined };
}
