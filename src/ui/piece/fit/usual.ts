import { isDisc } from '@/core/form';
import { type Fitting, mainPart } from '@/core/records';
import type { PieceModel } from '../model/use-piece';

/** A pot's mouth is looked at first; a flat round piece is a lid, of the pot it is a part of if there is one. */
export function usualFitting({ plan, part }: Pick<PieceModel, 'plan' | 'part'>): Fitting {
  if (!isDisc(part.family)) return { with: 'lid' };
  const main = mainPart(plan);
  return main.id === part.id ? { with: 'pot' } : { with: 'part', ref: plan.id };
}
