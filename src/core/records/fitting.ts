import type { Stage } from '@/core/clay';
import { FITS, type Fit, type GapRange, type SeatShare } from '@/core/fit';
import type { TOOL_SD } from '@/core/sizing';
import { type Stock, isRigidLot } from './stock';
import { type FamilyName, isDisc } from '@/core/form';

/** What a piece is to fit with, and what is chosen about it. Lengths in mm. */
export interface Fitting {
  /** A bought thing of the kit, a lid of clay to be made for this pot, a pot in the hand that this piece is the lid of, or a part of this or another piece. */
  readonly with: 'stock' | 'lid' | 'pot' | 'part';
  /** Which part, where it is one. */
  readonly ref?: string | undefined;
  readonly stockId?: string | undefined;
  /** The lid goes over the rim's outside rather than into the mouth. */
  readonly over?: boolean | undefined;
  /** Easy unless said; `cover` may slide as far as it still covers the mouth, `own` is a gap of the maker's. */
  readonly fit?: FitClass | undefined;
  readonly gap?: GapRange | undefined;
  /** How far a cover stands out beyond the mouth all round, finished. */
  readonly overhang?: number | undefined;
  /** Which share of a stopper may go in. */
  readonly share?: SeatShare | undefined;
  /** This piece as it is now, where it was measured on the way: its stage, the width that meets the other, and that of a tapered mouth where the lid ends in it. */
  readonly now?: { readonly at: Stage; readonly mm: number; readonly below?: number | undefined } | undefined;
  /** The lid to be made, or the pot in the hand. */
  readonly other?: OtherSide | undefined;
  /** This piece is the lid, though it is no flat disc. */
  readonly lid?: boolean | undefined;
  /** How a lid that lies on the rim is kept in the mouth; by an insert unless said. */
  readonly held?: Held | undefined;
  /** How far the lid hangs into the mouth, finished: where that narrows below the rim the lid touches there first. */
  readonly depth?: number | undefined;
  /** Lid and pot are not fired together. */
  readonly apart?: boolean | undefined;
  readonly tool?: keyof typeof TOOL_SD | undefined;
  readonly dried?: Drying | undefined;
  /** A finished batch to be paired: mouths and lids as measured. */
  readonly batch?: { readonly mouths: readonly number[]; readonly lids: readonly number[] } | undefined;
  /** Aimed on the tight side: a mouth can still be opened and a lid trimmed, but not the other way. */
  readonly narrow?: boolean | undefined;
  /** What a loose one then costs beside a tight one. */
  readonly cost?: number | undefined;
  /** Glaze on each touching face, finished. */
  readonly glaze?: number | undefined;
}

/** The lid to be made, or the pot in the hand, as measured. mm */
export interface OtherSide {
  readonly at?: Stage | undefined;
  /** Its width there; of several the mean. */
  readonly mm?: number | undefined;
  /** How much several differ, sd: one lid for any of many pots. */
  readonly spread?: number | undefined;
  /** Of a tapered mouth: its width where the lid ends in it, the second gauge. */
  readonly below?: number | undefined;
  /** Its clay, where that is another. */
  readonly bodyId?: string | undefined;
}

/** What holds a lid in the mouth: a smaller disc, a coil put on and pared, or a flange thrown with it. */
export const HELD = ['insert', 'coil', 'flange'] as const;

export type Held = (typeof HELD)[number];

/** Whether a piece is the lid of what it is to fit with: a flat round one is, wherever it meets another piece, and one that says so. */
export const isLid = ({ family }: { readonly family: FamilyName }, fitting: Fitting): boolean =>
  fitting.with === 'pot' || (fitting.with === 'part' && (isDisc(family) || fitting.lid === true));

/** Which size of a piece meets the other: of a lid with a side that goes over a rim the inside of its own mouth. */
export const meetingSize = (part: { readonly family: FamilyName }, fitting: Fitting): 'rimDiameter' | 'mouthInside' =>
  isLid(part, fitting) === (fitting.over === true) && !isDisc(part.family) ? 'mouthInside' : 'rimDiameter';

/** What is chosen of a fit as far as it applies: nothing but a lid goes over a rim, and what was said for one is no word on a stopper. */
export const asMeant = (fitting: Fitting, lot: Stock | undefined): Fitting =>
  fitting.over && (fitting.with === 'pot' || (lot && !isRigidLot(lot))) ? { ...fitting, over: undefined } : fitting;

/** Whether a gap between two widths is asked for: a stopper seats by its depth, a gasket takes what it takes, a shelf has room. */
export const asksGap = (fitting: Fitting, lot: Stock | undefined): boolean =>
  fitting.with !== 'stock' || (lot !== undefined && isRigidLot(lot));

/** Whether the width that has to be right is the mouth's inside. */
export const meetsInside = (part: { readonly family: FamilyName; readonly fit?: Fitting | undefined }): boolean =>
  part.fit !== undefined && !isLid(part, part.fit) && part.fit.over !== true;

export type FitClass = Fit | 'cover' | 'own';

/** How lid and pot are dried and fired, with the sd of how oval they come out, mm. The middle one is usual; the others ours. */
export const DRYING = { on: 0.4, apart: 0.6, hurried: 1 } as const;

export type Drying = keyof typeof DRYING;

/** How far a cover stands out beyond the mouth, finished: its grip. */
export const USUAL_OVERHANG = 6;

/** How far a lid hangs into a mouth unless said, finished. Ours. */
export const USUAL_DEPTH = 10;

/** A cover's insert is at least as loose as a roomy one. */
const COVER_LEAST = FITS.roomy.min;

const OWN_GAP: GapRange = { min: 0.5, max: 2 };

/** How much is left above a piece in a cupboard unless said: a hand has to get it out. Ours. */
export const SHELF_GAP: GapRange = { min: 5, max: 30 };

/** The finished gap a fitting asks for. Pushed aside a cover moves by half the gap, and still reaches the far side of the mouth. */
export function gapRangeOf({ fit = 'easy', gap, overhang = USUAL_OVERHANG }: Fitting): GapRange {
  if (fit === 'own') return gap ?? OWN_GAP;
  return fit === 'cover' ? { min: COVER_LEAST, max: Math.max(COVER_LEAST + 0.5, 2 * overhang) } : FITS[fit];
}
