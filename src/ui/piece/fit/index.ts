import { lazyPart } from '@/ui/blocks';
import type { Panels } from '../model/panels';

export { madeWords } from './fit-words';
export { useFit } from './use-fit';

/** What the room draws over the piece. */
export const DrawnFit = lazyPart(() => import('./drawn-fit').then((part) => part.DrawnFit));

/** The sections of the room of fits. */
export const FIT_PANELS: Panels = {
  odds: lazyPart(() => import('./fit-panel').then((part) => part.FitPanel)),
  lid: lazyPart(() => import('./lid-panel').then((part) => part.LidPanel)),
  nest: lazyPart(() => import('./nest-panel').then((part) => part.NestPanel)),
  stack: lazyPart(() => import('./stack-panel').then((part) => part.StackPanel)),
  pair: lazyPart(() => import('./pair-panel').then((part) => part.PairPanel)),
};
