import { later } from '@/ui/blocks';
import type { Panels } from '../model/panels';

export { madeWords } from './fit-words';
export { useFit } from './use-fit';

/** What the room draws over the piece. */
export const DrawnFit = later(() => import('./drawn-fit').then((part) => part.DrawnFit));

/** The sections of the room of fits. */
export const FIT_PANELS: Panels = {
  odds: later(() => import('./fit-panel').then((part) => part.FitPanel)),
  lid: later(() => import('./lid-panel').then((part) => part.LidPanel)),
  nest: later(() => import('./nest-panel').then((part) => part.NestPanel)),
  stack: later(() => import('./stack-panel').then((part) => part.StackPanel)),
  pair: later(() => import('./pair-panel').then((part) => part.PairPanel)),
};
