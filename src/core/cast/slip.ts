import { medianOf } from '@/core/learn';

/** Slip as it is bought by weight, g/ml, where it was not weighed. how-it-computes.md, Casting. */
export const USUAL_SLIP = 1.75;

/** Clay without its water, g/ml. how-it-computes.md, What counts as evidence. */
const CLAY_DENSITY = 2.6;

/** How thick a wall grows in a mould: c sqrt(minutes). */
export interface WallLaw {
  /** mm at one minute. */
  readonly c: number;
  /** How far the test casts lie apart; unknown of a single one. */
  readonly spread: number | undefined;
  readonly count: number;
}

/** Median absolute deviations to a standard deviation. */
const MAD = 1.4826;

/** The law from test casts: the median of mm/sqrt(minutes), and 1.4826 times the median deviation from it. Undefined without one. */
export function wallLaw(casts: readonly { readonly minutes: number; readonly mm: number }[]): WallLaw | undefined {
  if (casts.length === 0) return undefined;
  const all = casts.map(({ minutes, mm }) => mm / Math.sqrt(minutes));
  const c = medianOf(all);
  return { c, spread: all.length < 2 ? undefined : MAD * medianOf(all.map((each) => Math.abs(each - c))), count: all.length };
}

/** Minutes until a wall is so thick, with their range where the casts have a spread: one sd of c either way. */
export function minutesFor(
  { c, spread }: WallLaw,
  mm: number,
): { readonly minutes: number; readonly range: readonly [number, number] | undefined } {
  const at = (each: number) => (mm / each) ** 2;
  return { minutes: at(c), range: spread === undefined || spread >= c ? undefined : [at(c + spread), at(c - spread)] };
}

/** Slip poured, taken by the wall and drained, ml; and how far the level sinks in the well. mm */
export interface Poured {
  readonly pourMl: number;
  readonly stayMl: number;
  readonly drainMl: number;
  readonly sinks: number;
}

/**
 * What becomes of the slip in a mould. A wall is drier than slip: it takes the clay of more slip than it fills, and the water of that goes
 * into the plaster, so the level sinks.
 *
 * @param cavityMl the mould's hollow, well and all; @param wallMl the wet wall as it lets go; @param dryShare its clay, g/ml without water
 * @param wellMm2 the area the level sinks in
 */
export function pouredOf(cavityMl: number, wallMl: number, dryShare: number, density: number, wellMm2: number): Poured {
  const inSlip = CLAY_DENSITY * ((density - 1) / (CLAY_DENSITY - 1));
  const stayMl = (wallMl * dryShare) / inSlip;
  return { pourMl: cavityMl, stayMl, drainMl: cavityMl - stayMl, sinks: (1000 * Math.max(0, stayMl - wallMl)) / wellMm2 };
}
