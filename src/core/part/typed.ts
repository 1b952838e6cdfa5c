import { type ClayFigures, remaining } from '@/core/clay';
import { FAMILIES, type Form, type SizeName, sizeSpec, sizesOf, withInsides } from '@/core/form';
import { type Gives, type KnownSize, type KnownSizes, giverOf, isExact } from '@/core/sizing';
import type { Part } from '@/core/records';

/** What nobody holds to any more: it follows. A limit stays, to be seen if it is passed. */
const following = (known: KnownSizes[SizeName]): KnownSizes[SizeName] => {
  const [first, ...rest] = known ?? [];
  if (!first) return known;
  return isExact(first) ? [{ ...first, free: true }, ...rest.filter((each) => !isExact(each))] : [first, ...rest];
};

type Inside = Pick<Part, 'family' | 'sizes' | 'gives'>;

const isEntered = (known: KnownSizes[SizeName]): boolean => known !== undefined && isExact(known[0]) && !known[0].free;

/** The widths inside of a part that are known, with the sizes outside and of the wall that go with each. */
function insidesIn({ family, sizes }: Inside) {
  return FAMILIES[family].sizes.flatMap((name) => {
    const { inside } = sizeSpec(name);
    return inside && sizes[name] ? [{ name, outer: inside.outer, wall: sizes[inside.wall] ? inside.wall : ('wall' as const) }] : [];
  });
}

/**
 * What gives way to each width inside that is known. Of outside, wall and width inside two can be entered and the third follows, whichever
 * it is; where all three were, nothing is settled until their maker says which of them changes.
 */
function givesOf(part: Inside): Gives | undefined {
  const settled = insidesIn(part).flatMap(({ name, outer, wall }) => {
    const [out, thick] = [isEntered(part.sizes[outer]), isEntered(part.sizes[wall])];
    const gives = out === thick ? (out ? undefined : part.gives?.[name]) : out ? ('wall' as const) : ('outside' as const);
    return gives ? [[name, gives] as const] : [];
  });
  return settled.length > 0 ? Object.fromEntries(settled) : undefined;
}

/** A part once a size is typed: it leads; what was known at other stages stays beside it until that is settled. */
export function withTyped(part: Inside, size: SizeName, typed: KnownSize): Pick<Part, 'sizes' | 'gives'> {
  const sizes = { ...part.sizes, [size]: typedOver(part.sizes[size], typed) };
  return { sizes, gives: givesOf({ ...part, sizes }) };
}

/** The answer to what changes where outside, wall and width inside were all entered: nobody holds to that one any more. */
export function withGiver(part: Inside, inside: SizeName, gives: 'outside' | 'wall'): Pick<Part, 'sizes' | 'gives'> {
  const giver = giverOf(inside, part.sizes, { [inside]: gives });
  const sizes = part.sizes[giver] ? { ...part.sizes, [giver]: following(part.sizes[giver]) } : part.sizes;
  return { sizes: sizes as KnownSizes, gives: { ...part.gives, [inside]: gives } };
}

/** The sizes that nobody holds to: they were let go, or only suggested. */
export const freeSizes = (sizes: KnownSizes): SizeName[] =>
  (Object.keys(sizes) as SizeName[]).filter((name) => {
    const [first] = sizes[name]!;
    return isExact(first) && first.free;
  });

/** One thing known of a size of a part let go; a width inside that nobody holds to follows outside and wall again, a bevel is not cut. */
export function withLetGo(part: Pick<Part, 'sizes'>, size: SizeName, index: number, mm: number): KnownSizes {
  const known = part.sizes[size];
  if (!known) return part.sizes;
  const left = letGo(known, index, mm);
  const [first] = left;
  const mayGo = sizeSpec(size).inside || size === 'bevel';
  if (!mayGo || !isExact(first) || !first.free) return { ...part.sizes, [size]: left };
  const { [size]: _, ...others } = part.sizes;
  return others;
}

/** A size typed over what was known of it: any other stage's exact size stays as something else known. */
export function typedOver(before: KnownSizes[SizeName], typed: NonNullable<KnownSizes[SizeName]>[0]): NonNullable<KnownSizes[SizeName]> {
  const others = (before ?? []).filter((each) => each.at !== typed.at && !('free' in each && each.free));
  return [typed, ...others];
}

/** One thing known of a size let go. The last of them stays as it is but nobody holds to it: it follows the others. */
export function letGo(known: NonNullable<KnownSizes[SizeName]>, index: number, mm: number): NonNullable<KnownSizes[SizeName]> {
  const left = known.filter((_, i) => i !== index);
  const [first, ...rest] = left;
  return first ? [first, ...rest] : [{ mm, at: known[index]!.at, free: true }];
}

/** Sizes nearer than this are the same, mm. */
const SAME_MM = 1e-6;

/**
 * The sizes of a finished form as known sizes. What it leaves as it was stays known as it was; what it changes is known at the
 * stage it was known at, and a limit typed for it stays beside it, to be seen if it is passed.
 *
 * @param now the finished form before
 */
export function knownAs(form: Form<'glazed'>, now: Form<'glazed'>, before: KnownSizes, clay: ClayFigures): KnownSizes {
  const measured = withInsides(form);
  const names = sizesOf(form, measured.sizes).filter((name) => !sizeSpec(name).inside || before[name]);
  const own = names.map((name) => {
    const known = before[name];
    if (known && Math.abs(measured.sizes[name]! - (now.sizes[name] ?? 0)) < SAME_MM) return [name, known];
    const [was] = known ?? [];
    const at = was && 'mm' in was ? was.at : 'glazed';
    const k = remaining(clay.shrinkage, at, sizeSpec(name).direction) / remaining(clay.shrinkage, 'glazed', sizeSpec(name).direction);
    const limits = (known ?? []).filter((each) => !isExact(each));
    return [name, [{ mm: measured.sizes[name]! * k, at, ...(was && 'free' in was && was.free && { free: true as const }) }, ...limits]];
  });
  // what another manner of the form needs is not lost
  return { ...before, ...Object.fromEntries(own) } as KnownSizes;
}
