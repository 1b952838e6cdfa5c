import { lengthAt } from '@/core/clay';
import { type Cup, LARGEST_MM, checkCup, cupInside, innerRadius, revolvedMl } from '@/core/form';
import { type Result, bad, good } from '@/core/units';

/** What a finished piece must hold, brim-full, and what of its size is given: nothing, a height, a most, or the mouth. mm, ml. */
export interface CapacityTarget {
  readonly capacityMl: number;
  readonly height?: number | undefined;
  readonly maxHeight?: number | undefined;
  readonly rimDiameter?: number | undefined;
}

type Finished = Cup<'glazed'>;

/** Halving the interval so often leaves less than a hundred-millionth of it. */
const HALVINGS = 60;

function scaled(shape: Finished, tall: number, wide: number): Finished {
  return {
    ...shape,
    height: lengthAt('glazed', shape.height * tall),
    rimDiameter: lengthAt('glazed', shape.rimDiameter * wide),
    baseDiameter: lengthAt('glazed', shape.baseDiameter * wide),
  };
}

/** What a cup holds, ml; nothing where its wall or floor would fill it. */
function holds(cup: Finished): number {
  const room = cup.height > cup.floor && innerRadius(cup, cup.floor) > 0 && innerRadius(cup, cup.height) > 0;
  return room ? revolvedMl(cupInside(cup)) : 0;
}

/** The cup of a family growing with f that holds the target; undefined when even the largest does not. */
function growUntil(target: number, largest: number, make: (f: number) => Finished): Finished | undefined {
  if (holds(make(largest)) < target) return undefined;
  let [low, high] = [0, largest];
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (low + high) / 2;
    if (holds(make(middle)) < target) low = middle;
    else high = middle;
  }
  return make(high);
}

/** How far sizes can grow before one leaves what is accepted. */
const room = (...sizes: number[]): number => LARGEST_MM / Math.max(...sizes);

/**
 * The finished cup that holds a target, from a shape: wall and floor stay, rim and base keep their ratio. With a height
 * or a mouth given the other scales; otherwise all scale together, and where that would be taller than `maxHeight` the
 * height is the limit and the widths take the rest (computation.md, notes on the contract).
 *
 * @example solveCapacity(cup, { capacityMl: 500, maxHeight: 110 }, write) // a cup of 500 ml, at most 110 high
 */
export function solveCapacity(shape: Finished, target: CapacityTarget, write: (mm: number) => string): Result<Finished> {
  const { capacityMl, height, maxHeight, rimDiameter } = target;
  const widths = [shape.rimDiameter, shape.baseDiameter];
  const atHeight = (tall: number) => growUntil(capacityMl, room(...widths), (f) => scaled(shape, tall / shape.height, f));
  const across = (rimDiameter ?? 0) / shape.rimDiameter;
  const together = () => growUntil(capacityMl, room(shape.height, ...widths), (f) => scaled(shape, f, f));

  for (const [name, tall] of [
    ['height', height],
    ['maxHeight', maxHeight],
  ] as const) {
    if (tall !== undefined && tall <= shape.floor) {
      return bad(`target.${name}`, `A height of ${write(tall)} is not above the floor (${write(shape.floor)}). Make it taller.`);
    }
  }
  const found =
    height !== undefined
      ? atHeight(height)
      : rimDiameter !== undefined
        ? growUntil(capacityMl, room(shape.height), (f) => scaled(shape, f, across))
        : limited(together(), maxHeight, atHeight);
  if (!found) {
    return bad(
      'target.capacityMl',
      `${capacityMl} ml cannot be held like this with sizes up to ${write(LARGEST_MM)}. Ask for less, or leave a size free.`,
    );
  }
  const checked = checkCup(found, write);
  if (checked.ok) return good(found);
  return bad('target', `What would hold ${capacityMl} ml cannot be made: ${checked.problem.message}`);
}

function limited(found: Finished | undefined, maxHeight: number | undefined, atHeight: (tall: number) => Finished | undefined) {
  if (maxHeight === undefined || (found && found.height <= maxHeight)) return found;
  return atHeight(maxHeight);
}
