'use client';

import { saidAndHappened } from '@/core/lessons';
import { weighedPart } from '@/core/part';
import { mainPart } from '@/core/records';
import { type LearnedLesson, type Moved, hasChanged, movedBy } from '@/core/telling';
import { handMass } from '@/core/units';
import { madeActs } from '@/store';
import { Thumbnail } from '@/ui/drawing';
import { Act } from '@/ui/fields';
import { AnswerSheet, PlaceAnswer, counted } from '@/ui/frame';
import { madeSize } from '@/ui/made';
import { run as perform, useUnits, useWorkspace } from '@/ui/state';
import Link from 'next/link';
import { useMemo } from 'react';
import { SetGauge } from './set-gauge';

/** What a lesson says, which pieces are made otherwise because of it, and the one tap that takes it back. */
export function LearnedAnswer({ lesson }: { lesson: LearnedLesson | undefined }) {
  const { workspace } = useWorkspace();
  const checked = saidAndHappened(workspace).length;
  return (
    <PlaceAnswer>
      {lesson ? (
        <AnswerSheet name="lesson" asks={lesson.title} big={lesson.figure ?? { whole: lesson.is ?? lesson.was, unit: '' }}>
          <div className="answer-sure">
            {lesson.is === undefined
              ? `Not used yet: ${lesson.was} is.`
              : hasChanged(lesson)
                ? `Was ${lesson.was}. ${lesson.says.join(' ')}`
                : `As before. ${lesson.says.join(' ')}`}
            {checked > 0 && ` ${checked} predictions have been checked against what came out.`}
          </div>
          <Moves lesson={lesson} />
          <div className="answer-acts">
            {lesson.hand?.tool === 'gauge' && <SetGauge direction={lesson.hand.direction} />}
            <LeaveOut lesson={lesson} />
          </div>
        </AnswerSheet>
      ) : (
        <AnswerSheet name="lesson" asks="figures of your own" big={counted(0)}>
          <div className="answer-sure">Measure pieces wet and fired, and yours replace the typical ones.</div>
        </AnswerSheet>
      )}
    </PlaceAnswer>
  );
}

/** So many pieces are shown. */
const SHOWN = 4;

const MOVES_WORDS = {
  shrinkage: 'made to other sizes, so that they finish as planned',
  ball: 'weighed out otherwise',
  loss: 'made in other numbers',
};

/** The pieces that are made otherwise than without this lesson: from what, to what. */
function Moves({ lesson }: { lesson: LearnedLesson }) {
  const { workspace } = useWorkspace();
  const moved = useMemo(() => movedBy(workspace, lesson), [workspace, lesson]);
  if (moved.length === 0) return null;
  const words = MOVES_WORDS[lesson.kind as keyof typeof MOVES_WORDS];
  return (
    <section className="moves" aria-label="What it moves">
      <h3>
        {moved.length === 1 ? '1 piece is' : `${moved.length} pieces are`} {words}:
      </h3>
      <ul>
        {moved.slice(0, SHOWN).map((move) => (
          <MovedPiece key={move.plan.id} move={move} />
        ))}
      </ul>
      {moved.length > SHOWN && <p className="muted">and {moved.length - SHOWN} more</p>}
    </section>
  );
}

function MovedPiece({ move: { plan, what, from, to } }: { move: Moved }) {
  const { workspace } = useWorkspace();
  const { length, mass, choice } = useUnits();
  const made = weighedPart(workspace, mainPart(plan), String);
  const [words, write] =
    what === 'dozen'
      ? ['for 12, make', String]
      : what === 'ball'
        ? ['ball', (g: number) => mass(handMass(g, choice))]
        : [madeSize(what), length];
  return (
    <li>
      {made.ok && <Thumbnail outline={made.value.sized.fired} stage="wet" size={44} />}
      <span>
        <Link href={`/?plan=${plan.id}`}>{plan.name}</Link>
        <span className="moves-figures">
          {words} {write(from)} → <b>{write(to)}</b>
        </span>
      </span>
    </li>
  );
}

/** Leaves out all the pieces a figure is from, so that what was used before is used again; and lets them count again. */
function LeaveOut({ lesson: { title, from } }: { lesson: LearnedLesson }) {
  if (from.length === 0) return null;
  const isOut = from.every(({ row }) => row.piece.out === true);
  const ids = from.map(({ row }) => row.piece.id);
  const pieces = from.length === 1 ? 'this piece' : `these ${from.length} pieces`;
  return (
    <Act
      onClick={() =>
        perform(
          madeActs.editPieces(
            ids,
            (piece) => ({ ...piece, out: isOut ? undefined : true }),
            isOut ? `${title} is used again` : `${title} as before`,
          ),
        )
      }
    >
      {isOut ? `Use ${pieces}` : `Leave ${pieces} out`}
    </Act>
  );
}
