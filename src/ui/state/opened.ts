'use client';

import { useEffect, useEffectEvent } from 'react';

/**
 * Notes in the browser's history that something else is looked at within the page, a room say, so that the browser's back leads to what
 * was looked at before. The address stays as it is.
 *
 * @param what what is opened one at a time, by a name of its own
 */
export function pushOpened(what: string, from: string, to: string): void {
  if (from === to) return;
  // with what the router keeps there
  window.history.replaceState({ ...window.history.state, [what]: from }, '');
  window.history.pushState({ ...window.history.state, [what]: to }, '');
}

/** Opens again what was looked at, as the browser goes back and forth. */
export function useReopened(what: string, reopen: (value: string) => void): void {
  const onMove = useEffectEvent(({ state }: PopStateEvent) => {
    const value = (state as Record<string, unknown> | null)?.[what];
    if (typeof value === 'string') reopen(value);
  });
  useEffect(() => {
    const listen = (event: PopStateEvent) => onMove(event);
    window.addEventListener('popstate', listen);
    return () => window.removeEventListener('popstate', listen);
  }, [what]);
}
