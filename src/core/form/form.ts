import { type Length, type Shrinkage, type Stage, convert, lengthAt, remaining } from '@/core/clay';
import { type Result, bad, good } from '@/core/units';
import type { Knot } from './curve';
import { FAMILIES, isNeeded, mayBeGiven, sizeIn } from './families';
import type { FamilyName, Manner, SizeOf } from './family';
import { type Outline, crossesItself, filledMl, radiusAt, revolvedMl, runsRight, sectionOf, stretchOutline, thinnest } from './section';
import { opensBelow } from './walled';
import { LARGEST_MM, SIZES, type SizeName, type Sizes, sizeSpec } from './sizes';

/** A piece's form at stage S: its family, what is chosen of it, and its sizes there, mm. */
export interface Form<S extends Stage> {
  readonly family: FamilyName;
  readonly manner: Manner;
  readonly sizes: Sizes<S>;
  /** An own profile's points, as shares of the mouth's radius and the height. */
  readonly knots?: readonly Knot[] | undefined;
}

/** A form without its sizes. */
export type Shape = Omit<Form<Stage>, 'sizes'>;

/** The sizes a form has, in the order people name them: those of its family that its manner needs, and what else is given. */
export function sizesOf({ family, manner }: Shape, given: Readonly<Partial<Record<SizeName, unknown>>> = {}): SizeName[] {
  return FAMILIES[family].sizes.filter((name) => isNeeded(name, manner) || (mayBeGiven(name) && given[name] !== undefined));
}

/** A form's sizes by name; the wall at the foot is that at the rim unless given. */
const reader =
  <S extends Stage>({ sizes }: Form<S>): SizeOf =>
  (name) =>
    sizes[name] ?? (name === 'wallAtFoot' ? sizes.wall : undefined) ?? 0;

const outlineWith = <S extends Stage>(form: Form<S>, n: number): Outline =>
  FAMILIES[form.family].outline(reader(form), form.manner, n, form.knots ?? []);

/** Curves start with so many points; doubled until volume and capacity move by less than this share, at most so many. */
const FIRST_POINTS = 12;
const MOST_POINTS = 192;
const CLOSE_ENOUGH = 0.0004;

/** A width inside is as asked within this much, mm: closer than anyone measures. */
const SAME_INSIDE = 0.05;

const close = (a: number, b: number): boolean => Math.abs(a - b) <= CLOSE_ENOUGH * Math.abs(b);

const outlines = new WeakMap<object, Outline>();

/** The outline of a form. Curves are sampled until clay and capacity are within 0.05 % (how-it-computes.md, The section). */
export function outlineOf<S extends Stage>(form: Form<S>): Outline {
  const known = outlines.get(form);
  if (known) return known;
  const sampled = (n: number) => {
    const outline = outlineWith(form, n);
    if (outline.plan) return { outline, clay: 0, room: 0 };
    return { outline, clay: revolvedMl(sectionOf(outline)), room: filledMl(outline.inside, Infinity) };
  };
  let found = sampled(FIRST_POINTS);
  for (let n = FIRST_POINTS * 2; n <= MOST_POINTS; n *= 2) {
    const coarser = found;
    found = sampled(n);
    if (close(coarser.clay, found.clay) && close(coarser.room, found.room)) break;
  }
  outlines.set(form, found.outline);
  return found.outline;
}

/** The widths inside a form of a family that has them, mm, measured on its outline. The form must have passed {@link checkForm}. */
export function insidesOf<S extends Stage>(form: Form<S>): Partial<Record<SizeName, number>> {
  const { inside, plan } = outlineOf(form);
  const open = opensBelow({ inside });
  // what has no floor has no width of one, but where it is given: that of its foot inside
  const named = (name: SizeName) => name !== 'floorInside' || !open || form.sizes.floorInside !== undefined;
  const names = FAMILIES[form.family].sizes.filter((name) => sizeSpec(name).inside && named(name));
  if (names.length === 0) return {};
  const across = plan?.faces.find(({ angle }) => angle === 90);
  const measured: Partial<Record<SizeName, number | undefined>> = {
    mouthInside: 2 * inside[0]!.r,
    acrossInside: across && 2 * (across.atRim - across.inset),
    bellyInside: 2 * radiusAt(inside, form.sizes.bellyHeight ?? 0),
    floorInside: 2 * (inside.at(open ? -1 : -2)?.r ?? 0),
  };
  return Object.fromEntries(names.map((name) => [name, measured[name]]).filter(([, mm]) => mm !== undefined)) as Partial<
    Record<SizeName, number>
  >;
}

/** The same form with its widths inside among its sizes. */
export function withInsides<S extends Stage>(form: Form<S>): Form<S> {
  const sizes = { ...form.sizes, ...insidesOf(form) } as Sizes<S>;
  const made = { ...form, sizes };
  outlines.set(made, outlineOf(form));
  return made;
}

/** Each size of a form by its own rule. */
function mapSizes<S extends Stage>(
  sizes: Readonly<Partial<Record<SizeName, number>>>,
  map: (mm: number, name: SizeName) => Length<S>,
): Sizes<S> {
  const names = Object.keys(sizes) as SizeName[];
  return Object.fromEntries(names.filter((name) => sizes[name] !== undefined).map((name) => [name, map(sizes[name]!, name)])) as Sizes<S>;
}

