'use client';

import { sectionOf } from '@/core/form';
import type { LidPair } from '@/core/handbuild';
import { bothHalves } from '@/ui/drawing';
import { ink } from '@/ui/theme';
import type { PieceModel } from '../model/use-piece';

const ROOM = { wide: 620, high: 250, edge: 60 };

/** How much of the pot is seen below its rim, as a share of its width. */
const SEEN = 0.32;

/** The two discs as they lie on the finished pot, cut through the axis, with the widths they finish at. */
export function LidPicture({ piece: { worked, units }, pair: { lid, insert } }: { piece: PieceModel; pair: LidPair }) {
  const { fired, stages } = worked.sized;
  const thick = stages.glazed.sizes.wall ?? 5;
  const across = Math.max(lid.finished, 2 * fired.side.at(-1)!.r);
  const scale = Math.min((ROOM.wide - 2 * ROOM.edge) / across, (ROOM.high - 2 * ROOM.edge) / (SEEN * across + 2 * thick));
  const high = fired.inside[0]!.z;
  const axis = ROOM.wide / 2;
  const rim = ROOM.edge + thick * scale;
  const disc = (width: number, top: number) => (
    <rect
      x={axis - (width * scale) / 2}
      y={top}
      width={width * scale}
      height={thick * scale}
      fill={ink('glazed')}
      fillOpacity="0.16"
      stroke={ink('glazed')}
    />
  );
  return (
    <svg
      viewBox={`0 0 ${ROOM.wide} ${ROOM.high}`}
      className="section-picture"
      role="img"
      aria-label={`A disc ${units.length(lid.finished)} wide on the rim and one ${units.length(insert.finished)} wide in the mouth, finished`}
    >
      <path
        d={bothHalves(sectionOf(fired), { axis, ground: rim + high * scale, scale })}
        fill={ink('line')}
        stroke={ink('glazed')}
        strokeWidth="1.5"
      />
      <g strokeWidth="1.8">
        {disc(lid.finished, rim - thick * scale)}
        {disc(insert.finished, rim)}
      </g>
      <path d={`M${axis} 8V${ROOM.high}`} stroke={ink('line.strong')} strokeDasharray="12 4 2 4" />
      <g
        className="drawn-figure"
        fontSize="20"
        fontWeight="680"
        textAnchor="middle"
        fill={ink('glazed')}
        stroke={ink('bg')}
        strokeWidth="8"
        paintOrder="stroke"
      >
        <text x={axis} y={ROOM.edge - 16}>
          {units.length(lid.finished)}
        </text>
        <text x={axis} y={rim + thick * scale + 26}>
          {units.length(insert.finished)}
        </text>
      </g>
    </svg>
  );
}
