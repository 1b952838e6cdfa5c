'use client';

import { type FitWork, meetsBy } from '@/core/fitting';
import { useWorkspace } from '@/ui/state';
import { type Pointer, onSheet } from '@/ui/drawing';
import { type Geometry, MovedPoint, finishedAt } from '../drawing';
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
  const finished = (width * finishes) / best.diameter;
  const between = gap.mean - narrows;
  return (to, key) => piece.takeMeeting(size, finished + (side === 'mouth' ? to - between : between - to), key);
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
  if (!setGap) return null;
  const gap = work.gap.mean - work.narrows;
  const across = (pointer: Pointer) => finishedAt(geometry, ...onSheet(pointer)).r;
  return (
    <MovedPoint
      name="gap"
      at={geometry.placed.finished(...edge.at)}
      color="act"
      label={`Move the gap: ${piece.units.length(gap)}. Drag it, or use the arrow keys.`}
      title="Drag the gap, or use the arrow keys"
      mm={gap}
      step={STEP}
      pressed={(from) => {
        const off = across(from);
        return (to) => gap + 2 * edge.outward * (across(to) - off);
      }}
      onMove={(to, key) => setGap(Math.round(to * 10) / 10, key)}
    />
  );
}
