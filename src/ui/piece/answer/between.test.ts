import { METRIC, type UnitChoice, readLength } from '@/core/units';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { betweenWords } from './between';

const inches = (denominator: number): UnitChoice => ({ ...METRIC, length: 'inch-fraction', denominator });

it('a range is told in the fractions chosen, and holds all that lies in it', () => {
  const words = (least: number, most: number, choice: UnitChoice) => betweenWords(least, most, { choice }).replaceAll('\u00a0', ' ');
  expect(words(118.2, 121.4, METRIC)).toBe('118.2 to 121.4 mm');
  expect(words(118.2, 121.4, inches(16))).toBe('4 5/8 to 4 13/16 in');
  expect(words(4 * 25.4, 4.25 * 25.4, inches(4))).toBe('4 to 4 1/4 in');
  fc.assert(
    fc.property(
      fc.double({ min: 20, max: 600, noNaN: true }),
      fc.double({ min: 0.01, max: 9, noNaN: true }),
      fc.constantFrom(8, 16, 32, 64),
      (least, wide, denominator) => {
        const [from, to] = words(least, least + wide, inches(denominator))
          .split(' to ')
          .map((each) => readLength(each, { unit: 'in' }));
        if (!from?.ok || !to?.ok) throw new Error('unread');
        expect(from.value).toBeLessThanOrEqual(least + 1e-4);
        expect(to.value).toBeGreaterThanOrEqual(least + wide - 1e-4);
        expect(to.value - from.value).toBeLessThan(wide + (2 * 25.4) / denominator + 1e-4);
      },
    ),
    { seed: 9, numRuns: 200 },
  );
});
