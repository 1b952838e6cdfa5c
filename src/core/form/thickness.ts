import { medianOf } from '@/core/units';
import { FAMILIES } from './families';
import type { FamilyName } from './family';
import type { Form } from './form';
import type { SizeName } from './sizes';

/** How the clay is made into a wall. */
export type MadeBy = 'wheel' | 'slab' | 'coil' | 'former';

/** How firm a slab is when its wall is stood up. */
export type Firmness = 'soft' | 'half' | 'leather';

/** What a thickness goes by: the form and its size, finished mm. */
export interface ThicknessOf {
  readonly family: FamilyName;
  readonly by: MadeBy;
  /** How much thicker than stoneware the clay is usually worked. */
  readonly kind: 'earthenware' | 'stoneware' | 'porcelain' | 'architectural';
  /** The widest; `across` where it is narrower the other way. */
  readonly width: number;
  readonly across?: number | undefined;
  readonly height?: number | undefined;
}

/** A piece of the maker's own, finished mm. */
export interface OwnThickness {
  readonly width: number;
  readonly height: number;
  readonly across?: number | undefined;
  readonly wall: number;
  readonly floor?: number | undefined;
}

export interface Thickness {
  /** The size it goes by, mm. */
  readonly size: number;
  readonly wall: number;
  /** Of a thrown bowl, which thickens towards its foot. */
  readonly wallAtFoot: number | undefined;
  /** None of a disc or a tile. */
  readonly floor: number | undefined;
  /** True while it is a rule of thumb; false once three pieces of one's own say otherwise. */
  readonly assumed: boolean;
}

const BY_CLAY = { earthenware: 1.1, stoneware: 1, porcelain: 0.8, architectural: 1.25 } as const;
/** No rule goes beyond, mm. */
const WALLS = [2.5, 20] as const;
const FLOORS = [3, 25] as const;
/** Thrown, a piece is so many times as large as its wall is thick. */
const SIZE_OVER_WALL = 25;
/** A thrown bowl is so many times as thick at its foot. */
const AT_FOOT = 1.4;
/** Own pieces as large within this factor speak of it, from three on. */
const NEAR_IN_SIZE = 1.5;
const FEWEST_OWN = 3;

const bounded = (mm: number, [least, most]: readonly [number, number]): number => Math.min(most, Math.max(least, mm));
/** To half a millimetre, halves up. */
const toHalf = (mm: number): number => Math.floor(mm * 2 + 0.5 + 1e-9) / 2;

function sizeOf(family: FamilyName, { width, across, height = 0 }: Pick<ThicknessOf, 'width' | 'across' | 'height'>): number {
  const wide = across === undefined ? width : Math.sqrt(width * across);
  return FAMILIES[family].liesFlat ? wide : Math.sqrt(height * wide);
}

/** The rule at a size: walls and floors grow with it. Ours. */
function rule({ family, by, kind }: Pick<ThicknessOf, 'family' | 'by' | 'kind'>, size: number): { wall: number; floor: number } {
  const clay = BY_CLAY[kind];
  if (FAMILIES[family].solid) return { wall: bounded((4 + size / 30) * clay, WALLS), floor: 0 };
  if (FAMILIES[family].broadRim) {
    const floor = (size / 40) * clay;
    return { wall: bounded(0.9 * floor, WALLS), floor: bounded(floor, FLOORS) };
  }
  if (by !== 'wheel') {
    const both = (3 + size / 30) * clay;
    return { wall: bounded(both, WALLS), floor: bounded(both, FLOORS) };
  }
  const wall = (size / (FAMILIES[family].sizeOverWall ?? SIZE_OVER_WALL)) * clay;
  return { wall: bounded(wall, WALLS), floor: bounded(1.25 * wall, FLOORS) };
}

/**
 * How thick a wall and a floor usually are, finished mm, by form, making, clay and size; of one's own pieces of about that size, from
 * three on, as many times the rule as those were. Walls follow size: a cup of 60 has none of a jar's of 500.
 *
 * @param own one's own pieces of the same clay, making and form
 * @example thicknessOf({ family: 'cylinder', by: 'wheel', kind: 'stoneware', width: 90, height: 100 }).wall // 4
 */
