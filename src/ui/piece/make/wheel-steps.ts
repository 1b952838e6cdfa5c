'use client';

import { remembering } from '@/core/remember';
import {
  adviceFor,
  type Advice,
  type Step,
  type StepName,
  type Throwing,
  USUAL_SHORTENING,
  type WheelSteps,
  wheelSteps,
  type Worked,
} from '@/core/sizing';
import { handLength, handMass, type Written, writeLength, writeMass } from '@/core/units';
import type { LesserFigure } from '@/ui/frame';
import { weighOutWritten } from '@/ui/steps';
import { usePicked } from '../model/picked';
import type { PieceModel } from '../model/use-piece';

const stepsOf = remembering(
  (sized: Worked['sized'], { clay, making, ...throwing }: Pick<Worked, 'clay' | 'making'> & Throwing): WheelSteps =>
    wheelSteps(clay, sized, making, throwing),
);

export interface AtStep {
  readonly wheel: WheelSteps;
  readonly step: Step;
  /** Its place among the steps. */
  readonly index: number;
  readonly pick: (name: StepName) => void;
  /** What to mind at it. */
  readonly advice: readonly Advice[];
}

/** The steps at the wheel, and the one that is picked. */
export function useStep({ worked, part, throwing }: PieceModel): AtStep {
  const { shortening = USUAL_SHORTENING, opening, runBall = worked.sized.masses.ball } = throwing;
  const { clay, making, sized } = worked;
  const wheel = stepsOf(sized, { clay, making, shortening, opening, runBall });
  const names = wheel.steps.map(({ name }) => name);
  const [picked, pick] = usePicked<StepName>('step', () => 'ball');
  // a form without that step begins again at the ball
  const index = Math.max(0, names.indexOf(picked));
  const name = names[index]!;
  const advice = adviceFor(worked.sized, part.way).filter(({ step }) => step === name);
  return { wheel, step: wheel.steps[index]!, index, pick, advice };
}

export interface StepAnswer {
  /** What the hand should know of it, in a sentence. */
  readonly note?: string | undefined;
  readonly asks: string;
  readonly big: Written;
  readonly figures: readonly LesserFigure[];
}

/** What becomes of a rim as thrown that is so many times as wide as the first cylinder's. */
const OPENS = [
  { from: 1.08, to: Infinity, words: 'It is then opened out, and its rim thins.' },
  { from: 0, to: 0.92, words: 'It is then collared, and its rim thickens.' },
];

/** What a step asks of the hand: one figure, and those beside it. */
export function stepAnswer({ worked, throwing, part, units }: PieceModel, { wheel, step }: AtStep): StepAnswer {
  const { choice } = units;
  const length = (mm: number) => writeLength(handLength(mm, choice), choice);
  const mass = (g: number) => writeMass(handMass(g, choice), choice);
  const { ball, puck, opened, cylinder, shape, takes } = wheel;
  const { thrown } = worked.sized;
  const told = (asks: string, big: Written, ...figures: readonly (readonly [string, number] | false | undefined)[]): StepAnswer => ({
    asks,
    big,
    figures: figures.flatMap((figure) => (figure ? [{ words: figure[0], written: length(figure[1]) }] : [])),
  });
  if (step.name === 'ball')
    return told('weigh out', weighOutWritten(throwing.runBall ?? worked.sized.masses.ball, part, units), ['Ball diameter', ball.diameter]);
  if (step.name === 'puck') return told('centre it to a width of', length(puck.width), ['Height', puck.height]);
  if (step.name === 'opened' && opened)
    return {
      ...told('open it to a width inside of', length(opened.width), ...(opened.floor ? [['Floor thickness', opened.floor] as const] : []), [
        'Height of the ring',
        opened.height,
      ]),
      note: opened.gallery
        ? 'Leave the rim thick. The gallery is pushed down from it later.'
        : opened.widens
          ? 'As far as the clay allows. Finish the floor while you widen it.'
          : undefined,
    };
  if (step.name === 'cylinder' && cylinder)
    return {
      ...told(
        'pull a cylinder to a height of',
        length(cylinder.height),
        ['Width', cylinder.width],
        ['Wall at the rim', cylinder.rimThick],
        ['Wall at the foot', cylinder.footThick],
      ),
      note: OPENS.find(({ from, to }) => cylinder.opens > from && cylinder.opens < to)?.words,
    };
  if (step.name === 'shape')
    return told(
      'shape the mouth to a width of',
      length(shape.mouth),
      ['Height as pulled', shape.height],
      shape.widest > shape.mouth + 1 && ['Widest', shape.widest],
    );
  if (step.name === 'needle')
    return told('cut the rim level, above the bat', length(thrown.gauge), ['Cut off the rim', worked.making.rimCut]);
  const off = [
    ['Off the base', takes.below],
    ['Off the wall', takes.wall],
    ['Out of the hollow', takes.hollow],
    ['Off the edge of the foot', takes.bevel],
    ['Otherwise', takes.other],
  ] as const;
  const gone = off.filter(([, g]) => g >= 0.5);
  return {
    asks: gone.length > 0 ? 'trim off in all' : 'nothing to trim: it weighs',
    big: mass(gone.length > 0 ? gone.reduce((sum, [, g]) => sum + g, 0) : worked.sized.masses.trimmed),
    figures: gone.map(([words, g]) => ({ words, written: mass(g) })),
  };
}
