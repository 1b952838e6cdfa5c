'use client';

import { handLength, writeLength } from '@/core/units';
import { AnswerSheet } from '@/ui/frame';
import { madeSize } from '@/ui/made';
import { Answer, ToTheWheel } from '../answer';
import type { PieceModel } from '../model/use-piece';
import { type Middle, useCame } from './use-came';
import { capital } from '@/ui/words';

/** What to set next time, after what came out of the run that is open. */
export function MadeAnswer({ piece }: { piece: PieceModel }) {
  const { came } = useCame(piece);
  if (!came || came.pieces.length === 0) return <Answer piece={piece} />;
  const { units, worked, by } = piece;
  const hand = (mm: number) => handLength(mm, units.choice);
  const { thrown, stages } = worked.sized;
  const wheel = by === 'wheel';
  const now = hand(wheel ? thrown.gauge : stages.wet.sizes.height);
  const before = wheel ? came.run.gauge : came.run.planned.height;
  const changed = before === undefined ? 0 : now - hand(before);
  const mouth = hand(stages.wet.sizes.rimDiameter);
  const lost = came.pieces.filter(({ piece: { shelf } }) => shelf === 'lost').length;
  const off = (middle: Middle | undefined) =>
    middle && [
      {
        words: `${capital(madeSize(middle.size))} ${middle.off < 0 ? 'under' : 'over'} target`,
        written: writeLength(Math.abs(middle.off), units.choice),
        stage: 'glazed' as const,
      },
    ];
  return (
    <AnswerSheet
      stage="wet"
      name="next"
      asks={`Next time, ${wheel ? 'rim above the bat' : 'height, wet'}`}
      big={writeLength(now, units.choice)}
      finishes={units.length(stages.glazed.sizes.height)}
      figures={[
        { words: 'Mouth, outside', written: writeLength(mouth, units.choice), finishes: units.length(stages.glazed.sizes.rimDiameter) },
        ...(off(came.height) ?? []),
        ...(off(came.across) ?? []),
      ]}
      aside={<ToTheWheel piece={piece} />}
    >
      <div className="answer-sure">
        <p>
          {before === undefined
            ? ''
            : Math.abs(changed) < 0.25
              ? 'The same setting as for this run. '
              : `${units.length(Math.abs(changed))} ${changed > 0 ? 'higher' : 'lower'} than for this run. `}
          {came.pieces.length} made{lost > 0 && `, ${lost} lost`}.
        </p>
        {!came.height && !came.across && <p>Nothing of this run has been measured finished yet.</p>}
      </div>
    </AnswerSheet>
  );
}
