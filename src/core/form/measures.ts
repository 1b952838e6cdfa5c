import type { Stage } from '@/core/clay';
import { type Form, outlineOf } from './form';
import { type Outline, filledMl, revolvedCm2, revolvedMl, sectionOf, widest } from './section';

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
  const { side, inside } = outline;
  return {
    clayMl: revolvedMl(sectionOf(outline)),
    brimMl: filledMl(inside, Infinity),
    insideCm2: revolvedCm2([side.at(-1)!, ...inside]),
    outsideCm2: revolvedCm2(side),
    widest: 2 * widest(side),
  };
}

/** What a form holds, ml, to a level so far below its rim, mm; to the brim unless said. */
export function holdsMl<S extends Stage>(form: Form<S>, belowRim = 0): number {
  const { inside } = outlineOf(form);
  return filledMl(inside, inside[0]!.z - belowRim);
}
