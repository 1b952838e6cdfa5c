'use client';

import { type Pairing, pairUp } from '@/core/fit';
import { gapRangeOf, shopOf } from '@/core/records';
import { useWorkspace } from '@/ui/state';
import type { PieceModel } from '../model/use-piece';
import { usualFitting } from './usual';

const NOBODY: readonly number[] = [];

/** The finished mouths and lids of a batch, mm, the gap that is wanted, and which goes on which; no pairs until both were entered. */
export function usePairs(piece: PieceModel) {
  const { workspace } = useWorkspace();
  const fitting = piece.part.fit ?? usualFitting(piece);
  const lot = fitting.with === 'stock' ? shopOf(workspace).stock?.find(({ id }) => id === fitting.stockId) : undefined;
  const mouths = fitting.batch?.mouths ?? NOBODY;
  const lids = fitting.batch?.lids ?? (lot?.kind === 'lid' ? lot.widths : NOBODY);
  const gap = gapRangeOf(fitting);
  const found: Pairing | undefined = mouths.length > 0 && lids.length > 0 ? pairUp(mouths, lids, gap) : undefined;
  return { fitting, mouths, lids, gap, found };
}
