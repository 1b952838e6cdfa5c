import { later } from '@/ui/blocks';
import type { Panels } from '../model/panels';

/** The sections of the room of what was made. */
export const MADE_PANELS: Panels = {
  runs: later(() => import('./runs-panel').then((part) => part.RunsPanel)),
  test: later(() => import('./test-panel').then((part) => part.TestPanel)),
  again: later(() => import('./again-panel').then((part) => part.AgainPanel)),
};
