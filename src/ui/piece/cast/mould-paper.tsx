'use client';

import { boardsFor, mouldSheet } from '@/core/bench';
import type { CastWork } from '@/core/casting';
import { Printed } from '@/ui/bench';
import { madeActs } from '@/store';
import { useUnits } from '@/ui/state';
import { useMemo } from 'react';

/** The mould's section at true size, with what is to be weighed, for the wall. */
export function MouldPaper({ name, work }: { name: string; work: CastWork }) {
  const units = useUnits();
  const drawing = useMemo(() => {
    const { mould } = work.chosen;
    const { rule } = work.plaster;
    const boards =
      mould.shape === 'box'
        ? [
            `Boards: ${boardsFor(mould)
              .map(({ count, long, high }) => `${count} of ${units.length(long)} by ${units.length(high)}`)
              .join(', ')}, 18 mm thick.`,
          ]
        : [];
    const time = work.slip.time
      ? ` Slip stays ${work.slip.time.minutes.toFixed(0)} min for a wall of ${units.length(work.slip.wall)}.`
      : '';
    return mouldSheet(name, work.model, mould, work.model.height, [
      `${name}. Mould in section, wet. ${madeActs.today()}`,
      `Plaster ${units.mass(rule.plasterKg * 1000)}, water ${units.mass(rule.waterKg * 1000)}. Slake 4 min, mix 4 min, pour slowly, set 30 min.`,
      `Draft ${work.parting.draft.least.toFixed(1)} degrees. Dry at ${units.mass(work.weights.dry * 1000)}.${time}`,
      ...boards,
    ]);
  }, [name, work, units]);
  return <Printed title="Mould, section" drawing={drawing} about="At true size, wet. Hold it against the boards before pouring." />;
}
