'use client';

import type { Outline } from '@/core/form';
import { type Stacked, pairHeight, stackHeight, stacked } from '@/core/sets';
import { type LidOn, lidOn } from '@/core/fitting';
import { sizedPlanPart } from '@/core/part';
import { partOf, type Workspace } from '@/core/records';
import { useWorkspace } from '@/ui/state';
import { usePicked } from '../model/picked';
import type { PieceModel } from '../model/use-piece';

/** What is chosen of a stack. */
export interface StackChosen {
  /** The part it stands on; others like it where there is none. */
  readonly onto: string;
  readonly count: number;
  /** Each has its lid on. */
  readonly lidded: boolean;
}

/** How they stand on each other: the lowest, the lid on each, where they touch and how high they are; no height where they share no radius. */
function stackOf(workspace: Workspace, { worked, plan, part, units }: PieceModel, { onto, count, lidded }: StackChosen) {
  const own = sizedPlanPart(workspace, part, units.length);
  const other = onto ? partOf(workspace.plans, onto) : undefined;
  const lid = own.ok && !other ? lidOn(workspace, plan, own.value) : undefined;
  const on = lidded ? lid : undefined;
  const made = other && sizedPlanPart(workspace, other.part, String);
  const lower = made?.ok ? made.value.sized : worked.sized;
  const above = worked.sized.stages.glazed.sizes.height + (on?.above ?? 0);
  const alone = lower.wet.plan ? undefined : stacked(lower.fired, worked.sized.fired);
  const found = on ? onLid(worked.sized.fired, on, above) : alone;
  const high = found && (other ? pairHeight(lower.stages.glazed.sizes.height, above, found.pitch) : stackHeight(above, found.pitch, count));
  return { lid, on, lower: lower.fired, found, high, alike: other ? undefined : count };
}

/** How one stands on the lid of another like it. */
const onLid = ({ side }: Outline, lid: LidOn, pitch: number): Stacked => ({
  pitch,
  touch: { radius: Math.min(side[0]!.r, lid.across / 2), on: 'rim' },
  lean: undefined,
});

/** The stack of this piece as it is chosen on the stage. */
export function useStack(piece: PieceModel) {
  const { workspace } = useWorkspace();
  const [choices, setChoices] = usePicked<StackChosen>('stack', () => ({ onto: '', count: 6, lidded: false }));
  return { choices, setChoices, ...stackOf(workspace, piece, choices) };
}
