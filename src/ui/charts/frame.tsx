import { Box, chakra } from '@chakra-ui/react';
import { type ReactNode, useState } from 'react';

export const SIZE = { width: 440, height: 250, left: 44, right: 14, top: 12, bottom: 34 };

interface ChartProps {
  readonly title: string;
  /** What the picture says, for those who cannot see it. */
  readonly says: string;
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
  readonly children: ReactNode;
}

/** A chart with its title, its meaning in words, and the table behind it. */
export function Chart({ title, says, head, rows, children }: ChartProps) {
  return (
    <chakra.figure minWidth="0">
      <chakra.figcaption fontWeight="650" marginBottom="1">
        {title}
      </chakra.figcaption>
      <svg
        viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
        role="group"
        aria-label={`${title}. ${says}`}
        style={{ width: '100%', height: 'auto', fontFamily: 'var(--chakra-fonts-figure)', fontSize: 12 }}
      >
        {children}
      </svg>
      <Box fontSize="sm" color="fg.muted">
        {says}
      </Box>
      <TableBehind title={title} head={head} rows={rows} />
    </chakra.figure>
  );
}

type TableOf = Pick<ChartProps, 'title' | 'head' | 'rows'>;

/** The table behind a picture, shown where it is asked for. */
export function TableBehind(table: TableOf) {
  const [open, setOpen] = useState(false);
  return (
    <chakra.details fontSize="sm" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <chakra.summary cursor="pointer" minHeight="max(var(--finger), 28px)">
        as a table
      </chakra.summary>
      {open && <Behind {...table} />}
    </chakra.details>
  );
}

/** The table behind a chart, once it is asked for. */
function Behind({ title, head, rows }: TableOf) {
  return (
    <chakra.table width="100%" aria-label={title}>
      <thead>
        <tr>
          {head.map((cell) => (
            <chakra.th key={cell} scope="col" textAlign="left" fontWeight="500" color="fg.muted">
              {cell}
            </chakra.th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.join('/')}>
            {row.map((cell, i) => (
              <td key={head[i]}>{cell}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </chakra.table>
  );
}

const INK = 'var(--chakra-colors-fg-muted)';
const FAINT = 'var(--chakra-colors-line)';

/** Level lines with their figures at the left. */
export function LevelLines({
  ticks,
  y,
  write,
}: {
  ticks: readonly number[];
  y: (value: number) => number;
  write: (value: number) => string;
}) {
  return (
    <g>
      {ticks.map((tick) => (
        <g key={tick}>
          <path d={`M${SIZE.left} ${y(tick)}H${SIZE.width - SIZE.right}`} stroke={FAINT} />
          <text x={SIZE.left - 6} y={y(tick) + 4} textAnchor="end" fill={INK}>
            {write(tick)}
          </text>
        </g>
      ))}
    </g>
  );
}

/** Words under the chart, at their places. */
export function Feet({ feet }: { feet: readonly { readonly x: number; readonly words: string; readonly color?: string }[] }) {
  return (
    <g>
      {feet.map(({ x, words, color = INK }) => (
        <text key={`${x}-${words}`} x={x} y={SIZE.height - SIZE.bottom + 18} textAnchor="middle" fill={color}>
          {words}
        </text>
      ))}
    </g>
  );
}

/** One measured value: reached by Tab, told in words. Round where it counts, open where it is shown only. */
export function Dot({ x, y, words, color, open = false }: { x: number; y: number; words: string; color: string; open?: boolean }) {
  return (
    <g tabIndex={0} role="img" aria-label={words}>
      <title>{words}</title>
      <circle cx={x} cy={y} r="5" fill={open ? 'var(--chakra-colors-bg)' : color} stroke={color} strokeWidth="2" />
    </g>
  );
}
