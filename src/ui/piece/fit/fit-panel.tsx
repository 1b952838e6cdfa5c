'use client';

import { Box } from '@chakra-ui/react';
import type { PieceModel } from '../model/use-piece';
import { Doubts } from './doubts';
import { FireIt } from './fire-it';
import { FitChoices } from './fit-choices';
import { FitWith } from './fit-with';
import { Loupe } from './loupe';
import { OddsBar } from './odds-bar';
import { useFit } from './use-fit';

/** What the piece is to fit, in a sentence over its stage. */
export function FitSentence({ piece }: { piece: PieceModel }) {
  return <FitWith piece={piece} fitting={useFit(piece).fitting} />;
}

/** How both parts meet: the gap enlarged, the odds counted, where the error comes from and what would help. */
export function FitPanel({ piece }: { piece: PieceModel }) {
  const { fitting, found } = useFit(piece);
  return (
    <Box>
      {found.ok ? (
        <>
          <Loupe piece={piece} work={found.value} />
          <OddsBar work={found.value} />
          <Doubts piece={piece} work={found.value} />
          <FitChoices piece={piece} fitting={fitting} />
          <FireIt piece={piece} work={found.value} />
        </>
      ) : (
        <>
          <Box role="status" fontWeight="600" data-fit="open">
            {found.problem.message}
          </Box>
          <FitChoices piece={piece} fitting={fitting} />
        </>
      )}
    </Box>
  );
}
