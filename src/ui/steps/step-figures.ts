import type { StepName, WheelSteps, Worked } from '@/core/sizing';
import { handLength, handMass, text, writeLength } from '@/core/units';
import type { Units } from '@/ui/state';

export const STEP_TITLES: Record<StepName, string> = {
  ball: 'Ball',
  puck: 'Centred',
  opened: 'Opened',
  cylinder: 'First cylinder',
  shape: 'Shaped',
  needle: 'Rim cut level',
  trim: 'Trimmed',
};

/** What to measure at each step, in a few words; the ball as it is weighed out. */
export function figuresAt(
  { making, sized }: Pick<Worked, 'making' | 'sized'>,
  wheel: WheelSteps,
  weighOut: string,
  { choice, mass }: Units,
): Record<StepName, readonly string[]> {
  const length = (mm: number) => text(writeLength(handLength(mm, choice), choice));
  const { ball, puck, opened, cylinder, shape, takes } = wheel;
  const opens = cylinder?.opens ?? 1;
  const turned = cylinder ? (opens > 1.08 ? 'then opened out: its rim thins' : opens < 0.92 ? 'then collared: its rim thickens' : '') : '';
  const gone: [string, number][] = [
    ['below', takes.below],
    ['off the wall', takes.wall],
    ['from the hollow', takes.hollow],
    ['off the edge of the foot', takes.bevel],
    ['otherwise', takes.other],
    ['left under the wire', takes.wire],
  ];
  const weighs = gone.filter(([, g]) => g >= 0.5).map(([where, g]) => `${mass(handMass(g, choice))} ${where}`);
  return {
    ball: [weighOut, `⌀ ${length(ball.diameter)}`],
    puck: [`⌀ ${length(puck.width)}`, `${length(puck.height)} high`],
    opened: opened
      ? [
          `⌀ ${length(opened.width)} inside`,
          opened.floor ? `floor ${length(opened.floor)} thick` : 'down to the bat: this piece has no floor',
          `${length(opened.height)} high`,
          ...(opened.widens ? ['As far as the clay allows. Finish the floor while you widen it.'] : []),
          ...(opened.gallery ? ['leave the rim thick: the gallery is pushed down from it later'] : []),
        ]
      : [],
    cylinder: cylinder
      ? [
          `⌀ ${length(cylinder.width)}`,
          `${length(cylinder.height)} high`,
          `rim ${length(cylinder.rimThick)} thick, foot ${length(cylinder.footThick)}`,
          ...(turned ? [turned] : []),
        ]
      : [],
    shape: [
      `${length(shape.height)} high as pulled`,
      `mouth ⌀ ${length(shape.mouth)}`,
      ...(shape.widest > shape.mouth + 1 ? [`widest ⌀ ${length(shape.widest)}`] : []),
    ],
    needle: [`${length(making.rimCut)} off the rim`, `to ${length(sized.thrown.gauge)} above the bat`],
    trim: weighs.length > 0 ? weighs : ['Nothing to trim'],
  };
}
