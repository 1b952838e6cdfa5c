import type { Knot } from './curve';
import type { Outline } from './section';
import type { SizeName, SizeSpec } from './sizes';
import type { Walls } from './walled';

export const FAMILY_NAMES = [
  'cylinder',
  'flared',
  'bowl',
  'plate',
  'jar',
  'bottle',
  'disc',
  'profile',
  'box',
  'oval',
  'faceted',
  'tile',
] as const;
export type FamilyName = (typeof FAMILY_NAMES)[number];

/** What is chosen rather than measured. */
export interface Manner {
  /** A foot left flat, or a ring turned under it. */
  readonly foot?: 'flat' | 'ring' | undefined;
  /** How a bowl's wall runs from foot to rim. */
  readonly curve?: 'round' | 'deep' | 'shallow' | undefined;
  /** A jar's mouth: plain, or with a ledge for a lid. */
  readonly mouth?: 'plain' | 'gallery' | undefined;
  /** How many sides a faceted piece has. */
  readonly sides?: '3' | '4' | '5' | '6' | '7' | '8' | '9' | '10' | '12' | undefined;
}

/** What each manner is called inside a sentence. */
export const MANNERS = {
  foot: { flat: 'a flat foot', ring: 'a foot ring' },
  curve: { round: 'a round curve', deep: 'a deep curve', shallow: 'a shallow curve' },
  mouth: { plain: 'a plain mouth', gallery: 'a gallery' },
  sides: {
    3: '3 sides',
    4: '4 sides',
    5: '5 sides',
    6: '6 sides',
    7: '7 sides',
    8: '8 sides',
    9: '9 sides',
    10: '10 sides',
    12: '12 sides',
  },
} as const satisfies { [M in keyof Manner]-?: Record<NonNullable<Manner[M]>, string> };

/** Sizes by name, mm, with what stands for those left out. */
export type SizeOf = (name: SizeName) => number;

/** What makes a form impossible: the size to change and what would do. */
export interface Fault {
  readonly size: SizeName;
  readonly why: string;
}

export interface Family {
  readonly words: string;
  /** Clay data where it is chosen. */
  readonly about: string;
  /** Its sizes in the order people name them. */
  readonly sizes: readonly SizeName[];
  /** What its sizes are called where that is not what others call them. */
  readonly names?: Readonly<Partial<Record<SizeName, Pick<SizeSpec, 'words' | 'row'>>>> | undefined;
  readonly choices: readonly (keyof Manner)[];
  /** A finished piece to start from, mm. */
  readonly typical: Readonly<Partial<Record<SizeName, number>>>;
  readonly manner: Manner;
  /** Not round: built by hand, never thrown. */
  readonly flatSided?: true | undefined;
  /** Clay all through: it has no wall, no floor and no rim to cut, and holds nothing. Its height is its thickness. */
  readonly solid?: true | undefined;
  /** It lies while it dries: no wall has to stand, and wide ones warp. */
  readonly liesFlat?: true | undefined;
  /** Its rim is a broad band that is measured and made apart from the well. */
  readonly broadRim?: true | undefined;
  /** It may be made without a floor, its floor's size then 0: a tube, a sleeve, a frame. It holds nothing. */
  readonly mayBeOpen?: true | undefined;
  /** It closes in to a neck. */
  readonly necked?: true | undefined;
  /** How slabs make it: a strip stood up round a base, panels, one disc with darts cut out of it, or nothing but a flat slab. */
  readonly slabs: 'strip' | 'panels' | 'darts' | 'flat';
  /** How its panels meet is chosen. */
  readonly cornersChosen?: true | undefined;
  /** Thrown, it is so many times as large as its wall is thick; 25 unless said. */
  readonly sizeOverWall?: number | undefined;
  /** Thrown, its wall thickens towards the foot. */
  readonly thickFoot?: true | undefined;
  /** The points a new profile starts with, as shares of mouth radius and height. */
  readonly knots?: readonly Knot[] | undefined;
  /** n points for each curve. */
  readonly outline: (size: SizeOf, manner: Manner, n: number, knots: readonly Knot[]) => Outline;
  /** Relations between sizes that hold in every such form; the first that does not. */
  readonly fault: (size: SizeOf, manner: Manner, write: (mm: number) => string, knots: readonly Knot[]) => Fault | undefined;
}

