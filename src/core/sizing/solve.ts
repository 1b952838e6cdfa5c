import { type Form, LARGEST_MM, type SizeName, checkForm, formOf, holdsMl, sizeSpec } from '@/core/form';
import { type Result, bad, good } from '@/core/units';

/** What a finished piece must hold, brim-full, and what of its size is given: nothing, a height, a most, or the mouth. mm, ml. */
export interface CapacityTarget {
  readonly capacityMl: number;
  readonly height?: number | undefined;
  readonly maxHeight?: number | undefined;
  readonly rimDiameter?: number | undefined;
}

type Finished = Form<'glazed'>;

/** From a possible form its size is walked up or down by this much at a time. */
const STRIDE = 1.2;
/** Halvings that bring a stride below the last figure anyone reads. */
const HALVINGS = 40;
/** The edge of what can be made is looked for less closely: each look tries the whole outline. */
const EDGE_HALVINGS = 22;
/** A target is met within this share of it. */
const CLOSE = 1e-6;
/** Forms smaller than this share of the shape are not looked for. */
const SMALLEST = 1e-3;

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

/** What a form holds to so far below its rim, ml; nothing where it cannot be made. */
const holds = (form: Finished, belowRim: number): number | undefined => (checkForm(form, silent).ok ? holdsMl(form, belowRim) : undefined);

/** The last f for which something is so between one for which it is and one for which it is not. */
function edge(is: (f: number) => boolean, inside: number, outside: number, halvings = HALVINGS): number {
  let [good_, bad_] = [inside, outside];
  for (let i = 0; i < halvings; i += 1) {
    const middle = (good_ + bad_) / 2;
    if (is(middle)) good_ = middle;
    else bad_ = middle;
  }
  return good_;
}

/** The f nearest to 1 whose form can be made; undefined where there is none. */
function firstPossible(largest: number, can: (f: number) => boolean): number | undefined {
  const start = Math.min(1, largest);
  for (let f = 1; f * start > SMALLEST; f /= STRIDE) {
    const tries = [start * f, Math.min(largest, start / f)];
    const found = tries.find(can);
    if (found !== undefined) return found;
  }
  return undefined;
}

/** The form of a kind growing with f that holds the target; the one nearest to it that can be made where none does, and why. */
function growUntil(target: number, largest: number, belowRim: number, make: (f: number) => Finished): Reached {
  const at = (f: number) => holds(make(f), belowRim);
  const can = (f: number) => at(f) !== undefined;
  const from = firstPossible(largest, can);
  if (from === undefined) return { form: make(Math.min(1, largest)), met: false, beyond: make(Math.min(1, largest)) };
  const up = at(from)! < target;
  // between two forms that can be made all can: what they hold is enough to look at
  const short = (f: number) => (up ? holdsMl(make(f), belowRim) < target : holdsMl(make(f), belowRim) > target);
  const limit = up ? largest : SMALLEST;
  let last = from;
  while (short(last)) {
    if (last === limit) return { form: make(last), met: false, beyond: undefined };
    const next = up ? Math.min(limit, last * STRIDE) : Math.max(limit, last / STRIDE);
    if (!can(next)) {
      // as far as it goes: it may hold the target on the way there
      const end = edge(can, last, next, EDGE_HALVINGS);
      if (short(end)) return { form: make(end), met: false, beyond: make(end + (next - end) / 1000) };
      const form = make(edge((f) => !short(f), end, last));
      return { form, met: true, beyond: undefined };
    }
    if (!short(next)) {
      const form = make(edge((f) => !short(f), next, last));
      return { form, met: Math.abs(holdsMl(form, belowRim) - target) <= target * CLOSE, beyond: undefined };
    }
    last = next;
  }
  return { form: make(last), met: Math.abs(at(last)! - target) <= target * CLOSE, beyond: undefined };
}

/** How far sizes that grow in one direction, or both, can grow before one leaves what is accepted. */
function room(shape: Finished, ...directions: readonly ('width' | 'height')[]): number {
  const names = (Object.keys(shape.sizes) as SizeName[]).filter(
    (name) => !sizeSpec(name).stays && directions.includes(sizeSpec(name).direction),
  );
  return (LARGEST_MM * (1 - 1e-12)) / Math.max(...names.map((name) => shape.sizes[name]!));
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
    `${asked} cannot be held like this${obstacle} The nearest that can be made holds ${nearestMl(holdsMl(form), capacityMl)} ml. Ask for that, or leave a size free.`,
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

/** The form nearest to what is wanted, and whether it holds it. */
export interface Reached {
  readonly form: Finished;
  readonly met: boolean;
  /** Just beyond the nearest, where that goes no further because of how its sizes go together: what cannot be made there. */
  readonly beyond: Finished | undefined;
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
