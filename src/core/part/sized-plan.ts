import type { Matter } from '@/core/clay';
import { type Result, type UnitChoice, fineMass, good, handMass } from '@/core/units';
import { type ClayRows, type KnownClay, clayOf, matterIn } from './clay';
import { type OwnBall, ownBall } from './own-ball';
import { type Part, type SaidBall, shopOf } from '@/core/records';
import { type SizedPart, makingOf, runBall, sizePart } from './piece';
import { learnedBall, recordFor } from '@/core/lessons';
import type { Middle } from '@/core/learn';
import type { Making } from '@/core/sizing';

/** A part worked out as every screen, file and print tells it. */
export interface SizedPlanPart extends SizedPart {
  readonly part: Part;
  readonly known: KnownClay;
  readonly making: Making;
  /** The maker's own ratio that is in it. */
  readonly ratio: OwnBall | undefined;
}

/** A part as it would be made in a body: in its own with its batch and firing, in another as that usually is. */
export const inBody = (part: Part, bodyId: string): Part =>
  part.bodyId === bodyId ? part : { ...part, bodyId, batchId: undefined, firing: undefined, tester: undefined };

/** The ball of a part that is thrown, g: by its test piece, else as worked out times the maker's own ratio. */
export const thrownBall = (sized: SizedPlanPart): number | undefined => runBall(sized.part, sized, sized.ratio);

/** What to weigh out as every screen, file and print tells it, g: as a bench scale is read; by a test piece to the gram, or the correction is lost. */
export const shownBall = (g: number, { tester }: Pick<Part, 'tester'>, units: UnitChoice): number =>
  tester?.accepted ? fineMass(g, units) : handMass(g, units);

interface Kept {
  readonly write: (mm: number) => string;
  /** What the clays of what is put on it hold, by body. */
  readonly matters: ReadonlyMap<string, Matter>;
  readonly known: KnownClay;
  /** What the log taught of balls, and what was said of them: the maker's own ratio is of these. */
  readonly learned: Middle | undefined;
  readonly said: readonly SaidBall[] | undefined;
  readonly result: Result<SizedPlanPart>;
}

const kept = new WeakMap<Part, Kept>();

/**
 * Works a part out with its clay, what is put on it in its own clay, and its way of making. The one place where that is done; kept
 * while the part and what it hangs on, its clays above all, are the same objects.
 *
 * @param write puts a length into the reader's units, for the message
 */
export function sizedPlanPart(workspace: ClayRows, part: Part, write: (mm: number) => string): Result<SizedPlanPart> {
  const known = clayOf(workspace, part);
  const matterOf = matterIn(workspace);
  const said = shopOf(workspace).wheel?.balls;
  const learned = learnedBall(recordFor(workspace, { id: part.bodyId ?? '' }), { by: 'wheel', way: part.way });
  const before = kept.get(part);
  const same =
    before?.known === known &&
    before.learned?.median === learned?.median &&
    before.learned?.count === learned?.count &&
    before.said === said &&
    before.write === write &&
    [...before.matters].every(([bodyId, matter]) => matterOf(bodyId) === matter);
  if (same) return before.result;
  const matters = new Map<string, Matter>();
  const sized = sizePart(part, known.figures, write, (bodyId) => {
    const matter = matterOf(bodyId);
    if (matter) matters.set(bodyId, matter);
    return matter;
  });
  const result = sized.ok
    ? good({ ...sized.value, part, known, making: makingOf(part), ratio: ownBall(part, sized.value, learned, said) })
    : sized;
  kept.set(part, { write, known, learned, said, matters, result });
  return result;
}
