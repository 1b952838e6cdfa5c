import { lazyPart } from '@/ui/blocks';
import type { Panels } from '../model/panels';

export { madeWords } from './fit-words';
export { fitOfPiece, useFit } from './use-fit';

/** What the room draws over the piece. */
export const DrawnFit = lazyPart(() => import('./drawn-fit').then((part) => part.DrawnFit));

/** The sections of the room of fits. */
export const FIT_PANELS: Panels = {
  odds: {
    Panel: lazyPart(() => import('./fit-panel').then((part) => part.FitPanel)),
    Answer: lazyPart(() => import('./fit-answer').then((part) => part.FitAnswer)),
    Sentence: lazyPart(() => import('./fit-panel').then((part) => part.FitSentence)),
    draws: true,
  },
  lid: {
    Panel: lazyPart(() => import('./lid-panel').then((part) => part.LidPanel)),
    Answer: lazyPart(() => import('./lid-answer').then((part) => part.LidAnswer)),
  },
  nest: {
    Panel: lazyPart(() => import('./nest-panel').then((part) => part.NestPanel)),
    Answer: lazyPart(() => import('./nest-answer').then((part) => part.NestAnswer)),
  },
  stack: {
    Panel: lazyPart(() => import('./stack-panel').then((part) => part.StackPanel)),
    Answer: lazyPart(() => import('./stack-answer').then((part) => part.StackAnswer)),
  },
  pair: {
    Panel: lazyPart(() => import('./pair-panel').then((part) => part.PairPanel)),
    Answer: lazyPart(() => import('./pair-answer').then((part) => part.PairAnswer)),
  },
};
