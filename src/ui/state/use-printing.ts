'use client';

import { useSyncExternalStore } from 'react';

const paper = () => window.matchMedia('print');

function subscribe(listener: () => void): () => void {
  const query = paper();
  query.addEventListener('change', listener);
  return () => query.removeEventListener('change', listener);
}

/** Whether the page is being put on paper: then what stands below the screen is there too. */
export const usePrinting = (): boolean =>
  useSyncExternalStore(
    subscribe,
    () => paper().matches,
    () => false,
  );
