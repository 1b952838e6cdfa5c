'use client';

import { doubtedReadings } from '@/core/lessons';
import { madeActs } from '@/store';
import { Act } from '@/ui/fields';
import { run as perform, useUnits, useWorkspace } from '@/ui/state';
import { Box } from '@chakra-ui/react';

/** Readings far from what was planned: asked about, and not counted until they are answered. */
export function Doubted() {
  const { workspace } = useWorkspace();
  const { length } = useUnits();
  return doubtedReadings(workspace).map(({ run, piece, size }) => {
    const reading = piece.sizes.wet![size]!;
    const planned = size === 'height' ? (run.gauge ?? run.planned.height!) : run.planned[size]!;
    return (
      <Box key={`${piece.id}-${size}`} role="note" color="warn" marginBlock="2" data-doubted={piece.id}>
        {run.name} {piece.no} measured {length(reading.mm)} wet where {length(planned)} was planned. It does not count until you say so. Is
        this right?{' '}
        <Act
          onClick={() =>
            perform(madeActs.measurePiece(piece.id, 'wet', size, { ...reading, sure: true }, `${run.name} ${piece.no} is right`))
          }
        >
          Yes, it is right
        </Act>
      </Box>
    );
  });
}
