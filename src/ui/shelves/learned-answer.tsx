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
import { useMemo, useState } from 'react';
import { SetGauge } from './set-gauge';

/** Whether it is used, and what was before. */
function usedWords(lesson: LearnedLesson): string {
  if (lesson.is === undefined) return `Not used yet. Rimbet still uses ${lesson.was}.`;
  return hasChanged(lesson) ? `Was ${lesson.was}.` : 'The same as before.';
}

/** What a lesson says, which pieces are made otherwise because of it, and the one tap that takes it back. */
export function LearnedAnswer({ lesson }: { lesson: LearnedLesson | undefined }) {
  const { workspace } = useWorkspace();
  const checked = saidAndHappened(workspace).length;
  return (
    <PlaceAnswer>
      {lesson ? (
        <AnswerSheet name="lesson" asks={lesson.title} big={lesson.figure ?? { whole: lesson.is ?? lesson.was, unit: '' }}>
          <div className="answer-sure">
            {usedWords(lesson)} {lesson.says.join(' ')}
            {checked > 0 && ` ${checked} predictions have been checked against what came out.`}
          </div>
          <Moves lesson={lesson} />
          <div className="answer-acts">
            {lesson.hand?.tool === 'gauge' && <SetGauge direction={lesson.hand.direction} />}
            <LeaveOut key={lesson.title} lesson={lesson} />
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
  const { moved, lookedAt } = useMemo(() => movedBy(workspace, lesson), [workspace, lesson]);
  if (moved.length === 0) return null;
  const words = MOVES_WORDS[lesson.kind as keyof typeof MOVES_WORDS];
  return (
    <section className="moves" aria-label="What it moves">
      <h3>
        {lookedAt !== undefined && `Of the ${lookedAt} pieces changed last, `}
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

/**
 * Leaves the pieces a figure is from out, so that what was used before is used again, and lets them count again. What was left out before
 * stays out.
 */
function LeaveOut({ lesson: { title, from } }: { lesson: LearnedLesson }) {
  const [left, setLeft] = useState<readonly string[]>([]);
  if (from.length === 0) return null;
  const counting = from.filter(({ row }) => row.piece.out !== true).map(({ row }) => row.piece.id);
  const all = from.map(({ row }) => row.piece.id);
  // those that this tap left out; all of them where nobody knows any more
  const back = left.length > 0 ? all.filter((id) => left.includes(id)) : all;
  const leaves = counting.length > 0;
  const ids = leaves ? counting : back;
  const pieces = ids.length === 1 ? '1 piece' : `${ids.length} pieces`;
  const toggle = () => {
    setLeft(leaves ? counting : []);
    const label = leaves ? `${title} as before` : `${title} is used again`;
    perform(madeActs.editPieces(ids, (piece) => ({ ...piece, out: leaves ? true : undefined }), label));
  };
  return <Act onClick={toggle}>{leaves ? `Leave ${pieces} out of your figures` : `Use ${pieces} again`}</Act>;
}
