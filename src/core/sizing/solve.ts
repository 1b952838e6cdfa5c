import { type Form, LARGEST_MM, type SizeName, checkForm, formOf, holdsMl, relationFault, sizeSpec, sizesOf } from '@/core/form';
import { type Result, bad, good } from '@/core/units';

/** What a finished piece must hold, brim-full, and what of its size is given: nothing, a height, a most, or the mouth. mm, ml. */
export interface CapacityTarget {
  readonly capacityMl: number;
  readonly height?: number | undefined;
  readonly maxHeight?: number | undefined;
  readonly rimDiameter?: number | undefined;
}

type Finished = Form<'glazed'>;

/** Halving the interval so often leaves less than a hundred-millionth of it. */
const HALVINGS = 60;
/** A target is met within this share of it. */
const CLOSE = 1e-6;

/** A form grown in height and across; what is a thickness stays. */
export function scaled(shape: Finished, tall: number, wide: number): Finished {
  const names = Object.keys(shape.sizes) as SizeName[];
  const grown = names.map((name) => {
    const { direction, stays } = sizeSpec(name);
    return [name, shape.sizes[name]! * (stays ? 1 : direction === 'height' ? tall : wide)];
  });
  return formOf(shape, 'glazed', Object.fromEntries(grown) as Record<SizeName, number>);
}

const silent = () => '';

/** Whether its sizes go together and are within what is accepted; the outline is looked at once something is found. */
function possible(form: Finished): boolean {
  const sizes = sizesOf(form, form.sizes).map((name) => form.sizes[name]!);
  return sizes.every((mm) => mm > 0 && mm <= LARGEST_MM * (1 + 1e-9)) && relationFault(form, silent) === undefined;
}

/** What a form holds to so far below its rim, ml; nothing where its sizes do not go together. */
const holds = (form: Finished, belowRim: number): number => (possible(form) ? holdsMl(form, belowRim) : 0);

/** The form of a kind growing with f that holds the target; the largest or smallest possible where none does. */
function growUntil(target: number, largest: number, belowRim: number, make: (f: number) => Finished): { form: Finished; met: boolean } {
  let [low, high] = [0, largest];
  if (holds(make(largest), belowRim) < target) {
    // the largest may be impossible for its relations only: look for where they still hold
    const possibleUpTo = largestHolding(largest, belowRim, make);
    if (possibleUpTo === undefined) return { form: make(1), met: false };
    if (holds(make(possibleUpTo), belowRim) < target) return { form: make(possibleUpTo), met: false };
    high = possibleUpTo;
  }
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (low + high) / 2;
    if (holds(make(middle), belowRim) < target) low = middle;
    else high = middle;
  }
  // the smallest that can be made may hold more than was asked
  const form = make(high);
  return { form, met: holds(form, belowRim) <= target * (1 + CLOSE) };
}

/** The largest f at which the form holds anything, between the first found by doubling and the most. */
function largestHolding(largest: number, belowRim: number, make: (f: number) => Finished): number | undefined {
  let f = largest;
  while (f > 1e-4 && holds(make(f), belowRim) === 0) f /= 1.25;
  if (f <= 1e-4) return undefined;
  let [good_, bad_] = [f, Math.min(largest, f * 1.25)];
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (good_ + bad_) / 2;
    if (holds(make(middle), belowRim) > 0) good_ = middle;
    else bad_ = middle;
  }
  return good_;
}

/** How far sizes that grow in one direction, or both, can grow before one leaves what is accepted. */
function room(shape: Finished, ...directions: readonly ('width' | 'height')[]): number {
  const names = (Object.keys(shape.sizes) as SizeName[]).filter(
    (name) => !sizeSpec(name).stays && directions.includes(sizeSpec(name).direction),
  );
  return LARGEST_MM / Math.max(...names.map((name) => shape.sizes[name]!));
}

/**
 * The finished form that holds a target, from a shape: thicknesses stay, widths keep their ratio to each other and heights
 * theirs. With a height or a mouth given the other scales; otherwise all scale together, and where that would be taller than
 * `maxHeight` the height is the limit and the widths take the rest (computation.md, notes on the contract).
 *
 * @example solveCapacity(cup, { capacityMl: 500, maxHeight: 110 }, write) // a cup of 500 ml, at most 110 high
 */
export function solveCapacity(shape: Finished, target: CapacityTarget, write: (mm: number) => string): Result<Finished> {
  const { capacityMl, height, maxHeight, rimDiameter } = target;
  const floor = shape.sizes.floor ?? 0;
  for (const [name, tall] of [
    ['height', height],
    ['maxHeight', maxHeight],
  ] as const) {
    if (tall !== undefined && tall <= floor) {
      return bad(`target.${name}`, `A height of ${write(tall)} is not above the floor (${write(floor)}). Make it taller.`);
    }
  }
  const keep = height !== undefined ? 'height' : rimDiameter !== undefined ? 'mouth' : 'proportions';
  const { form, met } = reach(shape, { capacityMl, keep, height, mouth: rimDiameter, maxHeight });
  if (!met) {
    return bad(
      'target.capacityMl',
      `${capacityMl} ml cannot be held like this with sizes up to ${write(LARGEST_MM)}: the nearest that can be made holds ${Math.round(holdsMl(form))} ml. Ask for that, or leave a size free.`,
    );
  }
  const checked = checkForm(form, write);
  if (checked.ok) return good(form);
  return bad('target', `What would hold ${capacityMl} ml cannot be made: ${checked.problem.message}`);
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

/** The form nearest to what is wanted, and whether it holds it. */
export interface Reached {
  readonly form: Finished;
  readonly met: boolean;
}

/** Grows or shrinks a shape until it holds what is wanted; where the sizes it may not pass forbid that, as far as they go. */
export function reach(shape: Finished, wanted: Wanted): Reached {
  const { capacityMl, belowRim = 0, keep, maxHeight = Infinity, maxWidth = Infinity } = wanted;
  const { height, rimDiameter } = shape.sizes;
  const wideMost = Math.min(room(shape, 'width'), maxWidth / widestOf(shape));
  const tallMost = Math.min(room(shape, 'height'), maxHeight / height);
  const grow = (most: number, make: (f: number) => Finished) => growUntil(capacityMl, most, belowRim, make);
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
