import { type FamilyName, overallWords } from '@/core/form';
import type { Hand } from '@/core/handbuild';
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

export const FORM_WORDS: Record<FamilyName, string> = {
  cylinder: 'a cup',
  flared: 'a cup with a flared lip',
  bowl: 'a bowl',
  plate: 'a plate',
  jar: 'a jar',
  bottle: 'a bottle or vase',
  disc: 'a disc',
  profile: 'my own profile',
  box: 'a box or tray',
  oval: 'an oval',
  faceted: 'a faceted piece',
  tile: 'a tile',
};

/** Sizes over all, where there may be no room for them in one line: broken only after a ×. */
export const overallText = (sizes: Parameters<typeof overallWords>[0], length: (mm: number) => string): string =>
  overallWords(sizes, length).replace('⌀ ', '⌀\u00a0').replaceAll(' × ', '\u00a0× ');
