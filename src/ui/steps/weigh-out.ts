import { type Written, fineMass, handMass, text, writeMass } from '@/core/units';
import type { Part } from '@/core/workspace';
import type { Units } from '@/ui/state';

/** What to weigh out as it is told: as a bench scale is read; corrected by a test piece to the gram, or the correction is lost. */
export function weighOutWritten(g: number, part: Pick<Part, 'tester' | 'hand'>, { choice }: Units): Written {
  return writeMass(part.tester?.accepted ? fineMass(g, choice) : handMass(g, choice), choice);
}

/** What is asked when a ball is lighter than the piece that is to come of it. */
export const lessThanPiece = (trimmedG: number, { mass, choice }: Units): string =>
  `The trimmed piece alone holds ${mass(handMass(trimmedG, choice))}. Was the ball, the rim or the mouth mistyped?`;

export const weighOutText = (g: number, part: Pick<Part, 'tester' | 'hand'>, units: Units): string => text(weighOutWritten(g, part, units));
