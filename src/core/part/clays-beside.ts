import { type ClayFigures, remaining, weigh } from '@/core/clay';
import { clayOf, newestBatch } from './clay';
import type { Bead, Body, Workspace } from '@/core/records';

const STEPS = ['dry', 'bisque', 'glazed'] as const;

/** What has shrunk by a stage, and in the step to it from the stage before, as shares of the wet length. */
export interface Shrunk {
  readonly stage: (typeof STEPS)[number];
  readonly byThen: number;
  readonly inStep: number;
}

/** A clay beside others, as its newest batch and usual firing are known: fractions. */
export interface ClayBeside {
  readonly body: Body;
  readonly cone: string | undefined;
  readonly shrunk: readonly Shrunk[];
  /** How many bars' worth of measuring that rests on. */
  readonly bars: number;
  /** Water taken up by boiling; none where no bar was boiled. */
  readonly absorption: number | undefined;
  /** What a drop of water did on the bar made last that says so. */
  readonly bead: Bead | undefined;
  /** Against the first clay: how much more it shrinks, and whether that is more than what is not known of the two. */
  readonly differs: { readonly by: number; readonly doubt: number; readonly more: boolean } | undefined;
}

/** In 9 of 10 cases a mean lies within so many of its standard deviations. */
const NINE_IN_TEN = 1.645;

function shrunkBy(figures: ClayFigures): Shrunk[] {
  const gone = (stage: 'wet' | Shrunk['stage']) => 1 - remaining(figures.shrinkage, stage, 'width');
  return STEPS.map((stage, i) => ({ stage, byThen: gone(stage), inStep: gone(stage) - gone(i === 0 ? 'wet' : STEPS[i - 1]!) }));
}

/** Clays beside each other: how much each shrank by bone dry, bisque and glazed, and whether they differ by more than is not known. */
export function claysBeside(workspace: Workspace, bodies: readonly Body[]): ClayBeside[] {
  const all = bodies.map((body) => {
    const { figures, firing } = clayOf(workspace, { bodyId: body.id, batchId: newestBatch(workspace, body.id)?.id });
    return { body, figures, firing, bars: workspace.bars.filter(({ bodyId }) => bodyId === body.id) };
  });
  const first = all[0]?.figures.belief;
  return all.map(({ body, figures, firing, bars }, i) => {
    const { mean, commonSd, weight } = figures.belief;
    const by = mean - (first?.mean ?? mean);
    const doubt = NINE_IN_TEN * Math.hypot(commonSd, first?.commonSd ?? 0);
    return {
      body,
      cone: firing.cone,
      shrunk: shrunkBy(figures),
      bars: weight,
      absorption: weigh(bars).absorption,
      bead: bars.toSorted((a, b) => (a.createdAt < b.createdAt ? 1 : -1)).find(({ bead }) => bead)?.bead,
      differs: i === 0 ? undefined : { by, doubt, more: Math.abs(by) > doubt },
    };
  });
}
