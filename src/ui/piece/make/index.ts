import { lazyPart } from '@/ui/blocks';
import type { Panels } from '../model/panels';

/** The sections of the room in which it is made. */
export const MAKE_PANELS: Panels = {
  ball: lazyPart(() => import('./ball-panel').then((part) => part.BallPanel)),
  steps: lazyPart(() => import('./steps-panel').then((part) => part.StepsPanel)),
  order: lazyPart(() => import('./order-panel').then((part) => part.OrderPanel)),
  slab: lazyPart(() => import('./slab-panel').then((part) => part.SlabPanel)),
  former: lazyPart(() => import('./former-panel').then((part) => part.FormerPanel)),
  coil: lazyPart(() => import('./coil-panel').then((part) => part.CoilPanel)),
  handle: lazyPart(() => import('./handle-panel').then((part) => part.HandlePanel)),
};
