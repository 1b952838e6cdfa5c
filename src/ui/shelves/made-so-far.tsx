'use client';

import { dueOnShelves } from '@/core/orders';
import { type MadePiece, STAGE_ON } from '@/core/records';
import { madeActs } from '@/store';
import { AnswerSheet, counted } from '@/ui/frame';
import { useWorkspace } from '@/ui/state';
import Link from 'next/link';
import { useMemo } from 'react';
import type { Row } from './use-shelves';

/** Not measured yet at the stage it stands at. */
export function isUnmeasured({ shelf, sizes }: MadePiece): boolean {
  const stage = STAGE_ON[shelf];
  return stage !== undefined && sizes[stage] === undefined;
}

/** How many pieces are being made, how many came out and were lost, and what is due. */
export function MadeSoFar({ rows }: { rows: readonly Row[] }) {
  const { workspace } = useWorkspace();
  const today = madeActs.today();
  const due = useMemo(() => dueOnShelves(workspace, today), [workspace, today]);
  const on = (shelf: string) => rows.filter(({ piece }) => piece.shelf === shelf).length;
  const [fired, lost] = [on('fired'), on('lost')];
  const done = fired + lost;
  return (
    <AnswerSheet
      name="in-work"
      asks="being made"
      big={counted(rows.length - done)}
      figures={[
        { words: 'finished', written: counted(fired), stage: 'glazed' },
        { words: 'lost', written: counted(lost) },
        { words: 'to measure', written: counted(rows.filter(({ piece }) => isUnmeasured(piece)).length) },
        ...(done > 0 ? [{ words: 'of 100 came out', written: counted(Math.round((100 * fired) / done)) }] : []),
      ]}
    >
      {due.length > 0 && (
        <div className="answer-sure">
          <b>Due</b>
          <ul className="answer-list">
            {due.slice(0, 4).map(({ id, words }) => (
              <li key={id}>{words}</li>
            ))}
          </ul>
          <span className="place-link">
            <Link href="/today">{due.length > 4 ? `All ${due.length} for today` : 'Today'}</Link>
          </span>
        </div>
      )}
    </AnswerSheet>
  );
}
