'use client';

import { FAMILIES } from '@/core/form';
import { Box } from '@chakra-ui/react';
import type { PieceModel } from '../model/use-piece';
import { LidBlock } from './lid-block';

/** What this piece is to fit: lids from the maker's cutters. */
export function LidPanel({ piece }: { piece: PieceModel }) {
  if (!FAMILIES[piece.form.family].solid && piece.worked.sized.wet.plan)
    return <Box color="fg.muted">Round cutters make no lid for this form. Build one from slabs as a piece of its own.</Box>;
  return <LidBlock piece={piece} />;
}
