'use client';

import { sectionOf } from '@/core/form';
import { handLength } from '@/core/units';
import { bothHalves } from '@/ui/drawing';
import { ink } from '@/ui/theme';
import type { PieceModel } from '../model/use-piece';

const WIDE = 600;
const HIGH = 360;
/** Kept free around the clay for the gauges and their figures, px. */
const ROOM = { left: 40, right: 190, top: 52, bottom: 48 };

/** The gauges as they are set on the pot as thrown: pointer, crossed sticks, calipers, needle. */
export function GaugePicture({ piece }: { piece: PieceModel }) {
  const { units, worked } = piece;
  const { onBat, thrown } = worked.sized;
  if (onBat.piece.plan) return null;
  const section = sectionOf(onBat.piece);
  const reach = Math.max(thrown.base / 2, ...section.map(({ r }) => r));
  const scale = Math.min((WIDE - ROOM.left - ROOM.right) / (2 * reach), (HIGH - ROOM.top - ROOM.bottom) / thrown.gauge);
  const axis = ROOM.left + (WIDE - ROOM.left - ROOM.right) / 2;
  const ground = HIGH - ROOM.bottom;
  const x = (r: number) => axis + r * scale;
  const y = (z: number) => ground - z * scale;
  const told = (mm: number) => units.length(handLength(mm, units.choice));
  const rim = onBat.piece.side.at(-1)!;
  const inside = onBat.piece.inside[0]!;
  const floor = onBat.piece.inside.at(-1)!.z;
  const hollow = floor < rim.z - 1;
  const post = x(reach) + 56;
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${HIGH}`}
      className="gauge-picture"
      role="img"
      aria-label={`The gauges set on the pot: pointer ${told(thrown.gauge)} above the bat, mouth ${told(2 * rim.r)} outside`}
      data-testid="gauge-picture"
    >
      <path
        d={bothHalves(section, { axis, ground, scale })}
        fill={ink('wet-wash')}
        stroke={ink('wet')}
        strokeWidth="1.8"
        strokeLinejoin="round"
      />
      <path d={`M24 ${ground}H${WIDE - 24}`} stroke={ink('fg')} strokeWidth="3" />
      <path d={`M${axis} ${ROOM.top - 8}V${ground + 10}`} stroke={ink('line-strong')} strokeDasharray="12 4 2 4" />
      {/* the pointer: its post on the bat, its arm at the rim */}
      <path d={`M${post} ${ground}V${y(thrown.gauge) - 16}`} stroke={ink('fg')} strokeWidth="6" />
      <path d={`M${post} ${y(thrown.gauge) - 6}L${x(rim.r) + 6} ${y(thrown.gauge)}L${post} ${y(thrown.gauge) + 6}Z`} fill={ink('act')} />
      <g className="drawn-figure" fill={ink('wet')} fontWeight="680">
        <text x={post + 14} y={y(thrown.gauge) + 8} fontSize="30">
          {told(thrown.gauge)}
        </text>
        <text x={post + 14} y={y(thrown.gauge) + 28} fontSize="16" fontWeight="450" fill={ink('fg-muted')} className="drawn-words">
          above the bat
        </text>
        {hollow && (
          <>
            <text x={axis} y={y(rim.z) + 26} textAnchor="middle" fontSize="20">
              {told(2 * inside.r)}
            </text>
            <text x={x(0) + 16} y={y(floor) - 6} fontSize="18" className="drawn-over">
              {told(floor)}
            </text>
          </>
        )}
        <text x={axis} y={ROOM.top - 22} textAnchor="middle" fontSize="20">
          ⌀ {told(2 * rim.r)}
        </text>
        <text x={axis} y={HIGH - 12} textAnchor="middle" fontSize="20">
          ⌀ {told(thrown.base)}
        </text>
      </g>
      <g stroke={ink('wet')} strokeWidth="1.6" fill="none">
        {/* calipers over the rim and over the base */}
        <path d={`M${x(-rim.r)} ${y(rim.z) - 4}V${ROOM.top - 14}H${x(rim.r)}V${y(rim.z) - 4}`} />
        <path d={`M${x(-thrown.base / 2)} ${ground + 6}V${ground + 14}H${x(thrown.base / 2)}V${ground + 6}`} />
        {hollow && (
          <>
            {/* crossed sticks in the mouth */}
            <path
              d={`M${x(-inside.r)} ${y(rim.z) + 4}H${x(inside.r)}M${axis - 10} ${y(rim.z)}V${y(floor)}`}
              strokeWidth="3"
              stroke={ink('fg-muted')}
            />
            {/* the needle through the floor */}
            <path d={`M${axis + 8} ${y(floor) - 22}V${ground}`} stroke={ink('warn')} strokeWidth="2.4" />
          </>
        )}
      </g>
    </svg>
  );
}
