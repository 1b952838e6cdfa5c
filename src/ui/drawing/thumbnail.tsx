import type { Stage } from '@/core/clay';
import { type Outline, sectionOf, widest } from '@/core/form';
import { ink } from '@/ui/theme';
import { bothHalves } from './both-halves';

const BOX = 48;

/** A small drawing of a piece cut through its axis, for lists. */
export function Thumbnail({ outline, size = BOX, stage = 'glazed' }: { outline: Outline; size?: number; stage?: Stage | undefined }) {
  const high = outline.inside[0]!.z;
  const reach = Math.max(2 * widest(outline.side), high) / (BOX - 4);
  const lift = (BOX - 4 - high / reach) / 2;
  const whole = bothHalves(sectionOf(outline), { axis: BOX / 2, ground: BOX - 2 - lift, scale: 1 / reach });
  return (
    <svg viewBox={`0 0 ${BOX} ${BOX}`} width={size} height={size} style={{ color: ink(stage), flexShrink: 0 }} aria-hidden>
      <path d={whole} fill="currentColor" />
    </svg>
  );
}
