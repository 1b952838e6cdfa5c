import { trimReadings } from '@/core/bench';
import { boundsOf, workOrder } from '@/core/handbuild';
import { type HandWork, makingOf, type SizedPart, type SizedPlanPart, throwingOf } from '@/core/part';
import { type Body, meetsInside, type Part } from '@/core/records';
import { obstacleWords } from '@/core/telling';
import { STAGE_WORDS, type Step, adviceFor, wheelSteps } from '@/core/sizing';
import { handLength, handMass, text, writeLength } from '@/core/units';
import type { Units } from '@/ui/state';
import { STEP_TITLES, figuresAt, handFigures, weighOutText, workOf } from '@/ui/steps';

/** What one look at the wheel shows: a main figure to read across the room, further ones, and what to mind. */
export interface WheelPage {
  readonly key: string;
  readonly title: string;
  readonly figures: readonly { readonly words?: string | undefined; readonly figure: string; readonly stage?: 'leather' | undefined }[];
  /** The stage its figures are of; wet unless said. */
  readonly stage?: 'leather' | undefined;
  readonly step?: Step | undefined;
  /** Where the pointer stands: the rim above the bat, mm. */
  readonly pointer?: number | undefined;
  /** What is said rather than measured. */
  readonly words?: readonly string[] | undefined;
  readonly cautions: readonly string[];
}

/** The sizes to trim to that are read across a room. */
const TRIM_FIGURES = /^(height, |foot, outside|foot ring, inside|floor left)/;

/** How many there are to be. */
const RUN: WheelPage = { key: 'run', title: 'The run', figures: [], cautions: [] };

/** What is made by hand: all figures first, then a page for every slab, part or course, then the waits in order. */
export function handPages(part: Part, worked: SizedPart, hand: HandWork, body: Body | undefined, units: Units): WheelPage[] {
  const { length, mass, choice } = units;
  const rounded = (mm: number) => text(writeLength(handLength(mm, choice), choice));
  if (hand.obstacle) {
    return [{ key: 'all', title: 'All figures', figures: [], words: [obstacleWords(hand.obstacle, length)], cautions: [] }];
  }
  const weigh = { words: 'weigh out', figure: weighOutText(hand.totalG ?? 0, part, units) };
  const all: WheelPage = {
    key: 'all',
    title: 'All figures',
    figures: [
      weigh,
      ...handFigures(hand, worked, units).map(({ words, figure, stage }) => ({
        words: stage ? `${words}, ${STAGE_WORDS[stage]}` : words,
        figure,
        stage,
      })),
    ],
    cautions: [],
  };
  const plain = (key: string, title: string, figures: readonly string[], cautions: readonly string[] = []): WheelPage => ({
    key,
    title,
    figures: figures.map((figure) => ({ figure })),
    cautions,
  });
  const coils = hand.by === 'coil' ? hand.plan : undefined;
  const own =
    hand.by === 'coil'
      ? !coils
        ? []
        : [
            plain('base', 'Pinch the base', [mass(handMass(coils.pinch.g, choice)), `${rounded(coils.pinch.height)} high`]),
            ...coils.courses.map((course, i) =>
              plain(
                `course-${i + 1}`,
                `Course ${i + 1} of ${coils.courses.length}`,
                [`${rounded(course.length)} long`, `${length(course.thickness)} thick`, `then ${rounded(course.to)} high`],
                course.pause ? ['Cover the rim and let the wall firm up first.'] : [],
              ),
            ),
          ]
      : [
          ...hand.slabs.map(({ roll }, i) =>
            plain(`roll-${i}`, hand.slabs.length > 1 ? `Roll slab ${i + 1}` : 'Roll the slab', [
              `${length(roll.thickness)} thick`,
              `${rounded(roll.length)} × ${rounded(roll.width)}`,
            ]),
          ),
          ...hand.parts.map(({ name, count, outline }) => {
            const { width, height } = boundsOf(outline);
            const page = plain(`cut-${name}`, `${name}${count * hand.pieces > 1 ? `, cut ${count * hand.pieces}` : ''}`, [
              rounded(width),
              `by ${rounded(height)}`,
            ]);
            return hand.at === 'leather' ? { ...page, stage: hand.at } : page;
          }),
        ];
  const waits = workOrder(workOf(part, worked.sized, hand, body, units)).map(({ name, title, wait, does, care }): WheelPage => {
    const signs = wait ? [`Wait until ${wait.until}.`, ...wait.signs] : [];
    return { key: name, title, figures: [], words: [...signs, ...does], cautions: care };
  });
  return [all, ...own, ...waits, RUN];
}

