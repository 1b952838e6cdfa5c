import type { Fitting } from '@/core/workspace';
import type { PieceModel } from '../model/use-piece';

/** A pot's mouth is looked at first; a flat round piece is a lid. */
export const usualFitting = ({ form }: PieceModel): Fitting => ({ with: form.family === 'disc' ? 'pot' : 'lid' });
