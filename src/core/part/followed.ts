import { type ClayFigures, remaining } from '@/core/clay';
import {
  FAMILIES,
  type Form,
  type SizeName,
  checkForm,
  extentOf,
  formAt,
  formOf,
  givenWay,
  scaledBy,
  sizeSpec,
  thicknessesOf,
} from '@/core/form';
import { type Exact, type Gives, type KnownSizes, type Reached, giverOf, growFree, isExact, resolveKnown } from '@/core/sizing';
import { type Part, same, type Workspace } from '@/core/records';
import { clayOf } from './clay';
import { ownThicknesses } from './own-thickness';
import { bodyOf, handOf, surenessOf } from './piece';
import { freeSizes } from './typed';
import type { WeighRows } from './weighed-part';

type Finished = Form<'glazed'>;

/** What sizes that nobody entered go by. */
export type Followable = WeighRows & Pick<Workspace, 'plans'>;

/** What to weigh out for a part, g; undefined of one that cannot be made. */
export type ClayTaken = (workspace: Followable, part: Part) => number | undefined;

/** The same sizes with others first among what is known of some of them. */
function replaced(sizes: KnownSizes, first: Readonly<Partial<Record<SizeName, Exact>>>): KnownSizes {
  const entries = Object.entries(first).map(([name, known]) => [name, [known, ...(sizes[name as SizeName] ?? []).slice(1)]]);
  return { ...sizes, ...Object.fromEntries(entries) } as KnownSizes;
}

/** Sizes that had to change as they were before that. */
function asMeant(sizes: KnownSizes): KnownSizes {
  const changed = freeSizes(sizes).flatMap((name) => {
    const { meant, ...first } = sizes[name]![0] as Exact;
    return meant === undefined ? [] : [[name, { ...first, mm: meant }] as const];
  });
  return replaced(sizes, Object.fromEntries(changed));
}

/** The piece as it finishes, worked out or not. */
function finishedOf(part: Part, clay: ClayFigures): Finished {
  const { at, form } = resolveKnown(part, part.sizes, clay, surenessOf(part));
  return formAt(form as Form<typeof at>, at, 'glazed', clay.shrinkage);
}

const suggested = (mm: number, meant?: number): Exact => ({
  mm,
  at: 'glazed',
  free: true,
  ...(meant !== undefined && Math.abs(meant - mm) > 1e-9 && { meant }),
});

/** Thickness and size lean on each other: so many rounds settle them. */
const ROUNDS = 6;

const isThickness = (part: Part, name: SizeName): boolean =>
  name === 'wall' || name === 'floor' || name === 'wallAtFoot' || (name === 'height' && !FAMILIES[part.family].sizes.includes('wall'));

/** How thick the walls are that nobody entered: by the size, the clay, the making, and the maker's own pieces. */
function thicknessesIn(workspace: Followable, part: Part) {
  const names = freeSizes(part.sizes).filter((name) => isThickness(part, name));
  const { typical } = FAMILIES[part.family];
  const [by, kind] = [handOf(part), bodyOf(workspace, part)?.kind ?? 'stoneware'] as const;
  const own = ownThicknesses(workspace, { kind, family: part.family, by }, (each) => {
    const extent = extentOf(finishedOf(each, clayOf(workspace, each).figures));
    return { ...extent, height: extent.height ?? 0 };
  });
  const atFoot = typical.wallAtFoot && typical.wall && typical.wallAtFoot / typical.wall;
  const ruled = (form: Finished) => thicknessesOf(form, { by, kind, free: names, atFoot, own });
  const usual = Object.fromEntries(names.map((name) => [name, suggested(typical[name] ?? typical.wall ?? 5)]));
  return { names, ruled, usual };
}

const asKnown = (lengths: Readonly<Partial<Record<SizeName, number>>>): Partial<Record<SizeName, Exact>> =>
  Object.fromEntries(Object.entries(lengths).map(([name, mm]) => [name, suggested(mm)]));

/** The part with the thicknesses that nobody entered as they are usual for its size. */
function withThickness(workspace: Followable, part: Part, clay: ClayFigures, grow: (part: Part) => Part = (each) => each): Part {
  const { names, ruled, usual } = thicknessesIn(workspace, part);
  if (names.length === 0) return grow(part);
  let last: string | undefined;
  let now = grow({ ...part, sizes: replaced(part.sizes, usual) });
  for (let round = 0; round < ROUNDS; round += 1) {
    const next = ruled(finishedOf(now, clay));
    const said = JSON.stringify(next);
    if (said === last) break;
    last = said;
    now = grow({ ...part, sizes: replaced(part.sizes, asKnown(next)) });
  }
  return now;
}

