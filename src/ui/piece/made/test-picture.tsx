'use client';

import { sectionOf, widest } from '@/core/form';
import { bothHalves } from '@/ui/drawing';
import { ink } from '@/ui/theme';
import type { PieceModel } from '../model/use-piece';

const ROOM = { wide: 560, high: 330, edge: 40 };

/** The piece as it was to be thrown, dashed, and the test piece as it was measured, at one scale on one bat. */
export function TestPicture({ piece: { part, worked, units } }: { piece: PieceModel }) {
  const { onBat, thrown, stages } = worked.sized;
  const { tester } = part;
  const [tall, wide] = tester ? [tester.height / thrown.gauge, tester.mouth / stages.wet.sizes.rimDiameter] : [1, 1];
  const outline = onBat.thrown;
  const reach = [
    (ROOM.wide - 2 * ROOM.edge) / (2 * widest(outline.side) * Math.max(1, wide)),
    (ROOM.high - 2 * ROOM.edge) / (outline.inside[0]!.z * Math.max(1, tall)),
  ];
  const scale = Math.min(...reach);
  const [axis, ground] = [ROOM.wide / 2, ROOM.high - ROOM.edge];
  const drawn = bothHalves(sectionOf(outline), { axis: 0, ground: 0, scale });
  const at = (x: number, y: number) => `translate(${axis} ${ground}) scale(${x.toFixed(4)} ${y.toFixed(4)})`;
  return (
    <svg
      viewBox={`0 0 ${ROOM.wide} ${ROOM.high}`}
      className="section-picture"
      role="img"
      aria-label={
        tester
          ? `Planned ${units.length(thrown.gauge)} high and ${units.length(stages.wet.sizes.rimDiameter)} across; the test piece ${units.length(tester.height)} and ${units.length(tester.mouth)}`
          : `Planned ${units.length(thrown.gauge)} high and ${units.length(stages.wet.sizes.rimDiameter)} across, as thrown`
      }
    >
      {tester && (
        <path
          d={drawn}
          transform={at(wide, tall)}
          fill={ink('wet')}
          fillOpacity="0.12"
          stroke={ink('wet')}
          strokeWidth="2"
          vectorEffect="non-scaling-stroke"
        />
      )}
      <path d={drawn} transform={at(1, 1)} fill="none" stroke={ink('fg.muted')} strokeWidth="1.6" strokeDasharray="7 5" />
      <path d={`M${ROOM.edge} ${ground}H${ROOM.wide - ROOM.edge}`} stroke={ink('fg')} strokeWidth="2.5" />
      <g className="drawn-figure" fontSize="17" fontWeight="650">
        <text x={ROOM.edge} y={ROOM.high - 12} fill={ink('fg.muted')}>
          planned {units.length(thrown.gauge)} × ⌀ {units.length(stages.wet.sizes.rimDiameter)}
        </text>
        {tester && (
          <text x={ROOM.wide - ROOM.edge} y={ROOM.high - 12} textAnchor="end" fill={ink('wet')}>
            came out {units.length(tester.height)} × ⌀ {units.length(tester.mouth)}
          </text>
        )}
      </g>
    </svg>
  );
}
