import type { Matter } from '@/core/clay';
import { remembering } from '@/core/remember';
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

/** What a part hangs on beside itself. */
interface Inputs extends Partial<Middle> {
  readonly write: (mm: number) => string;
  readonly known: KnownClay;
  /** What was said of balls; with what the log taught of them (the middle) the maker's own ratio is of these. */
  readonly said: readonly SaidBall[] | undefined;
  /** What the clays of what is put on it hold, by body. */
  readonly [matter: `matter of ${string}`]: Matter | undefined;
}

const worked = remembering((part: Part, inputs: Inputs): Result<SizedPlanPart> => {
  const { write, known, said, median, spread, count } = inputs;
  const sized = sizePart(part, known.figures, write, (bodyId) => inputs[`matter of ${bodyId}`]);
  if (!sized.ok) return sized;
  const learned = median === undefined || spread === undefined || count === undefined ? undefined : { median, spread, count };
  return good({ ...sized.value, part, known, making: makingOf(part), ratio: ownBall(part, sized.value, learned, said) });
});

/**
 * Works a part out with its clay, what is put on it in its own clay, and its way of making. The one place where that is done; worked
 * out once while the part and what it hangs on, its clays above all, are the same objects.
 *
 * @param write puts a length into the reader's units, for the message
 */
export function sizedPlanPart(workspace: ClayRows, part: Part, write: (mm: number) => string): Result<SizedPlanPart> {
  const matterOf = matterIn(workspace);
  const bodies = (part.attached ?? []).flatMap(({ bodyId }) => (bodyId === undefined ? [] : [bodyId]));
  return worked(part, {
    write,
    known: clayOf(workspace, part),
    said: shopOf(workspace).wheel?.balls,
    ...learnedBall(recordFor(workspace, { id: part.bodyId ?? '' }), { by: 'wheel', way: part.way }),
    ...Object.fromEntries(bodies.map((bodyId) => [`matter of ${bodyId}`, matterOf(bodyId)])),
  });
}
