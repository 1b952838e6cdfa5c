import type { SizeName } from '@/core/form';
import { learnedLoss } from '@/core/lessons';
import { toMake } from '@/core/handbuild';
import { type WeighedPart, weighedPart } from '@/core/part';
import { mainPart, type Plan, type Workspace } from '@/core/records';
import { withoutPieces } from './lesson';
import type { LearnedLesson } from './table';

/** A piece whose figures are other than they would be without what was learned. */
export interface Moved {
  readonly plan: Plan;
  /** The wet size that moves furthest, mm; the clay to weigh out, g; or how many to make for a dozen. */
  readonly what: SizeName | 'ball' | 'dozen';
  readonly from: number;
  readonly to: number;
}

/** So many pieces are looked at, those changed last. */
const LOOKED_AT = 40;

/** Less is not told: mm of a size, g of a ball. */
const LEAST = { mm: 0.05, g: 0.5 };

const DOZEN = 12;

function furthest(before: WeighedPart, after: WeighedPart): Omit<Moved, 'plan'> | undefined {
  const [old, now] = [before.sized.stages.wet.sizes, after.sized.stages.wet.sizes];
  const moves = (Object.keys(now) as SizeName[]).flatMap((what) => {
    const [from, to] = [old[what], now[what]];
    return from === undefined || to === undefined || Math.abs(to - from) < LEAST.mm ? [] : [{ what, from, to }];
  });
  return moves.sort((a, b) => Math.abs(b.to - b.from) - Math.abs(a.to - a.from))[0];
}

function moveOf(kind: LearnedLesson['kind'], without: Workspace, workspace: Workspace, plan: Plan): Omit<Moved, 'plan'> | undefined {
  const part = mainPart(plan);
  if (kind === 'loss') {
    const [from, to] = [without, workspace].map((each) => toMake(DOZEN, 1 - learnedLoss(each, part.family).share));
    return from === to ? undefined : { what: 'dozen', from: from!, to: to! };
  }
  const [before, after] = [without, workspace].map((each) => weighedPart(each, part, String));
  if (!before?.ok || !after?.ok) return undefined;
  if (kind === 'shrinkage') return furthest(before.value, after.value);
  const [from, to] = [before.value.weighOut, after.value.weighOut];
  return from === undefined || to === undefined || Math.abs(to - from) < LEAST.g ? undefined : { what: 'ball', from, to };
}

/** What a lesson moves, and of how many pieces where not all of them were looked at. */
export interface Moves {
  readonly moved: readonly Moved[];
  readonly lookedAt?: number | undefined;
}

/**
 * What a lesson moves: pieces that would be made otherwise without the pieces it rests on. Only what is used of itself moves anything: a
 * clay's shrinkage, the ball, and how many to make for a dozen; ranges and odds follow the rest. In a large workshop the pieces changed
 * last are looked at.
 */
export function movedBy(workspace: Workspace, { kind, from, clay }: LearnedLesson): Moves {
  if (kind !== 'shrinkage' && kind !== 'ball' && kind !== 'loss') return { moved: [] };
  const without = withoutPieces(
    workspace,
    from.map(({ row }) => row),
  );
  const plans = workspace.plans.filter((plan) => !clay || mainPart(plan).bodyId === clay.bodyId);
  const moved = plans
    .toSorted((a, b) => (a.changedAt < b.changedAt ? 1 : -1))
    .slice(0, LOOKED_AT)
    .flatMap((plan) => {
      const move = moveOf(kind, without, workspace, plan);
      return move ? [{ plan, ...move }] : [];
    });
  return { moved, lookedAt: plans.length > LOOKED_AT ? LOOKED_AT : undefined };
}
