'use client';

import { obstacleWords } from '@/core/telling';
import { Finishes, StageName } from '@/ui/stage';
import { handFigures } from '@/ui/steps';
import { Box } from '@chakra-ui/react';
import type { PieceModel } from '../model/use-piece';

/** Why nothing can be weighed out yet. */
export function HandObstacle({ piece }: { piece: PieceModel }) {
  if (!piece.hand?.obstacle) return null;
  return (
    <Box role="alert" color="bad" fontSize="1.25rem" fontWeight="600" lineHeight="1.3" paddingBlock="2" data-answer="obstacle">
      {obstacleWords(piece.hand.obstacle, piece.units.length)}
    </Box>
  );
}

/** What to roll, cut, press or coil. */
export function HandFigures({ piece }: { piece: PieceModel }) {
  return (
    <div className="answer-figures">
      {handFigures(piece.hand, piece.worked, piece.units).map(({ words, figure, finishes, stage }) => (
        <Box key={words} gridColumn={figure.length > 10 ? '1 / -1' : undefined}>
          <Box fontSize="sm" color="fg.muted">
            {words}
          </Box>
          <Box
            color={stage ?? 'wet'}
            fontFamily="figure"
            fontVariantNumeric="tabular-nums"
            fontSize={figure.length > 9 ? (figure.length > 10 ? 'clamp(21px, 2.2vw, 28px)' : '1.4375rem') : '2.125rem'}
            fontWeight="680"
            lineHeight="1.1"
            whiteSpace="nowrap"
            data-hand={words}
          >
            {figure}
          </Box>
          {stage && (
            <Box fontSize="sm">
              <StageName stage={stage} />
            </Box>
          )}
          {finishes && <Finishes>{finishes}</Finishes>}
        </Box>
      ))}
    </div>
  );
}
