'use client';

import type { CastWork } from '@/core/casting';
import { type Point, sectionOf } from '@/core/form';
import { ink } from '@/ui/theme';
import { useId } from 'react';
import type { PieceModel } from '../model/use-piece';

const WIDE = 400;
const HIGH = 350;
/** Room under a picture for what it shows, px. */
const WORDS = 26;

interface Props {
  readonly piece: PieceModel;
  readonly work: CastWork;
}

/** How the mould stands on a picture: its half widths, and a place of it in px. */
function placeOf({ chosen: { mould }, around }: CastWork) {
  const top = mould.shape === 'bucket' ? mould.top : mould.shape === 'round' ? mould.diameter : Math.min(mould.length, mould.width);
  const foot = mould.shape === 'bucket' ? mould.bottom : top;
  const scale = Math.min((WIDE - 16) / Math.max(top, foot), (HIGH - WORDS - 14) / mould.height);
  const x = (r: number) => (WIDE / 2 + r * scale).toFixed(1);
  const y = (z: number) => (HIGH - WORDS - 4 - z * scale).toFixed(1);
  const both = (line: readonly Point[]) =>
    `M${[...line.map(({ r, z }) => [r, z] as const), ...line.toReversed().map(({ r, z }) => [-r, z] as const)]
      .map(([r, z]) => `${x(r)} ${y(z + around.below)}`)
      .join('L')}Z`;
  return { top, foot, scale, x, y, both };
}

/** The mould in section twice: the model in its plaster; and slip in it, sunk by what the wall took, the fired piece dashed. */
export function MouldDrawing({ piece, work }: Props) {
  const { model, slip } = work;
  const { units, worked } = piece;
  return (
    <div className="moulds">
      <Mould
        work={work}
        says="The mould in section: plaster, model and slip well"
        words={`Model in plaster, ${units.length(model.height)} high`}
        shows="model"
      />
      <Mould
        work={work}
        says={`Slip in the mould, its level sunk by about ${units.length(slip.poured.sinks)}`}
        words={`Slip sinks ${units.length(slip.poured.sinks)} for a wall of ${units.length(slip.wall)}`}
        shows="slip"
        fired={sectionOf(worked.sized.fired)}
      />
    </div>
  );
}

interface MouldProps {
  readonly work: CastWork;
  readonly says: string;
  readonly words: string;
  readonly shows: 'model' | 'slip';
  /** The fired piece, where it is drawn. */
  readonly fired?: readonly Point[];
}

function Mould({ work, says, words, shows, fired }: MouldProps) {
  const id = useId();
  const { model, chosen, around, parting, slip } = work;
  const { mould } = chosen;
  const { top, foot, scale, x, y, both } = placeOf(work);
  const bad = parting.parts !== 'one' || parting.draft.least < chosen.leastDraft;
  const { at } = parting.draft;
  const level = around.below + model.height - Math.min(slip.poured.sinks, model.height);
  return (
    <svg viewBox={`0 0 ${WIDE} ${HIGH}`} role="img" aria-label={says} data-testid={shows === 'model' ? 'mould' : 'mould-slip'}>
      <defs>
        <pattern id={`${id}-dots`} width="7" height="7" patternUnits="userSpaceOnUse">
          <circle cx="2" cy="2" r="0.9" fill={ink('fg-muted')} opacity="0.5" />
          <circle cx="5.5" cy="5.5" r="0.9" fill={ink('fg-muted')} opacity="0.5" />
        </pattern>
        <clipPath id={`${id}-room`}>
          <path d={both(model.whole)} />
        </clipPath>
      </defs>
      <path
        d={`M${x(-foot / 2)} ${y(0)}L${x(foot / 2)} ${y(0)}L${x(top / 2)} ${y(mould.height)}L${x(-top / 2)} ${y(mould.height)}Z`}
        fill={`url(#${id}-dots)`}
        stroke={ink('line-strong')}
        strokeWidth="1.5"
      />
      {shows === 'model' ? (
        <path d={both(model.whole)} fill={ink('bisque-wash')} stroke={ink('fg-muted')} strokeWidth="1.8" />
      ) : (
        <>
          <path d={both(model.whole)} fill={ink('bg')} stroke={ink('fg-muted')} strokeWidth="1.5" />
          <g clipPath={`url(#${id}-room)`}>
            <rect x="0" y={y(level)} width={WIDE} height={HIGH} fill={ink('wet-wash')} />
            {/* the wall grows on the plaster, inward: half of a line twice as thick is cut off by the room */}
            <path d={both(model.whole)} fill="none" stroke={ink('wet')} strokeWidth={2 * slip.wall * scale} opacity="0.55" />
          </g>
          <path
            d={`M${x(-model.widest / 2)} ${y(level)}H${x(model.widest / 2)}`}
            stroke={ink('wet')}
            strokeWidth="1.8"
            strokeDasharray="5 3"
          />
          {fired && <path d={both(fired)} fill="none" stroke={ink('glazed')} strokeWidth="1.8" strokeDasharray="6 4" />}
        </>
      )}
      {parting.parts === 'level' && (
        <path d={`M${x(-top / 2)} ${y(around.below + parting.at!)}H${x(top / 2)}`} stroke={ink('warn')} strokeWidth="2" />
      )}
      {shows === 'model' &&
        bad &&
        ([1, -1] as const).map((side) => (
          <circle key={side} cx={x(side * at.r)} cy={y(at.z + around.below)} r="8" fill="none" stroke={ink('bad')} strokeWidth="2.5" />
        ))}
      <text
        x={WIDE / 2}
        y={HIGH - 8}
        textAnchor="middle"
        fontSize="16"
        className="drawn-figure"
        fill={ink(shows === 'model' ? 'fg-muted' : 'wet')}
      >
        {words}
      </text>
    </svg>
  );
}