/** What is found of a shape of a part, its thicknesses that nobody entered as they are usual for the size found. */
export function foundThick<T extends { readonly form: Finished }>(
  workspace: Followable,
  part: Part,
  shape: Finished,
  find: (shape: Finished) => T,
): T {
  const { ruled } = thicknessesIn(workspace, part);
  let now = shape;
  let found = find(now);
  for (let round = 0; round < ROUNDS; round += 1) {
    const next = formOf(shape, 'glazed', { ...shape.sizes, ...ruled(found.form) });
    if (same(next.sizes, now.sizes)) break;
    now = next;
    found = find(now);
  }
  return found;
}

const isHeld = (part: Pick<Part, 'sizes'>, name: SizeName): boolean => {
  const [first] = part.sizes[name] ?? [];
  return first !== undefined && !(isExact(first) && first.free);
};

/** What may grow with the clay there is: what nobody entered. Nothing where mouth and height both were. */
function growing(part: Part): { readonly names: readonly SizeName[]; readonly details: readonly SizeName[] } | undefined {
  const mouth = isHeld(part, 'rimDiameter') || isHeld(part, 'mouthInside');
  const height = isHeld(part, 'height');
  if (mouth && height) return undefined;
  const direction = mouth ? 'height' : height ? 'width' : undefined;
  const names = freeSizes(part.sizes).filter((name) => {
    const spec = sizeSpec(name);
    return !spec.stays && !spec.inside && !isThickness(part, name) && (direction === undefined || spec.direction === direction);
  });
  const details = freeSizes(part.sizes).filter((name) => sizeSpec(name).stays && !isThickness(part, name));
  return names.length > 0 ? { names, details } : undefined;
}

/** Whether anything of a part can follow the clay there is. */
export const canGrow = (part: Part): boolean => growing(part) !== undefined;

/** The part with what nobody entered grown until it takes the clay there is. */
function grownTo(
  workspace: Followable,
  part: Part,
  clay: ClayFigures,
  takes: ClayTaken,
): { readonly part: Part; readonly reached: Reached } | undefined {
  const ballG = part.wanted?.ballG;
  const may = ballG ? growing(part) : undefined;
  if (!may || !ballG) return undefined;
  const shape = finishedOf(part, clay);
  const all = [...may.names, ...may.details].filter((name) => shape.sizes[name] !== undefined);
  const made = (form: Finished): Part => ({
    ...part,
    sizes: replaced(part.sizes, Object.fromEntries(all.map((name) => [name, suggested(form.sizes[name]!, shape.sizes[name]!)]))),
  });
  const grown = (smaller: number) => {
    const finer = scaledBy(shape, 'glazed', (name) => (may.details.includes(name) ? smaller : 1));
    return growFree(finer, ballG, may.names, may.details, (form) => takes(workspace, made(form)) ?? 0);
  };
  const reached = firstMet(grown, ({ met, jumps }) => met || jumps === true);
  return { part: made(reached.form), reached };
}

/** The small details of a small piece are so many times as large where the usual ones leave no such piece. */
const SMALLER = [1, 0.8, 0.64, 0.5] as const;

/** What is found with details as usual, else smaller; with the usual ones where there is none. */
export function firstMet<T>(find: (smaller: number) => T, met: (found: T) => boolean): T {
  const first = find(1);
  if (met(first)) return first;
  for (const smaller of SMALLER.slice(1)) {
    const found = find(smaller);
    if (met(found)) return found;
  }
  return first;
}

/**
 * A part whose sizes that nobody entered follow from those that somebody did: thicknesses from its size, what may grow from the clay there
 * is, and whatever cannot be made gives way. The same sizes entered lead to the same part, in whatever order they were entered.
 */
export function followed(workspace: Followable, part: Part, takes: ClayTaken): Part {
  return followedTo(workspace, part, takes).part;
}

/** As {@link followed}, with how near it came to the clay there is. */
export function followedTo(
  workspace: Followable,
  part: Part,
  takes: ClayTaken,
): { readonly part: Part; readonly reached?: Reached | undefined } {
  if (freeSizes(part.sizes).length === 0) return { part };
  const clay = clayOf(workspace, part).figures;
  const meant: Part = { ...part, sizes: asMeant(part.sizes) };
  let reached: Reached | undefined;
  const grow = (each: Part): Part => {
    const grown = grownTo(workspace, each, clay, takes);
    reached = grown?.reached;
    return grown?.part ?? each;
  };
  const sized = withThickness(workspace, meant, clay, grow);
  return { part: { ...sized, sizes: givenWayIn(sized, clay) ?? sized.sizes }, reached };
}

