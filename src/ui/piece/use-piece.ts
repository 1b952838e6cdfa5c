'use client';

import type { ClayFigures, Stage } from '@/core/clay';
import { type CupSize, SIZE_WORDS } from '@/core/form';
import {
  type KnownSizes,
  MAKING_WORDS,
  type Making,
  type NumberName,
  STAGE_WORDS,
  type Way,
  type Worked,
  solveCapacity,
} from '@/core/sizing';
import { type Result, good } from '@/core/units';
import { type KnownClay, type Part, type Plan, clayOf, sizePart } from '@/core/workspace';
import { type Act, commands } from '@/store';
import { type Units, run, useUnits, useWorkspace, workspaceStore } from '@/ui/state';
import { useMemo, useState } from 'react';

/** A number whose arithmetic can be open, or the shrinkage and what it rests on. */
export type Opened = NumberName | 'shrinkage';

/** A plan's piece worked out, and what can be done to it. */
export interface PieceModel {
  readonly plan: Plan;
  readonly part: Part;
  readonly known: KnownClay;
  readonly worked: Worked;
  /** Why the stored piece cannot be made, after its clay changed say; the last possible one is in `worked`. */
  readonly impossible: string | undefined;
  readonly units: Units;
  /** The number whose arithmetic is open. */
  readonly opened: Opened;
  readonly open: (name: Opened) => void;
  readonly takeSize: (size: CupSize, at: Stage) => (mm: number, key: string) => string | undefined;
  readonly takeAllowance: (name: keyof Making) => (value: number, key: string) => string | undefined;
  /** Scales height and widths together until the finished piece holds so much, ml. */
  readonly takeCapacity: (ml: number, key: string) => string | undefined;
  readonly chooseWay: (way: Way) => void;
  readonly chooseClay: (bodyId: string | undefined) => void;
  readonly chooseBatch: (batchId: string | undefined) => void;
  readonly chooseCone: (cone: string | undefined) => void;
}

export const WAY_WORDS: Record<Way, string> = {
  trimmed: 'Trimmed foot',
  thickness: 'Thrown to thickness',
  plaster: 'Plaster bat',
  own: 'My own',
};

function useWorked(part: Part, known: KnownClay, units: Units) {
  const now = useMemo(() => sizePart(part, known.figures, units.length), [part, known, units]);
  const [last, setLast] = useState(() => (now.ok ? { value: now.value, part } : undefined));
  if (now.ok && last?.value !== now.value) setLast({ value: now.value, part });
  const possible = now.ok ? { value: now.value, part } : last;
  return { possible, impossible: now.ok ? undefined : now.problem.message };
}

interface Takers {
  readonly takeSize: PieceModel['takeSize'];
  readonly takeAllowance: PieceModel['takeAllowance'];
  readonly takeCapacity: PieceModel['takeCapacity'];
}

const GONE = 'This piece has been deleted, in another tab perhaps.';

/** A plan's part and its clay as they are at this moment; undefined once the plan is gone. */
function partNow(planId: string): { part: Part; clay: ClayFigures } | undefined {
  const { workspace } = workspaceStore().getSnapshot();
  const part = workspace.plans.find(({ id }) => id === planId)?.parts[0];
  return part && { part, clay: clayOf(workspace, part).figures };
}

/** Tries a change on the plan as it is at that moment; says why it cannot be made, or makes it. */
function tryOn(planId: string, units: Units, change: (part: Part) => Partial<Part>, act: Act): string | undefined {
  const now = partNow(planId);
  if (!now) return GONE;
  const sized = sizePart({ ...now.part, ...change(now.part) }, now.clay, units.length);
  if (!sized.ok) return sized.problem.message;
  run(act);
  return undefined;
}

/** The sizes, as finished, at which a part holds so much; or why none would. */
function sizesHolding(part: Part, clay: ClayFigures, ml: number, units: Units): Result<Partial<KnownSizes>> {
  const now = sizePart(part, clay, units.length);
  if (!now.ok) return now;
  const solved = solveCapacity(now.value.sized.stages.glazed, { capacityMl: ml }, units.length);
  if (!solved.ok) return solved;
  const { height, rimDiameter, baseDiameter } = solved.value;
  const at = 'glazed' as const;
  return good({ height: { mm: height, at }, rimDiameter: { mm: rimDiameter, at }, baseDiameter: { mm: baseDiameter, at } });
}

/** Calls made with the same name answer with the same function, so that a figure that did not change is not drawn again. */
function keptByName<Args extends readonly string[], F>(make: (...args: Args) => F): (...args: Args) => F {
  const made = new Map<string, F>();
  return (...args) => {
    const name = args.join('@');
    if (!made.has(name)) made.set(name, make(...args));
    return made.get(name)!;
  };
}

function takersOf(planId: string, units: Units): Takers {
  return {
    takeSize: keptByName((size: CupSize, at: Stage) => (mm: number, key: string) => {
      const known = { mm, at };
      const act = commands.setSize(planId, size, known, `${SIZE_WORDS[size]}, ${STAGE_WORDS[at]}`, key);
      return tryOn(planId, units, ({ sizes }) => ({ sizes: { ...sizes, [size]: known } }), act);
    }),
    takeAllowance: keptByName((name: keyof Making) => (value: number, key: string) => {
      const act = commands.setAllowance(planId, name, value, MAKING_WORDS[name], key);
      return tryOn(planId, units, ({ making }) => ({ making: { ...making, [name]: value } }), act);
    }),
    takeCapacity: (ml, key) => {
      const now = partNow(planId);
      if (!now) return GONE;
      const sizes = sizesHolding(now.part, now.clay, ml, units);
      if (!sizes.ok) return sizes.problem.message;
      run(commands.setSizes(planId, sizes.value, `holds ${units.volume(ml)}`, key));
      return undefined;
    },
  };
}

/** Works out the open plan and hands each field the way to change it. Undefined while nothing possible is known of it. */
export function usePiece(plan: Plan): PieceModel | undefined {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const [part] = plan.parts;
  const { bodies, bars } = workspace;
  const known = useMemo(() => clayOf({ bodies, bars }, part), [bodies, bars, part]);
  const { possible, impossible } = useWorked(part, known, units);
  const [opened, open] = useState<Opened>('ball');
  const takers = useMemo(() => takersOf(plan.id, units), [plan.id, units]);
  if (!possible) return undefined;

  return {
    plan,
    part,
    known,
    worked: { clay: possible.value.clay, known: possible.part.sizes, making: possible.part.making, sized: possible.value.sized },
    impossible,
    units,
    opened,
    open,
    ...takers,
    chooseWay: (way) => run(commands.setWay(plan.id, way, `way of making: ${WAY_WORDS[way]}`)),
    chooseClay: (bodyId) => {
      const name = workspace.bodies.find(({ id }) => id === bodyId)?.name ?? 'no clay';
      run(commands.setClay(plan.id, bodyId, `clay: ${name}`));
    },
    chooseBatch: (batchId) => {
      const name = workspace.batches.find(({ id }) => id === batchId)?.name ?? 'none said';
      run(commands.setBatch(plan.id, batchId, `batch: ${name}`));
    },
    chooseCone: (cone) =>
      run(commands.setFiring(plan.id, cone === undefined ? undefined : { cone }, `firing: ${cone ? `cone ${cone}` : 'as usual'}`)),
  };
}
