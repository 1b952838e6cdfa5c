import type { Section } from '@/core/form';

/** Room on the sheet, px, around the two half-sections. */
export interface Sheet {
  readonly width: number;
  readonly height: number;
  /** Kept free for dimensions and labels. */
  readonly margin: { readonly top: number; readonly right: number; readonly bottom: number; readonly left: number };
}

/** The two half-sections placed on a sheet: one base line, one scale, the axis between them. */
export interface Placed {
  readonly scale: number;
  readonly axis: number;
  readonly base: number;
  /** px of a wet point, drawn left of the axis; z from the bat. */
  readonly wet: (r: number, z: number) => readonly [number, number];
  /** px of a finished point, drawn right of the axis. */
  readonly finished: (r: number, z: number) => readonly [number, number];
}

/** How far a half reaches from the axis and how high it stands, mm. */
export interface Extent {
  readonly reach: number;
  readonly height: number;
}

/** One scale is so many times the next smaller; and so many px lie between two places of the bat or the axis. */
const SCALES = 1.02;
const PLACES = 8;

const downTo = (px: number): number => PLACES * Math.floor(px / PLACES);

/**
 * Fits both halves onto the sheet at one scale, puts the axis where both have room, and the bat where low ware stands in the middle. Scale
 * and places go by steps: the drawing stands still under a figure that is typed, and what did not change is not drawn again.
 */
export function place(wet: Extent, finished: Extent, sheet: Sheet): Placed {
  const { margin } = sheet;
  const wide = sheet.width - margin.left - margin.right;
  const high = sheet.height - margin.top - margin.bottom;
  const tallest = Math.max(wet.height, finished.height);
  const largest = Math.max(0.01, Math.min(high / tallest, wide / (wet.reach + finished.reach)));
  const scale = SCALES ** Math.floor(Math.log(largest) / Math.log(SCALES));
  const spare = wide - scale * (wet.reach + finished.reach);
  const axis = margin.left + downTo(spare / 2) + scale * wet.reach;
  const base = sheet.height - margin.bottom - downTo((high - scale * tallest) / 2);
  return {
    scale,
    axis,
    base,
    wet: (r, z) => [axis - r * scale, base - z * scale],
    finished: (r, z) => [axis + r * scale, base - z * scale],
  };
}

/** Puts an element that stands at the corner of the drawing by its middle at a place on it, px: moved, the page is not laid out again. */
export const movedTo = (x: number, y: number, across = '-50%'): string => `translate(${x}px, ${y}px) translate(${across}, -50%)`;

/** An SVG path through a section's points. */
export function pathOf(section: Section, at: (r: number, z: number) => readonly [number, number]): string {
  const points = section.map(({ r, z }) =>
    at(r, z)
      .map((px) => px.toFixed(2))
      .join(' '),
  );
  return `M${points.join('L')}Z`;
}

/** Steps for the marks of a rule, in its own unit: small, and the numbered ones, so that numbers stay at least 26 px apart. */
export function ruleSteps(pxPerUnit: number): { readonly small: number; readonly numbered: number } {
  const numbered = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000].find((step) => step * pxPerUnit >= 26) ?? 1000;
  const parts = String(numbered).startsWith('5') ? 5 : 4;
  return { small: numbered / parts, numbered };
}
