import type { Hand } from '@/core/handbuild';
import type { Drying, Run } from '@/core/records';
import type { Way } from '@/core/sizing';

/** A way of making, on the wheel or by hand. */
export type AnyWay = Way | Exclude<Hand, 'wheel'>;

/** The words below read as one sentence: a cup with a flat foot, thrown with its foot trimmed, in … */
export const WAY_WORDS: Record<AnyWay, string> = {
  trimmed: 'thrown with its foot trimmed',
  thickness: 'thrown to thickness, not trimmed',
  plaster: 'thrown on a plaster bat',
  own: 'thrown, with my own trimming',
  slab: 'built from slabs',
  former: 'formed in or over a former',
  coil: 'pinched and coiled',
};

/** How a run was made, as a word. */
export const wayWords = ({ by, way }: Pick<Run, 'by' | 'way'>): string => WAY_WORDS[by === 'wheel' ? way : by];

/** How a run was dried, whatever it is. */
export const DRIED_WORDS: Record<Drying, string> = {
  on: 'slowly, covered',
  apart: 'uncovered',
  hurried: 'quickly',
};
