import { type Matter, wetDensity } from '@/core/clay';
import { filledTo } from '@/core/form';
import type { Sized } from './size';

/** What is put on after throwing, by its weight or by its section. Wet mm and g. */
export interface AttachedPart {
  readonly id: string;
  readonly kind: 'handle' | 'knob' | 'spout' | 'foot' | 'other';
  /** Its own clay, where that is another than the piece's. */
  readonly bodyId?: string | undefined;
  /** Weighed wet, g. */
  readonly massG?: number | undefined;
  /** Or measured wet: how long, how wide and how thick; one without a thickness is round. */
  readonly length?: number | undefined;
  readonly width?: number | undefined;
  readonly thick?: number | undefined;
}

export const ATTACHED_KINDS = ['handle', 'knob', 'spout', 'foot', 'other'] as const;

/** The wet weight of a part put on, g: as weighed, else length times section (a strap is an oval, pi/4 of its box). */
export function attachedG({ massG, length = 0, width = 0, thick = width }: AttachedPart, matter: Matter): number {
  if (massG !== undefined) return massG;
  return ((Math.PI / 4) * width * thick * length * wetDensity(matter)) / 1000;
}

/** A pouring lip pulled into a finished rim: how far its edge sinks, and how far it stands out. Finished mm. */
export interface PouringLip {
  readonly drop: number;
  readonly reach: number;
}

/** What a piece with a pouring lip holds before it runs over, ml, and its widest width, finished mm. */
export function withPouringLip({ fired, measures, stages }: Sized, { drop, reach }: PouringLip): { holdsMl: number; widest: number } {
  const rim = fired.inside[0]!.z;
  return {
    holdsMl: filledTo(fired, rim - drop),
    widest: Math.max(measures.widest, measures.widest / 2 + stages.glazed.sizes.rimDiameter / 2 + reach),
  };
}

/** How much wider and taller the finished piece is for its pouring lip and for copies joined to it. mm */
export function beyondItself(sized: Sized, { pouringLip, joined }: { pouringLip?: PouringLip | undefined; joined?: Joined | undefined }) {
  const { widest } = sized.measures;
  const lip = pouringLip ? withPouringLip(sized, pouringLip).widest : widest;
  const together = joined ? Math.max(joinedSizes(sized, joined).overall, ...joinedSizes(sized, joined).footprint) : widest;
  return { width: Math.max(lip, together) - widest, height: joined?.handleRise ?? 0 };
}

/** Copies pressed together side by side. Finished mm. */
export interface Joined {
  readonly copies: 2 | 3;
  /** Three stand in a row or in a ring. */
  readonly ring?: boolean | undefined;
  /** How far each wall is flattened where it meets another. */
  readonly flattened: number;
  /** A handle over the join: its top above the rim, and how thick it is. */
  readonly handleRise?: number | undefined;
  readonly handleThick?: number | undefined;
}

/** Sizes of joined copies as finished, mm. */
export interface JoinedSizes {
  readonly overall: number;
  /** The room it takes on a shelf. */
  readonly footprint: readonly [number, number];
  /** Between the rim and the underside of the handle. */
  readonly clear?: number | undefined;
  /** From the floor inside to the underside of the handle. */
  readonly clearFromFloor?: number | undefined;
}

/** How wide two or three joined copies come out, and what passes under their handle. */
export function joinedSizes(
  { measures, stages, fired }: Sized,
  { copies, ring, flattened, handleRise, handleThick = 0 }: Joined,
): JoinedSizes {
  const width = measures.widest;
  const apart = width - 2 * flattened;
  const footprint: readonly [number, number] =
    copies === 3 && ring ? [width + apart, width + (apart * Math.sqrt(3)) / 2] : [width + apart * (copies - 1), width];
  const clear = handleRise === undefined ? undefined : handleRise - handleThick;
  return {
    overall: copies === 3 && ring ? width + (2 * apart) / Math.sqrt(3) : footprint[0],
    footprint,
    clear,
    clearFromFloor: clear === undefined ? undefined : clear + stages.glazed.sizes.height - (fired.inside.at(-1)?.z ?? 0),
  };
}
