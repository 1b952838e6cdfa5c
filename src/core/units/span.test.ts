import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readSpan } from '.';

const mm = { unit: 'mm', fractionsNeedUnit: true } as const;
const inches = { unit: 'in', fractionsNeedUnit: true } as const;

describe('a limit or a range as people write it', () => {
  it.each([
    ['104-108', { least: 104, most: 108 }],
    ['104 – 108 mm', { least: 104, most: 108 }],
    ['10.4 to 10.8 cm', { least: 104, most: 108 }],
    ['104..108', { least: 104, most: 108 }],
    ['4 in - 4 1/4 in', { least: 101.6, most: 107.95 }],
    ['4 - 4 1/4 in', { least: 101.6, most: 107.95 }],
    ['≤ 120', { most: 120 }],
    ['<= 12 cm', { most: 120 }],
    ['at most 120', { most: 120 }],
    ['no taller than 120 mm', { most: 120 }],
    ['max. 120', { most: 120 }],
    ['under 5 in', { most: 127 }],
    ['≥ 70', { least: 70 }],
    ['at least 7 cm', { least: 70 }],
    ['min 70', { least: 70 }],
  ])('%j is understood', (text, span) => {
    const read = readSpan(text, mm);
    expect(read?.ok).toBe(true);
    if (!read?.ok) return;
    expect(read.value.least ?? 0).toBeCloseTo((span as { least?: number }).least ?? 0, 6);
    expect(read.value.most ?? 0).toBeCloseTo((span as { most?: number }).most ?? 0, 6);
  });

  it('takes bare numbers in the unit of the field', () => {
    const read = readSpan('4-5', inches);
    expect(read?.ok && read.value).toEqual({ least: 4 * 25.4, most: 5 * 25.4 });
  });

  it.each([
    ['108-104', /from the smaller to the larger/],
    ['104-104', /must differ/],
    ['≤ stone', /./],
    ['104-12 stone', /./],
  ])('%j is refused with a reason', (text, why) => {
    const read = readSpan(text, mm);
    expect(read?.ok).toBe(false);
    if (read && !read.ok) expect(read.problem.message).toMatch(why);
  });

  it.each(['', '92', 'ninety', '3 5/8 in', '9.2 cm'])('%j is neither', (text) => expect(readSpan(text, mm)).toBeUndefined());

  it('never throws and never gives an upside-down range', () => {
    fc.assert(
      fc.property(fc.string({ unit: fc.constantFrom(...'0123456789 .,-–≤≥<>/mcint"toa'.split('')), maxLength: 14 }), (text) => {
        const read = readSpan(text, mm);
        if (read?.ok && read.value.least !== undefined && read.value.most !== undefined)
          expect(read.value.least).toBeLessThan(read.value.most);
      }),
      { seed: 91, numRuns: 400 },
    );
  });

  it('takes a hyphened mixed number for one figure, so that its advice keeps the whole', () => {
    for (const text of ['3-5/8', '3-5/8 in', '3 - 5/8']) expect(readSpan(text, mm), text).toBeUndefined();
  });
});

it('a range the wrong way round is refused with the same range the right way round, which is then read', () => {
  const sixteenths = fc.integer({ min: 16, max: 320 });
  const written = (n: number) => [Math.floor(n / 16) || '', n % 16 ? `${n % 16}/16` : ''].filter(Boolean).join(' ');
  fc.assert(
    fc.property(sixteenths, sixteenths, fc.constantFrom('-', ' - ', ' to '), (a, b, between) => {
      fc.pre(a < b);
      const refused = readSpan(`${written(b)}${between}${written(a)} in`, { unit: 'mm' });
      // “3 - 1/4” is a mixed number, not a range
      if (refused === undefined) return;
      const told = refused.ok ? '' : /Enter (.+)\.$/.exec(refused.problem.message)![1]!;
      const read = readSpan(told, { unit: 'mm' });
      expect(read?.ok && [read.value.least, read.value.most], told).toEqual([
        expect.closeTo((a * 25.4) / 16, 6),
        expect.closeTo((b * 25.4) / 16, 6),
      ]);
    }),
    { seed: 9 },
  );
  for (const typed of ['108-104', '4 1/4 - 4 in', '7 cm to 5 cm', '9 – 8 mm']) {
    const refused = readSpan(typed, { unit: 'mm' });
    const told = refused?.ok === false ? /Enter (.+)\.$/.exec(refused.problem.message)?.[1] : undefined;
    expect(told, typed).toBeDefined();
    expect(readSpan(told!, { unit: 'mm' }), told).toMatchObject({ ok: true });
  }
});