/** The sizes of a part that cannot be made, once those that nobody entered give way; undefined where it can, or where that is not enough. */
function givenWayIn(part: Part, clay: ClayFigures): KnownSizes | undefined {
  const form = finishedOf(part, clay);
  if (checkForm(form, String).ok) return undefined;
  // what only another manner of the form needs is kept beside it
  const names = freeSizes(part.sizes).filter((name) => form.sizes[name] !== undefined);
  const given = givenWay(form, 'glazed', names);
  if (!given) return undefined;
  const k = (name: SizeName, at: Exact['at']) =>
    remaining(clay.shrinkage, at, sizeSpec(name).direction) / remaining(clay.shrinkage, 'glazed', sizeSpec(name).direction);
  const moved = names.flatMap((name) => {
    const { mm, at, meant = mm } = part.sizes[name]![0] as Exact;
    const to = given.sizes[name]! * k(name, at);
    return Math.abs(to - mm) > 1e-9 ? [[name, { mm: to, at, free: true as const, meant }] as const] : [];
  });
  return replaced(part.sizes, Object.fromEntries(moved));
}

/** Which size each that nobody entered goes with: a base across with the rim across, any other width with the mouth. */
const leadOf = (name: SizeName): 'height' | 'rimDiameter' | 'rimAcross' | undefined => {
  const { stays, inside, direction } = sizeSpec(name);
  if (stays || inside || name === 'height' || name === 'rimDiameter') return undefined;
  return name === 'baseAcross' ? 'rimAcross' : direction === 'height' ? 'height' : 'rimDiameter';
};

/** A part once something is entered: what nobody entered goes with it, widths with the mouth and heights with the height, and {@link followed}. */
export function afterEntered(workspace: Followable, before: Part, after: Part, takes: ClayTaken): Part {
  const clay = clayOf(workspace, before).figures;
  const meant = (part: Part): Part => withThickness(workspace, { ...part, sizes: asMeant(part.sizes) }, clay);
  const [was, is] = [meant(before), meant(after)];
  const [old, now] = [finishedOf(was, clay).sizes, finishedOf(is, clay).sizes];
  const across = freeSizes(is.sizes).includes('rimAcross')
    ? now.rimDiameter / old.rimDiameter
    : (now.rimAcross ?? 1) / (old.rimAcross ?? 1);
  const factors = { height: now.height / old.height, rimDiameter: now.rimDiameter / old.rimDiameter, rimAcross: across };
  const moved = freeSizes(is.sizes).flatMap((name) => {
    const lead = leadOf(name);
    const factor = lead ? factors[lead] : 1;
    const [known] = is.sizes[name]! as [Exact];
    return isThickness(is, name) || !Number.isFinite(factor) ? [] : [[name, { ...known, mm: known.mm * factor }] as const];
  });
  return followed(workspace, { ...is, sizes: replaced(is.sizes, Object.fromEntries(moved)) }, takes);
}

/** A wall that nobody entered may be so many times what is usual for it to go with an outside and a width inside that were. */
const LIKELY_WALL = [0.5, 2] as const;

/**
 * As {@link afterEntered} for sizes that were typed. A width inside that leaves no likely wall under an outside that was entered waits until
 * its maker says which of them changes.
 */
export function afterTyped(workspace: Followable, before: Part, entered: Part, takes: ClayTaken): Part {
  const next = afterEntered(workspace, before, entered, takes);
  const clay = clayOf(workspace, before).figures;
  const gives = Object.entries(next.gives ?? {}) as [SizeName, 'outside' | 'wall'][];
  const likely = gives.filter(([name, way]) => {
    if (way !== 'wall' || (before.gives?.[name] === 'wall' && same(before.sizes[name], next.sizes[name]))) return true;
    const giver = giverOf(name, next.sizes, next.gives);
    const usual = ruledWall(workspace, next, clay, giver);
    const wall = finishedOf(next, clay).sizes[giver] ?? 0;
    return wall > LIKELY_WALL[0] * usual && wall < LIKELY_WALL[1] * usual;
  });
  if (likely.length === gives.length) return next;
  const left: Gives = Object.fromEntries(likely);
  return afterEntered(workspace, before, { ...entered, gives: likely.length > 0 ? left : undefined }, takes);
}

/** What is usual for a wall or the foot of one, finished mm. */
function ruledWall(workspace: Followable, part: Part, clay: ClayFigures, name: SizeName): number {
  const { [name]: known, ...others } = part.sizes;
  const asked = { ...part, sizes: { ...others, [name]: [suggested((known?.[0] as Exact | undefined)?.mm ?? 5)] } as KnownSizes };
  return thicknessesIn(workspace, asked).ruled(finishedOf(part, clay))[name] ?? 5;
}
