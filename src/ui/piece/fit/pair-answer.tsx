'use client';

import { writeLength } from '@/core/units';
import { AnswerSheet, counted } from '@/ui/frame';
import type { PieceModel } from '../model/use-piece';
import { usePairs } from './use-pairs';

/** How many lids find a pot, the closest and the widest gap, and what is left over. */
export function PairAnswer({ piece }: { piece: PieceModel }) {
  const { units } = piece;
  const { mouths, lids, gap, found } = usePairs(piece);
  const range = `${units.length(gap.min)} to ${units.length(gap.max)}`;
  if (!found)
    return (
      <AnswerSheet name="pairs" stage="glazed" asks="lids matched to pots" big={counted(0)}>
        <div className="answer-sure">
          Enter the finished mouths and the finished lids. Rimbet matches as many as it can with a gap of {range}.
        </div>
      </AnswerSheet>
    );
  const { pairs, left } = found;
  const gaps = pairs.map((pair) => pair.gap);
  return (
    <AnswerSheet
      name="pairs"
      stage="glazed"
      asks="lids matched to pots"
      big={{ whole: String(pairs.length), unit: `of ${Math.min(mouths.length, lids.length)}` }}
      figures={[
        ...(pairs.length > 0
          ? [
              { words: 'closest gap', written: writeLength(Math.min(...gaps), units.choice) },
              { words: 'widest gap', written: writeLength(Math.max(...gaps), units.choice) },
            ]
          : []),
        ...(left.mouths.length > 0 ? [{ words: 'pots left over', written: counted(left.mouths.length) }] : []),
        ...(left.lids.length > 0 ? [{ words: 'lids left over', written: counted(left.lids.length) }] : []),
      ]}
    >
      <div className="answer-sure">A lid matches with a gap of {range}.</div>
    </AnswerSheet>
  );
}
