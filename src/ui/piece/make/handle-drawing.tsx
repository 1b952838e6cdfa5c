import { remaining } from '@/core/clay';
import { type Point, radiusAt } from '@/core/form';
import type { HandlePlan } from '@/core/handbuild';
import { ink } from '@/ui/theme';
import type { PieceModel } from '../model/use-piece';

const SIZE = { width: 820, height: 330, margin: 26 };

/** The leather-hard piece in section with its handle on the wall, to one scale, as they are put together: the heights of its seats. */
export function HandlePicture({ piece, plan }: { piece: PieceModel; plan: HandlePlan }) {
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
  const scale = Math.min((SIZE.width / 2 - 100) / (widest + reach), (SIZE.height - 2 * SIZE.margin) / sized.stages.leather.sizes.height);
  // piece and handle together in the middle
  const axis = SIZE.width / 2 - (reach * scale) / 2;
  const x = (r: number) => axis + r * scale;
  const y = (z: number) => SIZE.height - SIZE.margin - z * scale;
  const line = (points: readonly { r: number; z: number }[]) =>
    `M${points.map(({ r, z }) => `${x(r).toFixed(1)} ${y(z).toFixed(1)}`).join('L')}`;
  const arch = Array.from({ length: 31 }, (_, i) => {
    const turn = Math.PI / 2 - (i * Math.PI) / 30;
    const z = (upper + lower) / 2 + ((upper - lower) / 2) * Math.sin(turn);
    return { r: out(upper) + (out(lower) - out(upper)) * (i / 30) + (gap + thick / 2) * Math.cos(turn), z };
  });
  const { length } = piece.units;
  const whole = [...under, ...side, ...inside];
  const edge = x(widest + reach) + 14;
  return (
    <svg
      viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
      className="gauge-picture"
      role="img"
      aria-label={`The leather-hard piece with its handle, seated ${length(upper)} and ${length(lower)} up`}
      fill="none"
      data-testid="handle-picture"
    >
      <path d={`M20 ${y(0) + 2}H${SIZE.width - 20}`} stroke={ink('fg')} strokeWidth="2.5" />
      <path d={line(arch)} stroke={ink('leather')} strokeWidth={Math.max(4, thick * scale)} opacity="0.45" />
      {[whole, whole.map(({ r, z }) => ({ r: -r, z }))].map((half, i) => (
        <path key={i} d={`${line(half)}Z`} fill={ink('bg-panel')} stroke={ink('leather')} strokeWidth="2" />
      ))}
      <path d={`M${x(0)} 8V${y(0)}`} stroke={ink('line-strong')} strokeDasharray="12 4 2 4" />
      {[upper, lower].map((z) => (
        <path key={z} d={`M${x(out(z))} ${y(z)}H${edge}`} stroke={ink('line-strong')} strokeDasharray="2 4" />
      ))}
      <g className="drawn-figure" fontSize="22" fontWeight="680" fill={ink('leather')}>
        {[upper, lower].map((z) => (
          <text key={z} x={edge + 6} y={y(z) + 8}>
            {length(z)}
          </text>
        ))}
      </g>
      <g fontSize="14" fill={ink('fg-muted')}>
        <text x={edge + 6} y={y(upper) + 26}>
          upper seat, leather hard
        </text>
        <text x={edge + 6} y={y(lower) + 26}>
          lower seat
        </text>
      </g>
    </svg>
  );
}
