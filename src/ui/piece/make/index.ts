import { later } from '@/ui/blocks';
import type { Panels } from '../model/panels';

/** The sections of the room in which it is made. */
export const MAKE_PANELS: Panels = {
  ball: later(() => import('./ball-panel').then((part) => part.BallPanel)),
  steps: later(() => import('./steps-panel').then((part) => part.StepsPanel)),
  order: later(() => import('./order-panel').then((part) => part.OrderPanel)),
  slab: later(() => import('./slab-panel').then((part) => part.SlabPanel)),
  former: later(() => import('./former-panel').then((part) => part.FormerPanel)),
  coil: later(() => import('./coil-panel').then((part) => part.CoilPanel)),
  handle: later(() => import('./handle-panel').then((part) => part.HandlePanel)),
};
