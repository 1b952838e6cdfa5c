'use client';

import { type Stage } from '@/core/clay';
import { type Form, type SizeName, sizesOf } from '@/core/form';
import {
  type Conflict,
  type KnownSizes,
  type LimitCheck,
  type NumberName,
  type Throwing,
  type Worked,
  checkLimits,
  conflictsIn,
  isExact,
  undecided,
} from '@/core/sizing';
import type { Hand } from '@/core/handbuild';
import { standsOut } from '@/core/fitting';
import { handOf, type KnownClay, type SizedPlanPart, sizedPlanPart, surenessOf, throwingOf } from '@/core/part';
import { mainPart, type Part, partRef, type PartRef, type Plan, shopOf, type Workspace } from '@/core/records';
import { type VisibleWorkspace, type Units, useUnits, useWorkspace } from '@/ui/state';
import { useMemo, useState } from 'react';
import { type Choosers, choosersOf } from './choosers';
import { type Edits, editsOf } from './edits';
import { type Weighed, useWeighed } from './use-weighed';

/** A number whose arithmetic can be open, or the shrinkage and what it rests on. */
export type Opened = NumberName | 'shrinkage' | 'hand';

/** A plan's piece worked out, and what can be done to it. */
export interface PieceModel extends Edits, Choosers {
  /** The workshop it was worked out in. */
  readonly kept: VisibleWorkspace;
  readonly plan: Plan;
  readonly part: Part;
  /** Which part it is, for what is done to it. */
  readonly ref: PartRef;
  readonly known: KnownClay;
  readonly worked: Worked;
  readonly form: Form<'glazed'>;
  /** The sizes its form has, in order. */
  readonly names: readonly SizeName[];
  readonly conflicts: readonly Conflict[];
  /** What the maker's place allows, looked at. */
  readonly placeChecks: readonly LimitCheck[];
  readonly weighOut: Weighed['weighOut'];
  /** The maker's own ball ratio that is in it. */
  readonly ratio: SizedPlanPart['ratio'];
  readonly throwing: Throwing;
  readonly by: Hand;
  readonly hand: Weighed['hand'];
  readonly handWorking: Weighed['handWorking'];
  /** Why the stored piece cannot be made, after its clay changed say; the last possible one is in `worked`. */
  readonly impossible: string | undefined;
  readonly units: Units;
  /** The number whose arithmetic is open. */
  readonly opened: Opened;
  readonly open: (name: Opened) => void;
}

/** The part worked out as it is, or as it was when it could last be made, with why it now cannot. */
function useWorked(part: Part, workspace: Workspace, units: Units) {
  const now = sizedPlanPart(workspace, part, units.length);
  // by what it was worked out from: the same worked out once more, after waiting for what slabs need, is no change
  const [last, setLast] = useState({ part, workspace, value: now.ok ? now.value : undefined });
  if (now.ok && (last.part !== part || last.workspace !== workspace)) setLast({ part, workspace, value: now.value });
  return { possible: now.ok ? now.value : last.value, impossible: now.ok ? undefined : now.problem.message };
}

/** What is known of the sizes of a part, without a width inside that waits for an answer: it does not hold yet. */
function settled({ sizes, gives }: Part): KnownSizes {
  const waits = undecided(sizes, gives);
  return waits.length === 0
    ? sizes
    : (Object.fromEntries(Object.entries(sizes).filter(([name]) => !waits.includes(name as SizeName))) as KnownSizes);
}

/** Works out the open plan and hands each field the way to change it. Undefined while nothing possible is known of it. */
export function usePiece(plan: Plan, partId: string | undefined): PieceModel | undefined {
  const kept = useWorkspace();
  const { workspace } = kept;
  const units = useUnits();
  const part = plan.parts.find(({ id }) => id === partId) ?? mainPart(plan);
  const ref = partRef(plan, part);
  const { possible: sizedPart, impossible } = useWorked(part, workspace, units);
  const [opened, open] = useState<Opened | undefined>();
  const edits = useMemo(() => editsOf(ref, units), [ref, units]);
  const choosers = useMemo(() => choosersOf(ref, units), [ref, units]);
  // last of all hooks: it may wait once, and what it waited for is there when React goes through them again
  const possible = useWeighed(workspace, sizedPart);
  if (!possible) return undefined;

  const { part: shown, sized, hand, known } = possible;
  const by = handOf(shown);
  const form = sized.stages.glazed;
  return {
    kept,
    plan,
    part,
    ref,
    known,
    worked: { clay: possible.clay, known: settled(shown), making: possible.making, sized, sure: surenessOf(shown) },
    form,
    names: sizesOf(form, form.sizes),
    placeChecks: checkLimits(possible.clay, sized, shopOf(workspace).place ?? {}, standsOut(workspace, plan, possible)),
    weighOut: possible.weighOut,
    ratio: possible.ratio,
    throwing: throwingOf(possible),
    conflicts: conflictsIn(shown, shown.sizes, possible.clay, surenessOf(shown)),
    by,
    hand,
    handWorking: possible.handWorking,
    impossible,
    units,
    opened: opened === undefined || opened === 'hand' ? (by === 'wheel' ? 'ball' : 'hand') : opened,
    open,
    ...edits,
    ...choosers,
  };
}

/** Whether a size is known at a stage and holds there; one that another contradicts does not, until that is settled. */
export const isKnownAt = ({ worked, conflicts }: PieceModel, size: SizeName, at: Stage): boolean =>
  worked.known[size]?.some(
    (known, index) =>
      known.at === at && !(isExact(known) && known.free) && !conflicts.some((each) => each.size === size && each.index === index),
  ) ?? false;
