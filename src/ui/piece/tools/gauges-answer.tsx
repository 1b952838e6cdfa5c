'use client';

import { batFor } from '@/core/records';
import { handLength, writeLength } from '@/core/units';
import { useBench } from '@/ui/bench';
import { AnswerSheet } from '@/ui/frame';
import { ToTheWheel } from '../answer';
import type { PieceModel } from '../model/use-piece';

/** What to set before throwing: the pointer, the calipers, how deep the needle goes. */
export function GaugesAnswer({ piece }: { piece: PieceModel }) {
  const bench = useBench();
  const { units, worked } = piece;
  const { thrown, stages, onBat } = worked.sized;
  const length = (mm: number) => writeLength(handLength(mm, units.choice), units.choice);
  const bat = batFor(bench.shop.bats ?? [], thrown.base);
  const inside = stages.wet.sizes.mouthInside;
  return (
    <AnswerSheet
      stage="wet"
      name="pointer"
      asks="Set the pointer above the bat to"
      big={length(thrown.gauge)}
      finishes={units.length(stages.glazed.sizes.height)}
      figures={[
        { words: 'Above the wheel head', written: length(thrown.gauge + (bat?.thickness ?? bench.wheel.batThickness)) },
        { words: 'From the centre', written: length(onBat.piece.side.at(-1)!.r + bench.wheel.clearance) },
        inside === undefined
          ? {
              words: 'Mouth, outside',
              written: length(stages.wet.sizes.rimDiameter),
              finishes: units.length(stages.glazed.sizes.rimDiameter),
            }
          : { words: 'Mouth, inside', written: length(inside), finishes: units.length(stages.glazed.sizes.mouthInside!) },
        ...(thrown.floor === undefined ? [] : [{ words: 'Floor thickness', written: length(thrown.floor) }]),
      ]}
      aside={<ToTheWheel piece={piece} />}
    >
      <p className="answer-caution">
        <b>Caution:</b> turn pointers and skewers away from your face and blunt their tips. Keep rings and long sleeves away from the wheel.
      </p>
    </AnswerSheet>
  );
}
