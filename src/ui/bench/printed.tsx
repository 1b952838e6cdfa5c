'use client';

import { DASH, type Drawing, type Shape } from '@/core/paper';
import { Saves } from '@/ui/fields';
import { pdfOf } from '@/workers';
import { useUnits } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { usePages } from './use-pages';

function Drawn({ shape }: { shape: Shape }) {
  if (shape.kind === 'line') return <line x1={shape.x1} y1={shape.y1} x2={shape.x2} y2={shape.y2} strokeWidth={shape.width} />;
  if (shape.kind === 'path') {
    const d = `M${shape.points.map(({ x, y }) => `${x.toFixed(3)} ${y.toFixed(3)}`).join('L')}${shape.closed ? 'Z' : ''}`;
    return <path d={d} strokeWidth={shape.width} strokeDasharray={shape.dashed ? DASH.join(' ') : undefined} />;
  }
  return (
    <text
      x={shape.x}
      y={shape.y}
      style={{ fontSize: `${shape.size}px` }}
      textAnchor={shape.anchor ?? 'start'}
      fill="currentColor"
      stroke="none"
    >
      {shape.text}
    </text>
  );
}

/** A file's name from a drawing's title. */
export const fileName = (title: string): string =>
  `rimbet-${title
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')}`;

interface Props {
  readonly title: string;
  readonly drawing: Drawing;
  readonly about?: ReactNode;
}

/** A drawing at true size to take away: looked at here, printed on as many pages as it needs, or as a file. */
export function Printed({ title, drawing, about }: Props) {
  const { pages: pagesOf, correction } = usePages();
  const { length } = useUnits();
  const pages = pagesOf(drawing);
  const name = fileName(drawing.title);
  const pdf = async () => ({ content: await pdfOf(pages), name: `${name}.pdf`, type: 'application/pdf' });
  const svg = async () => ({ content: (await import('@/core/print')).writeSvg(drawing), name: `${name}.svg`, type: 'image/svg+xml' });
  const dxf = async () => ({ content: (await import('@/core/print')).writeDxf(drawing), name: `${name}.dxf`, type: 'image/vnd.dxf' });
  return (
    <Box as="section" aria-label={title} marginBottom="4">
      <HStack justifyContent="space-between" flexWrap="wrap" gap="2">
        <chakra.h3 fontWeight="650">
          {title}{' '}
          <chakra.span fontWeight="400" fontSize="sm" color="fg.muted">
            {length(Math.round(drawing.width))} × {length(Math.round(drawing.height))},{' '}
            {pages.length === 1 ? 'one page' : `${pages.length} pages`}
          </chakra.span>
        </chakra.h3>
        <Saves
          files={[
            { words: 'PDF', label: `${title} as PDF`, look: 'solid', make: pdf },
            { words: 'SVG', label: `${title} as SVG`, make: svg },
            { words: 'DXF', label: `${title} as DXF`, make: dxf },
          ]}
        />
      </HStack>
      {about}
      <chakra.svg
        viewBox={`-1 -1 ${drawing.width + 2} ${drawing.height + 2}`}
        width="100%"
        maxHeight={{ base: '420px', md: 'max(420px, calc(100vh - 300px))' }}
        fill="none"
        stroke="currentColor"
        fontFamily="figure"
        marginTop="2"
        role="img"
        aria-label={`Preview: ${drawing.title}`}
      >
        {pages.length > 1 &&
          pages.map(({ row, column, from, area }) => (
            <rect
              key={`${row}-${column}`}
              x={from.x}
              y={from.y}
              width={area.width / correction}
              height={area.height / correction}
              stroke="var(--chakra-colors-act)"
              strokeWidth="0.8"
              strokeDasharray="4 3"
            />
          ))}
        {drawing.shapes.map((shape, i) => (
          <Drawn key={i} shape={shape} />
        ))}
      </chakra.svg>
    </Box>
  );
}
