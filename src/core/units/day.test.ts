import { describe, expect, it } from 'vitest';
import { readDay } from './day';

describe('a day as people write it', () => {
  it.each([
    ['2026-12-18', '2026-12-18'],
    ['18 Dec', '2026-12-18'],
    ['18th december', '2026-12-18'],
    ['Dec 18, 2027', '2027-12-18'],
    ['18.12.', '2026-12-18'],
    ['1.2.2027', '2027-02-01'],
    ['3 jan', '2027-01-03'],
    ['26 nov', '2026-11-26'],
    ['29 feb', '2028-02-29'],
  ])('reads %s', (text, day) => {
    expect(readDay(text, '2026-11-26')).toEqual({ ok: true, value: day });
  });

  it.each(['3/4', '31 feb', '2026-02-30', 'friday', '', '18 dez 26', '40.1.'])('refuses %s', (text) => {
    expect(readDay(text, '2026-11-26').ok).toBe(false);
  });
});
