import { frustumMl } from '@/core/form';
import type { Mould } from './records';

/** Water for 100 of plaster, by weight, where nothing is said; and how little and how much is still a mould. */
export const USUAL_RATIO = 70;
export const RATIO_LIMITS = [50, 100] as const;
/** Mixed over what is worked out. */
export const USUAL_MARGIN = 0.05;

/** What a kilogram of set plaster's solids fill, litres: 1/2.65. how-it-computes.md, Casting. */
const SOLID_L = 1 / 2.65;
const ML_PER_L = 1000;

/** Plaster and water, kg. */
export interface Mix {
  readonly plasterKg: number;
  readonly waterKg: number;
}

export interface Plaster {
  /** With the margin. */
  readonly fillMl: number;
  /** A kilogram for each litre. */
  readonly rule: Mix;
  readonly density: Mix;
}

/**
 * Plaster for a mould by the rule, a kilogram a litre, and by density (how-it-computes.md, Casting).
 *
 * @param ratio water for 100 of plaster by weight; @param margin share mixed over that, 0.05 for 5 %
 * @example plasterFor(6000, 1450, 70, 0.05).density.plasterKg // 4.43446
 */
export function plasterFor(boxMl: number, modelMl: number, ratio: number, margin: number): Plaster {
  const fillMl = (boxMl - modelMl) * (1 + margin);
  const litres = fillMl / ML_PER_L;
  const mix = (plasterKg: number): Mix => ({ plasterKg, waterKg: (plasterKg * ratio) / 100 });
  return { fillMl, rule: mix(litres), density: mix(litres / (ratio / 100 + SOLID_L)) };
}

/** What a mould takes to its level, ml. */
export function mouldMl(mould: Mould): number {
  if (mould.shape === 'box') return (mould.length * mould.width * mould.height) / 1000;
  if (mould.shape === 'round') return frustumMl(mould.diameter / 2, mould.diameter / 2, mould.height);
  return frustumMl(mould.bottom / 2, mould.top / 2, mould.height);
}

/** Water plaster binds as it sets: CaSO4 1/2 H2O takes 1 1/2 H2O, 27.02 g on 145.15. */
const BOUND = 27.02 / 145.15;

/** What a mould weighs as poured, and once it is dry: the rest of the water has to go. kg */
export const mouldWeights = ({ plasterKg, waterKg }: Mix): { readonly poured: number; readonly dry: number } => ({
  poured: plasterKg + waterKg,
  dry: plasterKg * (1 + BOUND),
});