/** A form of given sizes, mm, at a stage. */
export const formOf = <S extends Stage>(shape: Shape, at: S, sizes: Readonly<Partial<Record<SizeName, number>>>): Form<S> => ({
  family: shape.family,
  manner: shape.manner,
  knots: shape.knots,
  sizes: mapSizes(sizes, (mm) => lengthAt(at, mm)),
});

/** The same form, each size so many times as large. */
export const scaledBy = <S extends Stage>(form: Form<S>, at: S, factor: (name: SizeName) => number): Form<S> => ({
  ...form,
  sizes: mapSizes(form.sizes, (mm, name) => lengthAt(at, mm * factor(name))),
});

/** The same form at another stage, each size by its own direction. */
export const formAt = <From extends Stage, To extends Stage>(form: Form<From>, from: From, to: To, shrinkage: Shrinkage): Form<To> => ({
  ...form,
  sizes: mapSizes(form.sizes, (mm, name) => convert(mm as Length<From>, from, to, shrinkage, SIZES[name].direction)),
});

/** A form's outline as it is at another stage: resolved at its own, then r by k and z by kh. */
export function outlineAt<S extends Stage>(form: Form<S>, from: S, to: Stage, shrinkage: Shrinkage): Outline {
  const factor = (direction: 'width' | 'height') => remaining(shrinkage, to, direction) / remaining(shrinkage, from, direction);
  return stretchOutline(outlineOf(form), factor('width'), factor('height'));
}

/** Nowhere may a piece be thinner than this share of the thinnest size given. */
const THINNEST_SHARE = 0.6;

/**
 * Whether such a form can be made at all. The problem names the size and says what would do; `write` puts a length into
 * the reader's units. Sizes are checked first, then how they go together, then the outline itself: it may not cross
 * itself, the inside lies within the outside, and nowhere is it much thinner than its wall and floor.
 */
export function checkForm<S extends Stage>(form: Form<S>, write: (mm: number) => string): Result<Form<S>> {
  for (const name of sizesOf(form, form.sizes)) {
    const { words } = sizeIn(form.family, name);
    const value = form.sizes[name];
    const open = name === 'floor' && value === 0 && FAMILIES[form.family].mayBeOpen;
    if (value === undefined || !Number.isFinite(value) || (value <= 0 && !open)) return bad(name, `The ${words} must be above zero.`);
    if (value > LARGEST_MM) return bad(name, `The ${words} is ${write(value)}. The largest allowed is ${write(LARGEST_MM)}.`);
  }
  const fault = relationFault(form, write);
  if (fault) return bad(fault.size, fault.why);
  const broken = outlineFault(outlineOf(form), thinnestGiven(form), write);
  return broken ? bad(form.knots ? 'points' : 'height', broken) : good(form);
}

/** The first relation between sizes that does not hold. */
export const relationFault = <S extends Stage>(form: Form<S>, write: (mm: number) => string) =>
  FAMILIES[form.family].fault(reader(form), form.manner, write, form.knots ?? []);

/** Refuses a form whose widths inside are not those asked for among its sizes: outside and wall do not leave them. */
export function checkInsides<S extends Stage>(form: Form<S>, write: (mm: number) => string): Result<Form<S>> {
  const { family, sizes } = form;
  const asked = sizesOf(form, sizes).filter((name) => sizeSpec(name).inside);
  const measured = asked.length > 0 ? insidesOf(form) : {};
  const off = asked.find((name) => Math.abs(sizes[name]! - (measured[name] ?? 0)) > SAME_INSIDE);
  if (!off) return good(form);
  const why = `The ${sizeIn(family, off).words} cannot be ${write(sizes[off]!)} here. The outside and the wall leave ${write(measured[off] ?? 0)}.`;
  return bad(off, `${why} Change the other one instead.`);
}

const thinnestGiven = <S extends Stage>({ sizes }: Form<S>): number =>
  Math.min(sizes.wall ?? Infinity, sizes.wallAtFoot ?? Infinity, sizes.floor || Infinity);

/** What is wrong with an outline; undefined for one that clay can have. `given` is the thinnest wall or floor meant, mm. */
export function outlineFault(outline: Outline, given: number, write: (mm: number) => string): string | undefined {
  const section = sectionOf(outline);
  const place = ({ r, z }: { r: number; z: number }) => `${write(Math.max(0, z))} up and ${write(Math.max(0, r))} from the axis`;
  const crossing = crossesItself(section);
  if (crossing) return `The outline crosses itself ${place(crossing.point)}. Make the curve gentler or the wall thinner there.`;
  const beyond = section.find(({ r, z }) => r < -1e-6 || z < -1e-6 || !Number.isFinite(r + z));
  if (beyond) return `The outline goes outside the piece ${place(beyond)}. Make the curve gentler or the wall thinner.`;
  if (!runsRight(section)) return 'Walls overlap. Make the wall thinner or the piece larger.';
  if (!Number.isFinite(given)) return undefined;
  const thin = thinnest(outline);
  if (thin.mm < given * THINNEST_SHARE) {
    return `The clay would be only ${write(thin.mm)} thick ${place(thin.at)}. Make the foot narrower, the floor thicker or the curve gentler.`;
  }
  return undefined;
}
