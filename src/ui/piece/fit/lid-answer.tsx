'use client';

import { chanceWords } from '@/core/fit';
import { writeLength } from '@/core/units';
import { Act } from '@/ui/fields';
import { AnswerSheet } from '@/ui/frame';
import { Answer } from '../answer';
import type { PieceModel } from '../model/use-piece';
import { cutterName, useLidPairs } from './use-lid-pairs';

/** The two cutters that make the best lid, what each disc finishes at, and how well it seats. */
export function LidAnswer({ piece }: { piece: PieceModel }) {
  const { units } = piece;
  const { chosen, pairs, several, keep } = useLidPairs(piece);
  const [best] = pairs;
  if (!best) return <Answer piece={piece} />;
  const { lid, insert, gap, beyond, odds, fits } = best;
  return (
    <AnswerSheet
      stage={chosen.at}
      name="lid"
      asks={`Cut the lid with ${cutterName(lid)}`}
      big={writeLength(lid.cutter.width, units.choice)}
      finishes={units.length(lid.finished)}
      figures={[
        {
          words: `Inner disc, with ${cutterName(insert)}`,
          written: writeLength(insert.cutter.width, units.choice),
          finishes: units.length(insert.finished),
        },
        {
          words: gap < 0 ? 'Too wide for the mouth by' : 'Gap in the mouth',
          written: writeLength(Math.abs(gap), units.choice),
          stage: 'glazed',
        },
        {
          words: beyond < 0 ? 'Short of the rim by' : 'Stands out over the rim',
          written: writeLength(Math.abs(beyond), units.choice),
          stage: 'glazed',
        },
      ]}
    >
      <div className="answer-sure">
        {fits
          ? `Seats well in ${chanceWords(odds.good)}${several ? ', on the pot it fits worst' : ''}.`
          : gap < 0
            ? `No two of your cutters fit. The nearest is ${units.length(-gap)} too wide for the mouth.`
            : beyond < 0
              ? `No two of your cutters fit. The nearest is ${units.length(-beyond)} too small to cover the rim.`
              : `No two of your cutters fit closely. With the nearest, ${chanceWords(odds.good)} seat well.`}{' '}
        Made and fired with the pot, of its own clay.
      </div>
      <div className="answer-acts">
        <Act look={fits ? 'solid' : 'plain'} onClick={() => keep(best)}>
          Add these as parts
        </Act>
      </div>
    </AnswerSheet>
  );
}
