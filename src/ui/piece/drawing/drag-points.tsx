'use client';

import { newKey, workspaceStore } from '@/ui/state';
import type { Stage } from '@/core/clay';
import type { Form, Point, SizeName } from '@/core/form';
import { STAGE_WORDS } from '@/core/sizing';
import { type Pointer, movedTo, onSheet, useHold } from '@/ui/drawing';
import { stepOf } from '@/ui/fields';
import { ink } from '@/ui/theme';
import { Box } from '@chakra-ui/react';
import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import { type Geometry, finishedAt } from './geometry';
import { type Dragged, type Handle, draggedWords, handlesOf, snapped, snappedPoint } from './handles';
import type { PieceModel } from '../model/use-piece';

type Half = 'wet' | 'glazed';
const FINISHED: readonly Half[] = ['glazed'];
const HALVES: readonly Half[] = ['wet', 'glazed'];

const THICK = ['wall', 'wallAtFoot', 'ring', 'gallery', 'well'];

const ARROWS: Record<string, readonly [number, number]> = {
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
  ArrowRight: [1, 0],
  ArrowLeft: [-1, 0],
};

/** Only what a move really changes, in whole units: a rim moved across keeps its height as it was known. */
function changedBy(handle: Handle, sizes: Readonly<Partial<Record<SizeName, number>>>, to: Point, step: number): Dragged {
  const dragged = handle.take(to);
  const whole = Object.entries(dragged.sizes ?? {}).map(([name, mm]) => [name, snapped(mm, step)] as const);
  const changed = whole.filter(([name, mm]) => Math.abs(mm - (sizes[name as SizeName] ?? 0)) > step * 0.49);
  return { ...dragged, sizes: Object.fromEntries(changed) };
}

/** On a phone a finger tells no points apart that are nearer than this: the first is kept, sizes are typed anyway. px */
const FINGER = 26;

/** The points of a half that are shown. A former gives its profile: that one's points are not dragged. */
function shownHandles({ by, worked }: PieceModel, at: Half, { wide, placed }: Geometry): readonly Handle[] {
  const all = handlesOf(worked.sized.stages[at] as Form<Stage>).filter(({ key }) => by !== 'former' || !key.startsWith('point-'));
  if (wide) return all;
  return all.reduce<readonly Handle[]>((kept, handle) => {
    const near = kept.some((other) => Math.hypot(other.at.r - handle.at.r, other.at.z - handle.at.z) * placed.scale < FINGER);
    return near ? kept : [...kept, handle];
  }, []);
}

/** A point that is shown, and of which half it is. */
interface Shown {
  readonly key: string;
  readonly at: Half;
  readonly handle: Handle;
}

const pointsOf = (piece: PieceModel, geometry: Geometry): readonly Shown[] =>
  (geometry.wide ? HALVES : FINISHED).flatMap((at) =>
    shownHandles(piece, at, geometry).map((handle) => ({ key: at === 'wet' ? `wet-${handle.key}` : handle.key, at, handle })),
  );

/** The points of both halves that are dragged, or moved by the arrow keys, in whole units; on a phone those of the finished half. */
export function DragPoints({ piece, geometry }: { piece: PieceModel; geometry: Geometry }) {
  const [why, setWhy] = useState<string | undefined>();
  const visit = useRef('');
  const step = stepOf(piece.units.choice);
  const points = pointsOf(piece, geometry);
  const pointOf = (element: EventTarget) => {
    const name = (element as Element).closest<HTMLElement>('[data-handle]')?.dataset.handle;
    return points.find(({ key }) => key === name);
  };
  const move = (key: string, to: Point) => {
    const point = points.find((each) => each.key === key);
    if (!point) return;
    const { handle, at } = point;
    const dragged = changedBy(handle, piece.worked.sized.stages[at].sizes, to, step);
    if (!dragged.knots && Object.keys(dragged.sizes ?? {}).length === 0) return;
    setWhy(piece.takeDragged(dragged, at, `${draggedWords(piece.form.family, dragged)}, ${STAGE_WORDS[at]}`, visit.current));
  };
  const latest = useRef(move);
  useEffect(() => {
    latest.current = move;
  });
  const release = () => setWhy(undefined);
  const hold = useHold({
    pressed: (pointer) => {
      const point = pointOf(pointer.target);
      if (!point) return () => undefined;
      visit.current = newKey();
      const { key, at, handle } = point;
      const from = pointerAt(pointer, geometry, at);
      const offset = { r: handle.at.r - from.r, z: handle.at.z - from.z };
      // while a point is held the drawing keeps its scale
      return (later) => {
        const to = pointerAt(later, geometry, at);
        latest.current(key, snappedPoint({ r: to.r + offset.r, z: to.z + offset.z }, step));
      };
    },
    released: (cancelled) => {
      // what the browser takes away was not meant
      if (cancelled) workspaceStore().revert(visit.current);
      release();
    },
  });
  const onKeyDown = (event: KeyboardEvent) => {
    const [arrow, point] = [ARROWS[event.key], pointOf(event.target)];
    if (!arrow || !point) return;
    event.preventDefault();
    const { key, at, handle } = point;
    // widths across take half a step on each side, a thickness a whole one
    const reach = THICK.includes(handle.key) ? step : step / 2;
    const outward = at === 'wet' ? -arrow[0] : arrow[0];
    move(key, snappedPoint({ r: handle.at.r + outward * reach, z: handle.at.z + arrow[1] * step }, step));
  };
  const pushOpened = () => {
    visit.current = newKey();
  };
  return (
    <>
      {/* one that listens for all of them: they come and go with the form and move with every figure */}
      <div style={{ display: 'contents' }} {...hold()} onKeyDown={onKeyDown} onFocus={pushOpened} onBlur={release}>
        {points.map((point) => (
          <DragPoint key={point.key} point={point} piece={piece} geometry={geometry} />
        ))}
      </div>
      {why && (
        <Box
          role="alert"
          position="absolute"
          bottom="0"
          right="0"
          maxWidth="320px"
          padding="2"
          background="bad.wash"
          color="bad"
          fontSize="sm"
          zIndex="25"
        >
          {why}
        </Box>
      )}
    </>
  );
}

function DragPoint({ point: { key, at, handle }, piece, geometry }: { point: Shown; piece: PieceModel; geometry: Geometry }) {
  const { length } = piece.units;
  const lift = at === 'wet' ? piece.worked.sized.onBat.foot : 0;
  const place = at === 'wet' ? geometry.placed.wet : geometry.placed.finished;
  const [x, y] = place(handle.at.r, handle.at.z + lift);
  return (
    <button
      type="button"
      className="drawn-point"
      data-handle={key}
      aria-label={`Move ${handle.words}, ${STAGE_WORDS[at]}: ${length(2 * handle.at.r)} across, ${length(handle.at.z)} up. Drag it, or use the arrow keys.`}
      title={`Drag ${handle.words}, ${STAGE_WORDS[at]}, or use the arrow keys`}
      style={{ transform: movedTo(x, y), color: ink(at === 'wet' ? 'wet' : 'act') }}
    >
      <span aria-hidden />
    </button>
  );
}

/** The pointer on the drawing, mm of the half it is on. */
function pointerAt(pointer: Pointer, geometry: Geometry, half: Half): Point {
  const { r, z } = finishedAt(geometry, ...onSheet(pointer));
  return { r: half === 'wet' ? -r : r, z };
}
