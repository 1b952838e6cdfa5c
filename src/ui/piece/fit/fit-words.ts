import { type DoubtName, type HelpName, chanceWords } from '@/core/fit';
import type { FitWork } from '@/core/fitting';
import type { Drying, FitClass, Fitting, Held } from '@/core/records';

export const WITH_WORDS: Record<Fitting['with'], string> = {
  lid: 'a lid of clay',
  stock: 'a bought lid or stopper',
  pot: 'a pot I have',
  part: 'another part or piece',
};

export const AIM_WORDS = { best: 'best chance of a fit', narrow: 'tight, to be eased later' } as const;

export const PLACE_WORDS = { in: 'into the mouth', over: 'over the rim' } as const;

export const HELD_WORDS: Record<Held, string> = {
  insert: 'a disc under the lid',
  coil: 'a coil flange',
  flange: 'a thrown flange',
};

export const CLASS_WORDS: Record<FitClass, string> = {
  snug: 'snug',
  easy: 'easy',
  roomy: 'roomy',
  cover: 'loose cover',
  own: 'my own gap',
};

export const DRYING_WORDS: Record<Drying, string> = {
  on: 'with the lid on',
  apart: 'apart',
  hurried: 'apart, quickly',
};

export const TOOL_WORDS = { gauge: 'with a gauge or calipers', eye: 'by eye' } as const;

export const DOUBT_WORDS: Record<DoubtName, string> = {
  clay: 'shrinkage of this batch and firing',
  pieces: 'differences between pieces',
  share: 'how far it has shrunk so far',
  hand: 'your hand',
  warp: 'warp',
  stock: 'differences between the bought ones',
};

type End = 'jams' | 'good' | 'loose';

/** What becomes of many: too tight, good, too loose. */
export type Ends = Readonly<Record<End, string>>;

export const endsOf = ({ stopper, stock }: FitWork): Ends => {
  if (stopper) return { jams: 'stop short', good: 'seat well', loose: 'go in too far' };
  if (stock?.kind === 'shelf') return { jams: 'do not go in', good: 'stand well', loose: 'leave too much room' };
  return stock?.kind === 'gasket'
    ? { jams: 'are too narrow', good: 'take the gasket', loose: 'are too wide' }
    : { jams: 'jam', good: 'seat well', loose: 'are loose' };
};

const ONE: Readonly<Record<string, string>> = {
  stop: 'stops',
  seat: 'seats',
  go: 'goes',
  leave: 'leaves',
  are: 'is',
  do: 'does',
  stand: 'stands',
  take: 'takes',
  jam: 'jams',
};

/** The same of one: seats well. */
export const ofOne = (end: string): string => end.replace(/^\w+/, (verb) => ONE[verb] ?? verb);

/** How often it comes to that: 8 in 10 seat well, 1 in 12 stops short. */
export const oddsSaid = (often: string, end: string): string => `${often} ${often.startsWith('1 in') ? ofOne(end) : end}`;

/** A chance beside another: in hundredths where both would read the same. */
export const besideSaid = (chance: number, other: number): string =>
  chanceWords(chance) === chanceWords(other) ? `${Math.round(chance * 100)} in 100` : chanceWords(chance);

/** What is made: which width of what, for the answer. */
export function madeWords({ fitting, side, stopper, stock }: FitWork): string {
  if (stock?.kind === 'shelf') return 'overall height of the piece';
  if (fitting.with === 'pot' || (fitting.with === 'part' && (fitting.lid || (side === 'lid') !== (fitting.over === true))))
    return fitting.lid ? 'this lid, inside' : 'this lid, at the seat';
  if (fitting.with === 'lid') return side === 'lid' ? 'the lid, in the mouth' : 'the lid, inside';
  if (stopper || !fitting.over) return 'the mouth, inside';
  return 'the rim, outside';
}

export const HELP_WORDS: Record<Exclude<HelpName, 'aim'>, string> = {
  bars: 'fire three bars of this batch first',
  pieces: 'two test pieces, measured wet and fired',
  together: 'lid and pot made and fired together',
  leather: 'measure again at leather hard and trim',
  gauge: 'use a gauge or calipers',
  measured: 'measure the other part with calipers',
  warp: 'dry and fire it with the lid on, seats unglazed',
};
