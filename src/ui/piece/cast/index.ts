import { later } from '@/ui/blocks';
import type { Panels } from '../model/panels';

/** What is cast of a piece, a section of making it. */
export const CAST_PANELS: Panels = {
  cast: later(() => import('./cast-panel').then((part) => part.CastPanel)),
};
