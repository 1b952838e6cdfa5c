import { remembering } from '@/core/remember';
import type { Result } from '@/core/units';
import type { ClayRows } from './clay';
import { type HandWork, handWork } from './handmade';
import type { Part, Workspace } from '@/core/records';
import { type SizedPlanPart, sizedPlanPart, thrownBall } from './sized-plan';

/** A part worked out, with all the clay to weigh out for it. */
export interface WeighedPart extends SizedPlanPart {
  /** What is rolled, pressed or coiled, of a part made by hand. */
  readonly hand: HandWork | undefined;
  /** What to weigh out, g: the ball of the run, or the clay for slabs, former or coils; none while something stands in the way. */
  readonly weighOut: number | undefined;
}

/** The rows that all the clay of a part is worked out from. */
export type WeighRows = ClayRows & Pick<Workspace, 'formers' | 'shop'>;

/**
 * Works a part out with all its clay: the ball, or what is rolled, pressed or coiled. Kept while the part, its clay, the formers and the
 * settings of the shop are the same objects. What only needs the sizes asks `sizedPlanPart`: slabs, formers and coils are then not even loaded.
 *
 * @param write puts a length into the reader's units, for the message
 */
export function weighedPart(workspace: WeighRows, part: Part, write: (mm: number) => string): Result<WeighedPart> {
  const sized = sizedPlanPart(workspace, part, write);
  return sized.ok ? weighedWith(sized.value, kitOf(workspace)) : sized;
}

/** What has been worked out already, with its clay. */
export const weighed = (workspace: KitRows, sized: SizedPlanPart): WeighedPart => weighedWith(sized, kitOf(workspace)).value;

/** What it hangs on besides the part and its clay. */
type KitRows = Pick<Workspace, 'formers' | 'shop'>;

const kitOf = ({ formers, shop }: KitRows): KitRows => ({ formers, shop });

const weighedWith = remembering((sized: SizedPlanPart, rows: KitRows): { readonly ok: true; readonly value: WeighedPart } => {
  const hand = handWork(sized.part, sized, rows);
  return { ok: true, value: { ...sized, hand, weighOut: hand ? hand.totalG : thrownBall(sized) } };
});
