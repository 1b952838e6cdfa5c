'use client';

import { useSyncExternalStore } from 'react';

const touched = () => window.matchMedia('(pointer: coarse)');

function subscribe(changed: () => void): () => void {
  const query = touched();
  query.addEventListener('change', changed);
  return () => query.removeEventListener('change', changed);
}

/** Whether the page is worked with fingers. */
export const useTouched = (): boolean =>
  useSyncExternalStore(
    subscribe,
    () => touched().matches,
    () => false,
  );