/** What a form with a wall and a foot has below its other sizes, in the order people name it. */
export const WALL_AND_FOOT = ['wall', 'wallAtFoot', 'floor', 'footHeight', 'footWidth', 'bevel'] as const satisfies readonly SizeName[];

export const hasRing = ({ foot }: Manner): boolean => foot === 'ring';

export function wallsOf(size: SizeOf, manner: Manner): Walls {
  const ring = hasRing(manner) ? { height: size('footHeight'), width: size('footWidth') } : undefined;
  return { wall: size('wall'), wallAtFoot: size('wallAtFoot'), floor: size('floor'), ring, bevel: size('bevel') };
}

/** The first fault of several. */
export const firstOf = (...faults: readonly (Fault | undefined | false)[]): Fault | undefined =>
  faults.find((fault): fault is Fault => Boolean(fault));

/** Height below the floor's top, mm. */
export const floorTop = (size: SizeOf, manner: Manner): number => size('floor') + (hasRing(manner) ? size('footHeight') : 0);

export const degrees = (dr: number, dz: number): number => (Math.atan2(Math.abs(dr), dz) * 180) / Math.PI;

export type Write = (mm: number) => string;

/** What holds for every form with a wall and a floor. `room` is its narrowest radius, `draws` how the wall draws in from the foot (dr/dz). */
export function wallFault(size: SizeOf, manner: Manner, write: Write, room: number, draws = 0): Fault | undefined {
  const top = floorTop(size, manner);
  const thick = Math.max(size('wall'), size('wallAtFoot'));
  return firstOf(
    top >= size('height') && {
      size: 'floor',
      why: `The floor (${write(size('floor'))}) would reach the rim. ${lessThan(size('height') - top + size('floor'), write, 'Make the piece taller, or the foot ring lower.')}`,
    },
    thick > room * 0.8 && {
      size: size('wall') >= size('wallAtFoot') ? 'wall' : 'wallAtFoot',
      why: `The wall (${write(thick)}) is thicker than the piece is wide inside. ${lessThan(room * 0.8, write, 'Make the piece wider.')}`,
    },
    ringFault(size, manner, write, draws),
  );
}

/** A bevel leaves a foot to stand on, and clay over it. */
function bevelFault(size: SizeOf, manner: Manner, write: Write): Fault | undefined {
  const thick = Math.min(size('floor') || Infinity, size('wallAtFoot'));
  const most = hasRing(manner) ? size('footWidth') / 2 : thick * 0.8;
  const why = `A bevel of ${write(size('bevel'))} cuts too far into the foot. Make it at most ${write(most)}.`;
  return size('bevel') > most + 1e-9 ? { size: 'bevel', why } : undefined;
}

export function ringFault(size: SizeOf, manner: Manner, write: Write, draws = 0): Fault | undefined {
  if (hasRing(manner) && size('floor') === 0)
    return { size: 'floor', why: 'A foot ring needs a floor above it. Enter how thick the floor is, or leave the foot flat.' };
  const bevelled = bevelFault(size, manner, write);
  if (bevelled || !hasRing(manner)) return bevelled;
  const most = size('baseDiameter') * 0.4;
  const fewest = draws * size('footHeight') * 1.3;
  return firstOf(
    size('footWidth') > most && {
      size: 'footWidth',
      why: `A foot ring ${write(size('footWidth'))} wide leaves no hollow. Make it less than ${write(most)}, or leave the foot flat.`,
    },
    least(size, 'footWidth', fewest, `The wall turns in above the foot ring. Make the ring at least ${write(fewest)} wide, or lower.`),
    size('footHeight') > size('height') * 0.5 && {
      size: 'footHeight',
      why: `A foot ring ${write(size('footHeight'))} high is more than half the height. Make it less than ${write(size('height') * 0.5)}.`,
    },
  );
}

/** What would do where a size may be less than something; where that is nothing a potter can make, what else would. */
export const lessThan = (mm: number, write: Write, otherwise: string): string =>
  mm >= 0.5 ? `Make it less than ${write(mm)}.` : otherwise;

export const least = (size: SizeOf, name: SizeName, mm: number, why: string): Fault | false =>
  size(name) < mm - 1e-9 && { size: name, why };
