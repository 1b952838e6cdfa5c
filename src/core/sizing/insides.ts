import { type Form, type Shape, type SizeName, formOf, insidesOf, relationFault, sizeSpec } from '@/core/form';
import type { Stage } from '@/core/clay';

/** For a width inside that is known: whether the outside or the wall gives way to it; the outside unless said. */
export type Gives = Readonly<Partial<Record<SizeName, 'outside' | 'wall'>>>;

/** Which size gives way to a width inside. A form without a wall of its own at the foot gives its wall. */
export function giverOf(size: SizeName, given: Readonly<Partial<Record<SizeName, unknown>>>, gives: Gives = {}): SizeName {
  const { outer, wall } = sizeSpec(size).inside!;
  if (given[outer] === undefined || gives[size] === 'wall') return given[wall] === undefined ? 'wall' : wall;
  return outer;
}

/** The widths inside that were entered as well as what is outside them and the wall, without a word of which changes: they wait. */
export function undecided(known: Readonly<Partial<Record<SizeName, readonly [object, ...unknown[]]>>>, gives: Gives = {}): SizeName[] {
  const entered = (name: SizeName) =>
    known[name] !== undefined && 'mm' in known[name][0] && !('free' in known[name][0] && known[name][0].free);
  return (Object.keys(known) as SizeName[]).filter((name) => {
    const { inside } = sizeSpec(name);
    return inside !== undefined && gives[name] === undefined && known[inside.outer] !== undefined && entered(name) && entered(inside.outer);
  });
}

type Lengths = Readonly<Partial<Record<SizeName, number>>>;

/** Close enough in mm, in at most so many rounds over all of them: one width leans on another by the slope of the wall. */
const CLOSE = 1e-7;
const ROUNDS = 12;
/** The step by which it is felt how a width inside answers, mm. */
const FEELER = 0.01;

/** What a form of these lengths measures inside; nothing where it is no form that can be measured. */
function measured<S extends Stage>(shape: Shape, at: S, sizes: Lengths, size: SizeName): number | undefined {
  const form: Form<S> = formOf(shape, at, sizes);
  return relationFault(form, String) ? undefined : insidesOf(form)[size];
}

/**
 * The lengths of a form with what gives way changed until the widths inside are as wanted (Newton's rule with a felt slope; a
 * width inside is its outside less the walls, nearly a straight line). What cannot be reached is left as near as it came, for
 * `checkInsides` to say.
 *
 * @param sizes lengths at one stage, mm; the widths inside among them are what is wanted
 */
export function withInsidesMet<S extends Stage>(shape: Shape, at: S, sizes: Lengths, gives: Gives | undefined): Lengths {
  const wanted = (Object.keys(sizes) as SizeName[]).filter((size) => sizeSpec(size).inside && sizes[size] !== undefined);
  const names = Object.entries(sizes).filter(([name]) => !sizeSpec(name as SizeName).inside);
  let own: Partial<Record<SizeName, number>> = Object.fromEntries(names);
  for (let round = 0; round < ROUNDS; round += 1) {
    let off = 0;
    for (const size of wanted) {
      const giver = giverOf(size, own, gives);
      const now = measured(shape, at, own, size);
      if (now === undefined) return { ...sizes, ...own };
      const miss = sizes[size]! - now;
      off = Math.max(off, Math.abs(miss));
      if (Math.abs(miss) < CLOSE) continue;
      const felt = measured(shape, at, { ...own, [giver]: own[giver]! + FEELER }, size);
      const slope = felt === undefined ? 0 : (felt - now) / FEELER;
      if (Math.abs(slope) < 0.05) continue;
      own = { ...own, [giver]: Math.max(own[giver]! / 8, own[giver]! + miss / slope) };
    }
    if (off < CLOSE) break;
  }
  return { ...sizes, ...own };
}
