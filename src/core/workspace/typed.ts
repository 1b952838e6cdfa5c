import { type ClayFigures, type Stage, remaining } from '@/core/clay';
import { FAMILIES, type Form, type SizeName, givenWay, sizeSpec, sizesOf, withInsides } from '@/core/form';
import { type Exact, type Gives, type KnownSize, type KnownSizes, giverOf, isExact, resolveKnown } from '@/core/sizing';
import { type MatterOf, type Sizable, sizePart, surenessOf } from './piece';
import type { Part } from './records';

/**
 * What is known once a size is typed: it leads; what was known at other stages stays beside it until that is settled.
 * Sizes that were let go follow in proportion: free widths with the mouth, free heights with the height.
 */
export function withSize(
  part: Pick<Part, 'family' | 'manner' | 'sizes'>,
  size: SizeName,
  known: KnownSizes[SizeName],
  factor: number,
): KnownSizes {
  const sizes = { ...part.sizes, [size]: known };
  if (size !== 'height' && size !== 'rimDiameter' && size !== 'mouthInside') return sizes;
  const follows = (name: SizeName, entry: Exact) =>
    entry.free &&
    name !== size &&
    !(size === 'mouthInside' && name === 'rimDiameter') &&
    !sizeSpec(name).stays &&
    sizeSpec(name).direction === sizeSpec(size).direction;
  const followed = Object.entries(sizes).map(([name, entries]) => {
    const [first] = entries!;
    return [name, 'mm' in first && follows(name as SizeName, first) ? [{ ...first, mm: first.mm * factor }] : entries];
  });
  return Object.fromEntries(followed) as KnownSizes;
}

/** What nobody holds to any more: it follows. A limit stays, to be seen if it is passed. */
const following = (known: KnownSizes[SizeName]): KnownSizes[SizeName] => {
  const [first, ...rest] = known ?? [];
  if (!first) return known;
  return isExact(first) ? [{ ...first, free: true }, ...rest.filter((each) => !isExact(each))] : [first, ...rest];
};

/**
 * A part once a size is typed, widths inside counted. Of outside, wall and width inside two can be held to: typing one of them lets
 * go of the one that gives way, and typing that one makes the other give way.
 */
export function withTyped(
  part: Pick<Part, 'family' | 'manner' | 'sizes' | 'gives'>,
  size: SizeName,
  typed: KnownSize,
  factor: number,
): Pick<Part, 'sizes' | 'gives'> {
  const sizes = withSize(part, size, typedOver(part.sizes[size], typed), factor);
  const insides = FAMILIES[part.family].sizes.filter((name) => sizes[name] && sizeSpec(name).inside);
  let gives: Gives = part.gives ?? {};
  for (const inside of insides) {
    if (giverOf(inside, sizes, gives) === size) gives = { ...gives, [inside]: gives[inside] === 'wall' ? 'outside' : 'wall' };
  }
  const givers = new Set(insides.map((inside) => giverOf(inside, sizes, gives)));
  const held = Object.fromEntries(
    Object.entries(sizes).map(([name, known]) => [name, givers.has(name as SizeName) ? following(known) : known]),
  ) as KnownSizes;
  return { sizes: held, gives: Object.keys(gives).length > 0 ? gives : undefined };
}

/** The sizes that nobody holds to: they were let go, or only suggested. */
export const freeSizes = (sizes: KnownSizes): SizeName[] =>
  (Object.keys(sizes) as SizeName[]).filter((name) => {
    const [first] = sizes[name]!;
    return isExact(first) && first.free;
  });

/** The sizes of a part that cannot be made, once those that nobody holds to give way; undefined where that is not enough. */
export function withGivenWay(part: Sizable, clay: ClayFigures, matterOf?: MatterOf): KnownSizes | undefined {
  const { at, form } = resolveKnown(part, part.sizes, clay, surenessOf(part));
  // what only another manner of the form needs is kept beside it
  const free = freeSizes(part.sizes).filter((name) => form.sizes[name] !== undefined);
  const given = givenWay(form as Form<Stage>, at, free);
  if (!given) return undefined;
  const moved = free.map((name) => {
    const [first, ...rest] = part.sizes[name]!;
    return [name, [{ ...first, mm: ((first as Exact).mm * given.sizes[name]!) / form.sizes[name]! }, ...rest]];
  });
  const sizes = { ...part.sizes, ...Object.fromEntries(moved) } as KnownSizes;
  return sizePart({ ...part, sizes }, clay, String, matterOf).ok ? sizes : undefined;
}

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
