import type { PlanRow } from '@/core/bench';
import { overallWords } from '@/core/form';
import { handLength, text, writeLength } from '@/core/units';
import { weighedPart } from '@/core/part';
import { calledPart, type Workspace } from '@/core/records';
import type { Units } from '@/ui/state';
import { weighOutText } from '@/ui/steps';

/** The pieces that can be made, as the list for the wall tells them. */
export function rowsOf(workspace: Workspace, units: Units): PlanRow[] {
  const hand = (mm: number) => text(writeLength(handLength(mm, units.choice), units.choice));
  const parts = workspace.plans.flatMap((plan) => plan.parts.map((part) => ({ plan, part })));
  return parts.flatMap(({ plan, part }): PlanRow[] => {
    const made = weighedPart(workspace, part, String);
    if (!made.ok) return [];
    const { known, weighOut, sized } = made.value;
    const { thrown, stages } = sized;
    const { rimDiameter, rimAcross, floor } = stages.wet.sizes;
    return [
      {
        name: calledPart(plan, part),
        clay: known.body?.name ?? 'no clay',
        ball: weighOut === undefined ? '–' : weighOutText(weighOut, part, units),
        rimAboveBat: made.value.hand ? 'by hand' : hand(thrown.gauge),
        mouthWet: rimAcross === undefined ? hand(rimDiameter) : `${hand(rimDiameter)} × ${hand(rimAcross)}`,
        floor: floor && thrown.floor !== undefined ? hand(thrown.floor) : '',
        finished: overallWords(stages.glazed.sizes, hand),
      },
    ];
  });
}
