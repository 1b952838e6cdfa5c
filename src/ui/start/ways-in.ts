import type { Stage } from '@/core/clay';
import { FAMILIES, type FamilyName, type SizeName, sizesTogether, tooManyWords } from '@/core/form';
import { type Result, bad, good } from '@/core/units';
import type { Start } from '@/core/part';

export type WayIn = 'finished' | 'wet' | 'hand' | 'holds' | 'ball' | 'fit' | 'sent';

/** What may be known of a piece before there is one, in the potter's words, with the key that opens each. */
export const WAYS_IN: readonly { readonly value: WayIn; readonly key: string; readonly words: string; readonly about: string }[] = [
  { value: 'finished', key: 'f', words: 'A finished size', about: 'the width and height you want out of the kiln' },
  { value: 'wet', key: 'w', words: 'A wet size', about: 'a paper model, a former, or a size you already throw' },
  { value: 'hand', key: 'h', words: 'A piece I have here', about: 'fired or part dry, to remake or to make something for' },
  { value: 'holds', key: 'c', words: 'A capacity', about: 'half a litre, no taller than the shelf' },
  { value: 'ball', key: 'b', words: 'A ball of clay', about: 'how wide a platter or how big a jug it makes' },
  { value: 'fit', key: 'l', words: 'A lid or pot to fit', about: 'a lid, a cork with its taper, or a pot you have' },
  { value: 'sent', key: 's', words: 'A shared link', about: 'a link from another device' },
];

/** What was typed, mm, ml and g. */
export interface Typed {
  readonly across?: number | undefined;
  readonly high?: number | undefined;
  readonly capacityMl?: number | undefined;
  readonly maxHeight?: number | undefined;
  readonly ballG?: number | undefined;
  /** The other width of what is not round. */
  readonly short?: number | undefined;
  readonly foot?: number | undefined;
  readonly wall?: number | undefined;
  /** What the fired piece weighs, with its glaze. */
  readonly weightG?: number | undefined;
  /** A wet height is that of the rim above the bat, or of the trimmed piece. */
  readonly thrown: boolean;
  /** What it must fit: a pot in the hand by its mouth, a bought lid by its width, or a cork by its top, its bottom (`foot`) and its length (`high`). */
  readonly meets: 'pot' | 'lid' | 'cork';
  /** The stage the piece in the hand is at. */
  readonly stage: Stage;
}

const TYPED = { rimDiameter: 'across', rimAcross: 'short', height: 'high' } as const;

/** What several lengths typed together are, as far as a way in has a field for them; says why not, if so. */
export function typedTogether(mm: readonly number[], family: FamilyName, way: WayIn): Result<Partial<Typed>> {
  const sizes = sizesTogether(family).filter((size) => size !== 'rimAcross' || way !== 'ball') as (keyof typeof TYPED)[];
  if (mm.length > sizes.length) return bad('', tooManyWords(family));
  return good(Object.fromEntries(mm.map((each, i) => [TYPED[sizes[i]!], each])));
}

/** What is known by what was typed so far; undefined while that says nothing. */
export function startOf(way: WayIn, typed: Typed): Start | undefined {
  const { across, short, high, capacityMl, maxHeight, ballG, stage, foot, wall, weightG, thrown } = typed;
  if (way === 'sent') return undefined;
  if (way === 'holds') return capacityMl ? { kind: 'holds', capacityMl, maxHeight } : undefined;
  if (way === 'ball') return ballG ? { kind: 'ball', ballG, across, high } : undefined;
  if (way === 'fit') return across && (typed.meets !== 'cork' || (foot && high)) ? { kind: 'size', at: 'glazed', across } : undefined;
  if (!across && !high) return undefined;
  if (way === 'hand')
    return { kind: 'size', at: stage, across, short, high, inHand: { foot, wall, weightG: stage === 'glazed' ? weightG : undefined } };
  return { kind: 'size', at: way === 'finished' ? 'glazed' : 'wet', across, short, high, ...(way === 'wet' && thrown && { thrown }) };
}

/** Where the next figure goes, in the piece that was started. */
export function nextSize(start: Start, family: FamilyName): { readonly size: SizeName; readonly at: Stage } {
  const at = start.kind === 'size' ? start.at : 'glazed';
  if (start.kind === 'holds') return { size: 'rimDiameter', at };
  if (!start.high) return { size: 'height', at };
  const across = start.kind === 'size' && FAMILIES[family].sizes.includes('rimAcross') && !start.short;
  return { size: across ? 'rimAcross' : start.across ? 'baseDiameter' : 'rimDiameter', at };
}
