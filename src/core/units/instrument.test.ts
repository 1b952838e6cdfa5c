import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { linesOf, readQuantity, readingOf } from '.';

describe('what an instrument sends', () => {
  it.each([
    ['  431.5 g\r', '431.5 g'],
    ['ST,GS,+  431.5 g', '431.5 g'],
    ['0.65 KG', '0.65 kg'],
    ['104,35 mm', '104.35 mm'],
    ['104.35', undefined],
    ['104.35 mm', '104.35 mm'],
    ['-3 g', undefined],
    ['0.0 g', undefined],
    ['----', undefined],
    ['', undefined],
    ['.5 g', '.5 g'],
    ['1 lb 7 oz', '1 lb 7 oz'],
    ['3 5/8 in', '3 5/8 in'],
    ['+1,234 g', undefined],
    ['ST,GS,+1,234 g', undefined],
    ['2026-11-25', undefined],
    ['25.11.2026 14:30', undefined],
    ['No. 12', undefined],
    ['431.5 g 12 g', undefined],
    ['NET: 431.5 g', '431.5 g'],
    ['N   +  431.50 g', '431.50 g'],
    ['S S     100.00 g', '100.00 g'],
    ['\u0002ST,NT,+0431.5 g\u0003', '0431.5 g'],
    ['01 ST,GS,+ 431.5 g', '431.5 g'],
    ['@02:NET 431.5 g', '431.5 g'],
    ['S D     100.00 g', undefined],
    ['US,GS,+ 431.5 g', undefined],
    ['S I', undefined],
    ['S +', undefined],
    ['OL,GS,+ 999.9 g', undefined],
    ['TARE: 12.0 g', undefined],
    ['T,+ 12.0 g', undefined],
    ['ERR 12', undefined],
    ['E 3 g', undefined],
    ['BATT: 3.1 g', undefined],
    ['QT,+ 12 pcs', undefined],
    ['COUNT 24', undefined],
    ['TEMP 21.5 C', undefined],
    ['MIN: 104.20 mm', undefined],
    ['MAX: 104.60 mm', undefined],
    ['PEAK 431.5 g', undefined],
    ['UNSTABLE 431.5 g', undefined],
    ['ZERO 0.1 g', undefined],
    ['DATE,ST 12 g', undefined],
  ])('%j is %j', (line, text) => expect(readingOf(line)).toBe(text));

  it('is read like what a person types', () => {
    expect(readQuantity('mass', readingOf('ST,GS,+ 0.65 kg')!)).toEqual({ ok: true, value: 650 });
    expect(readQuantity('length', readingOf('104,35 mm')!)).toEqual({ ok: true, value: 104.35 });
  });

  it('is typed only with headers that are known, whatever else stands before it', () => {
    const letters = fc.string({ unit: fc.constantFrom(...'abcdefghijklmnopqrstuvwxyz'), minLength: 1, maxLength: 8 });
    const known = new Set(['st', 'gs', 'nt', 'net', 'gross', 'g', 'n', 's', 'ww', 'w']);
    fc.assert(
      fc.property(letters, fc.constantFrom(',', ':', ' '), fc.integer({ min: 1, max: 9999 }), (word, between, tenths) => {
        const read = readingOf(`${word}${between}+ ${tenths / 10} g`);
        expect(read === undefined).toBe(!known.has(word));
      }),
      { seed: 31 },
    );
  });

  it('comes in pieces and is put together', () => {
    const first = linesOf('', '43');
    expect(first).toEqual({ lines: [], rest: '43' });
    const second = linesOf(first.rest, '1.5 g\r\n200');
    expect(second).toEqual({ lines: ['431.5 g'], rest: '200' });
    expect(linesOf(second.rest, ' g\n')).toEqual({ lines: ['200 g'], rest: '' });
  });
});
