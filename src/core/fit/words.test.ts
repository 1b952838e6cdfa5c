import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { chanceWords, threeChances } from '.';

describe('a chance as people say it', () => {
  it.each([
    [1, 'over 99 in 100'],
    [0.9951, 'over 99 in 100'],
    [0.995, 'over 99 in 100'],
    [0.9949, '99 in 100'],
    [0.97, '97 in 100'],
    [0.945, '95 in 100'],
    [0.9449, '9 in 10'],
    [0.55, '6 in 10'],
    [0.5, '5 in 10'],
    [0.15, '2 in 10'],
    [0.1499, '1 in 7'],
    [0.1, '1 in 10'],
    [0.034, '1 in 29'],
    [0.005, '1 in 200'],
    [0.0049, 'under 1 in 100'],
    [0, 'under 1 in 100'],
  ])('%d is %s', (chance, words) => expect(chanceWords(chance)).toBe(words));
});

it('a larger chance is never said to be smaller', () => {
  const asNumber = (words: string) => {
    const [, said, of] = /^(\d+) in (\d+)$/.exec(words) ?? [];
    return words === 'over 99 in 100' ? 1 : words === 'under 1 in 100' ? 0 : Number(said) / Number(of);
  };
  const all = Array.from({ length: 2001 }, (_, i) => asNumber(chanceWords(i / 2000)));
  expect(all).toEqual(all.toSorted((a, b) => a - b));
});

describe('three chances that make up a whole', () => {
  const said = (words: string) => Number(/^(\d+) in 10$/.exec(words)?.[1]);

  it('are told in tenths that make up ten, none further off than one, in their order', () => {
    const shares = fc
      .tuple(fc.double({ min: 0.1, max: 0.8, noNaN: true }), fc.double({ min: 0.1, max: 0.8, noNaN: true }))
      .filter(([a, b]) => a + b <= 0.9);
    fc.assert(
      fc.property(shares, ([jams, loose]) => {
        const odds = { jams, loose, good: 1 - jams - loose };
        const names = ['jams', 'good', 'loose'] as const;
        const told = threeChances(odds);
        const tenths = names.map((name) => said(told[name]));
        expect(tenths.reduce((a, b) => a + b, 0)).toBe(10);
        for (const [i, name] of names.entries()) {
          expect(Math.abs(tenths[i]! / 10 - odds[name])).toBeLessThan(0.1);
          for (const [j, other] of names.entries())
            if (odds[name] > odds[other] + 0.1) expect(tenths[i]!).toBeGreaterThanOrEqual(tenths[j]!);
        }
      }),
      { seed: 31 },
    );
  });

  it('give what is missing to whichever left most over', () => {
    expect(threeChances({ jams: 0.169, good: 0.674, loose: 0.157 })).toEqual({ jams: '2 in 10', good: '7 in 10', loose: '1 in 10' });
    expect(threeChances({ jams: 0.2, good: 0.5, loose: 0.3 })).toEqual({ jams: '2 in 10', good: '5 in 10', loose: '3 in 10' });
    expect(threeChances({ jams: 0.34, good: 0.33, loose: 0.33 })).toEqual({ jams: '4 in 10', good: '3 in 10', loose: '3 in 10' });
  });

  it('are told each for itself where one is less than a tenth', () => {
    expect(threeChances({ jams: 0.034, good: 0.964, loose: 0.002 })).toEqual({
      jams: '1 in 29',
      good: '96 in 100',
      loose: 'under 1 in 100',
    });
    expect(threeChances({ jams: 0.0949, good: 0.6051, loose: 0.3 }).jams).toBe('1 in 11');
    expect(threeChances({ jams: 0.095, good: 0.605, loose: 0.3 }).jams).toBe('1 in 10');
  });
});
