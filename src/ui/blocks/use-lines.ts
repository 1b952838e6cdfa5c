'use client';

import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useRef, useState } from 'react';

/** So many lines stand ready above and below those on the screen. */
const READY = 6;
/** So many are always all there, to be found by the browser's own search too. */
const FEW = 40;

/** The lines of a long table that are on the screen, and the room of those above and below that are not there. */
export function useLines<Body extends HTMLElement = HTMLTableSectionElement>(
  count: number,
  height: number,
  keyOf: (index: number) => string,
) {
  const body = useRef<Body>(null);
  const [above, setAbove] = useState(0);
  const any = count > 0;
  useLayoutEffect(() => {
    // a table with no line may not stand in the page
    if (any && body.current) setAbove(body.current.getBoundingClientRect().top + window.scrollY);
  }, [any]);
  const virtual = useWindowVirtualizer({
    count,
    estimateSize: () => height,
    overscan: count <= FEW ? FEW : READY,
    scrollMargin: above,
    getItemKey: keyOf,
  });
  const items = virtual.getVirtualItems();
  return {
    body,
    shown: items.map(({ index }) => index),
    before: (items[0]?.start ?? above) - above,
    after: virtual.getTotalSize() - ((items.at(-1)?.end ?? above) - above),
    measure: virtual.measureElement,
    goTo: virtual.scrollToIndex,
  };
}
