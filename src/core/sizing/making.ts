import { LARGEST_MM } from '@/core/form';
import { type Result, bad, good } from '@/core/units';

/** What goes between the ball and the trimmed wet piece. Lengths in mm on the WET piece; percent of the ball; grams of wet clay. */
export interface Making {
  /** Turned or cut off under the floor. */
  readonly trimFloor: number;
  /** Turned off the lower wall, measured across. */
  readonly trimWall: number;
  /** Up to which height of the wet piece the wall is turned; a third of it unless said, never more than all of it. */
  readonly trimWallHeight?: number | undefined;
  /** Cut level at the rim with the needle. */
  readonly rimCut: number;
  /** Left on the bat by the cutting wire. */
  readonly wireLoss: number;
  /** Lost as slurry on hands and in the bucket, percent of the ball. */
  readonly slurryPercent: number;
  /** Handle, knob or spout, weighed apart, wet. */
  readonly attachedMass?: number | undefined;
  /** Turned off the whole outside, measured across. */
  readonly wholeWall?: number | undefined;
  /** Carved or fluted away, on average over the band, measured across. */
  readonly carveDepth?: number | undefined;
  /** How high the carved band is, about the middle of the height. */
  readonly carveHeight?: number | undefined;
  /** Cut off the edge of a centred disc, measured across. */
  readonly edgeCut?: number | undefined;
  /** Ground off the rim to level it, as wet height. */
  readonly rimGround?: number | undefined;
}

export const NOTHING_LOST: Making = { trimFloor: 0, trimWall: 0, rimCut: 0, wireLoss: 0, slurryPercent: 0 };

/** The making of what has no rim, a disc: nothing is cut or ground off one. */
export const withoutRim = (making: Making): Making => ({ ...making, rimCut: 0, rimGround: undefined });

/** The making of what has no floor: nothing is turned off its wall (how-it-computes.md, The ball). */
export const withoutTrimmedWall = (making: Making): Making => ({ ...making, trimWall: 0 });

/** Ways of working, each with the allowances it starts from; `own` keeps what the maker set. how-it-computes.md, The ball. */
export const WAYS = {
  trimmed: { trimFloor: 4, trimWall: 1.5, rimCut: 2, wireLoss: 1, slurryPercent: 3 },
  thickness: { trimFloor: 0, trimWall: 0, rimCut: 2, wireLoss: 1, slurryPercent: 3 },
  plaster: { trimFloor: 0, trimWall: 0, rimCut: 2, wireLoss: 0, slurryPercent: 3 },
} satisfies Record<string, Making>;

export const MAKING_WAYS = ['trimmed', 'thickness', 'plaster', 'own'] as const;
export type Way = (typeof MAKING_WAYS)[number];

/** The most each allowance may be: beyond it is a slip of the pen. mm, percent, g. */
export const MAKING_MOST: Record<keyof Making, number> = {
  trimFloor: 100,
  trimWall: 100,
  trimWallHeight: LARGEST_MM,
  rimCut: 200,
  wireLoss: 20,
  slurryPercent: 50,
  attachedMass: 50000,
  wholeWall: 100,
  carveDepth: 50,
  carveHeight: LARGEST_MM,
  edgeCut: 200,
  rimGround: 50,
};

export const MAKING_WORDS: Record<keyof Making, string> = {
  trimFloor: 'trimmed off base',
  trimWall: 'trimmed off wall',
  trimWallHeight: 'trimmed up to',
  rimCut: 'cut off rim',
  wireLoss: 'left under the wire',
  slurryPercent: 'lost as slurry',
  attachedMass: 'handles and knobs',
  wholeWall: 'trimmed off the whole wall',
  carveDepth: 'carved away',
  carveHeight: 'height of the carved band',
  edgeCut: 'cut off the edge',
  rimGround: 'ground off the rim',
};

/** Refuses allowances that are negative or beyond reason, with the field named. */
export function checkMaking(making: Making): Result<Making> {
  for (const key of Object.keys(MAKING_MOST) as (keyof Making)[]) {
    const value = making[key];
    if (value === undefined) continue;
    if (!Number.isFinite(value) || value < 0) return bad(key, `The amount ${MAKING_WORDS[key]} cannot be below zero.`);
    if (value > MAKING_MOST[key]) return bad(key, `The amount ${MAKING_WORDS[key]} is ${value}. The most allowed is ${MAKING_MOST[key]}.`);
  }
  return good(making);
}
