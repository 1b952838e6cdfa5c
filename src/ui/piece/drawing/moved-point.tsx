'use client';

import { newKey, workspaceStore } from '@/ui/state';
import { type Pointer, movedTo, useHold } from '@/ui/drawing';
import { type KeyboardEvent, useEffect, useRef, useState } from 'react';

interface Props {
  /** What the point is of, for those who look for it. */
  readonly name: string;
  /** Where it stands, px. */
  readonly at: readonly [x: number, y: number];
  readonly color: string;
  readonly label: string;
  readonly title: string;
  /** What it stands for now, and so much an arrow key moves it. mm */
  readonly mm: number;
  readonly step: number;
  /** What a later place means once it is pressed, mm. */
  readonly pressed: (pointer: Pointer) => (pointer: Pointer) => number;
  /** Takes it there, one visit under one key; says why not, if so. */
  readonly onMove: (mm: number, key: string) => string | undefined;
}

/** A point on a drawing that stands for one size: dragged, or moved by the arrow keys. */
export function MovedPoint({ name, at, color, label, title, mm, step, pressed, onMove }: Props) {
  const visit = useRef('');
  const [why, setWhy] = useState<string | undefined>();
  const move = (to: number) => setWhy(onMove(to, visit.current));
  const release = () => setWhy(undefined);
  const held = useRef(move);
  useEffect(() => {
    held.current = move;
  });
  const hold = useHold({
    pressed: (pointer) => {
      visit.current = newKey();
      const meant = pressed(pointer);
      return (later) => held.current(meant(later));
    },
    released: (cancelled) => {
      // what the browser takes away was not meant
      if (cancelled) workspaceStore().revert(visit.current);
      release();
    },
  });
  return (
    <button
      type="button"
      className="drawn-point"
      data-handle={name}
      style={{ transform: movedTo(...at), color: `var(--chakra-colors-${color})` }}
      aria-label={label}
      title={why ?? title}
      {...hold()}
      onFocus={() => {
        visit.current = newKey();
      }}
      onBlur={release}
      onKeyDown={(event: KeyboardEvent) => {
        const more = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
        if (more === undefined) return;
        event.preventDefault();
        move(mm + more * step);
      }}
    >
      <span aria-hidden />
    </button>
  );
}
