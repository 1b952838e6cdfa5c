'use client';

import { AnswerSheet } from '@/ui/frame';
import { Act } from '@/ui/fields';
import { STEP_TITLES } from '@/ui/steps';
import { ToTheWheel } from '../answer';
import type { PieceModel } from '../model/use-piece';
import { stepAnswer, useStep } from './wheel-steps';

/** What the step at hand asks, what to mind at it, and the way to the steps beside it. */
export function StepsAnswer({ piece }: { piece: PieceModel }) {
  const at = useStep(piece);
  const { wheel, index, pick, advice } = at;
  const { asks, big, figures, note } = stepAnswer(piece, at);
  const [before, after] = [wheel.steps[index - 1], wheel.steps[index + 1]];
  return (
    <AnswerSheet
      stage="wet"
      asks={`Step ${index + 1} of ${wheel.steps.length}: ${asks}`}
      big={big}
      figures={figures}
      aside={<ToTheWheel piece={piece} />}
    >
      {note && <p className="answer-text">{note}</p>}
      {advice.map(({ words, caution }) => (
        <p key={words} className={caution ? 'answer-caution' : 'answer-text'}>
          {caution && <b>Caution: </b>}
          {words}
        </p>
      ))}
      <div className="answer-acts">
        {before && <Act onClick={() => pick(before.name)}>‹ {STEP_TITLES[before.name]}</Act>}
        {after && (
          <Act look="solid" onClick={() => pick(after.name)}>
            {STEP_TITLES[after.name]} ›
          </Act>
        )}
      </div>
    </AnswerSheet>
  );
}
