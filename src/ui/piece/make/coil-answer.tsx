'use client';

import { type UnitChoice, type Written, handMass, writeLength, writeMass } from '@/core/units';
import { AnswerSheet, counted } from '@/ui/frame';
import { Answer } from '../answer';
import type { PieceModel } from '../model/use-piece';

/** A length beyond what a rule reads. */
const farWritten = (mm: number, unit: UnitChoice['length']): Written =>
  unit === 'mm' || unit === 'cm' ? { whole: (mm / 1000).toFixed(1), unit: 'm' } : { whole: (mm / 304.8).toFixed(1), unit: 'ft' };

/** How thick to roll the coils, how many courses and how much clay. */
export function CoilAnswer({ piece }: { piece: PieceModel }) {
  const { hand, worked, units } = piece;
  if (hand?.by !== 'coil' || !hand.plan) return <Answer piece={piece} />;
  const { plan } = hand;
  const { length, choice } = units;
  const { wet, glazed } = worked.sized.stages;
  const off = plan.wall - (wet.sizes.wall ?? 0);
  const mass = (g: number) => writeMass(handMass(g, choice), choice);
  return (
    <AnswerSheet
      stage="wet"
      name="coil"
      asks="Roll coils, thick"
      big={writeLength(plan.thickness, choice)}
      figures={[
        { words: 'Pinch the base from', written: mass(plan.pinch.g) },
        { words: 'up to', written: writeLength(plan.pinch.height, choice) },
        { words: 'Courses', written: counted(plan.courses.length) },
        { words: 'Coil in all', written: farWritten(plan.length, choice.length) },
        { words: 'All the clay', written: mass(plan.totalG) },
        { words: 'Rim, wet', written: writeLength(wet.sizes.height, choice), finishes: length(glazed.sizes.height) },
      ]}
    >
      {Math.abs(off) > Math.max(0.5, (wet.sizes.wall ?? 0) * 0.08) && (
        <p className="answer-caution" role="note">
          Coils like these make a wall {length(plan.wall)} thick, {length(Math.abs(off))} {off > 0 ? 'thicker' : 'thinner'} than planned.
        </p>
      )}
    </AnswerSheet>
  );
}
