'use client';

import { handMass, writeLength, writeMass } from '@/core/units';
import { Act } from '@/ui/fields';
import { AnswerSheet } from '@/ui/frame';
import { Answer } from '../answer';
import type { PieceModel } from '../model/use-piece';
import { againOf } from './again-of';

/** The ball that the fired piece in the hand probably took, and the wall its weight or what it holds tells. */
export function AgainAnswer({ piece }: { piece: PieceModel }) {
  const { units } = piece;
  const again = againOf(piece);
  if (!again?.ok) return <Answer piece={piece} />;
  const found = again.value;
  const [low, likely, high] = found.ball.map((g) => handMass(g, units.choice)) as [number, number, number];
  const { wall = 0, height, rimDiameter } = found.sized.stages.wet.sizes;
  const length = (mm: number) => writeLength(mm, units.choice);
  const isFound = found.wallFrom !== 'measured';
  return (
    <AnswerSheet
      stage="wet"
      name="again"
      asks="probably made from a ball of"
      big={writeMass(likely, units.choice)}
      figures={[
        { words: 'height, trimmed', written: length(height) },
        { words: 'across, trimmed', written: length(rimDiameter) },
        ...(isFound
          ? [{ words: `wall, from its ${found.wallFrom}`, written: length(wall), finishes: units.length(found.form.sizes.wall ?? 0) }]
          : []),
      ]}
    >
      <div className="answer-sure">
        Likely {units.mass(low)} to {units.mass(high)}.
      </div>
      {isFound && (
        <div className="answer-acts">
          <Act look="solid" onClick={() => piece.takeForm(found.form, `wall from the ${found.wallFrom}`)}>
            Use this wall
          </Act>
        </div>
      )}
    </AnswerSheet>
  );
}
