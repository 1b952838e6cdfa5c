'use client';

import { type LearnedLesson, type Witness, hasChanged } from '@/core/telling';
import { madeActs } from '@/store';
import { Act } from '@/ui/fields';
import { run as perform } from '@/ui/state';
import { HStack } from '@chakra-ui/react';

/** So many of the pieces a figure is from are shown: the latest. */
const SHOWN = 60;

interface Props {
  readonly lesson: LearnedLesson;
  readonly open: boolean;
  readonly onOpen: () => void;
}

/** A figure that was learned: what it was and what it is now; once it is open, the pieces it is from. */
export function LessonRow({ lesson, open, onOpen }: Props) {
  const { title, was, is, says, from } = lesson;
  return (
    <div className="lesson" data-learned={title} data-open={open || undefined}>
      <div className="lesson-line">
        <button type="button" className="lesson-title" aria-pressed={open} onClick={onOpen}>
          {title}
        </button>
        <span className="lesson-figures">
          {hasChanged(lesson) && (
            <>
              <span className="lesson-was">{was}</span>
              <span aria-label="is now">→</span>
            </>
          )}
          <b>{is ?? was}</b>
        </span>
        <span className="lesson-says">{says.join(' ')}</span>
      </div>
      {open && from.length > 0 && <Witnesses from={from} />}
    </div>
  );
}

/** The pieces a figure came from; each is left out with one tap and comes back with one. */
function Witnesses({ from }: { from: readonly Witness[] }) {
  return (
    <HStack gap="2" flexWrap="wrap" paddingBlock="2" aria-label="Pieces it is from" role="group">
      {from.slice(-SHOWN).map(({ row: { run, piece }, told }) => (
        <Act
          key={piece.id}
          minHeight="max(var(--finger), 30px)"
          fontSize="sm"
          fontWeight="400"
          aria-pressed={piece.out !== true}
          textDecoration={piece.out ? 'line-through' : undefined}
          title={piece.out ? 'Left out: tap to let it count' : 'Tap to leave it out'}
          onClick={() =>
            perform(
              madeActs.editPiece(
                piece.id,
                (now) => ({ ...now, out: now.out ? undefined : true }),
                `${run.name} ${piece.no} ${piece.out ? 'counts again' : 'left out'}`,
              ),
            )
          }
        >
          {run.name} {piece.no}: {told}
        </Act>
      ))}
    </HStack>
  );
}
