'use client';

import { type ComponentType, Suspense, lazy } from 'react';

/**
 * A part of a page that is fetched when it is first shown. Until then its place is empty and the rest of the page stays as it is: with a
 * boundary further out all of that would be hidden meanwhile, and the cursor lost.
 */
export function later<P extends object>(load: () => Promise<ComponentType<P>>): ComponentType<P> {
  const Part = lazy(async () => ({ default: await load() })) as ComponentType<P>;
  return function Later(props: P) {
    return (
      <Suspense>
        <Part {...props} />
      </Suspense>
    );
  };
}
