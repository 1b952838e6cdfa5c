import { SIGMA0 } from '@/core/clay';

/** A height measured wet, as trimmed, and finished, mm, with how truly each was read, sd in mm. */
export interface SagReading {
  readonly thrown: number;
  readonly thrownSd: number;
  readonly fired: number;
  readonly firedSd: number;
}

/** What is believed of a clay's shrinkage in height, fractions, without the pieces that are asked about. */
export interface HeightKnown {
  readonly mean: number;
  readonly commonSd: number;
}

/** How much a form sinks beyond what its clay shrinks. */
export interface Sag {
  readonly sag: number;
  readonly sd: number;
  readonly count: number;
  /** Enough and clear enough to plan with. */
  readonly used: boolean;
}

/** Forms sag by nothing, give or take so much, while nothing was measured: sd. Ours. */
const SAG_SD = 0.02;
const FEWEST = 3;
const TOLD_APART = 2;

/**
 * Sag of a flared form from heights measured wet and finished: what is missing beyond the clay's own shrinkage. Where pieces differ by
 * more than their readings, they weigh less.
 */
export function sagOf(readings: readonly SagReading[], { mean: shrinks, commonSd }: HeightKnown): Sag {
  const left = 1 - shrinks;
  const prior = 1 / SAG_SD ** 2;
  if (readings.length === 0) return { sag: 0, sd: SAG_SD, count: 0, used: false };
  const seen = readings.map(({ thrown, thrownSd, fired, firedSd }) => ({
    sag: 1 - fired / (thrown * left),
    precision: 1 / ((SIGMA0 / left) ** 2 + (firedSd ** 2 + (thrownSd * left) ** 2) / (thrown * left) ** 2),
  }));
  const all = seen.reduce((sum, { precision }) => sum + precision, 0);
  const mean = seen.reduce((sum, { precision, sag }) => sum + precision * sag, 0) / all;
  const scatter = seen.reduce((sum, { precision, sag }) => sum + precision * (sag - mean) ** 2, 0) / Math.max(1, seen.length - 1);
  const wider = seen.length > 1 ? Math.max(1, scatter) : 1;
  const precision = 1 / (wider / all + (commonSd / left) ** 2);
  const sag = (precision * mean) / (prior + precision);
  const sd = 1 / Math.sqrt(prior + precision);
  return { sag, sd, count: readings.length, used: readings.length >= FEWEST && Math.abs(sag) > TOLD_APART * sd };
}
