'use client';

import { KNIFE } from '@/core/handbuild';
import { AnswerSheet, counted } from '@/ui/frame';
import { Answer } from '../answer';
import { HandFigures } from '../hand/hand-figures';
import type { PieceModel } from '../model/use-piece';

/** How many parts are cut, and what each measures as it is cut. */
export function TemplatesAnswer({ piece }: { piece: PieceModel }) {
  const { hand } = piece;
  if (!hand || hand.by === 'coil' || hand.parts.length === 0) return <Answer piece={piece} />;
  const parts = hand.parts.reduce((sum, { count }) => sum + count, 0);
  return (
    <AnswerSheet
      stage={hand.by === 'slab' ? hand.at : 'wet'}
      name="templates"
      asks={`${parts === 1 ? 'part' : 'parts'} to cut, with ${hand.parts.length === 1 ? 'one template' : `${hand.parts.length} templates`}`}
      big={counted(parts)}
    >
      <HandFigures piece={piece} />
      <p className="answer-caution">
        <b>Caution:</b> {KNIFE}
      </p>
    </AnswerSheet>
  );
}
