'use client';

import type { CastWork } from '@/core/casting';
import { ink } from '@/ui/theme';
import { useId } from 'react';

const WIDE = 250;
const HIGH = 230;

/** The mould in section: plaster, the model in it with its well, and where it would hold. */
export function MouldDrawing({ work: { model, chosen, around, parting, slip } }: { work: CastWork }) {
  const dots = useId();
  const { mould } = chosen;
  const top = mould.shape === 'bucket' ? mould.top : mould.shape === 'round' ? mould.diameter : Math.min(mould.length, mould.width);
  const foot = mould.shape === 'bucket' ? mould.bottom : top;
  const scale = Math.min((WIDE - 10) / Math.max(top, foot), (HIGH - 24) / mould.height);
  const x = (r: number) => (WIDE / 2 + r * scale).toFixed(1);
  const y = (z: number) => (HIGH - 6 - z * scale).toFixed(1);
  const both = model.whole.map(({ r, z }) => `${x(r)} ${y(z + around.below)}`);
  const other = model.whole.toReversed().map(({ r, z }) => `${x(-r)} ${y(z + around.below)}`);
  const bad = parting.parts !== 'one' || parting.draft.least < chosen.leastDraft;
  const { at } = parting.draft;
  const level = around.below + model.height - Math.min(slip.poured.sinks, model.height);
  return (
    <svg width={WIDE} height={HIGH} role="img" aria-label="The mould in section: plaster, model and slip well" data-testid="mould">
      <pattern id={dots} width="7" height="7" patternUnits="userSpaceOnUse">
        <circle cx="2" cy="2" r="0.9" fill={ink('fg-muted')} opacity="0.5" />
        <circle cx="5.5" cy="5.5" r="0.9" fill={ink('fg-muted')} opacity="0.5" />
      </pattern>
      <path
        d={`M${x(-foot / 2)} ${y(0)}L${x(foot / 2)} ${y(0)}L${x(top / 2)} ${y(mould.height)}L${x(-top / 2)} ${y(mould.height)}Z`}
        fill={`url(#${dots})`}
        stroke={ink('line-strong')}
        strokeWidth="1.5"
      />
      <path d={`M${both.join('L')}L${other.join('L')}Z`} fill={ink('wet-wash')} stroke={ink('wet')} strokeWidth="1.5" />
      <path d={`M${x(-(model.widest / 2))} ${y(level)}H${x(model.widest / 2)}`} stroke={ink('wet')} strokeDasharray="4 3" />
      {parting.parts === 'level' && (
        <path d={`M${x(-top / 2)} ${y(around.below + parting.at!)}H${x(top / 2)}`} stroke={ink('warn')} strokeWidth="2" />
      )}
      {bad &&
        ([1, -1] as const).map((side) => (
          <circle key={side} cx={x(side * at.r)} cy={y(at.z + around.below)} r="6" fill="none" stroke={ink('bad')} strokeWidth="2.5" />
        ))}
    </svg>
  );
}
