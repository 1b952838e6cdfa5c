'use client';

import { startTransition, useEffect, useRef, useState } from 'react';

/** What follows does so once nothing came for this long, ms. */
const PAUSE = 150;

/** While more keeps coming, what follows takes one part in so many of the time. */
const SHARE = 20;

/**
 * A value for what may follow a keystroke: given on once the page is painted, in the background. While a key is held down it is given on as
 * often as the device can beside the keys, three times a second on a quick one; once the keys pause, always.
 */
export function useAfterPaint<T>(value: T): T {
  const [later, setLater] = useState(value);
  const latest = useRef(value);
  const last = useRef({ given: -Infinity, took: 0 });
  // waits for its paint, or is being made: one at a time, and no further key puts it off
  const under = useRef<'paint' | 'making' | undefined>(undefined);
  useEffect(() => {
    if (under.current !== 'making') return;
    under.current = undefined;
    last.current = { ...last.current, took: performance.now() - last.current.given };
  }, [later]);
  useEffect(() => {
    latest.current = value;
    if (value === later || under.current) return undefined;
    const give = () => {
      under.current = latest.current === later ? undefined : 'making';
      last.current = { ...last.current, given: performance.now() };
      startTransition(() => setLater(latest.current));
    };
    const ask = () => {
      under.current = 'paint';
      requestAnimationFrame(() => setTimeout(give));
    };
    const { given, took } = last.current;
    const timer = setTimeout(ask, Math.min(PAUSE, given + SHARE * took - performance.now()));
    return () => clearTimeout(timer);
  }, [value, later]);
  return later;
}
