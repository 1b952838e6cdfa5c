import type { Stage } from '@/core/clay';
import { type Form, outlineOf } from './form';
import { loftGlazedCm2, loftHoldsMl, loftMl } from './loft';
import { type Outline, filledMl, revolvedCm2, revolvedMl, sectionOf, widest } from './section';
import { opensBelow } from './walled';

/** What a form's outline measures. Volumes in ml, areas in cm2, lengths in mm. */
export interface Measures {
  readonly clayMl: number;
  readonly brimMl: number;
  /** What glaze covers: the inside with the rim, and the outside without what stands on the shelf. */
  readonly insideCm2: number;
  readonly outsideCm2: number;
  readonly widest: number;
}

export function measuresOf(outline: Outline): Measures {
  const { side, inside, plan } = outline;
  if (plan) {
    const glazed = loftGlazedCm2(plan);
    return {
      clayMl: loftMl(plan),
      brimMl: filledTo(outline, plan.height),
      insideCm2: glazed.inside,
      outsideCm2: glazed.outside,
      widest: 2 * Math.max(...plan.faces.flatMap(({ atBase, atRim }) => [atBase, atRim])),
    };
  }
  return {
    clayMl: revolvedMl(sectionOf(outline)),
    brimMl: filledTo(outline, Infinity),
    insideCm2: revolvedCm2([side.at(-1)!, ...inside]),
    outsideCm2: revolvedCm2(side),
    widest: 2 * widest(side),
  };
}

/** What a form holds, ml, to a level so far below its rim, mm; to the brim unless said. */
export function holdsMl<S extends Stage>(form: Form<S>, belowRim = 0): number {
  const outline = outlineOf(form);
  return filledTo(outline, outline.inside[0]!.z - belowRim);
}

/** What an outline holds up to a level, ml: nothing where it has no floor. */
export function filledTo(outline: Outline, level: number): number {
  if (opensBelow(outline)) return 0;
  return outline.plan ? loftHoldsMl(outline.plan, level) : filledMl(outline.inside, level);
}
