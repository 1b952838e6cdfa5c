import { type Outline, revolvedCm2 } from '@/core/form';
import { midLine } from './darts';

/** A former lined with pieces of slab: how much they lap on each other, percent of the area, and how much pressing thins them. */
export interface Lining {
  readonly overlapPercent: number;
  readonly thinnedPercent: number;
}

export const USUAL_LINING: Lining = { overlapPercent: 20, thinnedPercent: 15 };

/** The pieces to cut for a lining: how thick to roll, mm, how large together, cm2, and how much clay that is, ml. */
export interface LiningPlan {
  readonly thickness: number;
  readonly areaCm2: number;
  readonly ml: number;
}

/**
 * Pieces pressed together over the middle of a wall `wall` thick: pressing spreads them as much as it thins them, and what laps is
 * pressed into the rest. So they are rolled wall / (1 - thinned) thick and cut area (1 + overlap)(1 - thinned) large.
 *
 * @param outline the wet piece
 * @example a dish of 500 cm2 at mid-wall, wall 6, 20 % lapped, 15 % thinned: rolled 7.06, cut 510 cm2, 360 ml
 */
export function liningPlan(outline: Outline, wall: number, { overlapPercent, thinnedPercent }: Lining): LiningPlan {
  const [lapped, left] = [1 + overlapPercent / 100, 1 - thinnedPercent / 100];
  const areaCm2 = revolvedCm2(midLine(outline)) * lapped * left;
  const thickness = wall / left;
  return { thickness, areaCm2, ml: (areaCm2 * thickness) / 10 };
}
