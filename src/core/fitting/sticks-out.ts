import { remaining } from '@/core/clay';
import { handlePlan } from '@/core/handbuild';
import { beyondItself } from '@/core/sizing';
import type { SizedPlanPart } from '@/core/part';

/** How much wider and higher a finished piece is than its round section: handle, lip, spout, knob, feet, copies joined to it. mm */
export interface SticksOut {
  readonly width: number;
  readonly height: number;
}

/** What sticks out of the round section of a part, finished. */
export function sticksOut({ part, sized, clay }: Pick<SizedPlanPart, 'part' | 'sized' | 'clay'>): SticksOut {
  const beyond = beyondItself(sized, part);
  const handle = part.handle && handlePlan(clay, sized, part.handle, String);
  const finished = remaining(clay.shrinkage, 'glazed', 'width');
  const reach = handle?.ok ? ((handle.value.hole.reachBent + handle.value.across) * finished) / handle.value.left : 0;
  const attached = part.attached ?? [];
  const longest = (...kinds: readonly string[]) =>
    attached.filter(({ kind }) => kinds.includes(kind)).reduce((most, { length = 0 }) => Math.max(most, length * finished), 0);
  // a strap bent to half a circle reaches its length over pi
  return {
    width: Math.max(beyond.width, reach, longest('handle') / Math.PI, longest('spout')),
    height: Math.max(beyond.height, longest('knob')) + longest('foot'),
  };
}
