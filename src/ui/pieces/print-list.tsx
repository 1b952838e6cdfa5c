'use client';

import { correctionOf, tile } from '@/core/paper';
import { handLength, handMass, text, writeLength } from '@/core/units';
import { type Workspace, clayOf, handOf, matterIn, sizePart } from '@/core/workspace';
import { useBench } from '@/ui/bench';
import { Act } from '@/ui/fields';
import { type Units, saveBytes, useUnits, useWorkspace } from '@/ui/state';
import { pdfOf } from '@/workers';
import { type PlanRow, planTable } from '@/core/bench';

function rowsOf(workspace: Workspace, units: Units): PlanRow[] {
  const hand = (mm: number) => text(writeLength(handLength(mm, units.choice), units.choice));
  return workspace.plans.flatMap((plan): PlanRow[] => {
    const [part] = plan.parts;
    const { body, figures } = clayOf(workspace, part);
    const sized = sizePart(part, figures, String, matterIn(workspace));
    if (!sized.ok) return [];
    const { masses, thrown, stages } = sized.value.sized;
    const { height, rimDiameter } = stages.glazed.sizes;
    return [
      {
        name: plan.name,
        clay: body?.name ?? 'no clay',
        ball: units.mass(handMass(masses.ball, units.choice)),
        rimAboveBat: handOf(part) === 'wheel' ? hand(thrown.gauge) : 'by hand',
        mouthWet: hand(stages.wet.sizes.rimDiameter),
        floor: stages.wet.sizes.floor === undefined ? '' : hand(thrown.floor),
        finished: `${hand(height)} × ${hand(rimDiameter)}`,
      },
    ];
  });
}

/** Every piece on one list for the wall, as a PDF. */
export function PrintList() {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const { paper, measuredMm } = useBench();
  const print = async () => {
    const drawing = planTable(rowsOf(workspace, units), new Date().toISOString().slice(0, 10));
    const [first, ...rest] = tile(drawing, paper, correctionOf(measuredMm));
    await saveBytes(await pdfOf([first!, ...rest]), 'rimbet-pieces.pdf', 'application/pdf');
  };
  return <Act onClick={() => void print()}>Print the list</Act>;
}
