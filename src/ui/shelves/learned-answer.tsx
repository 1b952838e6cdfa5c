'use client';

import { honestOdds } from '@/core/learn';
import { everyPiece, learnedBall, learnedHand, learnedLosses, saidAndHappened } from '@/core/lessons';
import { TOOL_SD } from '@/core/sizing';
import { writeLength } from '@/core/units';
import { AnswerSheet, PlaceAnswer } from '@/ui/frame';
import { useUnits, useWorkspace } from '@/ui/state';

/** How true the hand is: the figure most others rest on, with the ball and the losses beside it. */
export function LearnedAnswer() {
  const { workspace } = useWorkspace();
  const { choice } = useUnits();
  const { gauge } = learnedHand(workspace);
  const { width, height } = gauge;
  const wheel = everyPiece(workspace).find(({ run }) => run.by === 'wheel')?.run;
  const ball = wheel && learnedBall(workspace, { by: wheel.by, way: wheel.way });
  const losses = learnedLosses(workspace);
  const made = losses.reduce((sum, { loss }) => sum + loss.made, 0);
  const lost = losses.reduce((sum, { loss }) => sum + loss.lost, 0);
  const { count } = honestOdds(saidAndHappened(workspace));
  const within = (sd: number) => {
    const written = writeLength(sd, choice);
    return { ...written, whole: `± ${written.whole}` };
  };
  return (
    <PlaceAnswer>
      <AnswerSheet
        name="hand"
        asks={width.count > 0 ? 'your hand, widths with a gauge' : 'typical hand, with a gauge'}
        big={within(width.count > 0 ? width.nextSd : TOOL_SD.gauge)}
        figures={[
          ...(height.count > 0 ? [{ words: 'heights', written: within(height.nextSd) }] : []),
          ...(ball ? [{ words: 'your ball', written: { whole: `× ${ball.median.toFixed(2)}`, unit: '' } }] : []),
          ...(made > 0 ? [{ words: 'lost', written: { whole: `${lost}`, unit: `of ${made}` } }] : []),
        ]}
      >
        <div className="answer-sure">
          {width.count > 0 ? `From ${width.count} widths and ${height.count} heights measured wet.` : 'Nothing has been measured wet yet.'}
          {count > 0 && ` ${count} predictions have been checked against what came out.`}
        </div>
      </AnswerSheet>
    </PlaceAnswer>
  );
}
