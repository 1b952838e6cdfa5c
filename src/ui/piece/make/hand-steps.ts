'use client';

import { type WorkName, type WorkStep, workOrder } from '@/core/handbuild';
import { type Written, handMass, writeLength, writeMass } from '@/core/units';
import type { Stage } from '@/core/clay';
import { workOf } from '@/ui/steps';
import { usePicked } from '../model/picked';
import type { PieceModel } from '../model/use-piece';

/** The steps of a piece built by hand, and the one that is picked. */
export function useHandStep({ hand, worked, part, units, known }: PieceModel) {
  const steps = workOrder(workOf(part, worked.sized, hand, known.body, units));
  const [picked, pick] = usePicked<string>('hand step', () => '');
  const index = Math.max(
    0,
    steps.findIndex(({ name }) => name === picked),
  );
  return { steps, step: steps[index]!, index, pick };
}

/** The one figure of a step, what it is of and the stage it is at. */
export interface StepFigure {
  readonly words: string;
  readonly stage: Stage;
  readonly written: Written;
  readonly finishes?: string | undefined;
}

/** What is measured, weighed or counted at a step; none while something stands in the way of the work. */
export function figureOfStep({ name }: WorkStep, { hand, worked, units }: PieceModel): StepFigure | undefined {
  const { stages, masses } = worked.sized;
  const { choice } = units;
  const length = (mm: number) => writeLength(mm, choice);
  const mass = (g: number) => writeMass(handMass(g, choice), choice);
  const wall = stages.wet.sizes.wall;
  const slab = hand && hand.by !== 'coil' ? hand.slabs[0] : undefined;
  const plan = hand?.by === 'coil' ? hand.plan : undefined;
  const rolled = (): StepFigure | undefined =>
    slab && { words: 'slab, thick', stage: 'wet', written: length(slab.roll.thickness), finishes: units.length(slab.finishes) };
  const height = (words: string, stage: 'wet' | 'leather'): StepFigure => ({
    words,
    stage,
    written: length(stages[stage].sizes.height),
    finishes: units.length(stages.glazed.sizes.height),
  });
  const figures: Readonly<Record<WorkName, () => StepFigure | undefined>> = {
    roll: rolled,
    texture: rolled,
    lay: rolled,
    cut: () => slab && { words: 'parts on the first slab', stage: cutAt(hand), written: { whole: String(slab.laid.length), unit: '' } },
    join: () => height('height, once joined', cutAt(hand)),
    off: () => height('height, wet', 'wet'),
    attach: () => height('height, leather hard', 'leather'),
    throw: () => undefined,
    trim: () => undefined,
    pinch: () => plan && { words: 'pinch the base up to', stage: 'wet', written: length(plan.pinch.height) },
    coil: () => plan && { words: 'coils, thick', stage: 'wet', written: length(plan.thickness) },
    scrape: () =>
      wall === undefined
        ? undefined
        : { words: 'wall, wet', stage: 'wet', written: length(wall), finishes: units.length(stages.glazed.sizes.wall ?? 0) },
    dry: () => ({ words: 'one weighs, bone dry', stage: 'dry', written: mass(masses.dry) }),
    fire: () => ({ words: 'one weighs, bone dry', stage: 'dry', written: mass(masses.dry) }),
    look: () => ({ words: 'height, finished', stage: 'glazed', written: length(stages.glazed.sizes.height) }),
  };
  return figures[name]();
}

const cutAt = (hand: PieceModel['hand']): 'wet' | 'leather' => (hand?.by === 'slab' ? hand.at : 'wet');
