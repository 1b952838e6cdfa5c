import { STAGE_WORDS } from '@/core/sizing';
import type { Stage } from '@/core/clay';
import { ink } from '@/ui/theme';
import { memo } from 'react';

const DROP = 'M7 1 C9.6 4.6 11.2 6.8 11.2 9 A4.2 4.2 0 0 1 2.8 9 C2.8 6.8 4.4 4.6 7 1 Z';
const FLAME = 'M7 1 L12 12.6 L2 12.6 Z';

const SHAPES: Record<Stage, { outline: string; fill?: string }> = {
  wet: { outline: DROP, fill: DROP },
  leather: { outline: DROP, fill: 'M2.8 8.6 H11.2 A4.2 4.2 0 0 1 2.8 9 Z' },
  dry: { outline: DROP },
  bisque: { outline: FLAME },
  glazed: { outline: FLAME, fill: FLAME },
};

/** The mark of a stage: a full, half or empty drop while water leaves; an open, then a solid peak once fired. */
export const StageMark = memo(function StageMark({ stage, size = 14 }: { stage: Stage; size?: number }) {
  const { outline, fill } = SHAPES[stage];
  return (
    <svg viewBox="0 0 14 14" width={`${size}px`} height={`${size}px`} color={ink(stage)} aria-hidden>
      <path d={outline} fill="none" stroke="currentColor" strokeWidth="1.4" />
      {fill && <path d={fill} fill="currentColor" />}
    </svg>
  );
});

/** Mark and word together. */
export const StageName = memo(function StageName({ stage }: { stage: Stage }) {
  return (
    <div className="stage-name" style={{ color: ink(stage) }}>
      <StageMark stage={stage} />
      <span>{STAGE_WORDS[stage]}</span>
    </div>
  );
});
