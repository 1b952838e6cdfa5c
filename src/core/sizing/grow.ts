import { type Form, LARGEST_MM, type SizeName, checkForm, formOf, sizeSpec } from '@/core/form';

export type Finished = Form<'glazed'>;

/** From a possible form its size is walked up or down by this much at a time. */
const STRIDE = 1.2;
/** Halvings that bring a stride close to the edge of what can be made. */
const EDGE_HALVINGS = 22;
/** A target is looked for so closely, as a share of it, in at most so many looks; beyond the first few the bracket is halved. */
const CLOSEST = 1e-11;
const MOST_LOOKS = 60;
const LOOKS_BY_SLOPE = 20;
/** A target is met within this share of it. */
const CLOSE = 1e-6;
/** Forms smaller than this share of the shape are not looked for. */
const SMALLEST = 1e-3;

/** A form grown in height and across; what is a thickness stays. */
export function scaled(shape: Finished, tall: number, wide: number): Finished {
  // widths inside follow
  const names = (Object.keys(shape.sizes) as SizeName[]).filter((name) => !sizeSpec(name).inside);
  const grown = names.map((name) => {
    const { direction, stays } = sizeSpec(name);
    return [name, shape.sizes[name]! * (stays ? 1 : direction === 'height' ? tall : wide)];
  });
  return formOf(shape, 'glazed', Object.fromEntries(grown) as Record<SizeName, number>);
}

const silent = () => '';

/** What grows with a form: what it holds, ml, or the clay it takes, g. Asked only of forms that can be made. */
export type Measure = (form: Finished) => number;

/** The form nearest to what is wanted, and whether it is met. */
export interface Reached {
  readonly form: Finished;
  readonly met: boolean;
  /** It is passed by a jump, as where a slab asks for another batten: the form is the last one under it. */
  readonly jumps?: boolean;
  /** Just beyond the nearest, where that goes no further because of how its sizes go together: what cannot be made there. */
  readonly beyond: Finished | undefined;
}

/** The last f that can be between one that can and one that cannot. */
function edge(can: (f: number) => boolean, inside: number, outside: number): number {
  let [good_, bad_] = [inside, outside];
  for (let i = 0; i < EDGE_HALVINGS; i += 1) {
    const middle = (good_ + bad_) / 2;
    if (can(middle)) good_ = middle;
    else bad_ = middle;
  }
  return good_;
}

/** Where a measure that grows from a to b is the target: by the slope between the two (false position, halved at the end that stays). */
function meets(target: number, at: (f: number) => number, a: number, b: number): number {
  let [low, high] = [a, b];
  let [under, over] = [at(a) - target, at(b) - target];
  let kept = 0;
  for (let look = 0; look < MOST_LOOKS && low !== high; look += 1) {
    const f = look < LOOKS_BY_SLOPE ? low - (under * (high - low)) / (over - under) : (low + high) / 2;
    const off = at(f) - target;
    if (Math.abs(off) <= target * CLOSEST) return f;
    if (off > 0 === over > 0) {
      [high, over] = [f, off];
      if (kept === 1) under /= 2;
      kept = 1;
    } else {
      [low, under] = [f, off];
      if (kept === -1) over /= 2;
      kept = -1;
    }
  }
  // a jump: the end that is not beyond it
  return under <= 0 ? low : high;
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

/** The form of a kind growing with f whose measure is the target; the one nearest to it that can be made where none is, and why. */
export function growUntil(target: number, largest: number, measure: Measure, make: (f: number) => Finished): Reached {
  const at = (f: number) => measure(make(f));
  const can = (f: number) => checkForm(make(f), silent).ok;
  const from = firstPossible(largest, can);
  if (from === undefined) return { form: make(Math.min(1, largest)), met: false, beyond: make(Math.min(1, largest)) };
  const up = at(from) < target;
  // between two forms that can be made all can: their measure is enough to look at
  const short = (f: number) => (up ? at(f) < target : at(f) > target);
  const limit = up ? largest : SMALLEST;
  const closest = (f: number): Reached => {
    const met = Math.abs(at(f) - target) <= target * CLOSE;
    return { form: make(f), met, jumps: !met, beyond: undefined };
  };
  let last = from;
  while (short(last)) {
    if (last === limit) return { form: make(last), met: false, beyond: undefined };
    const next = up ? Math.min(limit, last * STRIDE) : Math.max(limit, last / STRIDE);
    if (!can(next)) {
      // as far as it goes: it may meet the target on the way there
      const end = edge(can, last, next);
      if (short(end)) return { form: make(end), met: false, beyond: make(end + (next - end) / 1000) };
      return { ...closest(meets(target, at, last, end)), met: true };
    }
    if (!short(next)) return closest(meets(target, at, last, next));
    last = next;
  }
  return closest(last);
}

/** How far sizes that grow in one direction, or both, can grow before one leaves what is accepted. */
export function room(shape: Finished, ...directions: readonly ('width' | 'height')[]): number {
  const names = (Object.keys(shape.sizes) as SizeName[]).filter(
    (name) => !sizeSpec(name).stays && !sizeSpec(name).inside && directions.includes(sizeSpec(name).direction),
  );
  return (LARGEST_MM * (1 - 1e-12)) / Math.max(...names.map((name) => shape.sizes[name]!));
}
