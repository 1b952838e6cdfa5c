'use client';

import type { Form } from '@/core/form';
import { type NestBowl, type NestChoices, nestWork, usualNest } from '@/core/fitting';
import type { Plan, Workspace } from '@/core/records';
import { remembering } from '@/core/remember';
import type { Result } from '@/core/units';
import { type Units, useWorkspace } from '@/ui/state';
import { usePicked } from '../model/picked';
import type { PieceModel } from '../model/use-piece';

const NAMES = ['largest', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];

/** What a bowl of a nest is called by its place, from the largest. */
export const nameOf = (at: number, count: number): string => (at === count - 1 ? 'smallest' : NAMES[at]!);

interface Inputs {
  readonly workspace: Workspace;
  readonly plan: Plan;
  readonly largest: Form<'glazed'>;
  readonly units: Units;
}

/** A nest worked out once: what is tried before it is chosen is not worked out again. */
const nestFor = remembering((choices: NestChoices, { workspace, plan, largest, units }: Inputs) =>
  nestWork(workspace, plan, largest, choices, units),
);

export interface Nest {
  readonly choices: NestChoices;
  readonly setChoices: (choices: NestChoices) => void;
  /** The nest that such choices make. */
  readonly workOf: (choices: NestChoices) => Result<readonly NestBowl[]>;
  readonly found: Result<readonly NestBowl[]>;
}

/** The nest from this bowl, the largest, as it is chosen on the stage. */
export function useNest({ worked, plan, units }: PieceModel): Nest {
  const { workspace } = useWorkspace();
  const largest = worked.sized.stages.glazed;
  const [choices, setChoices] = usePicked('nest', () => usualNest(largest));
  const workOf = (asked: NestChoices) => nestFor(asked, { workspace, plan, largest, units });
  return { choices, setChoices, workOf, found: workOf(choices) };
}
