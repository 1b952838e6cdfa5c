import type { Stage } from '@/core/clay';
import { type Outline, sectionOf, widest } from '@/core/form';
import { ink } from '@/ui/theme';

const BOX = 48;

/** A small drawing of a piece cut through its axis, for lists. */
export function Thumbnail({ outline, size = BOX, stage = 'glazed' }: { outline: Outline; size?: number; stage?: Stage | undefined }) {
  const high = outline.inside[0]!.z;
  const reach = Math.max(2 * widest(outline.side), high) / (BOX - 4);
  const lift = (BOX - 4 - high / reach) / 2;
  const half = (side: 1 | -1) =>
    `M${sectionOf(outline)
      .map(({ r, z }) => `${(BOX / 2 + (side * r) / reach).toFixed(1)} ${(BOX - 2 - lift - z / reach).toFixed(1)}`)
      .join('L')}Z`;
  return (
    <svg viewBox={`0 0 ${BOX} ${BOX}`} width={size} height={size} style={{ color: ink(stage), flexShrink: 0 }} aria-hidden>
      <path d={half(1) + half(-1)} fill="currentColor" />
    </svg>
  );
}
