import { type Assembled, assembled } from '@/core/handbuild';
import { chakra } from '@chakra-ui/react';
import type { PieceModel } from '../model/use-piece';

const STROKES: Record<Assembled['lines'][number]['kind'], { width: number; color: string; dash?: string }> = {
  edge: { width: 2, color: 'var(--chakra-colors-glazed)' },
  join: { width: 2, color: 'var(--chakra-colors-act)' },
  inside: { width: 1.2, color: 'var(--chakra-colors-glazed)', dash: '5 3' },
};

const SIZE = { width: 222, height: 230, margin: 14 };

/**
 * The finished piece as it stands, its joins lettered as on the flat parts. Only what is cut from slabs has parts to join.
 *
 * @param base where it stands on the sheet of the section, px; within the text where there is none
 */
export function AssembledPiece({ piece, base }: { piece: PieceModel; base?: number }) {
  if (piece.hand?.by !== 'slab') return null;
  const seen = assembled(piece.form, piece.hand.choices.darts);
  const all = seen.lines.flatMap(({ points }) => points);
  const [xs, ys] = [all.map(({ x }) => x), all.map(({ y }) => y)];
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  const [wide, high] = [Math.max(...xs) - left, Math.max(...ys) - top];
  const scale = Math.min((SIZE.width - 2 * SIZE.margin) / wide, (SIZE.height - 2 * SIZE.margin) / high);
  const x = (mm: number) => SIZE.margin + (mm - left) * scale;
  const y = (mm: number) => SIZE.margin + (mm - top) * scale;
  const height = high * scale + 2 * SIZE.margin;
  return (
    <chakra.svg
      role="img"
      aria-label="The piece put together, its joins lettered as on the flat parts"
      width={`${wide * scale + 2 * SIZE.margin}px`}
      height={`${height}px`}
      maxWidth="100%"
      {...(base === undefined ? {} : { position: 'absolute', left: '0', top: `${Math.max(8, base - height + SIZE.margin)}px` })}
      fill="none"
      strokeLinejoin="round"
      data-testid="assembled"
    >
      {seen.lines.map(({ points, kind }, i) => (
        <path
          key={i}
          d={`M${points.map((point) => `${x(point.x).toFixed(1)} ${y(point.y).toFixed(1)}`).join('L')}`}
          stroke={STROKES[kind].color}
          strokeWidth={STROKES[kind].width}
          strokeDasharray={STROKES[kind].dash}
        />
      ))}
      {seen.marks.map(({ mark, at }, i) => (
        <g key={i}>
          <circle cx={x(at.x)} cy={y(at.y)} r="10" fill="var(--chakra-colors-bg)" stroke="var(--chakra-colors-act)" />
          <text
            x={x(at.x)}
            y={y(at.y) + 4.5}
            textAnchor="middle"
            fontSize="13"
            fontWeight="680"
            fill="var(--chakra-colors-fg)"
            stroke="none"
          >
            {mark}
          </text>
        </g>
      ))}
    </chakra.svg>
  );
}
