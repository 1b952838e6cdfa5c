import { lazyPart } from '@/ui/blocks';
import type { Panels } from '../model/panels';
import { Ledger } from './ledger';

/** The sections of the room of sizes. The ledger is what a piece opens on: it is there with the answer. */
export const SIZES_PANELS: Panels = {
  ledger: Ledger,
  holds: lazyPart(() => import('./holds-panel').then((part) => part.HoldsPanel)),
  place: lazyPart(() => import('./place-panel').then((part) => part.PlacePanel)),
};
