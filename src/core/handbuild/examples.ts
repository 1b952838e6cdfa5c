import { type ClayFigures, clayFigures, remaining } from '@/core/clay';
import { FAMILIES, type FamilyName, type Form, type SizeName, formOf } from '@/core/form';
import { NOTHING_LOST, type Sized, size } from '@/core/sizing';

/** What the tests of this room build: pieces of a clay that shrinks 12 %, with nothing lost in the making. */
export const clay: ClayFigures = clayFigures({ kind: 'stoneware', shrinkagePercent: 12 });
export const k = remaining(clay.shrinkage, 'glazed', 'width');
export const write = (mm: number) => `${mm.toFixed(1)} mm`;

const form = (family: FamilyName, sizes: Partial<Record<SizeName, number>> = {}): Form<'glazed'> =>
  formOf({ family, manner: { ...FAMILIES[family].manner, foot: 'flat' }, knots: FAMILIES[family].knots }, 'glazed', {
    ...FAMILIES[family].typical,
    ...sizes,
  });
export const sized = (family: FamilyName, sizes: Partial<Record<SizeName, number>> = {}): Sized =>
  size(clay, form(family, sizes), 'glazed', NOTHING_LOST);
