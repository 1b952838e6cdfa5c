'use client';

import { addingCost, working } from '@/core/sizing';
import { writePercent } from '@/core/units';
import { Box, chakra } from '@chakra-ui/react';
import type { PieceModel } from './use-piece';

const SOURCE_WORDS = {
  bars: 'from measured bars',
  supplier: 'the supplier’s word, give or take a percent',
  given: 'as given',
  typical: 'only what is typical: nothing measured, nothing said',
};

/** What the shrinkage is and whose word it is. */
export function shrinkageWords({ worked, body }: PieceModel): string {
  const { shrinkage, sources } = worked.clay;
  const source = Array.isArray(body?.shrinkagePercent) ? 'the middle of the supplier’s range' : SOURCE_WORDS[sources.shrinkage];
  const height = shrinkage.height === shrinkage.width ? '' : `, ${writePercent(shrinkage.height * 100)} in height`;
  return `${writePercent(shrinkage.width * 100)} of the wet size${height}: ${source}`;
}

/** The arithmetic of the number last chosen, and what adding the percentage would have cost. */
export function WorkingPanel({ piece }: { piece: PieceModel }) {
  const { worked, units, opened } = piece;
  const { title, lines } = working(worked, opened, units);
  const { shrinkage } = worked.clay;
  const finished = worked.sized.stages.glazed.height;
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
