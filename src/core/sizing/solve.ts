import { LARGEST_MM, type SizeName, checkForm, holdsMl, sizeSpec } from '@/core/form';
import { type Result, bad, good } from '@/core/units';
import { type Finished, type Reached, growUntil, room, scaled } from './grow';

/** What a finished piece must hold, brim-full, and what of its size is given: nothing, a height, a most, or the mouth. mm, ml. */
export interface CapacityTarget {
  readonly capacityMl: number;
  readonly height?: number | undefined;
  readonly maxHeight?: number | undefined;
  readonly rimDiameter?: number | undefined;
}

/**
 * The finished form that holds a target, from a shape: thicknesses stay, widths keep their ratio to each other and heights
 * theirs. With a height or a mouth given the other scales; otherwise all scale together, and where that would be taller than
 * `maxHeight` the height is the limit and the widths take the rest (headless.md, `solve`).
 *
 * @example solveCapacity(cup, { capacityMl: 500, maxHeight: 110 }, write) // a cup of 500 ml, at most 110 high
 */
export function solveCapacity(shape: Finished, target: CapacityTarget, write: (mm: number) => string): Result<Finished> {
  const { capacityMl, height, maxHeight, rimDiameter } = target;
  const keep = height !== undefined ? 'height' : rimDiameter !== undefined ? 'mouth' : 'proportions';
  const { form, met, beyond } = reach(shape, { capacityMl, keep, height, mouth: rimDiameter, maxHeight });
  const checked = checkForm(form, write);
  const asked = `${Number(capacityMl.toFixed(2))} ml`;
  if (!checked.ok) {
    const given = Object.keys(target).find((name) => name !== 'capacityMl');
    return bad(given ? `target.${given}` : 'target', `No such piece can be made whatever it holds: ${checked.problem.message}`);
  }
  if (met) return good(form);
  const why = beyond && checkForm(beyond, write);
  const obstacle = why && !why.ok ? `: ${why.problem.message}` : ` with sizes up to ${write(LARGEST_MM)}.`;
  return bad(
    'target.capacityMl',
    `${asked} is not possible${obstacle} The nearest possible piece holds ${nearestMl(holdsMl(form), capacityMl)} ml. Use that, or leave a size free.`,
  );
}

/** A capacity as it can be asked for: rounded away from what cannot be made. */
function nearestMl(ml: number, asked: number): number {
  const per = ml < 20 ? 100 : 1;
  return (asked > ml ? Math.floor(ml * per) : Math.ceil(ml * per)) / per;
}

/** What may scale to reach a capacity: everything, the widths with the height kept, or the heights with the widths kept. */
export type Keep = 'proportions' | 'height' | 'mouth';

/** A capacity asked of a finished piece, ml, to a fill line so far below its rim, and the sizes it may not pass. mm. */
export interface Wanted {
  readonly capacityMl: number;
  readonly belowRim?: number | undefined;
  readonly keep: Keep;
  /** The height kept, or the mouth kept; those of the shape unless said. */
  readonly height?: number | undefined;
  readonly mouth?: number | undefined;
  readonly maxHeight?: number | undefined;
  readonly maxWidth?: number | undefined;
}

/** Grows or shrinks a shape until it holds what is wanted; where the sizes it may not pass forbid that, as far as they go. */
export function reach(shape: Finished, wanted: Wanted): Reached {
  const { capacityMl, belowRim = 0, keep, maxHeight = Infinity, maxWidth = Infinity } = wanted;
  const { height, rimDiameter } = shape.sizes;
  const wideMost = Math.min(room(shape, 'width'), maxWidth / widestOf(shape));
  const tallMost = Math.min(room(shape, 'height'), maxHeight / height);
  const grow = (most: number, make: (f: number) => Finished) => growUntil(capacityMl, most, (form) => holdsMl(form, belowRim), make);
  if (keep === 'height') return grow(wideMost, (f) => scaled(shape, (wanted.height ?? height) / height, f));
  if (keep === 'mouth') return grow(tallMost, (f) => scaled(shape, f, (wanted.mouth ?? rimDiameter) / rimDiameter));
  const together = grow(Math.min(wideMost, tallMost), (f) => scaled(shape, f, f));
  if (together.met) return together;
  // one limit is reached: the other direction takes the rest
  return tallMost < wideMost ? grow(wideMost, (f) => scaled(shape, tallMost, f)) : grow(tallMost, (f) => scaled(shape, f, wideMost));
}

/** The widest of the widths given, mm; an own profile may bulge beyond its mouth. */
function widestOf({ sizes, knots }: Finished): number {
  const widths = (Object.keys(sizes) as SizeName[]).filter((name) => sizeSpec(name).direction === 'width' && !sizeSpec(name).stays);
  const given = Math.max(...widths.map((name) => sizes[name]!));
  return knots ? Math.max(given, sizes.rimDiameter * Math.max(...knots.map(({ r }) => r))) : given;
}
