import { type ClayFigures, remaining, wetDensity } from '@/core/clay';
import { radiusAt } from '@/core/form';
import type { Sized } from '@/core/sizing';
import { type Result, bad, good } from '@/core/units';

export const HANDLE_KINDS = { strap: 'Strap', pulled: 'Pulled', coil: 'Coil', twisted: 'Twisted' } as const;
export type HandleKind = keyof typeof HANDLE_KINDS;

/** A handle as it is wanted when finished, mm. */
export interface HandleChoices {
  readonly kind: HandleKind;
  readonly fingers: 1 | 2 | 3 | 4;
  /** How wide a finger is. */
  readonly fingerWidth: number;
  /** How far the hole stands out from the wall. */
  readonly reach: number;
  readonly width: number;
  /** Of a strap or a pulled handle; a coil is round, a twist as thick as wide. */
  readonly thickness: number;
  /** Upper end below the rim. */
  readonly below: number;
  /** The share of a pulled handle's blank that becomes handle, 0 to 1. */
  readonly kept: number;
  /** How many pieces get one. */
  readonly pieces: number;
  /** In which share of handles all goes well, 0 to 1. */
  readonly succeeds: number;
}

export const USUAL_HANDLE: HandleChoices = {
  kind: 'pulled',
  fingers: 3,
  fingerWidth: 19,
  reach: 28,
  width: 20,
  thickness: 8,
  below: 12,
  kept: 0.6,
  pieces: 1,
  succeeds: 0.95,
};

/** Fingers slip through a hole this much longer than they are wide together, finished mm. Ours. */
const EASE = 4;
/** Clay at each end to press onto the wall, wet mm. Ours. */
const PRESSED_ON = 8;
/** A rope of two coils turns once in so many of its thicknesses. Ours. */
const TWIST_PITCH = 3;
/** The share of handles that schools make more of. craft.md: one in ten for parts such as handles. */
const RULE_MORE = 0.1;
/** The count by chance gives enough handles in so many of ten orders. */
const SURE = 0.9;

export interface HandlePlan {
  /** The hole, finished and wet, along the wall. */
  readonly hole: { readonly finished: number; readonly wet: number; readonly reachWet: number };
  /** Length of the wet handle from end to end, with what is pressed on. */
  readonly length: number;
  /** Its section, wet: of a twist, of each of the two coils. */
  readonly width: number;
  readonly thickness: number;
  /** Two coils for a twist, each so long. */
  readonly strands: { readonly count: 1 | 2; readonly length: number };
  readonly wetG: number;
  readonly blankG: number;
  /** Where its ends sit on the wet piece as it is when they are put on: heights of their middles above the table. */
  readonly seats: { readonly upper: number; readonly lower: number };
  readonly blanks: { readonly byRule: number; readonly byChance: number };
}

/** The girth of an ellipse of half-axes a and b (Ramanujan 1914, within a few parts in a million at these shapes). */
export function ellipseGirth(a: number, b: number): number {
  const h = ((a - b) / (a + b)) ** 2;
  return Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
}

/** How many to make so that in `sure` of such orders at least `needed` come out, each with chance `succeeds`. */
export function toMake(needed: number, succeeds: number, sure = SURE): number {
  for (let count = needed; count < 50 * needed + 50; count += 1) {
    // the chance of fewer than needed among count, summed term by term
    let term = (1 - succeeds) ** count;
    let fewer = 0;
    for (let k = 0; k < needed; k += 1) {
      fewer += term;
      term *= succeeds === 1 ? 0 : (((count - k) / (k + 1)) * succeeds) / (1 - succeeds);
    }
    if (1 - fewer >= sure) return count;
  }
  return 50 * needed + 50;
}

/** The area of the section, wet mm2: a strap a rectangle with rounded edges, a pulled one an oval, coils round. */
function sectionMm2(kind: HandleKind, width: number, thickness: number): number {
  if (kind === 'strap') return width * thickness - (1 - Math.PI / 4) * thickness ** 2;
  if (kind === 'pulled') return (Math.PI / 4) * width * thickness;
  return (Math.PI / 4) * width ** 2;
}

/**
 * The handle to make for a finished hole: an arch, half an ellipse, off the wall at its own wet size. Its middle line is half a
 * thickness outside the hole; the ends are pressed on.
 *
 * @param write puts a length into the reader's units
 */
export function handlePlan(clay: ClayFigures, sized: Sized, choices: HandleChoices, write: (mm: number) => string): Result<HandlePlan> {
  const { kind, fingers, fingerWidth, below, pieces } = choices;
  const grow = 1 / remaining(clay.shrinkage, 'glazed', 'width');
  const round = kind === 'coil' || kind === 'twisted';
  const thick = round ? choices.width : choices.thickness;
  const hole = fingers * fingerWidth + EASE;
  const { height, floor = 0 } = sized.stages.glazed.sizes;
  const lowest = height - below - hole - thick - thick / 2;
  if (lowest < floor * 0.5)
    return bad(
      'fingers',
      `A hole for ${fingers} ${fingers === 1 ? 'finger' : 'fingers'} is ${write(hole)} long and its ends ${write(thick)} thick: with the upper end ${write(below)} below the rim it needs ${write(hole + below + 1.5 * thick + floor * 0.5)} of wall, and the piece is ${write(height)} high. Take fewer fingers or a smaller finger, or set it higher.`,
    );
  const wet = { hole: hole * grow, reach: choices.reach * grow, width: choices.width * grow, thick: thick * grow };
  const arch = ellipseGirth((wet.hole + wet.thick) / 2, wet.reach + wet.thick / 2) / 2;
  const length = arch + 2 * PRESSED_ON;
  // two coils wound on each other lie within the whole's thickness
  const strand = kind === 'twisted' ? wet.width / 2 : wet.width;
  const wound = kind === 'twisted' ? Math.hypot(1, (Math.PI * strand) / (TWIST_PITCH * wet.width)) : 1;
  const count = kind === 'twisted' ? 2 : 1;
  const ml = (sectionMm2(kind, strand, round ? strand : wet.thick) * length * wound * count) / 1000;
  const wetG = ml * wetDensity(clay.matter);
  const upper = (height - below - thick / 2) * grow;
  return good({
    hole: { finished: hole, wet: wet.hole, reachWet: wet.reach },
    length,
    width: strand,
    thickness: round ? strand : wet.thick,
    strands: { count, length: length * wound },
    wetG,
    blankG: kind === 'pulled' ? wetG / choices.kept : wetG,
    seats: { upper, lower: upper - wet.hole - wet.thick },
    blanks: { byRule: Math.ceil(pieces * (1 + RULE_MORE)), byChance: toMake(pieces, choices.succeeds) },
  });
}

/** How far the wall stands in or out between the two seats of a handle on the wet piece, mm: an end has to follow it. */
export const leanBetween = (sized: Sized, { seats }: HandlePlan): number =>
  radiusAt(sized.wet.side, seats.upper) - radiusAt(sized.wet.side, seats.lower);
