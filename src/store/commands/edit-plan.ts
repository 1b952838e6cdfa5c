import { type Part, type PartRef, type Plan, type RowChange, rowChange, readRef, same, withPart, type Workspace } from '@/core/workspace';
import { edit, now } from '../acts';
import type { Act } from '../history';

/** As {@link edit} for a plan: whatever changes it also says when. */
export const editPlan = (id: string, label: string, change: (plan: Plan) => Plan, key?: string): Act =>
  edit('plans', id, label, (plan) => (same(change(plan), plan) ? plan : { ...change(plan), changedAt: now() }), key);

export function editPart(ref: PartRef, label: string, change: (part: Part) => Part, key?: string): Act {
  const { planId, partId } = readRef(ref);
  return editPlan(planId, label, (plan) => withPart(plan, partId, change), key);
}

/** The changes to all plans with such parts. */
export const inParts = (workspace: Workspace, concerns: (part: Part) => boolean, change: (part: Part) => Part): RowChange[] =>
  workspace.plans
    .filter(({ parts }) => parts.some(concerns))
    .map((plan) => rowChange('plans', plan, { ...plan, parts: plan.parts.map((part) => (concerns(part) ? change(part) : part)) as never }));
