import { type Line, radiusAt, sectionOf } from '@/core/form';
import type { CoilPlan } from '@/core/handbuild';
import { ink } from '@/ui/theme';
import type { PieceModel } from '../model/use-piece';

const WIDE = 820;
const HIGH = 340;
const EDGE = { beside: 170, above: 26, below: 30 };
/** The words of courses stand at least so far from each other, px. */
const APART = 19;

/** The wet piece in section, its pinched base and its coils course by course; where the wall is let to firm is marked. */
export function CoilPicture({ piece, plan }: { piece: PieceModel; plan: CoilPlan }) {
  const { wet } = piece.worked.sized;
  const { length } = piece.units;
  const { pinch, courses } = plan;
  const top = courses.at(-1)?.to ?? pinch.height;
  const reach = Math.max(...wet.side.map(({ r }) => r));
  const scale = Math.min((WIDE / 2 - EDGE.beside) / reach, (HIGH - EDGE.above - EDGE.below) / top);
  const [axis, ground] = [WIDE / 2, HIGH - EDGE.below];
  const x = (r: number, side: 1 | -1) => axis + side * r * scale;
  const y = (z: number) => ground - z * scale;
  const line = (points: Line, side: 1 | -1) => `M${points.map(({ r, z }) => `${x(r, side).toFixed(1)} ${y(z).toFixed(1)}`).join('L')}Z`;
  const section = sectionOf(wet);
  const rings = courses.map(({ from, to, thickness }) => {
    const z = (from + to) / 2;
    const [outer, inner] = [radiusAt(wet.side, z), radiusAt(wet.inside, z)];
    return { z, r: (outer + inner) / 2, across: Math.max(outer - inner, thickness * 0.6) / 2, up: (to - from) / 2 };
  });
  // so many courses apart the figures find room; the last has always one
  const every = Math.max(1, Math.ceil(APART / ((rings[0]?.up ?? 1) * 2 * scale)));
  const named = courses.flatMap(({ to }, i) => ((courses.length - 1 - i) % every === 0 ? [{ no: i + 1, to }] : []));
  const says = `The base pinched ${length(pinch.height)} high and ${courses.length} courses of coil up to ${length(top)}, wet`;
  return (
    <svg viewBox={`0 0 ${WIDE} ${HIGH}`} className="gauge-picture" role="img" aria-label={says} data-testid="coil-picture">
      <defs>
        <clipPath id="pinched">
          <rect x="0" y={y(pinch.height)} width={WIDE} height={HIGH} />
        </clipPath>
      </defs>
      <path d={`M20 ${ground + 2}H${WIDE - 20}`} stroke={ink('fg')} strokeWidth="2.5" />
      {([-1, 1] as const).map((side) => (
        <g key={side}>
          <path d={line(section, side)} fill="none" stroke={ink('wet')} strokeWidth="1" strokeDasharray="4 4" />
          <path d={line(section, side)} fill={ink('wet-wash')} stroke={ink('wet')} strokeWidth="1.8" clipPath="url(#pinched)" />
          {rings.map(({ z, r, across, up }) => (
            <ellipse
              key={z}
              cx={x(r, side)}
              cy={y(z)}
              rx={across * scale}
              ry={up * scale}
              fill={ink('wet-wash')}
              stroke={ink('wet')}
              strokeWidth="1.8"
            />
          ))}
        </g>
      ))}
      <path d={`M${axis} 8V${ground}`} stroke={ink('line-strong')} strokeDasharray="12 4 2 4" />
      {courses.flatMap(({ from, pause }, i) =>
        pause
          ? [
              <g key={i}>
                <path d={`M${EDGE.beside - 20} ${y(from)}H${axis - 10}`} stroke={ink('warn')} strokeWidth="1.5" strokeDasharray="6 4" />
                <text x="14" y={y(from) + 5} fontSize="14" fill={ink('warn')}>
                  let it firm up here
                </text>
              </g>,
            ]
          : [],
      )}
      <g className="drawn-figure" fontSize="15" fill={ink('wet')}>
        {named.map(({ no, to }) => (
          <text key={no} x={WIDE - 14} y={y(to) + 12} textAnchor="end">
            {no}: {length(to)}
          </text>
        ))}
        <text x={WIDE - 14} y={Math.min(ground - 2, y(pinch.height) + 14)} textAnchor="end">
          base: {length(pinch.height)}
        </text>
      </g>
    </svg>
  );
}
