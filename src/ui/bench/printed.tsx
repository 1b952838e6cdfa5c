'use client';

import { DASH, type Drawing, type Shape, correctionOf, tile } from '@/core/paper';
import { Act } from '@/ui/fields';
import { saveBytes, saveText } from '@/ui/state';
import { pdfOf } from '@/workers';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { type ReactNode, useState } from 'react';
import { useBench } from './use-bench';

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

const fileName = (title: string): string =>
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
  const { paper, measuredMm } = useBench();
  const [state, setState] = useState<'ready' | 'making' | string>('ready');
  const correction = correctionOf(measuredMm);
  const pages = tile(drawing, paper, correction);
  const name = fileName(drawing.title);
  const pdf = async () => {
    setState('making');
    try {
      await saveBytes(await pdfOf([pages[0]!, ...pages.slice(1)]), `${name}.pdf`, 'application/pdf');
      setState('ready');
    } catch (error) {
      setState(error instanceof Error ? error.message : 'The PDF could not be made.');
    }
  };
  const write = async (kind: 'svg' | 'dxf') => {
    const { writeDxf, writeSvg } = await import('@/core/print');
    const [text, type] = kind === 'svg' ? [writeSvg(drawing), 'image/svg+xml'] : [writeDxf(drawing), 'image/vnd.dxf'];
    await saveText(text, `${name}.${kind}`, type);
  };
  return (
    <Box as="section" aria-label={title} borderTopWidth="1px" borderColor="line" paddingBlock="3">
      <HStack justifyContent="space-between" flexWrap="wrap" gap="2">
        <chakra.h3 fontWeight="650">
          {title}{' '}
          <chakra.span fontWeight="400" fontSize="sm" color="fg.muted">
            {Math.round(drawing.width)} × {Math.round(drawing.height)} mm, {pages.length === 1 ? 'one page' : `${pages.length} pages`}
          </chakra.span>
        </chakra.h3>
        <HStack gap="2">
          <Act look="solid" disabled={state === 'making'} onClick={() => void pdf()} aria-label={`${title} as PDF`}>
            {state === 'making' ? 'Making …' : 'PDF'}
          </Act>
          <Act onClick={() => void write('svg')} aria-label={`${title} as SVG`}>
            SVG
          </Act>
          <Act onClick={() => void write('dxf')} aria-label={`${title} as DXF`}>
            DXF
          </Act>
        </HStack>
      </HStack>
      {state !== 'ready' && state !== 'making' && (
        <Box role="alert" color="bad" fontSize="sm">
          {state}
        </Box>
      )}
      {about}
      <chakra.svg
        viewBox={`-1 -1 ${drawing.width + 2} ${drawing.height + 2}`}
        width="100%"
        maxHeight="230px"
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
