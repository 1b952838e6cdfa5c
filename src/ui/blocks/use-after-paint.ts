'use client';

import { startTransition, useEffect, useRef, useState } from 'react';

/** What follows does so once nothing came for this long, ms. */
const PAUSE = 150;

/** While more keeps coming, what follows takes one part in so many of the time. */
const SHARE = 20;

/** Does something once the page is painted that is being made, after a while, ms. Gives the way to call it off. */
function afterPaint(does: () => void, wait: number): () => void {
  let frame = 0;
  let timer = setTimeout(() => {
    frame = requestAnimationFrame(() => {
      timer = setTimeout(does);
    });
  }, wait);
  return () => {
    clearTimeout(timer);
    cancelAnimationFrame(frame);
  };
}

/**
 * A value for what may follow a keystroke: given on once the page is painted, in the background. While a key is held down it is given on as
 * often as the device can beside the keys, three times a second on a quick one; once the keys pause, always.
 */
export function useAfterPaint<T>(value: T): T {
  const [later, setLater] = useState(value);
  const last = useRef({ given: -Infinity, took: 0, made: true });
  useEffect(() => {
    const { given, made } = last.current;
    if (!made) last.current = { given, took: performance.now() - given, made: true };
  }, [later]);
  useEffect(() => {
    const { given, took, made } = last.current;
    // one at a time
    if (value === later || !made) return undefined;
    const give = () => {
      last.current = { given: performance.now(), took, made: false };
      startTransition(() => setLater(value));
    };
    return afterPaint(give, Math.min(PAUSE, given + SHARE * took - performance.now()));
  }, [value, later]);
  return later;
}
