'use client';

import type { Point } from '@/core/form';
import { stepOf } from '@/ui/fields';
import { Box, chakra } from '@chakra-ui/react';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { type Geometry, finishedAt } from './geometry';
import { type Dragged, type Handle, draggedWords, handlesOf, snappedPoint } from './handles';
import type { PieceModel } from './use-piece';

const ARROWS: Record<string, readonly [number, number]> = {
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
  ArrowRight: [1, 0],
  ArrowLeft: [-1, 0],
};

/** Only what a move really changes: a rim moved across keeps its height as it was known. */
function changedBy(handle: Handle, piece: PieceModel, to: Point, step: number): Dragged {
  const dragged = handle.take(to);
  const { sizes } = piece.form;
  const changed = Object.entries(dragged.sizes ?? {}).filter(([name, mm]) => Math.abs(mm - (sizes[name as 'height'] ?? 0)) > step * 0.49);
  return { ...dragged, sizes: Object.fromEntries(changed) };
}

/** The points of the finished piece that are dragged, or moved by the arrow keys, in whole units. */
export function DragPoints({ piece, geometry }: { piece: PieceModel; geometry: Geometry }) {
  const [why, setWhy] = useState<string | undefined>();
  return (
    <>
      {handlesOf(piece.form).map((handle) => (
        <DragPoint key={handle.key} handle={handle} piece={piece} geometry={geometry} onRefused={setWhy} />
      ))}
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
  readonly piece: PieceModel;
  readonly geometry: Geometry;
  readonly onRefused: (why: string | undefined) => void;
}

function DragPoint({ handle, piece, geometry, onRefused }: PointProps) {
  const visit = useRef('');
  /** While a point is held the drawing keeps its scale: what the hand feels under it must not move by itself. */
  const held = useRef<{ geometry: Geometry; offset: Point } | undefined>(undefined);
  const { choice, length } = piece.units;
  const step = stepOf(choice);
  const [x, y] = geometry.placed.finished(handle.at.r, handle.at.z);

  const move = (to: Point) => {
    const dragged = changedBy(handle, piece, to, step);
    if (!dragged.knots && Object.keys(dragged.sizes ?? {}).length === 0) return;
    onRefused(piece.takeDragged(dragged, draggedWords(dragged), visit.current));
  };

  const onPointerDown = (event: PointerEvent<HTMLButtonElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    visit.current = crypto.randomUUID();
    const at = pointerAt(event, geometry);
    held.current = { geometry, offset: { r: handle.at.r - at.r, z: handle.at.z - at.z } };
  };
  const onPointerMove = (event: PointerEvent<HTMLButtonElement>) => {
    if (!held.current) return;
    const at = pointerAt(event, held.current.geometry);
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
    move(snappedPoint({ r: handle.at.r + (arrow[0] * step) / 2, z: handle.at.z + arrow[1] * step }, step));
  };

  return (
    <chakra.button
      type="button"
      data-handle={handle.key}
      aria-label={`Move ${handle.words}: ${length(2 * handle.at.r)} across, ${length(handle.at.z)} up. Drag it, or use the arrow keys.`}
      title={`Drag ${handle.words}, or use the arrow keys`}
      onPointerDown={onPointerDown}
      onPointerMove={onPointerMove}
      onPointerUp={release}
      onPointerCancel={release}
      onFocus={() => {
        visit.current = crypto.randomUUID();
      }}
      onBlur={release}
      onKeyDown={onKeyDown}
      position="absolute"
      style={{ left: x, top: y }}
      transform="translate(-50%, -50%)"
      width={{ base: '44px', md: '30px' }}
      height={{ base: '44px', md: '30px' }}
      display="grid"
      placeItems="center"
      cursor="grab"
      touchAction="none"
      borderRadius="full"
      zIndex="5"
      _active={{ cursor: 'grabbing' }}
    >
      <Box width="11px" height="11px" borderRadius="full" background="bg" borderWidth="2.5px" borderColor="act" aria-hidden />
    </chakra.button>
  );
}

/** The pointer on the drawing, mm of the finished half. */
function pointerAt(event: PointerEvent<HTMLButtonElement>, geometry: Geometry): Point {
  const sheet = event.currentTarget.offsetParent!.getBoundingClientRect();
  return finishedAt(geometry, event.clientX - sheet.left, event.clientY - sheet.top);
}
