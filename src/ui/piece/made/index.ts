import { lazyPart } from '@/ui/blocks';
import type { Panels } from '../model/panels';

/** The sections of the room of what was made. */
export const MADE_PANELS: Panels = {
  runs: {
    Panel: lazyPart(() => import('./runs-panel').then((part) => part.RunsPanel)),
    Answer: lazyPart(() => import('./made-answer').then((part) => part.MadeAnswer)),
  },
  test: {
    Panel: lazyPart(() => import('./test-panel').then((part) => part.TestPanel)),
    Answer: lazyPart(() => import('./test-answer').then((part) => part.TestAnswer)),
  },
  again: {
    Panel: lazyPart(() => import('./again-panel').then((part) => part.AgainPanel)),
    Answer: lazyPart(() => import('./again-answer').then((part) => part.AgainAnswer)),
    draws: true,
  },
};
