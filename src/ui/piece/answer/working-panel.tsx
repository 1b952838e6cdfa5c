'use client';

import { addingCost, working } from '@/core/sizing';
import { writePercent } from '@/core/units';
import { figureWords, restsOnWords } from '@/core/telling';
import type { PieceModel } from '../model/use-piece';

/** What the shrinkage is and where most pieces lie. */
function shrinkageWords({ worked }: PieceModel): string {
  const { shrinkage, belief } = worked.clay;
  const height = shrinkage.height === shrinkage.width ? '' : ` (${writePercent(shrinkage.height * 100)} in height)`;
  return `${figureWords(belief)}${height}`;
}

/** The arithmetic of the number last chosen, and what adding the percentage would have cost. */
export function WorkingPanel({ piece }: { piece: PieceModel }) {
  const { worked, units, opened } = piece;
  const { title, lines } =
    opened === 'shrinkage'
      ? { title: 'the shrinkage', lines: [`${shrinkageWords(piece)}.`, restsOnWords(piece.known)] }
      : opened === 'hand'
        ? piece.handWorking!(worked, units)
        : working(worked, opened, units);
  const { shrinkage } = worked.clay;
  const finished = worked.sized.stages.glazed.sizes.height;
  const adding = addingCost(finished, shrinkage.height);
  return (
    <section aria-label="Working" className="working">
      <h2>Worked out: {title}</h2>
      <div aria-live="polite">
        {lines.map((line, i) => (
          <div key={i}>{line}</div>
        ))}
      </div>
      <div className="working-adding" data-testid="adding">
        Adding {writePercent(shrinkage.height * 100)} to {units.length(finished)} instead would make it {units.length(adding.wet)} wet and
        finish {units.length(adding.finishes)}: <b>{units.apart(adding.short)} short</b>.
      </div>
    </section>
  );
}
