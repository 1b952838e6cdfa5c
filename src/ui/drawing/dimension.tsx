import type { ReactNode } from 'react';
import { movedTo } from './layout';

const TICK = 5;

interface LineProps {
  readonly color: string;
  readonly strong?: boolean;
}

/** An upright dimension line with end ticks, between two heights. */
export function Upright({ x, top, bottom, color, strong }: { x: number; top: number; bottom: number } & LineProps) {
  return (
    <g stroke={color} strokeWidth={strong ? 1.75 : 1} fill="none">
      <path d={`M${x} ${top}V${bottom}M${x - TICK} ${top}H${x + TICK}M${x - TICK} ${bottom}H${x + TICK}`} />
    </g>
  );
}

/** A level dimension line with end ticks, between two places. */
export function Level({ y, from, to, color, strong }: { y: number; from: number; to: number } & LineProps) {
  return (
    <g stroke={color} strokeWidth={strong ? 1.75 : 1} fill="none">
      <path d={`M${from} ${y}H${to}M${from} ${y - TICK}V${y + TICK}M${to} ${y - TICK}V${y + TICK}`} />
    </g>
  );
}

/** A thin line that leads the eye from a figure to the place it speaks of. */
export function Leader({ from, to }: { from: readonly [number, number]; to: readonly [number, number] }) {
  const [x, y] = to;
  return (
    <g stroke="var(--chakra-colors-line-strong)" strokeWidth="1" fill="none" data-leader>
      <path d={`M${from[0]} ${from[1]}L${x} ${y}`} strokeDasharray="1 3" strokeLinecap="round" />
      <circle cx={x} cy={y} r="2.4" fill="var(--chakra-colors-line-strong)" stroke="none" />
    </g>
  );
}

/** Something readable or typeable put at a place of the drawing; by its middle unless said. */
export function At({
  x,
  y,
  anchor = 'middle',
  children,
}: {
  x: number;
  y: number;
  anchor?: 'start' | 'middle' | 'end';
  children: ReactNode;
}) {
  const shift = { start: '0', middle: '-50%', end: '-100%' }[anchor];
  return (
    <div className="drawn-at" style={{ transform: movedTo(x, y, shift) }}>
      {children}
    </div>
  );
}
