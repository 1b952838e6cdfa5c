import { describe, expect, it } from 'vitest';
import { harmless, readDay, readLengths, readPercent, readPercentRange, readQuantity, readShrinkage, readSpan, readingOf } from '.';

const value = (kind: 'length' | 'mass' | 'volume', written: string, options = {}) => {
  const read = readQuantity(kind, written, options);
  return read.ok ? read.value : read.problem.message;
};

describe('what a clay loses', () => {
  const limits = { min: 0.1, max: 30 };
  it.each([
    ['13', 13],
    ['13%', 13],
    ['11-13', [11, 13]],
    ['1.15', 13.0435],
    ['× 1.15', 13.0435],
    ['1,15', 13.0435],
    ['.87', 13],
    ['0.87', 13],
    ['1.5', 1.5],
    ['0.13%', 0.13],
    ['1.2%', 1.2],
  ] as const)('%s', (written, percent) => expect(readShrinkage(written, limits)).toEqual({ ok: true, value: percent }));

  it.each(['0.13', '.12', '0.5', ',6'])('%s is asked about, never taken', (written) => {
    const read = readShrinkage(written, limits);
    expect(read.ok).toBe(false);
    if (!read.ok) expect(read.problem.message).toMatch(/If you mean \d/);
  });
});

describe('two units spoken one after the other', () => {
  it.each([
    ['mass', '4 lb, 3 oz', 4 * 453.59237 + 3 * 28.349523125],
    ['length', '1 ft, 3 in', 381],
  ] as const)('%s %s', (kind, written, read) => expect(value(kind, written)).toBeCloseTo(read, 6));
});

describe('the least and the most that is read', () => {
  it.each([
    ['length', '0.001', 0.001],
    ['length', '100 m', 1e5],
    ['mass', '10000 kg', 1e7],
    ['volume', '10000 l', 1e7],
  ] as const)('%s %s', (kind, written, read) => expect(value(kind, written)).toBe(read));

  it.each([
    ['length', '0.0009', 'too small to measure'],
    ['length', '100001', 'more than 100 m'],
    ['mass', '10000001', 'more than 10 tonnes'],
    ['volume', '10001 l', 'more than 10,000 litres'],
  ] as const)('%s %s is refused', (kind, written, words) => expect(value(kind, written)).toContain(words));

  it('is nothing only where nothing is a figure', () => {
    expect([value('length', '0', { zero: true }), value('length', '5', { zero: true })]).toEqual([0, 5]);
    expect(value('length', '0')).toContain('is zero');
  });

  it('of percentages is read and what lies outside named', () => {
    const limits = { min: 5, max: 20 };
    expect([readPercentRange('5', limits), readPercentRange('20-5%', limits)]).toEqual([
      { ok: true, value: 5 },
      { ok: true, value: [5, 20] },
    ]);
    for (const text of ['4.9', '20.1', '4-10', '10-21'])
      expect(readPercentRange(text, limits)).toMatchObject({
        ok: false,
        problem: { message: expect.stringContaining('outside 5 to 20%') },
      });
    expect(readPercentRange('5-5', limits)).toEqual({ ok: true, value: 5 });
    for (const text of ['10 x', 'x to 10', '1-2-3'])
      expect(readPercentRange(text, limits)).toMatchObject({
        ok: false,
        problem: { message: expect.stringContaining('is not a percentage') },
      });
  });

  it('of one percentage is one figure', () => {
    expect(readPercent('12', { min: 5, max: 20 })).toEqual({ ok: true, value: 12 });
    expect(readPercent('12-14', { min: 5, max: 20 })).toMatchObject({
      ok: false,
      problem: { message: expect.stringContaining('is a range') },
    });
    expect(readPercent('40', { min: 5, max: 20 })).toMatchObject({ ok: false, problem: { message: expect.stringContaining('outside') } });
  });
});

describe('a figure of several parts', () => {
  it('goes over from one unit to the next below the whole of it', () => {
    expect(value('length', '1 ft 11 in')).toBeCloseTo(23 * 25.4, 9);
    expect(value('length', '1 ft 12 in')).toContain('cannot be read');
    expect(value('mass', '1 lb 15.9 oz')).toBeCloseTo(31.9 * 28.349523125, 9);
    expect(value('mass', '1 lb 16 oz')).toContain('cannot be read');
    expect(value('length', '1.5 ft 2 in')).toContain('cannot be read');
    expect(value('length', '92 92 mm')).toContain('two numbers in a row');
  });

  it('names the part that does not follow as it was written', () => {
    expect(value('length', '1.5 ft   2 in')).toContain('“2 in” after “1.5 ft”');
  });

  it('asks for the unit of a fraction where bare figures are metric', () => {
    const metric = { unit: 'mm', fractionsNeedUnit: true };
    expect(value('length', '3 5/8', metric)).toContain('a fraction but no unit');
    expect(value('length', '3 5/8 in', metric)).toBeCloseTo(92.075, 9);
    expect(value('length', '92.5', metric)).toBe(92.5);
    expect(value('length', '3 5/8', { unit: 'in', fractionsNeedUnit: true })).toBeCloseTo(92.075, 9);
  });

  it('tells a unit of another kind from one that is none', () => {
    expect(value('length', '12 g')).toContain('is a weight; this is a length');
    expect(value('mass', '12 ml')).toContain('is a volume; this is a weight');
    expect(value('length', '12 zork')).toContain('“zork” in');
    expect(value('length', 'twelve')).toContain('is not a length');
    expect(value('length', '12%')).toContain('“%” in');
  });
});

describe('what stands around a figure', () => {
  it('is no part of it', () => {
    expect(readDay('  18 Dec ', '2026-11-26')).toEqual({ ok: true, value: '2026-12-18' });
    expect(readSpan('  104-108  ', {})).toEqual({ ok: true, value: { least: 104, most: 108 } });
    expect(readingOf('ST,GS, +  431.5   g\r')).toBe('431.5 g');
    expect(readingOf('  GS:  12.5 g  ')).toBe('12.5 g');
    expect(readLengths(' 71.8   72.4 ;; \n 3 in ; ')).toEqual({ ok: true, value: [71.8, 72.4, expect.closeTo(76.2, 9)] });
  });

  it('is told where either end of a range is none', () => {
    expect(readSpan('104 to tall', {})).toMatchObject({ ok: false, problem: { message: expect.stringContaining('tall') } });
    expect(readSpan('5 kg to 7 mm', {})).toMatchObject({ ok: false, problem: { message: expect.stringContaining('weight') } });
    expect(readSpan('5-5', {})).toMatchObject({ ok: false });
    expect(readSpan('to 5', {})).toBeUndefined();
  });

  it('is no day of another month', () => {
    for (const text of ['18 foo', 'foo 18', '31.2.', '2026-02-30']) expect(readDay(text, '2026-11-26').ok).toBe(false);
    expect(readDay('26 Nov', '2026-11-26')).toEqual({ ok: true, value: '2026-11-26' });
    expect(readDay('25 Nov', '2026-11-26')).toEqual({ ok: true, value: '2027-11-25' });
    expect(readDay('29 Feb', '2026-11-26')).toEqual({ ok: true, value: '2028-02-29' });
  });

  it('is cut after forty signs', () => {
    expect(harmless('x'.repeat(40))).toBe('x'.repeat(40));
    expect(harmless('x'.repeat(41))).toBe(`${'x'.repeat(40)}…`);
  });
});
