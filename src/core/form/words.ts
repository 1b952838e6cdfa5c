import { FAMILIES, sizesTogether } from './families';
import type { FamilyName } from './family';

/** Why so many lengths are not taken together for a form: it has fewer. */
export const tooManyWords = (family: FamilyName): string =>
  `A ${FAMILIES[family].words.split(',')[0]!.toLowerCase()} has ${sizesTogether(family).length === 2 ? 'two: enter its width and its height' : 'three: enter its width, its short side and its height'}.`;

/** A form's outer sizes as people say them: length × width × height of what has sides, across × height of what is round. */
export function overallWords(
  { rimDiameter, rimAcross, height }: { readonly rimDiameter: number; readonly rimAcross?: number; readonly height: number },
  length: (mm: number) => string,
): string {
  return rimAcross === undefined
    ? `⌀ ${length(rimDiameter)} × ${length(height)}`
    : `${length(rimDiameter)} × ${length(rimAcross)} × ${length(height)}`;
}
