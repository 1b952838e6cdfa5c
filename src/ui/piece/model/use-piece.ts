'use client';

import { type Stage } from '@/core/clay';
import { FAMILIES, type FamilyName, type Form, type SizeName, sizesOf } from '@/core/form';
import {
  type Conflict,
  type LimitCheck,
  type NumberName,
  type Throwing,
  type Worked,
  beyondItself,
  checkLimits,
  conflictsIn,
  isExact,
} from '@/core/sizing';
import type { Hand } from '@/core/handbuild';
import {
  changedForm,
  handOf,
  type KnownClay,
  mainPart,
  type Part,
  partRef,
  type PartRef,
  type Plan,
  shopOf,
  type SizedPlanPart,
  sizedPlanPart,
  surenessOf,
  throwingOf,
  type Workspace,
} from '@/core/workspace';
import { commands } from '@/store';
import { type Units, run, useUnits, useWorkspace } from '@/ui/state';
import { useMemo, useState } from 'react';
import { type AnyWay, FORM_WORDS, WAY_WORDS } from '@/ui/words';
import { type Takers, takersOf } from './takers';
import { type Weighed, byHand, useWeighed } from './use-weighed';

/** A number whose arithmetic can be open, or the shrinkage and what it rests on. */
export type Opened = NumberName | 'shrinkage' | 'hand';

/** A plan's piece worked out, and what can be done to it. */
export interface PieceModel extends Takers {
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
  readonly chooseWay: (way: AnyWay) => void;
  readonly chooseClay: (bodyId: string | undefined) => void;
  readonly chooseBatch: (batchId: string | undefined) => void;
  readonly chooseCone: (cone: string | undefined) => void;
  readonly chooseFamily: (family: FamilyName) => void;
}

const isByHand = (way: AnyWay): way is Exclude<Hand, 'wheel'> => way === 'slab' || way === 'former' || way === 'coil';

/** The part worked out as it is, or as it was when it could last be made, with why it now cannot. */
function useWorked(part: Part, workspace: Workspace, units: Units) {
  const now = sizedPlanPart(workspace, part, units.length);
  const [last, setLast] = useState(() => (now.ok ? now.value : undefined));
  if (now.ok && last !== now.value) setLast(now.value);
  return { possible: now.ok ? now.value : last, impossible: now.ok ? undefined : now.problem.message };
}

/** Works out the open plan and hands each field the way to change it. Undefined while nothing possible is known of it. */
export function usePiece(plan: Plan, partId: string | undefined): PieceModel | undefined {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const part = plan.parts.find(({ id }) => id === partId) ?? mainPart(plan);
  const ref = partRef(plan, part);
  const { possible: sizedPart, impossible } = useWorked(part, workspace, units);
  const possible = useWeighed(workspace, sizedPart);
  const [opened, open] = useState<Opened | undefined>();
  const takers = useMemo(() => takersOf(ref, units), [ref, units]);
  if (!possible) return undefined;

  const { part: shown, sized, hand, known } = possible;
  const by = handOf(shown);
  const form = sized.stages.glazed;
  return {
    plan,
    part,
    ref,
    known,
    worked: { clay: possible.clay, known: shown.sizes, making: possible.making, sized, sure: surenessOf(shown, possible.clay) },
    form,
    names: sizesOf(form, form.sizes),
    placeChecks: checkLimits(possible.clay, sized, shopOf(workspace).place ?? {}, beyondItself(sized, shown)),
    weighOut: possible.weighOut,
    ratio: possible.ratio,
    throwing: throwingOf(possible),
    conflicts: conflictsIn(shown, shown.sizes, possible.clay, surenessOf(shown, possible.clay)),
    by,
    hand,
    handWorking: possible.handWorking,
    impossible,
    units,
    opened: opened === undefined || opened === 'hand' ? (by === 'wheel' ? 'ball' : 'hand') : opened,
    open,
    ...takers,
    chooseWay: (way) => {
      const label = `way of making: ${WAY_WORDS[way]}`;
      // fetched first, so that the page need not wait with nothing on it
      if (isByHand(way)) return void byHand().then(() => run(commands.setHand(ref, { by: way }, label)));
      return run(commands.setWay(ref, way, label));
    },
    chooseClay: (bodyId) => {
      const name = workspace.bodies.find(({ id }) => id === bodyId)?.name ?? 'no clay';
      run(commands.setClay(ref, bodyId, `clay: ${name}`));
    },
    chooseBatch: (batchId) => {
      const name = workspace.batches.find(({ id }) => id === batchId)?.name ?? 'none chosen';
      run(commands.setBatch(ref, batchId, `batch: ${name}`));
    },
    chooseCone: (cone) =>
      run(commands.setFiring(ref, cone === undefined ? undefined : { cone }, `firing: ${cone ? `cone ${cone}` : 'as usual'}`)),
    chooseFamily: (family) => {
      // a box that becomes a cup is still built of slabs
      const change = { ...changedForm(part, form, family), ...(by !== 'wheel' && { hand: { ...part.hand, by } }) };
      const act = commands.setPart(ref, change, `form: ${FORM_WORDS[family]}`);
      if (FAMILIES[family].flatSided) return void byHand().then(() => run(act));
      return run(act);
    },
  };
}

/** Whether a size is known at a stage and holds there; one that another contradicts does not, until that is settled. */
export const isKnownAt = ({ worked, conflicts }: PieceModel, size: SizeName, at: Stage): boolean =>
  worked.known[size]?.some(
    (known, index) =>
      known.at === at && !(isExact(known) && known.free) && !conflicts.some((each) => each.size === size && each.index === index),
  ) ?? false;
