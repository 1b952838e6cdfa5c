/** How often pieces are lost, as believed: a Beta distribution. */
export interface Loss {
  /** The mean share lost. */
  readonly share: number;
  readonly made: number;
  readonly lost: number;
  /** Its two counts, the typical loss among them: good and lost. */
  readonly good: number;
  readonly bad: number;
}

/** What is typical counts as so many pieces. computation.md section 14. */
const TYPICAL_COUNTS = 10;

/** Loss of a form with nothing known of it. Ours. */
const TYPICAL_LOSS = 0.1;

/** Loss from a history of made and lost on top of the typical one: a = 10 (1-p) + made - lost, b = 10 p + lost (computation.md section 14). */
export function lossOf(made: number, lost: number, typical = TYPICAL_LOSS): Loss {
  const good = TYPICAL_COUNTS * (1 - typical) + made - lost;
  const bad = TYPICAL_COUNTS * typical + lost;
  return { share: bad / (good + bad), made, lost, good, bad };
}
