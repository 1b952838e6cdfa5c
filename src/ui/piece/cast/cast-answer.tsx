'use client';

import type { CastWork } from '@/core/casting';
import { writeLength, writeVolume } from '@/core/units';
import { AnswerSheet } from '@/ui/frame';
import { Answer } from '../answer';
import type { PieceModel } from '../model/use-piece';
import { kilogramsWritten, roundedUpKg } from './kilograms';
import { minutesWords } from './minutes';
import { useCast } from './use-cast';

/** What to weigh for the mould and to pour into it, how long it stays, and whether it comes out. */
export function CastAnswer({ piece }: { piece: PieceModel }) {
  const found = useCast(piece);
  if (!found.ok) return <Answer piece={piece} />;
  const work = found.value;
  const { units, worked } = piece;
  const { plaster, slip } = work;
  const kg = (amount: number) => kilogramsWritten(roundedUpKg(amount), units.choice);
  const { wet } = worked.sized.stages;
  return (
    <AnswerSheet
      name="plaster"
      asks="Plaster to weigh for the mould"
      big={kg(plaster.rule.plasterKg)}
      figures={[
        { name: 'water', words: 'Water', written: kg(plaster.rule.waterKg) },
        { name: 'pour', words: 'Slip to pour', written: writeVolume(slip.poured.pourMl, units.choice), stage: 'wet' },
        { words: 'Model, mouth', written: writeLength(wet.sizes.rimDiameter, units.choice), stage: 'wet' },
        ...(slip.time
          ? [{ words: 'Slip stays in', written: { whole: minutesWords(slip.time.minutes), unit: 'min' }, stage: 'wet' as const }]
          : []),
      ]}
    >
      <div className="answer-sure">
        <ComesOut piece={piece} work={work} />
        <p>
          Scale from the finished piece: <b>× {work.scale.width.toFixed(3)}</b>. The fired piece weighs about{' '}
          {units.mass(worked.sized.masses.glazed)}.
        </p>
      </div>
      <p className="answer-caution">
        <b>Caution:</b> plaster gets hot and caustic as it sets. Wear gloves, goggles and a mask, and keep it off skin and out of clay.
      </p>
    </AnswerSheet>
  );
}

/** Whether it comes out of the mould, and how many parts that takes. */
function ComesOut({ piece: { units }, work: { parting, chosen } }: { piece: PieceModel; work: CastWork }) {
  const { draft, parts } = parting;
  const least = `${draft.least.toFixed(1)}°`;
  const where = `${units.length(draft.at.z)} up`;
  const little = parts === 'one' && draft.least < chosen.leastDraft;
  return (
    <p data-parts={parts} className={parts === 'one' && !little ? 'answer-good' : 'answer-caution'}>
      {parts === 'one' && !little && <>A one-part mould works. The smallest draft is {least}.</>}
      {little && (
        <>
          A one-part mould may stick: the draft is {least} {where} and you want {chosen.leastDraft}°. A mouth wider or a foot narrower by{' '}
          {units.length(2 * Math.tan(((chosen.leastDraft - draft.least) * Math.PI) / 180) * 100)} on 100 mm of height would do.
        </>
      )}
      {parts === 'level' && (
        <>
          Undercut {where}, {least}: a mould of two parts with keys between them, parted level at the widest, {units.length(parting.at!)}{' '}
          up. Below it the draft is {parting.below!.least.toFixed(1)}°, above {parting.above!.least.toFixed(1)}°.
        </>
      )}
      {parts === 'halves' && (
        <>
          Undercut {where}, {least}: a mould of two halves parted along the axis, and a part under the foot. For a one-part mould it must
          widen all the way up to the mouth.
        </>
      )}
    </p>
  );
}
