'use client';

import { useLayoutEffect, useRef } from 'react';

/** What is seen from across the room is never set smaller than this share of its size: then it is moved up instead. */
const LEAST = 0.45;
/** Halvings of what is still possible: to a hundredth. */
const STEPS = 6;

/** Sets `--fit` on an element, by which what stands in it multiplies its sizes: as near to 1 as lets all of it be seen at once. */
export function useFitted<E extends HTMLElement>() {
  const ref = useRef<E>(null);
  const fit = useRef(() => {
    const element = ref.current;
    if (!element) return;
    const fits = (share: number) => {
      element.style.setProperty('--fit', share.toFixed(3));
      return element.scrollHeight <= element.clientHeight;
    };
    if (fits(1)) return;
    let [least, most] = [LEAST, 1];
    for (let i = 0; i < STEPS; i += 1) {
      const middle = (least + most) / 2;
      if (fits(middle)) least = middle;
      else most = middle;
    }
    fits(least);
  });
  // another page, another count: whatever it shows now
  useLayoutEffect(() => fit.current());
  useLayoutEffect(() => {
    if (!ref.current) return undefined;
    const observer = new ResizeObserver(() => fit.current());
    observer.observe(ref.current);
    return () => observer.disconnect();
  }, []);
  return ref;
}
