import { type Written, handMass, text, writeMass } from '@/core/units';
import { shownBall } from '@/core/part';
import type { Part } from '@/core/records';
import type { Units } from '@/ui/state';

/** What to weigh out as it is told. */
export const weighOutWritten = (g: number, part: Pick<Part, 'tester' | 'hand'>, { choice }: Units): Written =>
  writeMass(shownBall(g, part, choice), choice);

/** What is asked when a ball is lighter than the piece that is to come of it. */
export const lessThanPiece = (trimmedG: number, { mass, choice }: Units): string =>
  `The trimmed piece alone weighs ${mass(handMass(trimmedG, choice))}. Check the ball, the rim and the mouth.`;

export const weighOutText = (g: number, part: Pick<Part, 'tester' | 'hand'>, units: Units): string => text(weighOutWritten(g, part, units));
