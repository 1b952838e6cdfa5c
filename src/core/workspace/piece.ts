import { type ClayFigures, type Matter, type Stage, remaining } from '@/core/clay';
import {
  FAMILIES,
  type FamilyName,
  type Form,
  type Manner,
  type Shape,
  type SizeName,
  checkForm,
  checkInsides,
  formOf,
  isNeeded,
  sizeSpec,
  sizesOf,
  withInsides,
} from '@/core/form';
import { type Hand, handlePlan } from '@/core/handbuild';
import {
  type Exact,
  type Gives,
  type KnownSize,
  type KnownSizes,
  type Making,
  NOTHING_LOST,
  type Sized,
  type StagedForm,
  type Sureness,
  type Throwing,
  USUAL_ODDS,
  WAYS,
  attachedG,
  ballFromTester,
  checkMaking,
  giverOf,
  isExact,
  resolveKnown,
  sdOf,
  size,
  withoutRim,
} from '@/core/sizing';
import type { Middle } from '@/core/learn';
import { type Result, good } from '@/core/units';
import type { MadePiece, Body, Part, Plan, Workspace } from './records';

/** A part with everything worked out. */
export interface SizedPart {
  readonly clay: ClayFigures;
  readonly given: StagedForm;
  readonly sized: Sized;
}

/** As much of a part as its sizes hang on. */
export type Sizable = Pick<
  Part,
  'family' | 'manner' | 'knots' | 'sizes' | 'gives' | 'odds' | 'making' | 'attached' | 'hand' | 'handle' | 'fit'
>;

/** How sure a part's limits are to hold, and how truly it is made to size: as said of what it is to fit. */
export const surenessOf = (
  { odds = USUAL_ODDS, fit }: Pick<Part, 'odds' | 'fit'>,
  clay: Pick<ClayFigures, 'hands'> = {},
): Required<Sureness> => ({ odds, toolSd: sdOf(clay, fit?.tool ?? 'gauge') });

/** Whether a plan came with the example workshop: those have names for ids, a maker's own have none that can be read. */
export const isExample = ({ id }: Pick<Plan, 'id'>): boolean => id.startsWith('plan-');

/** The same of a piece that was made: those of the example are of runs with a name for an id. */
export const isExamplePiece = ({ runId }: Pick<MadePiece, 'runId'>): boolean => runId.startsWith('run-');

/** How a part is made: what is not round is never thrown, and what has no wall is neither coiled nor pressed. */
export function handOf({ family, hand }: Pick<Part, 'family' | 'hand'>): Hand {
  const by = hand?.by ?? 'wheel';
  if (FAMILIES[family].flatSided) return 'slab';
  return family === 'disc' && by !== 'wheel' ? 'slab' : by;
}

/** What goes between clay and trimmed piece; nothing by hand but what is put on. */
export function makingOf(part: Pick<Part, 'family' | 'hand' | 'making'>): Making {
  if (handOf(part) !== 'wheel') return { ...NOTHING_LOST, attachedMass: part.making.attachedMass };
  return part.family === 'disc' ? withoutRim(part.making) : part.making;
}

export const bodyOf = (workspace: Pick<Workspace, 'bodies'>, part: Pick<Part, 'bodyId'>): Body | undefined =>
  workspace.bodies.find((body) => body.id === part.bodyId);

/** The clay's water and loss of a body, for parts put on of another clay. */
export type MatterOf = (bodyId: string) => Matter | undefined;

/** What is known of its sizes, without a bevel where it is not turned at the wheel: built by hand its foot is as it was cut. */
function sizesMade(part: Sizable): Sizable['sizes'] {
  const { bevel, ...sizes } = part.sizes;
  return bevel && handOf(part) === 'wheel' ? { ...sizes, bevel } : sizes;
}

/**
 * Works a part out from its known sizes, its clay and its allowances, or says why such a piece is impossible.
 * `write` puts a length into the reader's units, for the message.
 */
export function sizePart(part: Sizable, clay: ClayFigures, write: (mm: number) => string, matterOf?: MatterOf): Result<SizedPart> {
  const given = resolveKnown(part, sizesMade(part), clay, surenessOf(part, clay));
  const form = checkForm(given.form as Form<Stage>, write);
  if (!form.ok) return form;
  const inside = checkInsides(form.value, write);
  if (!inside.ok) return inside;
  const making = checkMaking(makingOf(part));
  if (!making.ok) return making;
  const attached = (part.attached ?? []).map((each) => {
    const matter = (each.bodyId === undefined ? undefined : matterOf?.(each.bodyId)) ?? clay.matter;
    return { wetG: attachedG(each, matter), matter };
  });
  const sizedWith = (more: typeof attached) => size(clay, given.form as Form<Stage>, given.at, making.value, more);
  const sized = sizedWith(attached);
  // a handle that does not fit says so where it is chosen; the piece itself can be made
  const handle = part.handle && handlePlan(clay, sized, part.handle, write);
  return good({
    clay,
    given,
    sized: handle?.ok ? sizedWith([...attached, { wetG: handle.value.wetG, matter: clay.matter }]) : sized,
  });
}

/** Of a part's throwing, what its maker set, and the ball its run is made to. */
export const throwingOf = ({
  part,
  ratio,
  ...sized
}: SizedPart & { readonly part: Part; readonly ratio?: Middle | undefined }): Throwing => ({
  shortening: part.shortening,
  opening: part.opening,
  runBall: runBall(part, sized, ratio),
});

