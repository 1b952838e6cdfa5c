import type { Plan, Workspace } from '@/core/records';

/** The plan in view: the one in the address, else the one open last, else the first. */
export function openPlanOf({ plans, settings }: Workspace, asked: string | null): Plan | undefined {
  const find = (id: string | null | undefined) => plans.find((plan) => plan.id === id);
  return find(asked) ?? find(settings.openPlanId) ?? plans[0];
}
