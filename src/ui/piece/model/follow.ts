import { fitKept } from '@/core/fitting';
import { afterEntered, afterTyped, type ClayTaken, followed, handOf, sizedPlanPart, thrownBall } from '@/core/part';
import { type Part, same } from '@/core/records';
import type { Follow } from '@/store';
import { fetchedByHand } from './use-weighed';

/** What to weigh out for a part, g: of one made by hand once what works that out is here. */
const taken: ClayTaken = (workspace, part) => {
  const sized = sizedPlanPart(workspace, part, String);
  if (!sized.ok) return undefined;
  if (handOf(part) === 'wheel') return thrownBall(sized.value);
  return fetchedByHand()?.weighed(workspace, sized.value).weighOut ?? sized.value.sized.masses.ball;
};

/** What the sizes that nobody entered hang on. */
const LEADING = [
  'sizes',
  'family',
  'manner',
  'knots',
  'hand',
  'bodyId',
  'making',
  'way',
  'gives',
  'wanted',
] as const satisfies readonly (keyof Part)[];

/** After sizes were typed. */
export const followTyped: Follow = (workspace, before, entered) => afterTyped(workspace, before, entered, taken);

/** After anything else was entered that widths and heights go with. */
export const followEntered: Follow = (workspace, before, entered) => afterEntered(workspace, before, entered, taken);

/** After any other change of a part. */
export const follow: Follow = (workspace, before, after) =>
  LEADING.every((name) => same(before[name], after[name])) ? after : followed(workspace, after, taken);

/** After another clay, batch or firing: what has to fit finishes as it did. */
export const followClay: Follow = (workspace, before, after) =>
  followed(workspace, { ...after, sizes: fitKept(workspace, before).sizes }, taken);
