import { MouseSensor, TouchSensor, useSensor, useSensors } from '@dnd-kit/core';
import { HELD } from '@/ui/drawing';

/** A drag that is shorter than this is a press; a finger may tremble so far while it takes hold. px */
const DRAGGED = 6;
const TREMBLES = 8;

/** How things are dragged: by mouse at once, by a finger that lies still on them first. A swipe over them scrolls. */
export const useDragSensors = () =>
  useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: DRAGGED } }),
    useSensor(TouchSensor, { activationConstraint: { delay: HELD, tolerance: TREMBLES } }),
  );
