'use client';

import { remembering } from '@/core/remember';
import type { Result } from '@/core/units';
import { fitOf, type FitRows, type FitWork } from '@/core/fitting';
import type { Fitting, Part, Workspace } from '@/core/records';
import { useWorkspace } from '@/ui/state';
import type { PieceModel } from '../model/use-piece';
import { usualFitting } from './usual';

interface Inputs extends FitRows {
  readonly sized: PieceModel['worked']['sized'];
  readonly fitting: Fitting;
}

const fitFor = remembering((part: Part, { sized, fitting, ...rows }: Inputs): Result<FitWork> => fitOf(rows, part, sized, fitting));

const usualFor = remembering((part: Part, { plan }: Pick<PieceModel, 'plan'>) => usualFitting({ plan, part }));

/** How a piece fits with what it is to fit, worked out once for the room and the drawing. */
export const useFit = (piece: PieceModel): FitOfPiece => fitOfPiece(useWorkspace().workspace, piece);

export interface FitOfPiece {
  readonly fitting: Fitting;
  readonly found: Result<FitWork>;
}

/** The same where only some pieces ask for it. */
export function fitOfPiece(workspace: Workspace, piece: PieceModel): FitOfPiece {
  const { bodies, bars, shop, plans, formers, runs, pieces, settings } = workspace;
  const { part } = piece;
  const { sized } = piece.worked;
  const fitting = part.fit ?? usualFor(part, { plan: piece.plan });
  return { fitting, found: fitFor(part, { bodies, bars, shop, plans, formers, runs, pieces, settings, sized, fitting }) };
}
