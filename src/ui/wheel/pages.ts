import { type Part, type SizedPart, runBall } from '@/core/workspace';
import { type Step, USUAL_SHORTENING, adviceFor, wheelSteps } from '@/core/sizing';
import { handLength, handMass, text, writeLength } from '@/core/units';
import type { Units } from '@/ui/state';
import { STEP_TITLES, figuresAt } from '@/ui/steps';

/** What one look at the wheel shows: a main figure to read across the room, further ones, and what to mind. */
export interface WheelPage {
  readonly key: string;
  readonly title: string;
  readonly figures: readonly { readonly words?: string | undefined; readonly figure: string }[];
  readonly step?: Step | undefined;
  readonly cautions: readonly string[];
}

/** All four figures at once first, then a page for each step. */
export function wheelPages(part: Part, worked: SizedPart, units: Units): { pages: WheelPage[]; steps: readonly Step[] } {
  const { choice, mass } = units;
  const { clay, sized } = worked;
  const { making, shortening, tester } = part;
  const ball = mass(handMass(runBall(part, worked), choice));
  const hand = (mm: number) => text(writeLength(handLength(mm, choice), choice));
  const wheel = wheelSteps(clay, sized, making, shortening ?? USUAL_SHORTENING);
  const figures = figuresAt({ making, sized }, wheel, units);
  const advice = adviceFor(sized);
  const all: WheelPage = {
    key: 'all',
    title: 'All at once',
    figures: [
      { words: tester?.accepted ? 'ball, by the tester' : 'ball', figure: ball },
      { words: 'rim above the bat', figure: hand(sized.thrown.gauge) },
      { words: 'mouth, outside', figure: hand(sized.stages.wet.sizes.rimDiameter) },
      { words: 'floor, by needle', figure: hand(sized.thrown.floor) },
    ],
    cautions: [],
  };
  const steps = wheel.steps.map((step): WheelPage => ({
    key: step.name,
    title: STEP_TITLES[step.name],
    figures: figures[step.name].map((figure, i) => ({ figure: step.name === 'ball' && i === 0 ? ball : figure })),
    step,
    cautions: advice.filter((each) => each.step === step.name).map(({ words }) => words),
  }));
  const first: WheelPage = { key: 'tester', title: 'Tester', figures: [], cautions: [] };
  return { pages: [all, ...steps, first], steps: wheel.steps };
}

/** A page read aloud. */
export const spoken = ({ title, figures }: WheelPage): string =>
  [title, ...figures.map(({ words, figure }) => (words ? `${words}: ${figure}` : figure))]
    .join('. ')
    .replaceAll('⌀', 'across')
    .replaceAll(' mm', ' millimetres')
    .replaceAll(' g', ' grams');
