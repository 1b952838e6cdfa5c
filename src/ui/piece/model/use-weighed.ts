'use client';

import type { Worked } from '@/core/sizing';
import { handOf, type SizedPlanPart, thrownBall, type WeighedPart } from '@/core/part';
import type { Workspace } from '@/core/records';
import type { Units } from '@/ui/state';
import { use } from 'react';

type ByHand = Pick<typeof import('../hand'), 'weighed' | 'handWorking'>;

let fetching: Promise<ByHand> | undefined;
let fetched: ByHand | undefined;

/** Slabs, formers and coils, once a piece is made of them: what is only thrown loads without. */
export const byHand = (): Promise<ByHand> =>
  (fetching ??= import('../hand').then(
    ({ weighed, handWorking }) => {
      fetched = { weighed, handWorking };
      return fetched;
    },
    (error: unknown) => {
      // asked for again by the next who needs it
      fetching = undefined;
      throw error;
    },
  ));

/** The same where it is here already. */
export const fetchedByHand = (): ByHand | undefined => fetched;

/** A part with what to weigh out for it, and its arithmetic where it is made by hand. */
export interface Weighed extends WeighedPart {
  readonly handWorking: ((worked: Worked, units: Units) => ReturnType<ByHand['handWorking']>) | undefined;
}

/** The clay of a part. Of one made by hand it may have to be waited for, once. */
export function useWeighed(workspace: Workspace, sized: SizedPlanPart | undefined): Weighed | undefined {
  if (!sized) return undefined;
  if (handOf(sized.part) === 'wheel') return { ...sized, hand: undefined, weighOut: thrownBall(sized), handWorking: undefined };
  const { weighed, handWorking } = fetched ?? use(byHand());
  const made = weighed(workspace, sized);
  return { ...made, handWorking: (worked, units) => handWorking(made.hand!, worked, units) };
}
