import { bottle, jar, profile } from './closed-families';
import type { Family, FamilyName, Manner } from './family';
import { disc, plate } from './flat-families';
import { bowl, cylinder, flared } from './open-families';
import type { SizeName } from './sizes';

export const FAMILIES: Readonly<Record<FamilyName, Family>> = { cylinder, flared, bowl, plate, jar, bottle, disc, profile };

/** Sizes that may be left out: the wall at the foot is then that of the rim; a ring's are only needed with a ring. */
export function isNeeded(name: SizeName, { foot, mouth }: Manner): boolean {
  if (name === 'wallAtFoot') return false;
  if (name === 'footHeight' || name === 'footWidth') return foot === 'ring';
  return name === 'galleryWidth' || name === 'galleryDepth' ? mouth === 'gallery' : true;
}
