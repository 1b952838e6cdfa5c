import { type Length, type Shrinkage, type Stage, convert } from '@/core/clay';
import { type Result, bad, good } from '@/core/units';
import type { Section } from './section';

/**
 * A straight or tapered cup at stage S, outside sizes in mm. Wall thickness is measured square to the surface,
 * floor thickness along the axis.
 */
export interface Cup<S extends Stage> {
  readonly family: 'cylinder';
  readonly height: Length<S>;
  readonly rimDiameter: Length<S>;
  readonly baseDiameter: Length<S>;
  readonly wall: Length<S>;
  readonly floor: Length<S>;
}

/** The sizes of a cup in the order people name them, each with the direction it shrinks in. */
export const CUP_SIZES = ['height', 'rimDiameter', 'baseDiameter', 'wall', 'floor'] as const;

export type CupSize = (typeof CUP_SIZES)[number];

export const SHRINKS: Record<CupSize, 'width' | 'height'> = {
  height: 'height',
  rimDiameter: 'width',
  baseDiameter: 'width',
  wall: 'width',
  floor: 'height',
};

export const SIZE_WORDS: Record<CupSize, string> = {
  height: 'height',
  rimDiameter: 'width at the mouth',
  baseDiameter: 'width at the base',
  wall: 'wall',
  floor: 'floor',
};

/** Larger than any kiln that a size calculator should be asked about, mm. */
export const LARGEST_MM = 3000;
/** A wall leaning further than this from upright is not a cup. */
const STEEPEST_LEAN_DEGREES = 60;

/** Horizontal thickness of the wall, mm: wall / cos a, cos a = H / hypot(H, R_rim - R_base). */
function wallAcross<S extends Stage>(cup: Cup<S>): number {
  const lean = (cup.rimDiameter - cup.baseDiameter) / 2;
  return (cup.wall * Math.hypot(cup.height, lean)) / cup.height;
}

/** Radius of the outside, mm, at height z above the foot. */
export const outerRadius = <S extends Stage>(cup: Cup<S>, z: number): number =>
  (cup.baseDiameter + ((cup.rimDiameter - cup.baseDiameter) * z) / cup.height) / 2;

/** Radius of the inside, mm, at height z above the foot, floor to rim. */
export const innerRadius = <S extends Stage>(cup: Cup<S>, z: number): number => outerRadius(cup, z) - wallAcross(cup);

/**
 * Whether such a cup can be made at all. The problem names the field and says what would do;
 * `write` puts a length into the reader's units.
 */
export function checkCup<S extends Stage>(cup: Cup<S>, write: (mm: number) => string): Result<Cup<S>> {
  for (const size of CUP_SIZES) {
    const value = cup[size];
    if (!Number.isFinite(value) || value <= 0) return bad(size, `The ${SIZE_WORDS[size]} must be above zero.`);
    if (value > LARGEST_MM) return bad(size, `The ${SIZE_WORDS[size]} is ${write(value)}; the most is ${write(LARGEST_MM)}.`);
  }
  if (cup.floor >= cup.height) {
    return bad('floor', `The floor (${write(cup.floor)}) would reach the rim. Make it less than the height (${write(cup.height)}).`);
  }
  const lean = (Math.atan2(Math.abs(cup.rimDiameter - cup.baseDiameter) / 2, cup.height) * 180) / Math.PI;
  if (lean > STEEPEST_LEAN_DEGREES) {
    return bad(
      'rimDiameter',
      `The wall would lean ${lean.toFixed(0)} degrees from upright; a cup takes up to ${STEEPEST_LEAN_DEGREES}. Bring mouth and base closer, or make it taller.`,
    );
  }
  const narrowest = Math.min(innerRadius(cup, cup.floor), innerRadius(cup, cup.height));
  if (narrowest <= 0) {
    const most = cup.wall + narrowest * (cup.wall / wallAcross(cup));
    const remedy = most > 0 ? `Make it less than ${write(most)}` : 'Make the piece wider';
    return bad('wall', `The wall (${write(cup.wall)}) is thicker than the piece is wide inside. ${remedy}.`);
  }
  return good(cup);
}

/** The closed section of a cup: out along the foot, up the outside, over the rim, down the inside, in along the floor. */
export function cupSection<S extends Stage>(cup: Cup<S>): Section {
  return [
    { r: 0, z: 0 },
    { r: cup.baseDiameter / 2, z: 0 },
    { r: cup.rimDiameter / 2, z: cup.height },
    { r: innerRadius(cup, cup.height), z: cup.height },
    { r: innerRadius(cup, cup.floor), z: cup.floor },
    { r: 0, z: cup.floor },
  ];
}

/** The closed section of what a cup holds, full to the brim. */
export function cupInside<S extends Stage>(cup: Cup<S>): Section {
  return [
    { r: 0, z: cup.floor },
    { r: innerRadius(cup, cup.floor), z: cup.floor },
    { r: innerRadius(cup, cup.height), z: cup.height },
    { r: 0, z: cup.height },
  ];
}

/** A cup with each size as the function gives it. */
export const cupOf = <S extends Stage>(size: (name: CupSize) => Length<S>): Cup<S> => ({
  family: 'cylinder',
  height: size('height'),
  rimDiameter: size('rimDiameter'),
  baseDiameter: size('baseDiameter'),
  wall: size('wall'),
  floor: size('floor'),
});

/** The same cup at another stage, each size by its own direction. */
export function cupAt<From extends Stage, To extends Stage>(cup: Cup<From>, from: From, to: To, shrinkage: Shrinkage): Cup<To> {
  return cupOf((name) => convert(cup[name], from, to, shrinkage, SHRINKS[name]));
}
