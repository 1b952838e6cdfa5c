import type { Handmade } from '@/core/records';

/** What is chosen of making by hand once some of it is chosen anew; choices beside those in one group stay. */
export const withChoices = (now: Handmade | undefined, { slab, coil, ...change }: Partial<Handmade>): Handmade => ({
  ...now,
  ...change,
  ...(slab && { slab: { ...now?.slab, ...slab } }),
  ...(coil && { coil: { ...now?.coil, ...coil } }),
});
