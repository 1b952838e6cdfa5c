'use client';

import { useSyncExternalStore } from 'react';

/** Whether a media query holds, now and as it changes; not while the page is made on the server. */
function mediaHook(words: string): () => boolean {
  const query = () => window.matchMedia(words);
  const subscribe = (changed: () => void) => {
    const asked = query();
    asked.addEventListener('change', changed);
    return () => asked.removeEventListener('change', changed);
  };
  return () =>
    useSyncExternalStore(
      subscribe,
      () => query().matches,
      () => false,
    );
}

/** Whether the page is being put on paper: then what stands below the screen is there too. */
export const usePrinting = mediaHook('print');

/** Whether the page is no wider than a phone. */
export const useNarrow = mediaHook('(max-width: 47.9em)');

/** Whether the page is worked with fingers. */
export const useTouched = mediaHook('(pointer: coarse)');
