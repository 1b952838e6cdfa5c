'use client';

import { useEffect, useRef, useState } from 'react';
import { flushSync } from 'react-dom';

/** The size in px of an element, now and whenever it changes; undefined before it stands on the page. */
export function useSize<E extends HTMLElement>() {
  const ref = useRef<E>(null);
  const [size, setSize] = useState<{ width: number; height: number } | undefined>();
  useEffect(() => {
    const element = ref.current;
    if (!element) return undefined;
    let seen = false;
    const observer = new ResizeObserver(([entry]) => {
      const { width, height } = entry!.contentRect;
      const set = () => setSize({ width, height });
      // what was as wide as the screen before it was turned is not painted once more at that width
      if (seen) flushSync(set);
      else set();
      seen = true;
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return { ref, size };
}
