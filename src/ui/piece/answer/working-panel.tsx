'use client';

import { addingCost, working } from '@/core/sizing';
import { writePercent } from '@/core/units';
import { figureWords, handWorking, restsOnWords } from '@/core/workspace';
import { Box, chakra } from '@chakra-ui/react';
import type { PieceModel } from '../model/use-piece';

/** What the shrinkage is and where most pieces lie. */
function shrinkageWords({ worked }: PieceModel): string {
  const { shrinkage, belief } = worked.clay;
  const height = shrinkage.height === shrinkage.width ? '' : ` (${writePercent(shrinkage.height * 100)} in height)`;
  return `${figureWords(belief)}${height}`;
}

/** The arithmetic of the number last chosen, and what adding the percentage would have cost. */
export function WorkingPanel({ piece }: { piece: PieceModel }) {
  const { worked, units, opened } = piece;
  const { title, lines } =
    opened === 'shrinkage'
      ? { title: 'the shrinkage', lines: [`${shrinkageWords(piece)}.`, restsOnWords(piece.known)] }
      : opened === 'hand'
        ? handWorking(piece.hand!, worked, units)
        : working(worked, opened, units);
  const { shrinkage } = worked.clay;
  const finished = worked.sized.stages.glazed.sizes.height;
  const adding = addingCost(finished, shrinkage.height);
  return (
    <Box as="section" aria-label="Arithmetic" fontSize="sm" lineHeight="1.45">
      <chakra.h2 fontWeight="650" marginBottom="1">
        How: {title}
      </chakra.h2>
      <Box aria-live="polite" fontVariantNumeric="tabular-nums">
        {lines.map((line) => (
          <Box key={line}>{line}</Box>
        ))}
      </Box>
      <Box marginTop="2" color="fg.muted" data-testid="adding">
        Adding {writePercent(shrinkage.height * 100)} to {units.length(finished)} instead would make it {units.length(adding.wet)} wet and
        finish {units.length(adding.finishes)}: <b>{units.length(adding.short)} short</b>.
      </Box>
    </Box>
  );
}
