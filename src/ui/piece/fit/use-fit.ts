'use client';

import type { Result } from '@/core/units';
import { type FitWork, type Fitting, type Part, type Workspace, fitOf } from '@/core/workspace';
import { useWorkspace } from '@/ui/state';
import type { PieceModel } from '../model/use-piece';
import { usualFitting } from './usual';

interface Kept extends Pick<Workspace, 'bodies' | 'bars' | 'shop' | 'plans' | 'runs' | 'pieces'> {
  readonly sized: PieceModel['worked']['sized'];
  readonly found: Result<FitWork>;
}

const kept = new WeakMap<Part, Kept>();

/** How a piece fits with what it is to fit, worked out once for the room and the drawing. */
export function useFit(piece: PieceModel): { readonly fitting: Fitting; readonly found: Result<FitWork> } {
  const { workspace } = useWorkspace();
  const { bodies, bars, shop, plans, runs, pieces } = workspace;
  const { part } = piece;
  const { sized } = piece.worked;
  const fitting = part.fit ?? usualFitting(piece);
  const known = kept.get(part);
  const same = known?.bodies === bodies && known.bars === bars && known.runs === runs && known.pieces === pieces;
  if (same && known.shop === shop && known.sized === sized) return { fitting, found: known.found };
  const found = fitOf(workspace, part, sized, fitting);
  kept.set(part, { bodies, bars, shop, plans, runs, pieces, sized, found });
  return { fitting, found };
}
