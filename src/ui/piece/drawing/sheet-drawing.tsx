import { boundsOf, roomIn } from '@/core/handbuild';
import type { RolledSlab } from '@/core/part';
import { chakra } from '@chakra-ui/react';

/** A slab with the parts laid on it, as they are cut. */
export function SheetDrawing({ slab, words }: { slab: RolledSlab; words: string }) {
  const { width, length, laid } = slab;
  const letter = Math.max(9, Math.min(width, length) / 18);
  return (
    <chakra.svg
      role="img"
      aria-label={words}
      viewBox={`-4 -4 ${length + 8} ${width + 8 + letter * 1.4}`}
      width="100%"
      maxHeight="400px"
      preserveAspectRatio="xMinYMin meet"
      data-testid="slab-layout"
    >
      {/* the way it was rolled runs to the right */}
      <rect
        width={length}
        height={width}
        rx="6"
        fill="var(--chakra-colors-bg-panel)"
        stroke="var(--chakra-colors-line-strong)"
        strokeDasharray="7 5"
      />
      <text x={length} y={width + letter * 1.2} textAnchor="end" fontSize={letter * 0.8} fill="var(--chakra-colors-fg-muted)">
        rolled this way →
      </text>
      {laid.map(({ outline, part }, i) => {
        const { width: w } = boundsOf(outline);
        const room = roomIn(outline);
        return (
          <g key={i}>
            <path
              d={`M${outline.map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`}
              fill="var(--chakra-colors-bg)"
              stroke="var(--chakra-colors-wet)"
              strokeWidth="1.6"
            />
            <text
              x={room.at.x}
              y={room.at.y + letter / 3}
              textAnchor="middle"
              fontSize={Math.min(letter, (Math.min(w, room.mm * 4) * 1.7) / part.name.length, room.mm * 1.6)}
              fill="var(--chakra-colors-fg)"
            >
              {part.name}
            </text>
          </g>
        );
      })}
    </chakra.svg>
  );
}
