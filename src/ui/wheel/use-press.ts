'use client';

import { type MouseEvent, type PointerEvent, type TouchEvent, useRef } from 'react';

/** A wet finger may slip so far on what it presses, px. */
const SLIP = 48;

/**
 * Pressed by a finger that slips, or beside a palm that lies on the glass, it still counts, and once: the browser itself gives no click
 * for either. By mouse, key and screen reader it is a click as ever.
 */
export function usePress(act: (() => void) | undefined) {
  const down = useRef<{ id: number; x: number; y: number } | undefined>(undefined);
  /** A finger has pressed it already: the click that may follow is the same press. */
  const pressed = useRef(false);
  return {
    onPointerDown: ({ pointerId, pointerType, clientX, clientY, currentTarget }: PointerEvent) => {
      pressed.current = false;
      if (pointerType === 'mouse') return;
      down.current = { id: pointerId, x: clientX, y: clientY };
      // where the pointer is one of the browser's own, it stays this button's until it is lifted
      if (currentTarget.isConnected) currentTarget.setPointerCapture?.(pointerId);
    },
    onPointerUp: ({ pointerId, clientX, clientY }: PointerEvent) => {
      const from = down.current;
      if (from?.id !== pointerId) return;
      down.current = undefined;
      if (Math.hypot(clientX - from.x, clientY - from.y) > SLIP) return;
      pressed.current = true;
      act?.();
    },
    onPointerCancel: () => {
      down.current = undefined;
    },
    // what it did may have put something else under the finger: no click is to follow there
    onTouchEnd: (event: TouchEvent) => {
      if (pressed.current && event.cancelable) event.preventDefault();
    },
    onClick: ({ detail }: MouseEvent) => {
      // a click without a count comes from a key or a screen reader
      if (pressed.current && detail !== 0) {
        pressed.current = false;
        return;
      }
      act?.();
    },
  };
}
