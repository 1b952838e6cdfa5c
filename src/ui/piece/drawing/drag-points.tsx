'use client';

import { newKey } from '@/ui/state';
import type { Stage } from '@/core/clay';
import type { Form, Point, SizeName } from '@/core/form';
import { STAGE_WORDS } from '@/core/sizing';
import { stepOf } from '@/ui/fields';
import { ink } from '@/ui/theme';
import { Box } from '@chakra-ui/react';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
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

/** The points of both halves that are dragged, or moved by the arrow keys, in whole units; on a phone those of the finished half. */
export function DragPoints({ piece, geometry }: { piece: PieceModel; geometry: Geometry }) {
  const [why, setWhy] = useState<string | undefined>();
  return (
    <>
      {(geometry.wide ? HALVES : FINISHED).map((at) =>
        shownHandles(piece, at, geometry).map((handle) => (
          <DragPoint key={`${at}-${handle.key}`} handle={handle} at={at} piece={piece} geometry={geometry} onRefused={setWhy} />
        )),
      )}
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

interface PointProps {
  readonly handle: Handle;
  /** Which half it is a point of. */
  readonly at: Half;
  readonly piece: PieceModel;
  readonly geometry: Geometry;
  readonly onRefused: (why: string | undefined) => void;
}

function DragPoint({ handle, at: half, piece, geometry, onRefused }: PointProps) {
  const visit = useRef('');
  /** While a point is held the drawing keeps its scale: what the hand feels under it must not move by itself. */
  const held = useRef<{ geometry: Geometry; offset: Point } | undefined>(undefined);
  const { choice, length } = piece.units;
  const step = stepOf(choice);
  const lift = half === 'wet' ? piece.worked.sized.onBat.foot : 0;
  const place = half === 'wet' ? geometry.placed.wet : geometry.placed.finished;
  const [x, y] = place(handle.at.r, handle.at.z + lift);

  const move = (to: Point) => {
    const dragged = changedBy(handle, piece.worked.sized.stages[half].sizes, to, step);
    if (!dragged.knots && Object.keys(dragged.sizes ?? {}).length === 0) return;
    onRefused(piece.takeDragged(dragged, half, `${draggedWords(piece.form.family, dragged)}, ${STAGE_WORDS[half]}`, visit.current));
  };

  const onPointerDown = (event: PointerEvent<HTMLButtonElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    visit.current = newKey();
    const at = pointerAt(event, geometry, half);
    held.current = { geometry, offset: { r: handle.at.r - at.r, z: handle.at.z - at.z } };
  };
  const onPointerMove = (event: PointerEvent<HTMLButtonElement>) => {
    if (!held.current) return;
    const at = pointerAt(event, held.current.geometry, half);
    move(snappedPoint({ r: at.r + held.current.offset.r, z: at.z + held.current.offset.z }, step));
  };
  const release = () => {
    held.current = undefined;
    onRefused(undefined);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const arrow = ARROWS[event.key];
    if (!arrow) return;
    event.preventDefault();
    // widths across take half a step on each side, a thickness a whole one
    const reach = THICK.includes(handle.key) ? step : step / 2;
    const outward = half === 'wet' ? -arrow[0] : arrow[0];
    move(snappedPoint({ r: handle.at.r + outward * reach, z: handle.at.z + arrow[1] * step }, step));
  };

  return (
    <button
      type="button"
      className="drawn-point"
      data-handle={half === 'wet' ? `wet-${handle.key}` : handle.key}
      aria-label={`Move ${handle.words}, ${STAGE_WORDS[half]}: ${length(2 * handle.at.r)} across, ${length(handle.at.z)} up. Drag it, or use the arrow keys.`}
      title={`Drag ${handle.words}, ${STAGE_WORDS[half]}, or use the arrow keys`}
      onPointerDown={onPointerDown}
      onPointerMove={onPointerMove}
      onPointerUp={release}
      onPointerCancel={release}
      onFocus={() => {
        visit.current = newKey();
      }}
      onBlur={release}
      onKeyDown={onKeyDown}
      style={{ left: x, top: y, color: ink(half === 'wet' ? 'wet' : 'act') }}
    >
      <span aria-hidden />
    </button>
  );
}

/** The pointer on the drawing, mm of the half it is on. */
function pointerAt(event: PointerEvent<HTMLButtonElement>, geometry: Geometry, half: Half): Point {
  const sheet = event.currentTarget.offsetParent!.getBoundingClientRect();
  const { r, z } = finishedAt(geometry, event.clientX - sheet.left, event.clientY - sheet.top);
  return { r: half === 'wet' ? -r : r, z };
}
