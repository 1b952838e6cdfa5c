import { type Firmness, standingOf } from '@/core/form';
import { handOf, type SizedPart } from '@/core/part';
import type { Part } from '@/core/records';

const FIRM: readonly { readonly firm: Firmness; readonly words: string }[] = [
  { firm: 'half', words: 'half stiff' },
  { firm: 'leather', words: 'leather hard' },
];

/**
 * Whether the wall of a part stands while it is wet, in words; undefined where it does. how-it-computes.md, Known sizes.
 *
 * @param write puts a length, mm, into the reader's units
 */
export function standsWords(part: Part, { sized }: SizedPart, write: (mm: number) => string): string | undefined {
  const { height, wall } = sized.stages.glazed.sizes;
  const by = handOf(part);
  // in a former it lies, and comes out of it firm
  if (wall === undefined || by === 'former') return undefined;
  const standing = (firm: Firmness) => standingOf({ family: part.family, by, height }, wall, firm);
  const first = standing('soft');
  if (!first || first.courses === 1) return undefined;
  const stands = `A wall of ${write(wall)} stands about ${write(first.limit * wall)} high`;
  if (by === 'wheel') return `${stands} thrown in one go. Throw it in ${first.courses} sections, and let each firm before the next.`;
  if (by === 'coil') return `${stands} in one course of coils. Build it in ${first.courses} courses, and let each firm before the next.`;
  const enough = FIRM.find(({ firm }) => standing(firm)!.courses === 1);
  if (enough) return `${stands} while the slab is soft. Let the slab become ${enough.words} before you stand it up.`;
  const last = standing('leather')!;
  return `${stands} while the slab is soft, and ${write(last.limit * wall)} leather hard. Make it thicker, or build it in ${last.courses} courses.`;
}
