import { type Part, type PartRef, type Plan, readRef, type RowChange, rowChange, same, withPart, type Workspace } from '@/core/records';
import { edit, now } from '../acts';
import type { Act } from '../history';

/** As {@link edit} for a plan: whatever changes it also says when. */
export const editPlan = (id: string, label: string, change: (plan: Plan, workspace: Workspace) => Plan, key?: string): Act =>
  edit(
    'plans',
    id,
    label,
    (plan, workspace) => {
      const next = change(plan, workspace);
      return same(next, plan) ? plan : { ...next, changedAt: now() };
    },
    key,
  );

/** What becomes of a changed part because its sizes hang together: those that nobody entered go with it. */
export type Follow = (workspace: Workspace, before: Part, after: Part) => Part;

export function editPart(ref: PartRef, label: string, change: (part: Part) => Part, key?: string, follow?: Follow): Act {
  const { planId, partId } = readRef(ref);
  const whole = (workspace: Workspace) => (part: Part) => {
    const next = change(part);
    return follow ? follow(workspace, part, next) : next;
  };
  return editPlan(planId, label, (plan, workspace) => withPart(plan, partId, whole(workspace)), key);
}

/** The changes to all plans with such parts. */
export const inParts = (workspace: Workspace, concerns: (part: Part) => boolean, change: (part: Part) => Part): RowChange[] =>
  workspace.plans
    .filter(({ parts }) => parts.some(concerns))
    .map((plan) => rowChange('plans', plan, { ...plan, parts: plan.parts.map((part) => (concerns(part) ? change(part) : part)) as never }));
