import { remaining } from '@/core/clay';
import { type Point, radiusAt } from '@/core/form';
import type { HandlePlan } from '@/core/handbuild';
import { chakra } from '@chakra-ui/react';
import type { PieceModel } from '../model/use-piece';

const SIZE = { width: 220, height: 210, margin: 12 };

/** Half of the leather-hard piece with its handle on the wall, to one scale, as they are put together. */
export function HandleDrawing({ piece, plan }: { piece: PieceModel; plan: HandlePlan }) {
  const { sized, clay } = piece.worked;
  const k = remaining(clay.shrinkage, 'leather', 'width');
  const high = remaining(clay.shrinkage, 'leather', 'height');
  const [side, inside, under] = [sized.wet.side, sized.wet.inside, sized.wet.under].map((line) =>
    line.map((point) => ({ r: point.r * k, z: point.z * high })),
  ) as [Point[], Point[], Point[]];
  const { upper, lower } = plan.seats;
  const out = (z: number) => radiusAt(side, z);
  const widest = Math.max(...side.map(({ r }) => r));
  // as it is seated: what was softer has shrunk with the piece
  const seated = k / plan.left;
  const thick = plan.across * seated;
  const gap = plan.hole.reachBent * seated;
  const reach = gap + thick;
  const scale = Math.min(
    (SIZE.width - 2 * SIZE.margin) / (widest + reach),
    (SIZE.height - 2 * SIZE.margin) / sized.stages.leather.sizes.height,
  );
  const x = (r: number) => SIZE.margin + r * scale;
  const y = (z: number) => SIZE.height - SIZE.margin - z * scale;
  const line = (points: readonly { r: number; z: number }[]) =>
    `M${points.map(({ r, z }) => `${x(r).toFixed(1)} ${y(z).toFixed(1)}`).join('L')}`;
  const arch = Array.from({ length: 31 }, (_, i) => {
    const turn = Math.PI / 2 - (i * Math.PI) / 30;
    const z = (upper + lower) / 2 + ((upper - lower) / 2) * Math.sin(turn);
    return { r: out(upper) + (out(lower) - out(upper)) * (i / 30) + (gap + thick / 2) * Math.cos(turn), z };
  });
  return (
    <chakra.svg
      role="img"
      aria-label={`The leather-hard piece with its handle, seated ${piece.units.length(upper)} and ${piece.units.length(lower)} up`}
      width={`${SIZE.width}px`}
      height={`${SIZE.height}px`}
      flexShrink="0"
      fill="none"
    >
      <path d={`${line(arch)}`} stroke="var(--chakra-colors-leather)" strokeWidth={Math.max(3, thick * scale)} opacity="0.45" />
      <path
        d={`${line([...under, ...side, ...inside])}Z`}
        fill="var(--chakra-colors-bg-panel)"
        stroke="var(--chakra-colors-leather)"
        strokeWidth="2"
      />
      <path d={`M${x(0)} 2V${SIZE.height - 2}`} stroke="var(--chakra-colors-line-strong)" strokeDasharray="12 4 2 4" />
    </chakra.svg>
  );
}
