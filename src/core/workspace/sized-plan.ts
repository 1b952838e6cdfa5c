import { type Result, good } from '@/core/units';
import { type KnownClay, clayOf } from './clay';
import { type HandWork, handWork } from './handmade';
import { type MatterOf, type SizedPart, makingOf, runBall, sizePart } from './piece';
import type { Making } from '@/core/sizing';
import type { Part, Workspace } from './records';

/** A part worked out as every screen, file and print tells it. */
export interface SizedPlanPart extends SizedPart {
  readonly part: Part;
  readonly known: KnownClay;
  readonly making: Making;
  /** What is rolled, pressed or coiled, of a part made by hand. */
  readonly hand: HandWork | undefined;
  /** What to weigh out, g: the ball of the run, or the clay for slabs, former or coils; none while something stands in the way. */
  readonly weighOut: number | undefined;
}

/** A part as it would be made in a body: in its own with its batch and firing, in another as that usually is. */
export const inBody = (part: Part, bodyId: string): Part =>
  part.bodyId === bodyId ? part : { ...part, bodyId, batchId: undefined, firing: undefined, tester: undefined };

type Needed = Pick<Workspace, 'bodies' | 'bars' | 'formers' | 'shop'>;

interface Kept extends Pick<Needed, 'formers' | 'shop'> {
  readonly write: (mm: number) => string;
  /** The clays it hangs on: its own and those of what is put on it. */
  readonly clays: ReadonlyMap<string | undefined, KnownClay>;
  readonly known: KnownClay;
  readonly result: Result<SizedPlanPart>;
}

const kept = new WeakMap<Part, Kept>();

/**
 * Works a part out with its clay, what is put on it in its own clay, and its way of making. The one place where that is done; kept
 * while the part and what it hangs on, its clays above all, are the same objects.
 *
 * @param write puts a length into the reader's units, for the message
 */
export function sizedPlanPart(workspace: Needed, part: Part, write: (mm: number) => string): Result<SizedPlanPart> {
  const { formers, shop } = workspace;
  const known = clayOf(workspace, part);
  const before = kept.get(part);
  const same =
    before?.known === known &&
    before.formers === formers &&
    before.shop === shop &&
    before.write === write &&
    [...before.clays].every(([bodyId, clay]) => clayOf(workspace, { bodyId }) === clay);
  if (same) return before.result;
  const clays = new Map<string | undefined, KnownClay>();
  const matterOf: MatterOf = (bodyId) => {
    const clay = clayOf(workspace, { bodyId });
    clays.set(bodyId, clay);
    return clay.figures.matter;
  };
  const result = workOut(workspace, part, known, matterOf, write);
  kept.set(part, { formers, shop, write, known, clays, result });
  return result;
}

function workOut(
  workspace: Needed,
  part: Part,
  known: KnownClay,
  matterOf: MatterOf,
  write: (mm: number) => string,
): Result<SizedPlanPart> {
  const sized = sizePart(part, known.figures, write, matterOf);
  if (!sized.ok) return sized;
  const hand = handWork(part, sized.value, workspace);
  return good({
    ...sized.value,
    part,
    known,
    making: makingOf(part),
    hand,
    weighOut: hand ? hand.totalG : runBall(part, sized.value),
  });
}
