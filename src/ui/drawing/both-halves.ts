import type { Section } from '@/core/form';

/** Where the axis and the ground stand, px, and how many px a mm is. */
interface On {
  readonly axis: number;
  readonly ground: number;
  readonly scale: number;
}

/** A section with its mirror image, as one path. */
export const bothHalves = (section: Section, { axis, ground, scale }: On): string =>
  ([1, -1] as const)
    .map((side) => `M${section.map(({ r, z }) => `${(axis + side * r * scale).toFixed(1)} ${(ground - z * scale).toFixed(1)}`).join('L')}Z`)
    .join('');
