import { lazyPart } from '@/ui/blocks';
import type { Panels } from '../model/panels';

/** What is cast of a piece, a section of making it. */
export const CAST_PANELS: Panels = {
  cast: {
    Panel: lazyPart(() => import('./cast-panel').then((part) => part.CastPanel)),
    Answer: lazyPart(() => import('./cast-answer').then((part) => part.CastAnswer)),
  },
};
