'use client';

import { fineMass, writeMass } from '@/core/units';
import { lessThanPiece } from '@/ui/steps';
import { Act } from '@/ui/fields';
import { AnswerSheet } from '@/ui/frame';
import { Answer } from '../answer';
import type { PieceModel } from '../model/use-piece';
import { testerBall } from './tester-ball';

/** The ball for the rest of the run, as the test piece says it, and the one tap that uses it. */
export function TestAnswer({ piece }: { piece: PieceModel }) {
  const { part, worked, units } = piece;
  const { masses } = worked.sized;
  const { tester } = part;
  const ball = testerBall(piece);
  if (!tester || !ball?.ok) return <Answer piece={piece} />;
  const more = Math.round((ball.value / masses.ball - 1) * 100);
  const mass = (g: number) => writeMass(fineMass(g, units.choice), units.choice);
  return (
    <AnswerSheet
      stage="wet"
      name="tester"
      asks="ball for the rest"
      big={mass(ball.value)}
      figures={[
        { words: 'calculated', written: mass(masses.ball) },
        { words: 'the test piece took', written: mass(tester.ballG) },
      ]}
    >
      <div className="answer-sure">
        {more === 0 ? 'As calculated.' : `${Math.abs(more)}% ${more < 0 ? 'less' : 'more'} than calculated.`}
        {tester.accepted && ' It is used for this piece, at the wheel and in orders.'}
      </div>
      {ball.value < masses.trimmed && (
        <p role="note" className="answer-caution">
          {lessThanPiece(masses.trimmed, units)}
        </p>
      )}
      <div className="answer-acts">
        <Act
          look={tester.accepted ? 'plain' : 'solid'}
          aria-pressed={tester.accepted === true}
          onClick={() =>
            piece.takePart(
              (each) => (each.tester ? { tester: { ...each.tester, accepted: !each.tester.accepted } } : {}),
              tester.accepted ? 'test piece not used' : 'ball by the test piece',
            )
          }
        >
          {tester.accepted ? 'This ball is used' : 'Use this ball'}
        </Act>
      </div>
    </AnswerSheet>
  );
}