/** The ball a run is made to, g: from its accepted tester, else as worked out, by the maker's own ratio where there is one. */
export function runBall(part: Pick<Part, 'tester' | 'making'>, { clay, sized }: SizedPart, ratio?: Middle): number {
  const { tester, making } = part;
  const ball = tester?.accepted ? ballFromTester(clay, sized, making, tester, String) : undefined;
  return ball?.ok ? ball.value : sized.masses.ball * (ratio?.median ?? 1);
}

const rounded = (mm: number): number => Math.round(mm * 10) / 10;

/** What a new piece starts as: a plain cup, sizes as finished, mm; the foot trimmed. */
const PLAIN_CUP = FAMILIES.cylinder.typical as Record<'height' | 'rimDiameter' | 'baseDiameter' | 'wall' | 'floor', number>;

export const PLAIN: Pick<Part, 'family' | 'manner'> = { family: 'cylinder', manner: FAMILIES.cylinder.manner };

/**
 * The sizes of a plain cup whose finished mouth has a given width: height and base keep its proportion. Only a mouth that was asked
 * for is known; the rest are suggestions that give way to whatever is typed.
 */
export function plainCup(asked?: number): KnownSizes {
  const rimDiameter = asked ?? PLAIN_CUP.rimDiameter;
  const factor = rimDiameter / PLAIN_CUP.rimDiameter;
  const thin = Math.min(1, factor * 2);
  const sizes = finishedSizes({
    height: rounded(PLAIN_CUP.height * factor),
    rimDiameter,
    baseDiameter: rounded(PLAIN_CUP.baseDiameter * factor),
    wall: rounded(PLAIN_CUP.wall * thin),
    floor: rounded(PLAIN_CUP.floor * thin),
  });
  const suggested = Object.entries(sizes).map(([name, [known]]) => [
    name,
    [asked !== undefined && name === 'rimDiameter' ? known : { ...known, free: true as const }],
  ]);
  return Object.fromEntries(suggested) as KnownSizes;
}

/** Sizes in mm as known of the finished piece. */
export const finishedSizes = (sizes: Readonly<Partial<Record<SizeName, number>>>): KnownSizes =>
  Object.fromEntries(Object.entries(sizes).map(([name, mm]) => [name, [{ mm, at: 'glazed' as const }]]));

export const NEW_MAKING: Making = WAYS.trimmed;

/** Proportions further from a family's own than this factor are not carried over to it: a tall jar makes no tall plate. */
const PROPORTIONS = 2.2;

/** The widest and the largest of some sizes, mm; an own profile may bulge beyond its mouth. */
function extentOf(
  sizes: Readonly<Partial<Record<SizeName, number>>>,
  knots: Form<Stage>['knots'],
): { readonly wide: number; readonly most: number } {
  const { rimDiameter = 0, bellyDiameter = 0, bodyDiameter = 0, height = 0 } = sizes;
  const wide = Math.max(rimDiameter * Math.max(1, ...(knots ?? []).map(({ r }) => r)), bellyDiameter, bodyDiameter);
  return { wide, most: Math.max(wide, height) };
}

/**
 * What a form takes from another when it is changed: its family's own proportions, with the height and the mouth there were where
 * such a piece of the family makes sense, else as large as the one there was.
 */
export function changedForm(
  part: Pick<Part, 'family' | 'sizes'>,
  now: Form<'glazed'>,
  family: FamilyName,
): Pick<Part, 'family' | 'manner' | 'knots' | 'sizes'> {
  const { typical, manner, knots } = FAMILIES[family];
  const shape: Shape = { family, manner, knots };
  const own = (f: number, g: number) =>
    Object.fromEntries(
      Object.entries(typical).map(([name, mm]) => {
        const { direction, stays } = sizeSpec(name as SizeName);
        return [name, stays ? mm : rounded(mm * (direction === 'height' ? g : f))];
      }),
    );
  const across = now.sizes.rimDiameter / typical.rimDiameter!;
  const up = now.sizes.height / typical.height!;
  const [was, usual] = [extentOf(now.sizes, now.knots), extentOf(typical, knots)];
  const alike = Math.min(was.wide / usual.wide, was.most / usual.most);
  const near = Math.max(across / up, up / across) <= PROPORTIONS;
  // a small one may be impossible in this family: then the smallest that is not
  const larger = Array.from({ length: 12 }, (_, i) => alike * 1.15 ** i).filter((f) => f === alike || f < 1);
  const tries = [...(near ? [own(across, up)] : []), ...larger.map((f) => own(f, f)), typical];
  const possible = tries.find((sizes) => checkForm(formOf(shape, 'glazed', sizes), String).ok) ?? typical;
  const names = FAMILIES[family].sizes.filter((name) => possible[name] !== undefined);
  const kept = (name: SizeName) => {
    const known = part.sizes[name];
    return known && Math.abs((now.sizes[name] ?? -1) - possible[name]!) < 0.06
      ? known
      : [{ mm: possible[name]!, at: 'glazed' as const, free: true as const }];
  };
  return { family, manner, knots, sizes: Object.fromEntries(names.map((name) => [name, kept(name)])) as KnownSizes };
}

/** A part's sizes once another manner is chosen: what that needs and has not got starts from what is typical. */
export function withManner(part: Pick<Part, 'family' | 'sizes'>, manner: Manner): KnownSizes {
  const { typical, sizes } = FAMILIES[part.family];
  const missing = sizes.filter((name) => isNeeded(name, manner) && !part.sizes[name]);
  return {
    ...part.sizes,
    ...Object.fromEntries(missing.map((name) => [name, [{ mm: typical[name] ?? 5, at: 'glazed' as const, free: true as const }]])),
  };
}

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
