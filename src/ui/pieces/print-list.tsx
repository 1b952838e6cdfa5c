'use client';

import { correctionOf, tile } from '@/core/paper';
import { overallWords } from '@/core/form';
import { handLength, text, writeLength } from '@/core/units';
import { type Workspace, sizedPlanPart } from '@/core/workspace';
import { useBench } from '@/ui/bench';
import { type Saveable } from '@/ui/fields';
import { type Units, useUnits, useWorkspace } from '@/ui/state';
import { weighOutText } from '@/ui/steps';
import { pdfOf } from '@/workers';
import { type PlanRow, planTable } from '@/core/bench';

function rowsOf(workspace: Workspace, units: Units): PlanRow[] {
  const hand = (mm: number) => text(writeLength(handLength(mm, units.choice), units.choice));
  return workspace.plans.flatMap((plan): PlanRow[] => {
    const [part] = plan.parts;
    const made = sizedPlanPart(workspace, part, String);
    if (!made.ok) return [];
    const { known, weighOut, sized } = made.value;
    const { thrown, stages } = sized;
    const { rimDiameter, rimAcross, floor } = stages.wet.sizes;
    return [
      {
        name: plan.name,
        clay: known.body?.name ?? 'no clay',
        ball: weighOut === undefined ? '–' : weighOutText(weighOut, part, units),
        rimAboveBat: made.value.hand ? 'by hand' : hand(thrown.gauge),
        mouthWet: rimAcross === undefined ? hand(rimDiameter) : `${hand(rimDiameter)} × ${hand(rimAcross)}`,
        floor: floor === undefined ? '' : hand(thrown.floor),
        finished: overallWords(stages.glazed.sizes, hand),
      },
    ];
  });
}

/** Every piece on one list for the wall, as a PDF. */
export function usePrintList(): Saveable {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const { paper, measuredMm } = useBench();
  const make = async () => {
    const drawing = planTable(rowsOf(workspace, units), new Date().toISOString().slice(0, 10));
    const [first, ...rest] = tile(drawing, paper, correctionOf(measuredMm));
    return { content: await pdfOf([first!, ...rest]), name: 'rimbet-pieces.pdf', type: 'application/pdf' };
  };
  return { words: 'Print the list', make };
}
