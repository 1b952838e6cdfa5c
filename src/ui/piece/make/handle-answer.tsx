'use client';

import { remaining } from '@/core/clay';
import { type Firmness, type HandleChoices, type HandlePlan, handlePlan, leanBetween } from '@/core/handbuild';
import { handLength, handMass, writeLength, writeMass } from '@/core/units';
import { AnswerSheet } from '@/ui/frame';
import { Answer } from '../answer';
import type { PieceModel } from '../model/use-piece';

/** How firm the clay is that its figures are for. */
const WHEN: Record<Firmness, string> = {
  soft: 'as it is bent, soft',
  half: 'as it is bent, half stiff',
  leather: 'as it is bent, as firm as the piece',
};

const COUNTED = { 1: '', 2: 'Roll two coils', 3: 'Roll three coils' } as const;

/** How long to cut, roll or pull a handle, from how much clay, and where it sits. */
export function HandleAnswer({ piece }: { piece: PieceModel }) {
  const { worked, units } = piece;
  const { handle } = piece.part;
  const made = handle && handlePlan(worked.clay, worked.sized, handle, units.length);
  if (!handle || !made?.ok) return <Answer piece={piece} />;
  return <Planned piece={piece} handle={handle} plan={made.value} />;
}

interface Props {
  readonly piece: PieceModel;
  readonly handle: HandleChoices;
  readonly plan: HandlePlan;
}

function Planned({ piece, handle, plan }: Props) {
  const { length, choice } = piece.units;
  const { count, length: long } = plan.strands;
  const at = handle.firmness === 'leather' ? 'leather' : 'wet';
  const mass = (g: number) => writeMass(handMass(g, choice), choice);
  const { byRule, byChance } = plan.blanks;
  return (
    <AnswerSheet
      stage={at}
      name="handle"
      asks={`${count > 1 ? COUNTED[count] : handle.kind === 'pulled' ? 'Pull it' : 'Cut it'}, long`}
      big={writeLength(handLength(long, choice), choice)}
      figures={[
        { words: handle.kind === 'pulled' ? 'Blank to pull from' : 'Clay for it', written: mass(plan.blankG), stage: 'wet' },
        { words: 'Adds to the piece', written: mass(plan.wetG), stage: 'wet' },
        { words: count > 1 ? 'Each coil, thick' : handle.kind === 'coil' ? 'Thick' : 'Wide', written: writeLength(plan.width, choice) },
        ...(count === 1 && handle.kind !== 'coil' ? [{ words: 'Thick', written: writeLength(plan.thickness, choice) }] : []),
      ]}
    >
      <div className="answer-sure">
        <p>Figures are for the clay {WHEN[handle.firmness ?? 'soft']}.</p>
        <p>
          Hole {length(plan.hole.bent)} × {length(plan.hole.reachBent)} when bent; finished {length(plan.hole.finished)} ×{' '}
          {length(handle.reach)}.
        </p>
        <p>
          Make <b>{Math.max(byRule, byChance)}</b> for {handle.pieces}: {byRule} with 10% spare, {byChance} for a 9 in 10 chance of enough.
        </p>
        <Seats piece={piece} plan={plan} />
      </div>
      <Dries piece={piece} handle={handle} plan={plan} />
      <p className="answer-caution">
        <b>Caution:</b> a handle is only as good as its joint: try it fired, with water, over a sink. Thin parts dry first: wrap it.
      </p>
    </AnswerSheet>
  );
}

/** Where its ends are set on the leather-hard piece. */
function Seats({ piece: { worked, units }, plan }: Omit<Props, 'handle'>) {
  const { length } = units;
  const lean = leanBetween(worked.clay, worked.sized, plan);
  return (
    <p>
      On the leather-hard piece, set the centres of the ends{' '}
      <b>
        {length(plan.seats.upper)} and {length(plan.seats.lower)}
      </b>{' '}
      up
      {Math.abs(lean) > 1 &&
        `; the wall stands ${length(Math.abs(lean))} further ${lean > 0 ? 'out at the upper end' : 'out at the lower end'}`}
      .
    </p>
  );
}

/** What a handle thinner or softer than its wall does as both dry. */
function Dries({ piece: { worked, units, form }, handle, plan }: Props) {
  const { length } = units;
  const left = (stage: 'wet' | 'leather' | 'glazed') => remaining(worked.clay.shrinkage, stage, 'width');
  // finished, both: one that is thinner by a third or more dries ahead of the wall
  const thickness = (plan.thickness / left(handle.firmness === 'leather' ? 'leather' : 'wet')) * left('glazed');
  const wall = form.sizes.wall ?? 0;
  const pulls = plan.length * (1 - left('leather') / plan.left);
  return (
    <>
      {thickness <= (wall * 2) / 3 && (
        <p className="answer-caution" role="note">
          The handle is {length(thickness)} thick where the wall is {length(wall)}. It dries first and can crack off: make it at least{' '}
          {length((wall * 2) / 3)}, or dry it under wraps.
        </p>
      )}
      {pulls >= 0.5 && (
        <p className="answer-text">
          The handle is softer than the piece and will shrink {length(pulls)} more, which pulls on the joints. Leave the arch slack, and dry
          both slowly under cover.
        </p>
      )}
    </>
  );
}
