import type { Outline } from '@/core/form';
import { sizedPlanPart } from '@/core/part';
import { type PartRef, partOf, type Workspace } from '@/core/records';

/** The finished outline of a part, where its piece is still there and its sizes work. */
export function outlineOf(workspace: Workspace, ref: PartRef | undefined): Outline | undefined {
  const found = ref === undefined ? undefined : partOf(workspace.plans, ref);
  const made = found && sizedPlanPart(workspace, found.part, String);
  return made?.ok ? made.value.sized.fired : undefined;
}
