import type { FamilyName, Manner } from '@/core/form';
import type { Hand } from '@/core/handbuild';
import type { Way } from '@/core/sizing';

/** A way of making, on the wheel or by hand. */
export type AnyWay = Way | Exclude<Hand, 'wheel'>;

/** The words below read as one sentence: a cup with a flat foot, thrown with its foot trimmed, in … */
export const WAY_WORDS: Record<AnyWay, string> = {
  trimmed: 'thrown with its foot trimmed',
  thickness: 'thrown thin, untrimmed',
  plaster: 'thrown on a plaster bat',
  own: 'trimmed my way',
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
  profile: 'a profile of my own',
  box: 'a box or tray',
  oval: 'an oval',
  faceted: 'a faceted piece',
  tile: 'a tile',
};

export const MANNER_WORDS: { readonly [M in keyof Manner]-?: Record<NonNullable<Manner[M]>, string> } = {
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
};
