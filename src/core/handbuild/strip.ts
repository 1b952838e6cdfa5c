/** A slab wall bent round, edges square to the slab: outer diameters, height and slab thickness, mm at one stage. */
export interface RoundWall {
  readonly top: number;
  readonly bottom: number;
  readonly height: number;
  readonly thickness: number;
}

/** The flat shape a wall is cut to, measured at mid-thickness; mm. A sector is a piece of a ring. */
export type Strip =
  | { readonly shape: 'rectangle'; readonly length: number; readonly height: number }
  | { readonly shape: 'sector'; readonly outerRadius: number; readonly innerRadius: number; readonly angleDegrees: number };

/** Diameters nearer than this are one, mm: a ring's radius would pass all measure. */
const SAME_MM = 1e-9;

/** The radii of the mid-surface, each on the wall's outer edge moved half a thickness into it, and its slant (how-it-computes.md, Made by hand). */
function midSurface({ top, bottom, height, thickness }: RoundWall) {
  const slant = Math.hypot(height, (top - bottom) / 2);
  const level = ((thickness / 2) * height) / slant;
  return { slant, top: top / 2 - level, bottom: bottom / 2 - level };
}

/**
 * The flat strip of a round wall at its own stage, at mid-thickness, ends meeting without overlap: a rectangle where top and
 * bottom are as wide as each other, else a sector of outer radius s big / (big - small) (how-it-computes.md, Made by hand).
 *
 * @example stripOf({ top: 102, bottom: 102, height: 88, thickness: 7 }) // rectangle 298.45 by 88
 */
export function stripOf(wall: RoundWall): Strip {
  const { slant, top, bottom } = midSurface(wall);
  if (Math.abs(top - bottom) < SAME_MM) return { shape: 'rectangle', length: 2 * Math.PI * top, height: slant };
  const [big, small] = [Math.max(top, bottom), Math.min(top, bottom)];
  const outerRadius = (slant * big) / (big - small);
  return { shape: 'sector', outerRadius, innerRadius: outerRadius - slant, angleDegrees: (360 * big) / outerRadius };
}

/** A strip with every length by one factor, as shrinking does. */
export function scaledStrip(strip: Strip, factor: number): Strip {
  if (strip.shape === 'rectangle') return { ...strip, length: strip.length * factor, height: strip.height * factor };
  return { ...strip, outerRadius: strip.outerRadius * factor, innerRadius: strip.innerRadius * factor };
}

/** What a strip was measured as: the lengths of its upper and lower edge without any overlap, and its height along the slab. */
export interface MeasuredStrip {
  readonly upper: number;
  readonly lower: number;
  readonly slant: number;
}

/** Why no wall can be bent from a strip so measured; undefined where one can. */
export function stripFault({ upper, lower, slant }: MeasuredStrip): string | undefined {
  const lean = Math.abs(upper - lower) / (2 * Math.PI);
  return lean < slant
    ? undefined
    : 'Edges so different cannot be that near to each other: bent round they would lie flat. Measure again, or make it taller.';
}

/** The round wall that a strip makes, at its own stage: {@link stripOf} the other way, for a paper model. The strip must have no fault. */
export function wallOf({ upper, lower, slant }: MeasuredStrip, thickness: number): RoundWall {
  const [top, bottom] = [upper / (2 * Math.PI), lower / (2 * Math.PI)];
  const height = Math.sqrt(slant ** 2 - (top - bottom) ** 2);
  const level = ((thickness / 2) * height) / slant;
  return { top: 2 * (top + level), bottom: 2 * (bottom + level), height, thickness };
}

/** The edges and the height of a strip. */
export function measuredStrip(strip: Strip, topIsLarger = true): MeasuredStrip {
  if (strip.shape === 'rectangle') return { upper: strip.length, lower: strip.length, slant: strip.height };
  const arc = (radius: number) => (radius * strip.angleDegrees * Math.PI) / 180;
  const [big, small] = [arc(strip.outerRadius), arc(strip.innerRadius)];
  return { upper: topIsLarger ? big : small, lower: topIsLarger ? small : big, slant: strip.outerRadius - strip.innerRadius };
}
