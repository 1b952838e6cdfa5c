import { radiusAt } from '@/core/form';
import type { HandlePlan } from '@/core/handbuild';
import { chakra } from '@chakra-ui/react';
import type { PieceModel } from '../use-piece';

const SIZE = { width: 220, height: 210, margin: 12 };

/** Half of the wet piece with its handle on the wall, to one scale. */
export function HandleDrawing({ piece, plan }: { piece: PieceModel; plan: HandlePlan }) {
  const { wet, stages } = piece.worked.sized;
  const { side, inside, under } = wet;
  const { upper, lower } = plan.seats;
  const out = (z: number) => radiusAt(side, z);
  const widest = Math.max(...side.map(({ r }) => r));
  const thick = plan.strands.count === 2 ? plan.width * 2 : plan.thickness;
  const reach = plan.hole.reachWet + thick;
  const scale = Math.min((SIZE.width - 2 * SIZE.margin) / (widest + reach), (SIZE.height - 2 * SIZE.margin) / stages.wet.sizes.height);
  const x = (r: number) => SIZE.margin + r * scale;
  const y = (z: number) => SIZE.height - SIZE.margin - z * scale;
  const line = (points: readonly { r: number; z: number }[]) =>
    `M${points.map(({ r, z }) => `${x(r).toFixed(1)} ${y(z).toFixed(1)}`).join('L')}`;
  const arch = Array.from({ length: 31 }, (_, i) => {
    const turn = Math.PI / 2 - (i * Math.PI) / 30;
    const z = (upper + lower) / 2 + ((upper - lower) / 2) * Math.sin(turn);
    return { r: out(upper) + (out(lower) - out(upper)) * (i / 30) + (plan.hole.reachWet + thick / 2) * Math.cos(turn), z };
  });
  return (
    <chakra.svg
      role="img"
      aria-label={`The wet piece with its handle, seated ${piece.units.length(upper)} and ${piece.units.length(lower)} up`}
      width={`${SIZE.width}px`}
      height={`${SIZE.height}px`}
      flexShrink="0"
      fill="none"
    >
      <path d={`${line(arch)}`} stroke="var(--chakra-colors-wet)" strokeWidth={Math.max(3, thick * scale)} opacity="0.45" />
      <path
        d={`${line([...under, ...side, ...inside])}Z`}
        fill="var(--chakra-colors-bg-panel)"
        stroke="var(--chakra-colors-wet)"
        strokeWidth="2"
      />
      <path d={`M${x(0)} 2V${SIZE.height - 2}`} stroke="var(--chakra-colors-line-strong)" strokeDasharray="12 4 2 4" />
    </chakra.svg>
  );
}
