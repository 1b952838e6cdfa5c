import { lazyPart } from '@/ui/blocks';
import type { Panels } from '../model/panels';

/** The sections of the room in which it is made. */
export const MAKE_PANELS: Panels = {
  ball: { Panel: lazyPart(() => import('./ball-panel').then((part) => part.BallPanel)), draws: true },
  steps: {
    Panel: lazyPart(() => import('./steps-panel').then((part) => part.StepsPanel)),
    Answer: lazyPart(() => import('./steps-answer').then((part) => part.StepsAnswer)),
  },
  order: {
    Panel: lazyPart(() => import('./hand-steps-panel').then((part) => part.HandStepsPanel)),
    Answer: lazyPart(() => import('./hand-steps-answer').then((part) => part.HandStepsAnswer)),
  },
  slab: { Panel: lazyPart(() => import('./slab-panel').then((part) => part.SlabPanel)) },
  former: { Panel: lazyPart(() => import('./former-panel').then((part) => part.FormerPanel)) },
  coil: {
    Panel: lazyPart(() => import('./coil-panel').then((part) => part.CoilPanel)),
    Answer: lazyPart(() => import('./coil-answer').then((part) => part.CoilAnswer)),
  },
  handle: {
    Panel: lazyPart(() => import('./handle-panel').then((part) => part.HandlePanel)),
    Answer: lazyPart(() => import('./handle-answer').then((part) => part.HandleAnswer)),
  },
};
