import { lengthOf } from '@/core/clay';
import { clayOf } from './clay';
import type { BarRecord, Workspace } from '@/core/records';

const count = (bars: number): string => (bars === 1 ? 'One bar' : `${['Two', 'Three', 'Four', 'Five', 'Six'][bars - 2] ?? bars} bars`);

/** What an unfinished bar waits for: the stage after the last one measured. */
function waitsFor(bar: BarRecord): string | undefined {
  if (bar.kind === 'piece' || lengthOf(bar, 'glazed') !== undefined) return undefined;
  if (lengthOf(bar, 'bisque') !== undefined) return 'for the glaze firing';
  if (lengthOf(bar, 'dry') !== undefined) return 'to be measured after bisque';
  return 'to be measured bone dry';
}

function waiting(bars: readonly BarRecord[], batchName: string): string[] {
  const groups = new Map<string, number>();
  for (const bar of bars) {
    const what = waitsFor(bar);
    if (what) groups.set(what, (groups.get(what) ?? 0) + 1);
  }
  return [...groups].map(([what, bars_]) => `${count(bars_)} of ${batchName} ${bars_ === 1 ? 'waits' : 'wait'} ${what}.`);
}

/**
 * What would teach most about a body next: bars that wait for a measurement, batches without a bar, firings that only
 * the supplier speaks of. Short sentences, the nearest first.
 */
export function nextThings(workspace: Workspace, bodyId: string): string[] {
  const bars = workspace.bars.filter((bar) => bar.bodyId === bodyId);
  const said = workspace.bodies.find(({ id }) => id === bodyId)?.shrinkagePercent !== undefined;
  const word = said ? 'the supplier’s figure' : 'the typical figure';
  const batches = workspace.batches.filter((batch) => batch.bodyId === bodyId);
  const named = batches.map((batch) => ({ batch, own: bars.filter(({ batchId }) => batchId === batch.id) }));
  const lender = named.filter(({ own }) => own.length > 0).sort((a, b) => b.own.length - a.own.length)[0];
  const loose = bars.filter(({ batchId }) => batchId === undefined);

  const waits = [...named.flatMap(({ batch, own }) => waiting(own, `the ${batch.name} batch`)), ...waiting(loose, 'no batch')];
  const bare = named
    .filter(({ own }) => own.length === 0)
    .map(({ batch }) => `The ${batch.name} batch has no bars yet. Its figures come from ${lender ? lender.batch.name : word}.`);
  const firings = new Set(
    workspace.plans.flatMap((plan) =>
      plan.parts.filter((part) => part.bodyId === bodyId).map((part) => clayOf(workspace, part).firing.cone),
    ),
  );
  const unheard = [...firings]
    .filter((cone): cone is string => cone !== undefined)
    .filter((cone) => {
      const { evidence } = clayOf(workspace, { bodyId, firing: { cone } });
      return evidence.otherFiringStandsIn || evidence.sorted.every(({ unused }) => unused);
    })
    .map((cone) => `Cone ${cone} has only ${word}${bars.length > 0 ? ' and bars fired to other cones' : ''}.`);
  if (bars.length === 0 && batches.length === 0)
    return [
      'No bar yet: cut one as thick as the work, put two marks on it and measure between them, and fire it with the next load.',
      ...unheard,
    ];
  return [...waits, ...bare, ...unheard];
}
