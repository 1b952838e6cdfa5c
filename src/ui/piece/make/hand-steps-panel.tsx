'use client';

import { chakra } from '@chakra-ui/react';
import { ink } from '@/ui/theme';
import type { PieceModel } from '../model/use-piece';
import { HandStepPicture } from './hand-step-picture';
import { figureOfStep, useHandStep } from './hand-steps';
import { OrderPanel } from './order-panel';

/** Building by hand, step by step: the step at hand drawn large, all of them in a row below, and the whole order in words. */
export function HandStepsPanel({ piece }: { piece: PieceModel }) {
  const { steps, step, index, pick } = useHandStep(piece);
  return (
    <>
      <div className="step-large">
        <HandStepPicture piece={piece} step={step} />
      </div>
      <div className="step-scroll" tabIndex={0} role="group" aria-label="Steps of the work">
        <chakra.ol className="step-row">
          {steps.map((each, i) => {
            const figure = figureOfStep(each, piece);
            return (
              <li key={each.name} data-step={each.name}>
                <button type="button" aria-current={i === index ? 'step' : undefined} onClick={() => pick(each.name)}>
                  <span className="step-title">
                    {i + 1} {each.title}
                  </span>
                  {figure && (
                    <>
                      <span className="step-figure" style={{ color: ink(figure.stage) }}>
                        {[figure.written.whole, figure.written.unit].filter(Boolean).join(' ')}
                      </span>
                      <span className="step-more">{figure.words}</span>
                    </>
                  )}
                </button>
              </li>
            );
          })}
        </chakra.ol>
      </div>
      <OrderPanel piece={piece} />
    </>
  );
}
