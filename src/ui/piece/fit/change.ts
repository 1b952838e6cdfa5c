import { type Fitting, shopOf } from '@/core/records';
import { useWorkspace } from '@/ui/state';
import type { PieceModel } from '../model/use-piece';
import { usualFitting } from './usual';

/** Changes what is chosen of a fit; says why not, if so. */
export type Change = (change: Partial<Fitting>, label: string, key?: string) => string | undefined;

/** The way to change what a piece is to fit with, from the usual where nothing was chosen yet. */
export const changerOf =
  (piece: PieceModel): Change =>
  (change, label, key) =>
    piece.takePart(({ fit }) => ({ fit: { ...usualFitting(piece), ...fit, ...change } }), label, key);

/** What a list says while nothing is chosen of it. */
export const NONE = '';

/** The bought things of the kit, and the one a fit is with. */
export function useLots(fitting: Fitting) {
  const lots = shopOf(useWorkspace().workspace).stock ?? [];
  return { lots, lot: fitting.with === 'stock' ? lots.find(({ id }) => id === fitting.stockId) : undefined };
}
