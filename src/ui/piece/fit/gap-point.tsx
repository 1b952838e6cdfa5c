'use client';

import { type FitWork, meetsBy } from '@/core/workspace';
import { newKey, useWorkspace } from '@/ui/state';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { type Geometry, finishedAt } from '../drawing';
import type { PieceModel } from '../model/use-piece';
import { changerOf } from './change';
import type { Met } from './met';

/** So much an arrow key moves the gap, mm across. */
const STEP = 0.1;

/** Sets the gap that is drawn: of a lid still to be made the gap wanted, of a piece that is planned its width. */
function useSetGap(piece: PieceModel, work: FitWork): ((gap: number, key: string) => string | undefined) | undefined {
  const { workspace } = useWorkspace();
  const { fitting, range, narrows, gap, side, width, best, finishes } = work;
  // what was measured stays where it is
  if (fitting.now || (fitting.with === 'lid' && fitting.other?.mm !== undefined)) return undefined;
  if (fitting.with === 'lid') {
    const half = (range.max - range.min) / 2;
    return (to, key) => changerOf(piece)({ fit: 'own', gap: { min: to - half, max: to + half } }, 'gap, dragged', key);
  }
  const size = meetsBy(workspace, piece.part, fitting);
  const wetPerFinished = best.diameter / finishes;
  const between = gap.mean - narrows;
  return (to, key) => piece.takeSize(size, work.at)(width + (side === 'mouth' ? to - between : between - to) * wetPerFinished, key);
}

/** The point the gap is dragged by, or moved by the arrow keys; what is made follows. */
export function GapPoint({
  piece,
  work,
  edge,
  geometry,
}: {
  piece: PieceModel;
  work: FitWork;
  edge: NonNullable<Met['edge']>;
  geometry: Geometry;
}) {
  const setGap = useSetGap(piece, work);
  const visit = useRef('');
  const held = useRef<{ geometry: Geometry; off: number; gap: number } | undefined>(undefined);
  const [why, setWhy] = useState<string | undefined>();
  if (!setGap) return null;
  const { length } = piece.units;
  const gap = work.gap.mean - work.narrows;
  const [x, y] = geometry.placed.finished(...edge.at);
  const move = (to: number) => setWhy(setGap(Math.round(to * 10) / 10, visit.current));
  const across = (event: PointerEvent<HTMLButtonElement>, on: Geometry) => {
    const sheet = event.currentTarget.offsetParent!.getBoundingClientRect();
    return finishedAt(on, event.clientX - sheet.left, event.clientY - sheet.top).r;
  };
  const release = () => {
    held.current = undefined;
    setWhy(undefined);
  };
  return (
    <button
      type="button"
      className="drawn-point"
      data-handle="gap"
      style={{ left: x, top: y, color: 'var(--chakra-colors-act)' }}
      aria-label={`Move the gap: ${length(gap)}. Drag it, or use the arrow keys.`}
      title={why ?? 'Drag the gap, or use the arrow keys'}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        visit.current = newKey();
        held.current = { geometry, off: across(event, geometry), gap };
      }}
      onPointerMove={(event) => {
        const from = held.current;
        if (from) move(from.gap + 2 * edge.outward * (across(event, from.geometry) - from.off));
      }}
      onPointerUp={release}
      onPointerCancel={release}
      onFocus={() => {
        visit.current = newKey();
      }}
      onBlur={release}
      onKeyDown={(event: KeyboardEvent) => {
        const more = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
        if (more === undefined) return;
        event.preventDefault();
        move(gap + more * STEP);
      }}
    >
      <span aria-hidden />
    </button>
  );
}
