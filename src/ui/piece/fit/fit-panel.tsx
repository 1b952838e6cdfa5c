'use client';

import { Box } from '@chakra-ui/react';
import type { PieceModel } from '../model/use-piece';
import { Cautions } from './cautions';
import { Doubts } from './doubts';
import { FireIt } from './fire-it';
import { FitAnswer } from './fit-answer';
import { FitChoices } from './fit-choices';
import { FitWith } from './fit-with';
import { OddsBar } from './odds-bar';
import { useFit } from './use-fit';

/** What this piece is to fit with, what to make for that, and how sure it is. */
export function FitPanel({ piece }: { piece: PieceModel }) {
  const { fitting, found } = useFit(piece);
  return (
    <Box>
      <FitWith piece={piece} fitting={fitting} />
      {found.ok ? (
        <>
          <FitAnswer piece={piece} work={found.value} />
          <OddsBar work={found.value} />
        </>
      ) : (
        <Box role="status" fontWeight="600" data-fit="open">
          {found.problem.message}
        </Box>
      )}
      <FitChoices piece={piece} fitting={fitting} />
      {found.ok && (
        <>
          <Doubts piece={piece} work={found.value} />
          <FireIt piece={piece} work={found.value} />
        </>
      )}
      <Cautions fitting={fitting} />
    </Box>
  );
}
