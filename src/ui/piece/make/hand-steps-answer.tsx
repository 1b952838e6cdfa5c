'use client';

import { Act } from '@/ui/fields';
import { AnswerSheet } from '@/ui/frame';
import { Answer } from '../answer';
import type { PieceModel } from '../model/use-piece';
import { figureOfStep, useHandStep } from './hand-steps';

/** What the step at hand asks: its figure, what to wait for and how to tell, what to do and what to mind. */
export function HandStepsAnswer({ piece }: { piece: PieceModel }) {
  const { steps, step, index, pick } = useHandStep(piece);
  const figure = figureOfStep(step, piece);
  if (!figure) return <Answer piece={piece} />;
  const [before, after] = [steps[index - 1], steps[index + 1]];
  return (
    <AnswerSheet
      stage={figure.stage}
      name="step"
      asks={`Step ${index + 1} of ${steps.length}: ${figure.words}`}
      big={figure.written}
      finishes={figure.finishes}
    >
      {step.wait && (
        <div className="answer-sure">
          <b>Wait until {step.wait.until}:</b>
          <ul className="answer-list">
            {step.wait.signs.map((sign) => (
              <li key={sign}>{sign}</li>
            ))}
          </ul>
        </div>
      )}
      {step.does.map((line) => (
        <p key={line} className="answer-text">
          {line}
        </p>
      ))}
      {step.care.map((line) => (
        <p key={line} className="answer-caution">
          <b>Caution:</b> {line}
        </p>
      ))}
      <div className="answer-acts">
        {before && <Act onClick={() => pick(before.name)}>‹ {before.title}</Act>}
        {after && (
          <Act look="solid" onClick={() => pick(after.name)}>
            {after.title} ›
          </Act>
        )}
      </div>
    </AnswerSheet>
  );
}
