import { type ClayFigures, remaining, wetDensity } from '@/core/clay';
import { radiusAt } from '@/core/form';
import type { Sized } from '@/core/sizing';
import { type Result, bad, good } from '@/core/units';

export const HANDLE_KINDS = { strap: 'Strap', pulled: 'Pulled', coil: 'Coil', twisted: 'Twisted' } as const;
export type HandleKind = keyof typeof HANDLE_KINDS;

/** How firm the handle is when it is bent to its shape. */
export const FIRMNESS = { soft: 'Soft, as rolled', half: 'Half stiff', leather: 'Leather hard' } as const;
export type Firmness = keyof typeof FIRMNESS;

/** Sizes that a kind of handle starts with, finished mm. Ours. */
export const KIND_SIZES: Record<HandleKind, { readonly width: number; readonly thickness: number }> = {
  strap: { width: 24, thickness: 6 },
  pulled: { width: 20, thickness: 8 },
  coil: { width: 11, thickness: 11 },
  twisted: { width: 14, thickness: 14 },
};

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
  /** How firm it is when it is bent: its figures are for that. Soft unless said. */
  readonly firmness?: Firmness | undefined;
  /** Thin coils of a twist: two unless said. */
  readonly strands?: 2 | 3 | undefined;
  /** A strap cut from the slab that the wall is cut from. */
  readonly fromSlab?: boolean | undefined;
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
/** The share of handles that schools make more of. One in ten for parts such as handles. */
const RULE_MORE = 0.1;
/** The count by chance gives enough handles in so many of ten orders. */
const SURE = 0.9;

export interface HandlePlan {
  /** The hole along the wall, and how far it stands out: finished, and as it is bent. */
  readonly hole: { readonly finished: number; readonly bent: number; readonly reachBent: number };
  /** How much smaller than wet it is when it is bent: k of its firmness. */
  readonly left: number;
  /** Length of the handle as it is bent, from end to end, with what is pressed on. */
  readonly length: number;
  /** Its section as it is bent: of a twist, of each coil. */
  readonly width: number;
  readonly thickness: number;
  /** How thick the whole handle is, with all its coils, as it is bent. */
  readonly across: number;
  /** Two or three coils for a twist, each so long. */
  readonly strands: { readonly count: 1 | 2 | 3; readonly length: number };
  readonly wetG: number;
  readonly blankG: number;
  /** Where its ends sit on the leather-hard piece: heights of their middles above the table, as it is then. */
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

/** How thick each coil of a twist is, as a share of the whole, and how far its middle lies from the twist's. */
const STRANDS = {
  2: { thick: 1 / 2, off: 1 / 4 },
  // three circles that touch within one: 1 / (1 + 2 / sqrt 3)
  3: { thick: 1 / (1 + 2 / Math.sqrt(3)), off: (1 - 1 / (1 + 2 / Math.sqrt(3))) / 2 },
} as const;

/** What is left of a wet length when a handle so firm is bent: half stiff lies halfway to leather hard. */
function leftWhen(clay: ClayFigures, firmness: Firmness): number {
  const leather = remaining(clay.shrinkage, 'leather', 'width');
  return { soft: 1, half: (1 + leather) / 2, leather }[firmness];
}

/**
 * The handle to make for a finished hole: an arch, half an ellipse, off the wall. Its middle line is half a thickness outside the
 * hole; the ends are pressed on. Its lengths are those of the clay as firm as it is bent; where it sits is on the piece at leather hard.
 *
 * @param write puts a length into the reader's units
 */
export function handlePlan(clay: ClayFigures, sized: Sized, choices: HandleChoices, write: (mm: number) => string): Result<HandlePlan> {
  const { kind, fingers, fingerWidth, below, pieces, firmness = 'soft' } = choices;
  const finished = remaining(clay.shrinkage, 'glazed', 'width');
  const left = leftWhen(clay, firmness);
  const grow = left / finished;
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
  const bent = { hole: hole * grow, reach: choices.reach * grow, width: choices.width * grow, thick: thick * grow };
  const arch = ellipseGirth((bent.hole + bent.thick) / 2, bent.reach + bent.thick / 2) / 2;
  const length = arch + 2 * PRESSED_ON;
  const count = kind === 'twisted' ? (choices.strands ?? 2) : 1;
  // coils wound on each other lie within the whole's thickness
  const twist = count === 1 ? { thick: 1, off: 0 } : STRANDS[count];
  const strand = bent.width * twist.thick;
  const wound = Math.hypot(1, (2 * Math.PI * twist.off) / TWIST_PITCH);
  const ml = (sectionMm2(kind, strand, round ? strand : bent.thick) * length * wound * count) / 1000;
  const wetG = (ml / left ** 3) * wetDensity(clay.matter);
  const seated = remaining(clay.shrinkage, 'leather', 'height') / remaining(clay.shrinkage, 'glazed', 'height');
  const upper = (height - below - thick / 2) * seated;
  return good({
    hole: { finished: hole, bent: bent.hole, reachBent: bent.reach },
    left,
    length,
    width: strand,
    thickness: round ? strand : bent.thick,
    across: bent.thick,
    strands: { count, length: length * wound },
    wetG,
    blankG: kind === 'pulled' ? wetG / choices.kept : wetG,
    seats: { upper, lower: upper - (hole + thick) * seated },
    // rounded first: 50 x 1.1 is a hair over 55 in a computer
    blanks: { byRule: Math.ceil(Number((pieces * (1 + RULE_MORE)).toFixed(6))), byChance: toMake(pieces, choices.succeeds) },
  });
}

/** How far the wall stands in or out between the two seats of a handle on the leather-hard piece, mm: an end has to follow it. */
export function leanBetween(clay: ClayFigures, sized: Sized, { seats }: HandlePlan): number {
  const [k, kh] = [remaining(clay.shrinkage, 'leather', 'width'), remaining(clay.shrinkage, 'leather', 'height')];
  return (radiusAt(sized.wet.side, seats.upper / kh) - radiusAt(sized.wet.side, seats.lower / kh)) * k;
}
