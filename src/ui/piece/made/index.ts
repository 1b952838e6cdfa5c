import { lazyPart } from '@/ui/blocks';
import type { Panels } from '../model/panels';

/** The sections of the room of what was made. */
export const MADE_PANELS: Panels = {
  runs: lazyPart(() => import('./runs-panel').then((part) => part.RunsPanel)),
  test: lazyPart(() => import('./test-panel').then((part) => part.TestPanel)),
  again: lazyPart(() => import('./again-panel').then((part) => part.AgainPanel)),
};
