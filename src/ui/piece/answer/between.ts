import { type UnitChoice, text, unbroken, writeLength } from '@/core/units';
import { stepOf } from '@/ui/fields';
import type { Units } from '@/ui/state';

/** Less than this of a step is none. */
const NOTHING = 1e-6;

/** A length on the step of the chosen fractions below it or above it, so that what lies between two stays between them. mm */
function onStep(mm: number, choice: UnitChoice, to: 'below' | 'above'): number {
  if (choice.length !== 'inch-fraction') return mm;
  const step = stepOf(choice);
  return step * (to === 'below' ? Math.floor(mm / step + NOTHING) : Math.ceil(mm / step - NOTHING));
}

/** Between two lengths, written in the fractions chosen: outward, since it is told how many lie between. */
export function betweenWords(least: number, most: number, { choice }: Pick<Units, 'choice'>): string {
  const [from, to] = [writeLength(onStep(least, choice, 'below'), choice), writeLength(onStep(most, choice, 'above'), choice)];
  return `${unbroken(text(from, false))} to ${unbroken(text(to))}`;
}
