'use client';

import { sectionOf, type Line } from '@/core/form';
import { contourOf } from '@/core/handbuild';
import type { FormerWork } from '@/core/part';
import { ink } from '@/ui/theme';
import type { PieceModel } from '../model/use-piece';

const WIDE = 820;
const HIGH = 330;
const EDGE = { beside: 120, above: 40, below: 30 };

/** The former in section with the clay on it: wet on the left as it is pressed, finished on the right. */
export function FormerPicture({ piece, work }: { piece: PieceModel; work: FormerWork }) {
  const { former } = work;
  const { sized } = piece.worked;
  if (!former || sized.wet.plan) return null;
  const { length } = piece.units;
  const contour = contourOf(former);
  const top = contour.at(-1)!.z;
  const hump = former.measured === 'outside';
  const [wet, fired] = [sectionOf(sized.wet), sectionOf(sized.fired)];
  const clayHigh = Math.max(...wet.map(({ z }) => z));
  const reach = Math.max(...[...contour, ...wet].map(({ r }) => r));
  const wall = sized.stages.wet.sizes.wall ?? 0;
  const high = hump ? top + wall : Math.max(top, clayHigh);
  const scale = Math.min((WIDE / 2 - EDGE.beside) / reach, (HIGH - EDGE.above - EDGE.below) / high);
  const axis = WIDE / 2;
  const ground = HIGH - EDGE.below;
  // a bowl stands on its bottom with the clay in it; on a hump the clay lies upside down
  const up = (z: number) => ground - (hump ? high - z : z) * scale;
  const line = (points: Line, side: 1 | -1) =>
    points.map(({ r, z }) => `${(axis + side * r * scale).toFixed(1)} ${up(z).toFixed(1)}`).join('L');
  const surface = hump ? contour.map(({ r, z }) => ({ r, z: z + wall })) : contour;
  const contourPath = `M${line(surface.toReversed(), -1)}L${line(surface, 1)}`;
  const { wet: wetForm, glazed } = sized.stages;
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${HIGH}`}
      className="gauge-picture"
      role="img"
      aria-label={`Clay ${hump ? 'over' : 'in'} ${former.name}: wet ${length(wetForm.sizes.rimDiameter)} wide, finished ${length(glazed.sizes.rimDiameter)}`}
      data-testid="former-picture"
    >
      <path d={`M20 ${ground + 2}H${WIDE - 20}`} stroke={ink('fg')} strokeWidth="2.5" />
      <path d={`M${line(wet, -1)}Z`} fill={ink('wet-wash')} stroke={ink('wet')} strokeWidth="1.8" />
      <path d={`M${line(fired, 1)}Z`} fill={ink('glazed-wash')} stroke={ink('glazed')} strokeWidth="1.8" />
      <path
        d={contourPath}
        fill={hump ? ink('line') : 'none'}
        fillOpacity="0.5"
        stroke={ink('line-strong')}
        strokeWidth="5"
        strokeLinejoin="round"
      />
      <path d={`M${axis} 8V${ground}`} stroke={ink('line-strong')} strokeDasharray="12 4 2 4" />
      <g className="drawn-figure" fontSize="24" fontWeight="680">
        <text x={axis - 16} y="26" textAnchor="end" fill={ink('wet')}>
          ⌀ {length(wetForm.sizes.rimDiameter)}
        </text>
        <text x={axis + 16} y="26" fill={ink('glazed')}>
          ⌀ {length(glazed.sizes.rimDiameter)}
        </text>
        <text x="14" y={HIGH / 2} fill={ink('wet')}>
          {length(wetForm.sizes.height)}
        </text>
        <text x={WIDE - 14} y={HIGH / 2} textAnchor="end" fill={ink('glazed')}>
          {length(glazed.sizes.height)}
        </text>
      </g>
      <g fontSize="14" fill={ink('fg-muted')}>
        <text x="14" y={HIGH / 2 + 20}>
          high, wet
        </text>
        <text x={WIDE - 14} y={HIGH / 2 + 20} textAnchor="end">
          high, finished
        </text>
        <text x={axis + 16} y={ground + 22} fontSize="15">
          {former.name}
        </text>
      </g>
    </svg>
  );
}
