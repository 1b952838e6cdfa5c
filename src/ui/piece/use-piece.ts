'use client';

import type { Stage } from '@/core/clay';
import { type CupSize, SIZE_WORDS } from '@/core/form';
import { MAKING_WORDS, type Making, type NumberName, STAGE_WORDS, type Way, type Worked } from '@/core/sizing';
import { type KnownClay, type Part, type Plan, clayOf, sizePart } from '@/core/workspace';
import { commands } from '@/store';
import { type Units, run, useUnits, useWorkspace } from '@/ui/state';
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

/** Works out the open plan and hands each field the way to change it. Undefined while nothing possible is known of it. */
export function usePiece(plan: Plan): PieceModel | undefined {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const [part] = plan.parts;
  const { bodies, bars } = workspace;
  const known = useMemo(() => clayOf({ bodies, bars }, part), [bodies, bars, part]);
  const { possible, impossible } = useWorked(part, known, units);
  const [opened, open] = useState<Opened>('ball');
  if (!possible) return undefined;

  const trial = (change: Partial<Part>): string | undefined => {
    const sized = sizePart({ ...part, ...change }, known.figures, units.length);
    return sized.ok ? undefined : sized.problem.message;
  };

  return {
    plan,
    part,
    known,
    worked: { clay: possible.value.clay, known: possible.part.sizes, making: possible.part.making, sized: possible.value.sized },
    impossible,
    units,
    opened,
    open,
    takeSize: (size, at) => (mm, key) => {
      const known = { mm, at };
      const problem = trial({ sizes: { ...part.sizes, [size]: known } });
      if (problem) return problem;
      run(commands.setSize(plan.id, size, known, `${SIZE_WORDS[size]}, ${STAGE_WORDS[at]}`, key));
      return undefined;
    },
    takeAllowance: (name) => (value, key) => {
      const problem = trial({ making: { ...part.making, [name]: value } });
      if (problem) return problem;
      run(commands.setAllowance(plan.id, name, value, MAKING_WORDS[name], key));
      return undefined;
    },
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
