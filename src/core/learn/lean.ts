import { medianOf } from './ratio';

/** A size as it was thrown beside how it was to be, mm. */
export interface HandReading {
  readonly planned: number;
  readonly thrown: number;
  /** How much was already taken off the setting for a lean known before. */
  readonly taken?: number | undefined;
  /** How truly it was read, sd in mm. */
  readonly readingSd: number;
  /** Asked about, and right. */
  readonly sure?: boolean | undefined;
}

/** What a hand does with one tool in one direction, mm. */
export interface Lean {
  /** So much larger than set on the whole; below zero smaller. */
  readonly lean: number;
  readonly leanSd: number | undefined;
  /** How far its pieces scatter about that. */
  readonly spread: number;
  /** How far the next one may be off, lean known as it is. */
  readonly nextSd: number;
  /** So many readings counted. */
  readonly count: number;
  /** Which readings are to be asked about, by their place. */
  readonly asks: readonly number[];
  /** What is to be taken off the setting, where the lean is beyond doubt and beyond a step. */
  readonly takeOff: number | undefined;
}

/** The readings looked at, the newest. */
const NEWEST = 50;
/** A typical hand counts as five readings where one is doubted: the middle of each fifth of a normal. */
const TYPICAL_FIVE = [-1.281552, -0.524401, 0, 0.524401, 1.281552] as const;
const MAD_TO_SD = 1.4826;
/** So many times the usual spread from the middle is asked about. */
const ASKED_FROM = 5;
/** From so many readings on a hand shows a lean. */
const FEWEST = 3;
/** What was typical counts as so many readings, of the spread and of the lean. */
const SPREAD_COUNTS = 3;
const LEAN_COUNTS = 0.25;
/** No hand scatters less, mm2. */
const LEAST_VARIANCE = 0.01;
/** A lean so many times its own doubt is one. */
const TOLD_APART = 2;

/** To a step, halves away from zero. */
const toStep = (mm: number, step: number): number => Math.sign(mm) * Math.floor(Math.abs(mm) / step + 0.5) * step;

/**
 * A hand with its lean: one maker, one tool, one direction. A slipped reading is asked about and does not count until it is answered.
 *
 * @param typical the tool's typical sd, mm
 * @param step what a setting can be moved by, mm
 * @example leanOf([], 0.5).nextSd // 0.7071: as typical, the lean unknown
 */
export function leanOf(all: readonly HandReading[], typical: number, step = 1): Lean {
  const from = Math.max(0, all.length - NEWEST);
  const readings = all.slice(from).map(({ planned, thrown, taken = 0, readingSd, sure }, i) => ({
    error: thrown - (planned - taken),
    readingSd,
    sure,
    at: from + i,
  }));
  const withTypical = [...readings.map(({ error }) => error), ...TYPICAL_FIVE.map((each) => each * typical)];
  const middle = medianOf(withTypical);
  const wide = Math.max(typical / 2, MAD_TO_SD * medianOf(withTypical.map((error) => Math.abs(error - middle))));
  const doubted = (reading: (typeof readings)[number]) => !reading.sure && Math.abs(reading.error - middle) > ASKED_FROM * wide;
  const asks = readings.filter(doubted).map(({ at }) => at);
  const left = readings.filter((reading) => !doubted(reading));
  const n = left.length;
  if (n < FEWEST) return { lean: 0, leanSd: undefined, spread: typical, nextSd: typical * Math.SQRT2, count: n, asks, takeOff: undefined };
  const meanOf = (value: (reading: (typeof readings)[number]) => number) => left.reduce((sum, each) => sum + value(each), 0) / n;
  const mean = meanOf(({ error }) => error);
  const read2 = meanOf(({ readingSd }) => readingSd ** 2);
  const kappa = LEAN_COUNTS + n;
  const nu = SPREAD_COUNTS + n;
  const lean = (n * mean) / kappa;
  const squares = n * meanOf(({ error }) => (error - mean) ** 2);
  const variance = (SPREAD_COUNTS * (typical ** 2 + read2) + squares + ((LEAN_COUNTS * n) / kappa) * mean ** 2) / nu;
  const spread = Math.sqrt(Math.max(variance - read2, variance / 4, LEAST_VARIANCE));
  const leanSd = Math.sqrt(variance / kappa);
  const nextSd = Math.sqrt(((spread ** 2 + variance / kappa) * nu) / (nu - 2));
  const beyond = Math.abs(lean) > TOLD_APART * leanSd && Math.abs(lean) > step / 2;
  return { lean, leanSd, spread, nextSd, count: n, asks, takeOff: beyond ? toStep(lean, step) : undefined };
}
