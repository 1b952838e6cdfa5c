import type { CutterRecord, Workspace } from './records';

/** The clay a new piece starts in: that of the piece open last, else of the piece changed last, else the first there is. */
export function clayUsedLast({ plans, bodies, settings }: Pick<Workspace, 'plans' | 'bodies' | 'settings'>): string | undefined {
  const newest = [...plans].sort((a, b) => b.changedAt.localeCompare(a.changedAt));
  const open = plans.filter(({ id }) => id === settings.openPlanId);
  const used = [...open, ...newest].map(({ parts: [part] }) => part.bodyId).find((id) => bodies.some((body) => body.id === id));
  return used ?? bodies[0]?.id;
}

/** The cutters that came with the example workshop: their ids say so. */
export const exampleCutters = ({ cutters }: Pick<Workspace, 'cutters'>): CutterRecord[] =>
  cutters.filter(({ id }) => id.startsWith('cutter-'));
