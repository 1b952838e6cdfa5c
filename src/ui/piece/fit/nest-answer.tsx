'use client';

import { sticksOut } from '@/core/fitting';
import { handMass, writeMass } from '@/core/units';
import { orderActs } from '@/store';
import { Act } from '@/ui/fields';
import { AnswerSheet } from '@/ui/frame';
import { useGo } from '@/ui/state';
import { weighOutWritten } from '@/ui/steps';
import { Answer } from '../answer';
import type { PieceModel } from '../model/use-piece';
import { nameOf, useNest } from './use-nest';

/** What a nest takes: all its clay, each ball, and what may not fit. */
export function NestAnswer({ piece }: { piece: PieceModel }) {
  const { units, plan } = piece;
  const { choices, found } = useNest(piece);
  const go = useGo();
  // of what cannot be laid out there is no clay to add up
  if (piece.worked.sized.wet.plan || !found.ok || found.value.some(({ made }) => made.weighOut === undefined))
    return <Answer piece={piece} />;
  const bowls = found.value;
  const [largest] = bowls;
  const balls = bowls.map(({ made }) => made.weighOut!);
  const create = () => {
    const others = bowls
      .slice(1)
      .map(({ part }, i) => ({ name: `${plan.name}, ${nameOf(i + 1, choices.count)} of ${choices.count}`, part }));
    const { act, id } = orderActs.createNest(plan, others);
    go(act, `/orders?order=sets&set=${id}`);
  };
  const out = largest ? sticksOut(largest.made) : undefined;
  const off = largest?.doubled === undefined ? undefined : largest.doubled - largest.made.sized.stages.glazed.sizes.rimDiameter;
  return (
    <AnswerSheet
      stage="wet"
      asks={`Clay for all ${bowls.length} bowls`}
      big={writeMass(
        handMass(
          balls.reduce((sum, g) => sum + g, 0),
          units.choice,
        ),
        units.choice,
      )}
      figures={bowls.map(({ part, made }, at) => ({
        words: `${piece.by === 'wheel' ? 'Ball' : 'Clay'}, ${nameOf(at, bowls.length)}`,
        written: weighOutWritten(balls[at]!, part, units),
        finishes: units.length(made.sized.stages.glazed.sizes.rimDiameter),
      }))}
    >
      <div className="answer-sure">
        {bowls.some(({ tight }) => tight) && (
          <p className="answer-bad">Some bowls do not have the gap you asked for. Use fewer bowls, or a smaller smallest bowl.</p>
        )}
        {out && out.width > 0 && (
          <p className="answer-caution">
            A handle, lip or spout stands out {units.length(out.width)} of each: bowls that nest have none, or it has to clear the next rim.
          </p>
        )}
        {bowls.some(({ touch, wedged }) => touch === 'wall' && !wedged) && (
          <p>A foot on a curved floor can slide and tilt, so set each bowl level by eye.</p>
        )}
        {off !== undefined && (
          <p>
            If you simply doubled the clay for each size up, the largest would be {units.length(Math.abs(off))}{' '}
            {off < 0 ? 'too narrow' : 'too wide'}. Twice the clay is only about a quarter wider.
          </p>
        )}
      </div>
      <div className="answer-acts">
        <Act look="solid" onClick={create}>
          Create these pieces
        </Act>
      </div>
    </AnswerSheet>
  );
}
