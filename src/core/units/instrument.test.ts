import { describe, expect, it } from 'vitest';
import { linesOf, readQuantity, readingOf } from '.';

describe('what an instrument sends', () => {
  it.each([
    ['  431.5 g\r', '431.5 g'],
    ['ST,GS,+  431.5 g', '431.5 g'],
    ['0.65 KG', '0.65 kg'],
    ['104,35', '104.35'],
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
  ])('%j is %j', (line, text) => expect(readingOf(line)).toBe(text));

  it('is read like what a person types', () => {
    expect(readQuantity('mass', readingOf('ST,GS,+ 0.65 kg')!)).toEqual({ ok: true, value: 650 });
    expect(readQuantity('length', readingOf('104,35')!)).toEqual({ ok: true, value: 104.35 });
  });

  it('comes in pieces and is put together', () => {
    const first = linesOf('', '43');
    expect(first).toEqual({ lines: [], rest: '43' });
    const second = linesOf(first.rest, '1.5 g\r\n200');
    expect(second).toEqual({ lines: ['431.5 g'], rest: '200' });
    expect(linesOf(second.rest, ' g\n')).toEqual({ lines: ['200 g'], rest: '' });
  });
});
