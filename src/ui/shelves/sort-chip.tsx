'use client';

import type { SizeName } from '@/core/form';
import type { MadePiece, Sorting } from '@/core/records';
import { useUnits } from '@/ui/state';
import { useDraggable, useDroppable } from '@dnd-kit/core';
import { Box, chakra } from '@chakra-ui/react';

interface ChipProps {
  readonly piece: MadePiece;
  /** Its number, with its run where runs mix. */
  readonly called: string;
  readonly sorting: Sorting;
  readonly picked: boolean;
  readonly onPick: () => void;
  readonly onOut: () => void;
}

/** A piece by its number and measures: dragged onto another to take its place, or picked with Enter and then the other. */
export function Chip({ piece, called, sorting, picked, onPick, onOut }: ChipProps) {
  const units = useUnits();
  const { setNodeRef: setDragged, attributes, listeners, transform } = useDraggable({ id: piece.id });
  const { setNodeRef: setOver, isOver } = useDroppable({ id: piece.id });
  const measures = (Object.keys(sorting.within) as SizeName[]).flatMap((size) => {
    const mm = piece.sizes[sorting.at]?.[size]?.mm;
    return mm === undefined ? [] : [units.length(mm)];
  });
  return (
    <div ref={setOver}>
      <chakra.button
        type="button"
        ref={setDragged}
        {...attributes}
        {...listeners}
        onClick={onPick}
        onKeyDown={(event) => {
          if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault();
            onPick();
          } else if (event.key === 'Delete' || event.key === 'Backspace') {
            event.preventDefault();
            onOut();
          }
        }}
        aria-label={`Piece ${called}, ${measures.join(' by ')}. ${picked ? 'Picked: choose whose place it takes.' : 'Enter picks it, Delete keeps it out.'}`}
        aria-pressed={picked}
        textAlign="left"
        minHeight="52px"
        minWidth="84px"
        paddingInline="2"
        borderWidth="2px"
        borderColor={picked || isOver ? 'act' : 'line'}
        borderRadius="4px"
        background="bg.raised"
        cursor="grab"
        touchAction="manipulation"
        style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)`, position: 'relative', zIndex: 20 } : undefined}
      >
        <Box fontSize="xs" color="fg.muted">
          no. {called}
        </Box>
        <Box color={sorting.at} fontFamily="figure" fontWeight="650" fontVariantNumeric="tabular-nums">
          {measures.join(' · ')}
        </Box>
      </chakra.button>
    </div>
  );
}
