'use client';

import { Box } from '@chakra-ui/react';
import type { PieceModel } from '../model/use-piece';
import { CameOut } from './came-out';
import { Note } from './note';

/** What to remember of the piece, and what one of them came to. */
export function CameOutPanel({ piece }: { piece: PieceModel }) {
  return (
    <Box maxWidth="640px">
      <Note piece={piece} />
      {piece.known.body ? (
        <CameOut piece={piece} />
      ) : (
        <Box fontSize="sm" color="fg.muted" marginTop="2">
          Choose its clay, and a fired piece can be recorded as evidence of how that shrinks.
        </Box>
      )}
    </Box>
  );
}
