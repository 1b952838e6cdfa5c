'use client';

import type { Stage } from '@/core/clay';
import type { WorkName, WorkStep } from '@/core/handbuild';
import { sectionOf, widest } from '@/core/form';
import { STAGE_WORDS } from '@/core/sizing';
import { bothHalves } from '@/ui/drawing';
import { ink } from '@/ui/theme';
import { SheetDrawing } from '../drawing/sheet-drawing';
import { AssembledPiece } from '../hand/assembled-piece';
import type { PieceModel } from '../model/use-piece';
import { CoilPicture } from './coil-picture';
import { FormerPicture } from './former-picture';

/** What a step of building by hand looks like: the slab, the parts joined, the former, the coils, or the piece as it stands then. */
export function HandStepPicture({ piece, step }: { piece: PieceModel; step: WorkStep }) {
  const { hand } = piece;
  const slab = hand && hand.by !== 'coil' ? hand.slabs[0] : undefined;
  if (slab && ['roll', 'texture', 'cut'].includes(step.name))
    return <SheetDrawing slab={slab} words={`The slab with ${slab.laid.length} ${slab.laid.length === 1 ? 'part' : 'parts'} on it`} />;
  if (hand?.by === 'slab' && step.name === 'join') return <AssembledPiece piece={piece} />;
  if (hand?.by === 'former' && hand.former && (step.name === 'lay' || step.name === 'off'))
    return <FormerPicture piece={piece} work={hand} />;
  if (hand?.by === 'coil' && hand.plan && (step.name === 'pinch' || step.name === 'coil'))
    return <CoilPicture piece={piece} plan={hand.plan} />;
  return <Standing piece={piece} stage={STANDS[step.name] ?? 'leather'} />;
}

/** The stage a piece is at when a step is done; leather hard of those that are not listed. */
const STANDS: Readonly<Partial<Record<WorkName, Stage>>> = { dry: 'dry', fire: 'glazed', look: 'glazed' };

const ROOM = { wide: 560, high: 320, edge: 34 };

/** The piece at a stage, and dashed round it as it was wet, at one scale on one board. */
function Standing({ piece: { worked, units }, stage }: { piece: PieceModel; stage: Stage }) {
  const { wet, stages } = worked.sized;
  const [before, now] = [stages.wet.sizes, stages[stage].sizes];
  const high = wet.inside[0]!.z;
  const scale = Math.min((ROOM.wide - 2 * ROOM.edge) / (2 * widest(wet.side)), (ROOM.high - 2 * ROOM.edge) / high);
  const [axis, ground] = [ROOM.wide / 2, ROOM.high - ROOM.edge];
  const drawn = bothHalves(sectionOf(wet), { axis: 0, ground: 0, scale });
  const [across, up] = [now.rimDiameter / before.rimDiameter, now.height / before.height];
  return (
    <svg
      viewBox={`0 0 ${ROOM.wide} ${ROOM.high}`}
      className="section-picture"
      role="img"
      aria-label={`${STAGE_WORDS[stage]}, ${units.length(now.height)} high; ${units.length(before.height)} as it was wet`}
    >
      <path d={drawn} transform={`translate(${axis} ${ground})`} fill="none" stroke={ink('wet')} strokeWidth="1.4" strokeDasharray="6 4" />
      <path
        d={drawn}
        transform={`translate(${axis} ${ground}) scale(${across.toFixed(4)} ${up.toFixed(4)})`}
        fill={ink(stage)}
        fillOpacity="0.22"
        stroke={ink(stage)}
        strokeWidth="2"
      />
      <path d={`M${ROOM.edge} ${ground}H${ROOM.wide - ROOM.edge}`} stroke={ink('fg')} strokeWidth="2.5" />
      <g className="drawn-figure" fontSize="16" fontWeight="650">
        <text x={ROOM.edge} y={ROOM.high - 8} fill={ink('wet')}>
          wet {units.length(before.height)} high
        </text>
        <text x={ROOM.wide - ROOM.edge} y={ROOM.high - 8} textAnchor="end" fill={ink(stage)}>
          {STAGE_WORDS[stage]} {units.length(now.height)}
        </text>
      </g>
    </svg>
  );
}