export function thicknessOf(of: ThicknessOf, own: readonly OwnThickness[] = []): Thickness {
  const size = sizeOf(of.family, of);
  const ruled = rule(of, size);
  const near = own.flatMap((piece) => {
    const ownSize = sizeOf(of.family, piece);
    return Math.max(ownSize / size, size / ownSize) <= NEAR_IN_SIZE ? [{ piece, at: rule(of, ownSize) }] : [];
  });
  const learned = near.length >= FEWEST_OWN;
  const floors = near.flatMap(({ piece, at }) => (piece.floor && at.floor > 0 ? [piece.floor / at.floor] : []));
  const wall = ruled.wall * (learned ? medianOf(near.map(({ piece, at }) => piece.wall / at.wall)) : 1);
  const floor = ruled.floor * (learned && floors.length > 0 ? medianOf(floors) : 1);
  return {
    size,
    wall: toHalf(wall),
    wallAtFoot: FAMILIES[of.family].thickFoot && of.by === 'wheel' ? toHalf(AT_FOOT * wall) : undefined,
    floor: FAMILIES[of.family].solid ? undefined : toHalf(floor),
    assumed: !learned,
  };
}

/** A wall stands so many times as high as it is thick while it is wet. Ours. */
const STANDS = { wheel: 30, coil: 10, soft: 12, half: 20, leather: 40 } as const;

/** Whether a wall stands while it is wet, and in how many courses it does, firming between. */
export interface Standing {
  readonly ratio: number;
  readonly limit: number;
  readonly courses: number;
}

/** Of what lies flat there is nothing to stand. */
export function standingOf(
  { family, by, height }: Pick<ThicknessOf, 'family' | 'by' | 'height'>,
  wall: number,
  firm: Firmness = 'soft',
): Standing | undefined {
  if (FAMILIES[family].liesFlat || height === undefined) return undefined;
  const limit = by === 'wheel' || by === 'coil' ? STANDS[by] : STANDS[firm];
  const ratio = height / wall;
  return { ratio, limit, courses: Math.ceil(ratio / limit - 1e-9) };
}

const WIDE: readonly SizeName[] = ['rimDiameter', 'bodyDiameter', 'bellyDiameter', 'neckDiameter', 'baseDiameter'];
const ACROSS: readonly SizeName[] = ['rimAcross', 'baseAcross'];

/** The finished sizes of a form that its thickness goes by, mm: an own profile may bulge beyond its mouth. */
export function extentOf({ sizes, knots = [] }: Form<'glazed'>): Pick<ThicknessOf, 'width' | 'across' | 'height'> {
  const most = (names: readonly SizeName[]) => Math.max(0, ...names.map((name) => sizes[name] ?? 0));
  const across = most(ACROSS);
  const bulges = sizes.rimDiameter * Math.max(0, ...knots.map(({ r }) => r));
  return { width: Math.max(most(WIDE), bulges), across: across > 0 ? across : undefined, height: sizes.height };
}

/** How a form is made, which of its thicknesses nobody entered, and the maker's own pieces of it. */
export interface ThicknessesOf extends Pick<ThicknessOf, 'by' | 'kind'> {
  readonly free: readonly SizeName[];
  /** The foot of its family's usual piece over the wall there. */
  readonly atFoot?: number | undefined;
  readonly own?: readonly OwnThickness[] | undefined;
}

/**
 * The thicknesses of a form that nobody entered, finished mm. What was entered leads: a floor goes with its wall, a slab's is cut from the
 * slab of the wall (ours; the rule says it of suggested walls).
 */
export function thicknessesOf(form: Form<'glazed'>, { by, kind, free, atFoot, own }: ThicknessesOf): Partial<Record<SizeName, number>> {
  const { family, sizes } = form;
  const rule = thicknessOf({ family, by, kind, ...extentOf(form) }, own);
  const wall = free.includes('wall') ? rule.wall : (sizes.wall ?? rule.wall);
  const entered = sizes.wall !== undefined && !free.includes('wall');
  const floorOf = by === 'slab' && !FAMILIES[family].liesFlat ? wall : entered ? besideWall(family, by, wall) : (rule.floor ?? wall);
  const foot = rule.wallAtFoot === undefined ? atFoot && toHalf(atFoot * wall) : entered ? toHalf(AT_FOOT * wall) : rule.wallAtFoot;
  const all: Partial<Record<SizeName, number>> = FAMILIES[family].solid
    ? { height: rule.wall }
    : { wall, floor: floorOf, ...(foot && { wallAtFoot: foot }) };
  return Object.fromEntries(Object.entries(all).filter(([name]) => free.includes(name as SizeName)));
}

/** The floor that goes with a wall that was entered, mm. */
function besideWall(family: FamilyName, by: MadeBy, wall: number): number {
  const times = FAMILIES[family].broadRim ? 1 / 0.9 : by === 'wheel' ? 1.25 : 1;
  return toHalf(bounded(times * wall, FLOORS));
}
