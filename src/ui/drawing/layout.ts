import { remaining } from '@/core/clay';
import { type Section, cupSection, stretch } from '@/core/form';
import type { Worked } from '@/core/sizing';

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

/** The places of the piece on the bat, wet mm: what stays and what goes. */
export interface OnTheBat {
  readonly piece: Section;
  readonly needle: Section;
  readonly wall: Section;
  readonly floor: Section;
  readonly wire: Section;
  /** Height of the trimmed piece's foot above the bat. */
  readonly foot: number;
  /** Widest half-width, with what goes. */
  readonly reach: number;
}

/** The wet piece as it stands on the bat, each allowance a section of its own. */
export function onTheBat({ sized, clay, making }: Worked): OnTheBat {
  const { wet, glazed } = sized.stages;
  const grow = (direction: 'width' | 'height') => 1 / remaining(clay.shrinkage, 'glazed', direction);
  const foot = making.trimFloor + making.wireLoss;
  const trimmed = stretch(cupSection(glazed), grow('width'), grow('height'));
  const lifted = trimmed.map(({ r, z }) => ({ r, z: z + foot }));
  const rimOut = wet.rimDiameter / 2;
  const rimIn = trimmed[3]!.r;
  const base = wet.baseDiameter / 2;
  const thrownBase = base + making.trimWall;
  const turned = sized.thrown.trimWallHeight;
  const turnedAt = base + ((rimOut - base) * turned) / wet.height;
  const slab = (radius: number, from: number, to: number): Section => [
    { r: 0, z: from },
    { r: radius, z: from },
    { r: radius, z: to },
    { r: 0, z: to },
  ];
  return {
    piece: lifted,
    foot,
    reach: Math.max(rimOut, thrownBase, turnedAt + making.trimWall),
    needle: [
      { r: rimIn, z: sized.thrown.gauge },
      { r: rimOut, z: sized.thrown.gauge },
      { r: rimOut, z: sized.thrown.pulled },
      { r: rimIn, z: sized.thrown.pulled },
    ],
    wall: [
      { r: base, z: foot },
      { r: turnedAt, z: foot + turned },
      { r: turnedAt + making.trimWall, z: foot + turned },
      { r: thrownBase, z: foot },
    ],
    floor: slab(thrownBase, making.wireLoss, foot),
    wire: slab(thrownBase, 0, making.wireLoss),
  };
}

/** Fits both halves onto the sheet at one scale and puts the axis where both have room. */
export function place(worked: Worked, bat: OnTheBat, sheet: Sheet): Placed {
  const { glazed } = worked.sized.stages;
  const { margin } = sheet;
  const finishedReach = Math.max(glazed.rimDiameter, glazed.baseDiameter) / 2;
  const wide = sheet.width - margin.left - margin.right;
  const high = sheet.height - margin.top - margin.bottom;
  const scale = Math.max(0.01, Math.min(high / worked.sized.thrown.pulled, wide / (bat.reach + finishedReach)));
  const spare = wide - scale * (bat.reach + finishedReach);
  const axis = margin.left + spare / 2 + scale * bat.reach;
  const base = sheet.height - margin.bottom;
  return {
    scale,
    axis,
    base,
    wet: (r, z) => [axis - r * scale, base - z * scale],
    finished: (r, z) => [axis + r * scale, base - z * scale],
  };
}

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
