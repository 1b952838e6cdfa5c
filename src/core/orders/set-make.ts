import { onceAlike } from '@/core/remember';
import { type SizeName, sizeSpec } from '@/core/form';
import { normalFrom, shrinkageVariances, uniformFrom } from '@/core/fit';
import { type Extras, setExtras } from '@/core/sets';
import type { Loss } from '@/core/learn';
import { handWith } from '@/core/sizing';
import { remaining } from '@/core/clay';
import type { Sorting } from '@/core/records';
import { type SizedPlanPart, surenessOf } from '@/core/part';

const SEED = 1;

/** Drawn once for the same question. */
const drawn = onceAlike(200, (question: Parameters<typeof setExtras>[0]): Extras =>
  setExtras(question, normalFrom(SEED), uniformFrom(SEED)),
);

/**
 * How many to make so that so many matching sets come out: pieces differ by what each shrinks of its own and by the hand, finished, over
 * what their sizes may differ. The same question gets the same answer, and is drawn once.
 */
export function setsToMake(
  { part, clay, sized }: SizedPlanPart,
  { size, within }: Sorting,
  sets: number,
  odds: number,
  loss: Loss,
): Extras {
  const own = Math.sqrt(shrinkageVariances(clay).own);
  const { tool } = surenessOf(part);
  const spreads = (Object.keys(within) as SizeName[]).flatMap((name) => {
    const wet = sized.stages.wet.sizes[name];
    if (wet === undefined || within[name] === undefined) return [];
    const { direction } = sizeSpec(name);
    const left = remaining(clay.shrinkage, 'glazed', direction);
    return [Math.hypot(wet * own, handWith(clay, tool, direction).sd * left) / within[name]];
  });
  return drawn({ sets, size, spreads, loss: loss.share, odds });
}
