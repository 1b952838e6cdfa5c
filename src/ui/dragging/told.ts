import type { DndContextProps, UniqueIdentifier } from '@dnd-kit/core';

/** What is read aloud while something is dragged: things and places by the names people give them, never by their ids. */
export function toldAloud(nameOf: (id: UniqueIdentifier) => string | undefined): NonNullable<DndContextProps['accessibility']> {
  const name = (id: UniqueIdentifier | undefined) => (id === undefined ? undefined : nameOf(id)) ?? 'nothing';
  return {
    screenReaderInstructions: { draggable: 'Drag it by mouse, or press and hold it with a finger first.' },
    announcements: {
      onDragStart: ({ active }) => `${name(active.id)}, taken.`,
      onDragOver: ({ active, over }) => (over ? `${name(active.id)}, over ${name(over.id)}.` : `${name(active.id)}, over nothing.`),
      onDragEnd: ({ active, over }) =>
        over ? `${name(active.id)}, dropped on ${name(over.id)}.` : `${name(active.id)}, back where it was.`,
      onDragCancel: ({ active }) => `${name(active.id)}, back where it was.`,
    },
  };
}
