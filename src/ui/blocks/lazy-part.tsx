'use client';

import { Component, type ComponentType, type ReactNode, Suspense, lazy } from 'react';

/** Says that a part could not be fetched, and lets the rest of the page stand; what is fetched once more is fetched anew. */
class Fetched extends Component<{ readonly children: ReactNode; readonly onAgain: () => void }, { readonly failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError = () => ({ failed: true });

  override render() {
    if (!this.state.failed) return this.props.children;
    return (
      <div role="alert" className="not-fetched">
        This part of Rimbet could not be loaded. Nothing of yours is lost.{' '}
        <button
          type="button"
          onClick={() => {
            this.props.onAgain();
            this.setState({ failed: false });
          }}
        >
          Try again
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
  const fetched = () => lazy(async () => ({ default: await load() })) as ComponentType<P>;
  // one for all places where it is shown; another once it has failed
  const part = { current: fetched() };
  return function Later(props: P) {
    const Part = part.current;
    return (
      <Fetched
        onAgain={() => {
          part.current = fetched();
        }}
      >
        <Suspense>
          <Part {...props} />
        </Suspense>
      </Fetched>
    );
  };
}
