import { type Result, good } from '@/core/units';
import { type KnownClay, clayOf, matterIn } from './clay';
import { type HandWork, handWork } from './handmade';
import { type SizedPart, makingOf, runBall, sizePart } from './piece';
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

interface Kept extends Needed {
  readonly write: (mm: number) => string;
  readonly result: Result<SizedPlanPart>;
}

const kept = new WeakMap<Part, Kept>();

/**
 * Works a part out with its clay, what is put on it in its own clay, and its way of making. The one place where that is done; kept
 * while the part and what it hangs on are the same objects.
 *
 * @param write puts a length into the reader's units, for the message
 */
export function sizedPlanPart(workspace: Needed, part: Part, write: (mm: number) => string): Result<SizedPlanPart> {
  const { bodies, bars, formers, shop } = workspace;
  const known = kept.get(part);
  const same =
    known && known.bodies === bodies && known.bars === bars && known.formers === formers && known.shop === shop && known.write === write;
  if (same) return known.result;
  const result = workOut(workspace, part, write);
  kept.set(part, { bodies, bars, formers, shop, write, result });
  return result;
}

function workOut(workspace: Needed, part: Part, write: (mm: number) => string): Result<SizedPlanPart> {
  const known = clayOf(workspace, part);
  const sized = sizePart(part, known.figures, write, matterIn(workspace));
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
