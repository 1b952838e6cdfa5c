import type { Stage } from '@/core/clay';
import { type Form, type Loft, outlineOf, FAMILIES, isDisc } from '@/core/form';
import { type Ends, discPart, ovalWall, panelParts, planPart, roundWallPart } from './cut';
import { dartedDisc } from './darts';
import { type FlatPart, cornered, scaledPart } from './flat';
import { type Corners, panelsOf, standingOn } from './panels';

export const BASES = { inside: 'Base inside the wall', under: 'Base under the wall', none: 'No base' } as const;
export type Base = keyof typeof BASES;

export const CORNERS = { butted: 'Butted corners', lapped: 'Each side laps the next', mitred: 'Mitred corners' } as const;

/** How the two ends of a bent wall meet. */
export const SEAMS = {
  lapped: 'Lapped seam',
  bevelled: 'Bevelled after a square cut',
  slope: 'Cut along the slope',
  butted: 'Butted seam',
} as const;
export type Seam = keyof typeof SEAMS;

/** How a slab piece is cut and joined. */
export interface SlabChoices {
  readonly base: Base;
  readonly corners: Corners;
  readonly seam: Seam;
  /** Of a lapped seam, wet mm. */
  readonly overlap: number;
  /** The stage the parts are cut at. */
  readonly cutAt: 'wet' | 'leather';
  /** Wedges of a curved bowl. */
  readonly darts: number;
}

export const USUAL_SLAB: SlabChoices = { base: 'inside', corners: 'mitred', seam: 'bevelled', overlap: 10, cutAt: 'wet', darts: 6 };

const seamNotes: Record<Seam, string> = {
  lapped: 'The strip beyond the dashed line lies under the other end; thin both where they lap.',
  bevelled:
    'Cut square, then bevel both ends at 45 degrees, leaning the same way: the strip beyond the dashed line is what the bevel takes.',
  slope: 'Hold the knife at 45 degrees along the line, both ends leaning the same way: the line is at mid-thickness.',
  butted: 'Ends meet square: score well and press a thin coil into the seam.',
};

/** What the seam adds to the long side at mid-thickness, mm (how-it-computes.md, Made by hand). */
const beyondSeam = (seam: Seam, overlap: number, thickness: number): number =>
  seam === 'lapped' ? overlap : seam === 'bevelled' ? thickness : 0;

/** The section's base disc: as wide as the wall stands on it or leaves room within it, at its lower and its upper face. */
function roundBase(form: Form<Stage>, base: Base): FlatPart[] {
  const { baseDiameter = 0, rimDiameter, height, wall = 0, floor = 0 } = form.sizes;
  if (base === 'none' || floor === 0) return [];
  const lean = (rimDiameter - baseDiameter) / 2;
  const level = base === 'inside' ? (wall * Math.hypot(height, lean)) / height : 0;
  const widths = [0, floor].map((z) => baseDiameter + (2 * lean * z) / height - 2 * level);
  return [discPart('Base', Math.max(...widths), Math.min(...widths), floor)];
}

function loftParts(form: Form<Stage>, loft: Loft, choices: SlabChoices, ends: Ends): FlatPart[] {
  const { wall = 0, floor = 0 } = form.sizes;
  const standing = choices.base === 'under' ? standingOn(loft, floor) : loft;
  const corners = FAMILIES[form.family].cornersChosen ? choices.corners : 'mitred';
  const walls =
    FAMILIES[form.family].slabs === 'strip' ? [ovalWall(standing, wall, ends)] : panelParts(panelsOf(standing, wall, corners), wall);
  return choices.base === 'none' || floor === 0 ? walls : [...walls, planPart('Base', loft, floor, choices.base === 'inside')];
}

function finishedParts(form: Form<Stage>, choices: SlabChoices, ends: Ends): FlatPart[] {
  const outline = outlineOf(form);
  const { height, rimDiameter, baseDiameter = 0, wall = 0, floor = 0 } = form.sizes;
  if (isDisc(form.family)) return [discPart('Disc', rimDiameter, rimDiameter, height, false)];
  if (FAMILIES[form.family].solid) return [{ ...planPart('Tile', outline.plan!, height, false), edges: [] }];
  if (outline.plan) return loftParts(form, outline.plan, choices, ends);
  if (FAMILIES[form.family].slabs !== 'strip') return [dartedDisc(outline, choices.darts, wall)];
  const raised = choices.base === 'under' ? floor : 0;
  const bottom = baseDiameter + ((rimDiameter - baseDiameter) * raised) / height;
  return [roundWallPart({ top: rimDiameter, bottom, height: height - raised, thickness: wall }, ends), ...roundBase(form, choices.base)];
}

/**
 * The flat parts of a finished form at the stage they are cut, mm: templates use the width's factor in every direction, since a
 * slab shrinks alike along itself (how-it-computes.md, Made by hand).
 *
 * @param factor lengths when cut over finished lengths, above 1
 */
export function slabParts(form: Form<'glazed'>, factor: number, wetFactor: number, choices: SlabChoices): FlatPart[] {
  const { wall = 0 } = form.sizes;
  const ends = { note: seamNotes[choices.seam], beyond: beyondSeam(choices.seam, choices.overlap / wetFactor, wall) };
  return finishedParts(form as Form<Stage>, choices, ends).map((part) => cornered(scaledPart(part, factor)));
}
