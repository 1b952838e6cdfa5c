import type { Stage } from '@/core/clay';
import {
  FAMILIES,
  type FamilyName,
  type Form,
  type Manner,
  type Shape,
  type SizeName,
  checkForm,
  formOf,
  givenWay,
  isNeeded,
  sizeSpec,
  thicknessesOf,
} from '@/core/form';
import { type KnownSizes, type Making, WAYS } from '@/core/sizing';
import type { Part } from '@/core/records';

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
  const cup = {
    height: rounded(PLAIN_CUP.height * factor),
    rimDiameter,
    baseDiameter: rounded(PLAIN_CUP.baseDiameter * factor),
  };
  const thick = thicknessesOf(formOf(PLAIN, 'glazed', cup), { by: 'wheel', kind: 'stoneware', free: ['wall', 'floor'] });
  const sizes = finishedSizes({ ...cup, ...thick });
  const suggested = Object.entries(sizes).map(([name, [known]]) => [
    name,
    [asked !== undefined && name === 'rimDiameter' ? known : { ...known, free: true as const }],
  ]);
  return Object.fromEntries(suggested) as KnownSizes;
}

/** Sizes in mm as known of the finished piece. */
export const finishedSizes = (sizes: Readonly<Partial<Record<SizeName, number>>>): KnownSizes =>
  Object.fromEntries(Object.entries(sizes).map(([name, mm]) => [name, [{ mm, at: 'glazed' as const }]]));

/** A saucer is so many times as wide as the foot it carries; its well lets that in with so much to spare all round, mm. Ours. */
const SAUCER = { overFoot: 2.1, spare: 2 };

/** A saucer for a foot so wide, finished mm: a plate whose well takes the foot; nobody holds to its sizes yet. */
export function saucerFor(footDiameter: number): Pick<Part, 'family' | 'manner' | 'sizes'> {
  const { typical, manner } = FAMILIES.plate;
  const { rimDiameter = 0, rimWidth = 0 } = typical;
  const factor = Math.max((SAUCER.overFoot * footDiameter) / rimDiameter, (footDiameter + 2 * SAUCER.spare) / (rimDiameter - 2 * rimWidth));
  const sizes = Object.entries(typical).map(([name, mm]) => [name, [{ mm: rounded(mm * factor), at: 'glazed', free: true }]]);
  return { family: 'plate', manner, sizes: Object.fromEntries(sizes) as KnownSizes };
}

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
  const givenIn = (sizes: Readonly<Partial<Record<SizeName, number>>>) => {
    const given = givenWay(formOf(shape, 'glazed', sizes), 'glazed', Object.keys(sizes) as SizeName[])?.sizes;
    return given ? [Object.fromEntries(Object.entries(given).map(([name, mm]) => [name, rounded(mm)])), given] : [];
  };
  // a small one may be impossible in this family, whatever gives way: then the smallest that is not
  const larger = Array.from({ length: 12 }, (_, i) => alike * 1.15 ** i).filter((f) => f === alike || f < 1);
  const tries: Readonly<Partial<Record<SizeName, number>>>[] = [
    ...(near ? givenIn(own(across, up)) : []),
    ...givenIn(own(alike, alike)),
    ...larger.map((f) => own(f, f)),
    typical,
  ];
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