/** All four figures at once first, then a page for each step. */
export function wheelPages(
  part: Part,
  worked: SizedPart & { readonly ratio?: SizedPlanPart['ratio'] },
  units: Units,
  moves = '',
  /** What is taken off the pointer's setting for the way the hand leans, mm. */
  takeOff = 0,
): { pages: WheelPage[]; steps: readonly Step[] } {
  const { choice } = units;
  const { clay, sized } = worked;
  const { tester } = part;
  const making = makingOf(part);
  const throwing = throwingOf({ ...worked, part });
  const ball = weighOutText(throwing.runBall!, part, units);
  const hand = (mm: number) => text(writeLength(handLength(mm, choice), choice));
  const wheel = wheelSteps(clay, sized, making, throwing);
  const figures = figuresAt({ making, sized }, wheel, ball, units);
  const advice = adviceFor(sized, part.way);
  const inside = meetsInside(part) ? sized.stages.wet.sizes.mouthInside : undefined;
  const all: WheelPage = {
    key: 'all',
    title: 'All figures',
    figures: [
      { words: tester?.accepted ? 'Ball, from the test piece' : worked.ratio ? 'Ball, from your own pieces' : 'ball', figure: ball },
      { words: takeOff === 0 ? 'rim above the bat' : 'pointer above the bat', figure: hand(sized.thrown.gauge - takeOff) },
      inside === undefined
        ? { words: 'mouth, outside', figure: hand(sized.stages.wet.sizes.rimDiameter) }
        : { words: 'mouth, inside', figure: hand(inside) },
      ...(sized.thrown.floor === undefined ? [] : [{ words: 'Floor thickness', figure: hand(sized.thrown.floor) }]),
    ],
    pointer: sized.thrown.gauge - takeOff,
    ...(moves && { words: [moves] }),
    cautions: [],
  };
  const trimmed = trimReadings({ clay, making, sized });
  const steps = wheel.steps.map((step): WheelPage => ({
    key: step.name,
    title: STEP_TITLES[step.name],
    figures: figures[step.name].map((figure) => ({ figure })),
    step,
    cautions: advice.filter((each) => each.step === step.name).map(({ words }) => words),
    // what is trimmed to is measured on the leather-hard piece; what comes off is told among the steps of the piece
    ...(step.name === 'trim' &&
      trimmed.length > 0 && {
        stage: 'leather' as const,
        figures: trimmed
          .filter(({ what }) => TRIM_FIGURES.test(what))
          .map(({ what, mm }) => ({ figure: `${hand(mm)} ${what.split(':')[0]!}` })),
      }),
  }));
  const first: WheelPage = { key: 'tester', title: 'Test piece', figures: [], cautions: [] };
  return { pages: [all, ...steps, first, RUN], steps: wheel.steps };
}

/** A page read aloud. */
export const spoken = ({ title, figures, words: said = [] }: WheelPage): string =>
  [title, ...said, ...figures.map(({ words, figure }) => (words ? `${words}: ${figure}` : figure))]
    .join('. ')
    .replaceAll('⌀', 'across')
    .replaceAll(' mm', ' millimetres')
    .replaceAll(' g', ' grams');
