import { lazyPart } from '@/ui/blocks';
import type { Panels } from '../model/panels';
import { Ledger } from './ledger';

/** The sections of the room of sizes. The ledger is what a piece opens on: it is there with the answer. */
export const SIZES_PANELS: Panels = {
  ledger: { Panel: Ledger, draws: true },
  holds: { Panel: lazyPart(() => import('./holds-panel').then((part) => part.HoldsPanel)), draws: true },
  place: { Panel: lazyPart(() => import('./place-panel').then((part) => part.PlacePanel)), draws: true },
};
