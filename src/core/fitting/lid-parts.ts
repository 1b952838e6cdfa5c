import type { Stage } from '@/core/clay';
import { type Sized, WAYS } from '@/core/sizing';
import type { Fitting, Part } from '@/core/records';

/** How thick a lid is where the pot has no wall to go by, finished mm. Ours. */
const THICK = 5;

export const thickOf = ({ stages }: Sized): number => stages.glazed.sizes.wall ?? THICK;

/** A lid as it was worked out: its width where it meets and the disc over all, finished. mm */
interface Lid {
  readonly fitting: Fitting;
  readonly finishes: number;
  readonly disc: { readonly finished: number } | undefined;
}

interface Cut {
  /** The disc over all, where the lid lies on the rim, and what goes into the mouth: mm at the stage they are cut. */
  readonly lid?: number | undefined;
  readonly insert: number;
  readonly at: Stage;
  /** The clay, where it is not the pot's. */
  readonly bodyId?: string | undefined;
}

/** Discs of slab as parts of a pot: the lid over all, if any, and last what goes into its mouth. */
export function cutParts(part: Part, sized: Sized, { lid, insert, at, bodyId }: Cut, newId: () => string): readonly Part[] {
  const flat = (name: string, mm: number): Part => ({
    id: newId(),
    name,
    family: 'disc',
    manner: {},
    sizes: { rimDiameter: [{ mm, at }], height: [{ mm: thickOf(sized), at: 'glazed' }] },
    ...(bodyId ? { bodyId } : { bodyId: part.bodyId, batchId: part.batchId, firing: part.firing }),
    way: 'thickness',
    making: WAYS.thickness,
    hand: { by: 'slab' },
  });
  return lid === undefined ? [flat('lid', insert)] : [flat('lid', lid), flat('insert', insert)];
}

/** A lid that was worked out as parts of its pot: a disc that drops in, or one over all with an insert below it, or a lid over the rim. */
export const lidParts = (part: Part, sized: Sized, work: Lid, newId: () => string): readonly Part[] => {
  const { disc, fitting } = work;
  if (fitting.over) return [capPart(part, sized, work, newId)];
  // a fit is one of finished things: another clay, batch or firing keeps it
  return cutParts(part, sized, { lid: disc?.finished, insert: work.finishes, at: 'glazed', bodyId: fitting.other?.bodyId }, newId);
};

/** How far down a capped lid reaches over the rim, inside, finished. Ours. */
const REACHES = 20;

/** A lid that goes over the rim as a part of its pot: thrown upside down, the inside of its own mouth right for the rim. */
const capPart = (part: Part, sized: Sized, { finishes, fitting }: Lid, newId: () => string): Part => ({
  id: newId(),
  name: 'lid',
  family: 'cylinder',
  manner: {},
  sizes: {
    rimDiameter: [{ mm: finishes + 2 * thickOf(sized), at: 'glazed', free: true }],
    baseDiameter: [{ mm: finishes + 2 * thickOf(sized), at: 'glazed' }],
    mouthInside: [{ mm: finishes, at: 'glazed' }],
    height: [{ mm: REACHES + thickOf(sized), at: 'glazed' }],
    wall: [{ mm: thickOf(sized), at: 'glazed' }],
    floor: [{ mm: thickOf(sized), at: 'glazed' }],
  },
  ...(fitting.other?.bodyId ? { bodyId: fitting.other.bodyId } : { bodyId: part.bodyId, batchId: part.batchId, firing: part.firing }),
  way: 'trimmed',
  making: WAYS.trimmed,
});
