import { type UnitChoice, text, unbroken, writeLength } from '@/core/units';
import type { Units } from '@/ui/state';

/** Finer steps, or decimals, where a range is no wider than a few steps of the fractions chosen. mm */
function fineEnough(choice: UnitChoice, wide: number): UnitChoice {
  if (choice.length !== 'inch-fraction') return choice;
  const denominator = [choice.denominator, 32, 64].find((each) => each >= choice.denominator && wide > (4 * 25.4) / each);
  return denominator ? { ...choice, denominator } : { ...choice, length: 'in' };
}

/** Between two lengths, written so finely that the two differ by what they really do. */
export function betweenWords(least: number, most: number, { choice }: Pick<Units, 'choice'>): string {
  const fine = fineEnough(choice, most - least);
  const [from, to] = [writeLength(least, fine), writeLength(most, fine)];
  return `${unbroken(text(from, false))} to ${unbroken(text(to))}`;
}
