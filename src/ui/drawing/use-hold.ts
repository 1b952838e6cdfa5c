'use client';

import { useDrag } from '@use-gesture/react';

/** Where the pointer is, px of the window, and what was pressed. */
export interface Pointer {
  readonly clientX: number;
  readonly clientY: number;
  readonly target: Element;
}

/** Where it is on the sheet that holds what was pressed, px. */
export function onSheet({ clientX, clientY, target }: Pointer): [x: number, y: number] {
  const sheet = target.closest<HTMLElement>('[data-handle]')!.offsetParent!.getBoundingClientRect();
  return [clientX - sheet.left, clientY - sheet.top];
}

interface Hold {
  /** What a later place means is settled when it is pressed, so that what the hand feels under it does not move by itself. */
  readonly pressed: (pointer: Pointer) => (pointer: Pointer) => void;
  /** Let go, or taken away by the system. */
  readonly released: (cancelled: boolean) => void;
}

/** A finger that lies still so long takes hold; one that moves before that scrolls. ms */
export const HELD = 250;

/**
 * Takes hold of something on a drawing by mouse, or by a pen or finger that lies still on it first: a swipe over it scrolls. Arrow keys are
 * the caller's, who knows their steps.
 */
export const useHold = ({ pressed, released }: Hold) =>
  useDrag(
    ({ first, last, xy: [clientX, clientY], delta: [across, down], target, canceled, event, memo }) => {
      const pointer = { clientX, clientY, target: target as Element };
      const moved = first ? pressed(pointer) : (memo as ReturnType<Hold['pressed']>);
      if (across !== 0 || down !== 0) moved(pointer);
      // taken away: the browser scrolls, or another window comes up
      if (last) released(canceled || /cancel|lost/.test(event.type));
      return moved;
    },
    { pointer: { keys: false }, preventScroll: HELD, preventScrollAxis: 'xy' },
  );
