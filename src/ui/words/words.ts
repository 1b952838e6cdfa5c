import { type FamilyName, overallWords } from '@/core/form';

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
