'use client';

import { useSize } from '@/ui/drawing';
import { useAnyRefused } from '@/ui/fields';
import { Box } from '@chakra-ui/react';
import { AllowanceColumn, AllowanceList, allowanceLeaders } from './allowances';
import { DrawnClay } from './drawn-clay';
import { FinishedSizes, HalfNames, WetHeights, Widths, finishedThin } from './drawn-figures';
import { geometryOf } from './geometry';
import type { PieceModel } from './use-piece';

/** The piece cut through: as thrown, standing on the bat, left of the axis; finished right of it. Its dimensions are the fields. */
export function PieceDrawing({ piece }: { piece: PieceModel }) {
  const { ref, size } = useSize<HTMLDivElement>();
  const greyed = useAnyRefused() || piece.impossible !== undefined;
  const geometry = size && geometryOf(piece.worked, size.width, size.height);
  const leaders =
    geometry?.wide === true
      ? [...allowanceLeaders(piece, geometry), ...finishedThin(piece, geometry).map(({ from, to }) => [from, to] as const)]
      : [];
  return (
    <Box>
      <Box
        ref={ref}
        position="relative"
        height={{ base: '420px', md: 'calc(100vh - 342px)' }}
        minHeight={{ base: '360px', md: '420px' }}
        data-testid="drawing"
        data-greyed={greyed}
      >
        {geometry && (
          <>
            <DrawnClay piece={piece} geometry={geometry} leaders={leaders} greyed={greyed} />
            <HalfNames geometry={geometry} />
            <WetHeights piece={piece} geometry={geometry} />
            <Widths piece={piece} geometry={geometry} />
            <FinishedSizes piece={piece} geometry={geometry} />
            {geometry.wide && <AllowanceColumn piece={piece} geometry={geometry} />}
          </>
        )}
      </Box>
      {geometry && !geometry.wide && <AllowanceList piece={piece} />}
    </Box>
  );
}
