'use client';

import { Component, type ComponentType, type ReactNode, Suspense, lazy } from 'react';

/**
 * Says that a part could not be fetched, and lets the rest of the page stand. What failed once is not asked for again by the loader, so the
 * page is loaded anew; whatever is not on disk is asked about first.
 */
class Fetched extends Component<{ readonly children: ReactNode }, { readonly failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError = () => ({ failed: true });

  override render() {
    if (!this.state.failed) return this.props.children;
    return (
      <div role="alert" className="not-fetched">
        This part of Rimbet could not be loaded. Your work is still here.{' '}
        <button type="button" onClick={() => window.location.reload()}>
          Load it again
        </button>
      </div>
    );
  }
}

/**
 * A part of a page that is fetched when it is first shown. Until then its place is empty and the rest of the page stays as it is: with a
 * boundary further out all of that would be hidden meanwhile, and the cursor lost. Where it cannot be fetched its place says so.
 */
export function lazyPart<P extends object>(load: () => Promise<ComponentType<P>>): ComponentType<P> {
  const Part = lazy(async () => ({ default: await load() })) as ComponentType<P>;
  return function LazyPart(props: P) {
    return (
      <Fetched>
        <Suspense fallback={<span hidden data-fetching />}>
          <Part {...props} />
        </Suspense>
      </Fetched>
    );
  };
}
