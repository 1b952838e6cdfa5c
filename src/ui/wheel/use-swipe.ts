'use client';

import { type PointerEvent, useRef } from 'react';

/** A finger that moved less than this across pressed something, px. */
const SWIPE = 60;
/** It moves at least so many times as far across as up or down. */
const ACROSS = 2;

/**
 * Turns pages by a swipe of one finger, mostly across. Two fingers are a pinch, or a finger beside a palm: neither turns, nor does what
 * the browser takes for scrolling. A swipe that begins in a row that is moved sideways moves that row.
 */
export function useSwipe(turn: (by: 1 | -1) => void) {
  const fingers = useRef(new Set<number>());
  const from = useRef<{ id: number; x: number; y: number } | undefined>(undefined);
  const lifted = ({ pointerId }: PointerEvent) => fingers.current.delete(pointerId);
  return {
    onPointerDown: (event: PointerEvent) => {
      if (event.pointerType === 'mouse') return;
      // the first finger on the glass: none is left from before, whatever became of it
      if (event.isPrimary) fingers.current.clear();
      fingers.current.add(event.pointerId);
      const inRow = event.target instanceof Element && event.target.closest('[data-sideways]') !== null;
      from.current =
        fingers.current.size === 1 && event.isPrimary && !inRow ? { id: event.pointerId, x: event.clientX, y: event.clientY } : undefined;
    },
    onPointerUp: (event: PointerEvent) => {
      lifted(event);
      const start = from.current;
      if (start?.id !== event.pointerId) return;
      from.current = undefined;
      const [x, y] = [event.clientX - start.x, event.clientY - start.y];
      if (Math.abs(x) > SWIPE && Math.abs(x) > ACROSS * Math.abs(y)) turn(x < 0 ? 1 : -1);
    },
    onPointerCancel: (event: PointerEvent) => {
      lifted(event);
      from.current = undefined;
    },
  };
}
