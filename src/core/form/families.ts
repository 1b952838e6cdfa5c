import { bottle, jar, profile } from './closed-families';
import { FAMILY_NAMES, type Family, type FamilyName, type Manner } from './family';
import { disc, plate } from './flat-families';
import { bowl, cylinder, flared } from './open-families';
import { type SizeName, type SizeSpec, sizeSpec } from './sizes';
import { box, faceted, oval, tile } from './slab-families';

export const FAMILIES: Readonly<Record<FamilyName, Family>> = {
  cylinder,
  flared,
  bowl,
  plate,
  jar,
  bottle,
  disc,
  profile,
  box,
  oval,
  faceted,
  tile,
};

/** A size as it is called in a family. */
export const sizeIn = (family: FamilyName, name: SizeName): SizeSpec => ({ ...sizeSpec(name), ...FAMILIES[family].names?.[name] });

/** Sizes no form needs, and has where they are given: else the wall at the foot is that of the rim, widths inside follow, no bevel is cut. */
export const mayBeGiven = (name: SizeName): boolean => name === 'wallAtFoot' || name === 'bevel' || sizeSpec(name).inside !== undefined;

/** Whether a form made so has to be given a size: a ring's are only needed with a ring. */
export function isNeeded(name: SizeName, { foot, mouth }: Manner): boolean {
  if (mayBeGiven(name)) return false;
  if (name === 'footHeight' || name === 'footWidth') return foot === 'ring';
  return name === 'galleryWidth' || name === 'galleryDepth' ? mouth === 'gallery' : true;
}

/** What several lengths typed together are of, in their order: width and height, the short side between them of what has one. */
export const sizesTogether = (family: FamilyName): readonly SizeName[] =>
  FAMILIES[family].sizes.includes('rimAcross') ? ['rimDiameter', 'rimAcross', 'height'] : ['rimDiameter', 'height'];

/** A round slab of clay, such as a flat lid. */
export const isDisc = (family: FamilyName): boolean => FAMILIES[family].solid === true && !FAMILIES[family].flatSided;

/** Drawn by points of the maker's own. */
export const isDrawn = (family: FamilyName): boolean => FAMILIES[family].knots !== undefined;

/** The families that can be thrown: the round ones. */
export const ROUND_FAMILIES: readonly FamilyName[] = FAMILY_NAMES.filter((name) => !FAMILIES[name].flatSided);
