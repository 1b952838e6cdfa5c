'use client';

import { startTransition, useEffect, useRef, useState } from 'react';

/** What follows does so at most eight times a second, ms. */
const PACE = 120;

/**
 * A value for what may follow a keystroke: given on once the page is painted, and not again sooner than a moment later, in the background.
 * While a key is held down the screen keeps up with it; what follows shows some of the steps, and always the last.
 */
export function useAfterPaint<T>(value: T): T {
  const [later, setLater] = useState(value);
  const latest = useRef(value);
  const given = useRef(-Infinity);
  const waits = useRef(false);
  useEffect(() => {
    latest.current = value;
    if (waits.current || value === later) return;
    waits.current = true;
    const give = () => {
      waits.current = false;
      given.current = performance.now();
      startTransition(() => setLater(latest.current));
    };
    setTimeout(() => requestAnimationFrame(() => setTimeout(give)), given.current + PACE - performance.now());
  }, [value, later]);
  return later;
}
