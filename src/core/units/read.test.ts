import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  METRIC,
  type UnitChoice,
  bareUnit,
  quote,
  readLength,
  readLengths,
  readPercent,
  readPercentRange,
  readQuantity,
  readSizes,
  text,
  writeLength,
  writeMass,
  writeVolume,
} from '.';

const value = (kind: 'length' | 'mass' | 'volume', written: string, options = {}) => {
  const read = readQuantity(kind, written, options);
  return read.ok ? read.value : read.problem.message;
};

describe('reading lengths', () => {
  it.each([
    ['120', 120],
    ['12,5', 12.5],
    ['12.5 mm', 12.5],
    ['9.2cm', 92],
    ['0,125 in', 3.175],
    ['.5 in', 12.7],
    ['1.200', 1.2],
    ['3 5/8 in', 92.075],
    ['3-5/8"', 92.075],
    ['3⅝ in', 92.075],
    ['3 ⅝″', 92.075],
    ['⅝ inch', 15.875],
    ['5⁄8 in', 15.875],
    ['7/16 in.', 11.1125],
    ['1 ft 3 in', 381],
    ['1\' 3 5/8"', 396.875],
    ["1'3", 381],
    ['2 feet', 609.6],
    ['1 m 20 cm', 1200],
    ['  92  MM ', 92],
    ['92\u00a0mm', 92],
    ['3 5/8', 3.625],
    ['+92', 92],
    ['1 000 mm', 1000],
    ['1\u00a0250,5 mm', 1250.5],
    ['\u200e92\u200b mm\ufeff', 92],
  ])('%s', (written, mm) => {
    expect(value('length', written)).toBeCloseTo(mm, 9);
  });

  it.each([
    ['', /Enter a length, such as/],
    ['1,200', /could mean 1200 or 1\.2/],
    [',125', /could mean/],
    ['1,200.5', /more than one point or comma/],
    ['1.2.3', /more than one/],
    ['0', /is zero/],
    ['-5', /is negative/],
    ['10-12', /looks like a range/],
    ['5 kg', /is a weight; this is a length/],
    ['9 fl oz', /is a volume; this is a length/],
    ['12 furlongs', /not a unit Rimbet knows/],
    ['about 12', /is not a length/],
    ['1e3', /not a unit Rimbet knows/],
    ['1 200', /two numbers in a row/],
    ['1 m 5', /two numbers in a row/],
    ['5 mm 3 in', /mixes mm and in/],
    ['1 ft 13 in', /cannot be read/],
    ['1.5 ft 3 in', /cannot be read/],
    ['3/0 in', /divides by nothing/],
    ['999999 m', /more than 100 m/],
    ['NaN', /is not a length/],
    ['３x', /not a unit/],
    ['10² mm', /not a unit/],
    ['①', /not a length/],
    ["1'000", /could mean 1000 or 1 feet and 000/],
    ['0.0000000001 in', /too small to measure/],
    ['--5', /is negative/],
  ])('refuses %s with the reason and an example', (written, reason) => {
    expect(value('length', written)).toMatch(reason);
  });

  it('reads a scant fraction and a full one as they are written, 0.2 mm beside it', () => {
    expect(value('length', 'scant 3/16 in')).toBeCloseTo(25.4 * (3 / 16) - 0.2, 9);
    expect(value('length', 'a full 3/16', { unit: 'in' })).toBeCloseTo(25.4 * (3 / 16) + 0.2, 9);
    expect(value('length', 'scant 92')).toContain('“scant 92” is not a length');
    expect(value('mass', 'full 1/2 lb')).toContain('is not a weight');
    fc.assert(
      fc.property(fc.double({ min: 0.3, max: 12.6, noNaN: true }), fc.constantFrom(2, 4, 8, 16, 32, 64), (mm, denominator) => {
        const units = { ...METRIC, length: 'inch-fraction' as const, denominator };
        const shown = text(writeLength(mm, units));
        const read = readQuantity('length', shown);
        expect(read.ok && Math.abs(read.value - mm)).toBeLessThanOrEqual(Math.max(mm / 6, 25.4 / 128) + 1e-9);
        expect(read.ok && text(writeLength(read.value, units))).toBe(shown);
      }),
      { seed: 8, numRuns: 300 },
    );
  });

  it('reads a bare number in the unit chosen', () => {
    expect(value('length', '3 5/8', { unit: 'in' })).toBeCloseTo(92.075, 9);
    expect(value('length', '9,2', { unit: 'cm' })).toBeCloseTo(92, 9);
  });

  it('asks for the unit of a fraction typed where millimetres are meant', () => {
    expect(value('length', '3 5/8', { unit: 'mm', fractionsNeedUnit: true })).toMatch(/fraction but no unit. Enter 3 5\/8 in/);
    expect(value('length', '3 5/8 in', { unit: 'mm', fractionsNeedUnit: true })).toBeCloseTo(92.075, 9);
  });

  it('takes zero only where nothing is an answer', () => {
    expect(value('length', '0 mm', { zero: true })).toBe(0);
  });
});

describe('reading masses and volumes', () => {
  it.each([
    ['650', 650],
    ['650 gms', 650],
    ['12 500 g', 12500],
    ['0,65 kg', 650],
    ['1 lb', 453.59237],
    ['1 lb 7 1/2 oz', 666.2137934375],
    ['1lb7', 652.0390318749999],
    ['8 ounces', 226.796185],
    ['1 kg 250 g', 1250],
  ])('%s', (written, g) => {
    expect(value('mass', written)).toBeCloseTo(g, 6);
  });

  it.each([
    ['500', 'us', 500],
    ['0.5 l', 'us', 500],
    ['33 cl', 'us', 330],
    ['9 fl oz', 'us', 266.161766],
    ['9 fl. oz.', 'imperial', 255.7175625],
    ['9 oz', 'us', 266.161766],
    ['9 imperial fl oz', 'us', 255.7175625],
    ['9 US fl oz', 'imperial', 266.161766],
    ['1 cup', 'us', 236.588],
    ['1 cup', 'imperial', 284.131],
    ['1 pint', 'us', 473.176],
    ['2 pints', 'imperial', 1136.522],
    ['1 imperial pint', 'us', 568.261],
  ])('%s (%s)', (written, flOz, ml) => {
    expect(value('volume', written, { flOz })).toBeCloseTo(ml as number, 2);
  });

  it('does not take a weight for a volume', () => {
    expect(value('volume', '9 lb')).toMatch(/is a weight; this is a volume/);
  });
});

describe('percentages', () => {
  const limits = { min: 0.1, max: 30 };
  it.each([
    ['11.5', 11.5],
    ['11,5%', 11.5],
    ['10-12', [10, 12]],
    ['12 – 10%', [10, 12]],
    ['10 to 12', [10, 12]],
    ['12-12', 12],
  ])('%s', (written, percent) => {
    expect(readPercentRange(written, limits)).toEqual({ ok: true, value: percent });
  });

  it.each(['', 'twelve', '1-2-3', '40', '1,200'])('refuses %s', (written) => {
    expect(readPercentRange(written, limits).ok).toBe(false);
  });

  it('refuses a range where one figure is wanted', () => {
    expect(readPercent('20-22', { min: 0, max: 60 }).ok).toBe(false);
  });
});

describe('writing', () => {
  const inches: UnitChoice = { ...METRIC, length: 'inch-fraction', mass: 'lb-oz', volume: 'fl-oz' };

  it('reduces fractions and drops empty parts', () => {
    expect(text(writeLength(92.075, inches))).toBe('3 5/8 in');
    expect(text(writeLength(15.875, inches))).toBe('5/8 in');
    expect(text(writeLength(25.4, inches))).toBe('1 in');
    expect(text(writeLength(25.39, inches))).toBe('1 in');
    expect(text(writeLength(0.01, inches))).toBe('0 in');
  });

  it('carries ounces into pounds', () => {
    expect(text(writeMass(453.59, inches))).toBe('1 lb 0 oz');
    expect(text(writeMass(646.6, inches))).toBe('1 lb 6.8 oz');
    expect(text(writeMass(100, inches))).toBe('3.5 oz');
    expect(text(writeVolume(266.16, inches))).toBe('9 fl oz');
  });

  it('quotes without letting markup through', () => {
    expect(quote('<img src=x onerror=alert(1)>')).not.toMatch(/[<>]/);
    expect(quote('x'.repeat(500)).length).toBeLessThan(50);
  });

  const choices = fc.record({
    length: fc.constantFrom('mm', 'cm', 'in', 'inch-fraction' as const),
    denominator: fc.constantFrom(2, 4, 8, 16, 32, 64),
  });

  it('is read back to what was shown, in every unit', () => {
    const precision = { mm: 0.05, cm: 0.05, in: 0.127, 'inch-fraction': 0 };
    fc.assert(
      fc.property(choices, fc.double({ min: 8, max: 2900, noNaN: true }), ({ length, denominator }, mm) => {
        const choice = { ...METRIC, length, denominator } as UnitChoice;
        const shown = text(writeLength(mm, choice));
        const read = readLength(shown, { unit: bareUnit[choice.length] });
        const half = length === 'inch-fraction' ? 25.4 / denominator / 2 : precision[choice.length];
        expect(read.ok && Math.abs(read.value - mm)).toBeLessThanOrEqual(half + 1e-9);
        expect(read.ok && text(writeLength(read.value, choice))).toBe(shown);
      }),
      { seed: 20261123, numRuns: 600 },
    );
  });

  it('never throws, whatever is typed', () => {
    fc.assert(
      fc.property(fc.constantFrom('length', 'mass', 'volume' as const), fc.string({ unit: 'binary' }), (kind, typed) => {
        const read = readQuantity(kind as 'length', typed);
        if (read.ok) expect(read.value).toBeGreaterThan(0);
        else expect(read.problem.message).not.toMatch(/[<>]/);
      }),
      { seed: 7, numRuns: 2000 },
    );
  });
});

describe('a point before three figures', () => {
  it.each(['1.200', '1.200 g', ' 1.200g', '12.500', '999.999'])('asks of %j what it marks, where that is to be asked', (written) => {
    expect(value('mass', written, { point: 'ask' })).toMatch(/could mean \d+ or [\d.]+\. Enter the one you mean\./);
  });

  it.each(['1.2', '1.20', '1.2000', '0.125', '1.200 kg', '4.125 oz', '1.200 lb', '1200', '1,2'])('does not ask of %j', (written) => {
    expect(value('mass', written, { point: 'ask' })).toBe(value('mass', written));
    expect(value('mass', written, { point: 'thousands' })).toBe(value('mass', written));
  });

  it('is asked of every figure it can be, and is one of the two it names', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 999 }),
        fc.integer({ min: 0, max: 999 }),
        fc.constantFrom('length', 'mass', 'volume'),
        (n, m, kind) => {
          const places = String(m).padStart(3, '0');
          const read = (point: 'ask' | 'decimals' | 'thousands') => value(kind as 'mass', `${n}.${places}`, { point });
          const [decimal, thousands] = [Number(`${n}.${places}`), Number(`${n}${places}`)];
          // a length of more than 100 m is no length
          if (kind === 'length' && thousands > 1e5) {
            expect([read('ask'), read('thousands')]).toEqual([read('decimals'), read('decimals')]);
            return;
          }
          expect(read('ask')).toContain(`could mean ${thousands} or ${decimal}.`);
          expect(read('decimals')).toBeCloseTo(decimal, 9);
          expect(read('thousands')).toBe(thousands);
          expect(value(kind as 'mass', String(thousands), { point: 'ask' })).toBe(thousands);
        },
      ),
      { seed: 12, numRuns: 300 },
    );
  });

  it('is what was said it is', () => {
    expect(value('mass', '1.200 g', { point: 'thousands' })).toBe(1200);
    expect(value('length', '1.200', { point: 'decimals' })).toBe(1.2);
    expect(value('length', '1.200', { point: 'ask', unit: 'in' })).toBeCloseTo(30.48);
  });
});

describe('reading the sizes of a piece', () => {
  const sizes = (typed: string, options = {}) => {
    const read = readSizes(typed, options);
    return read && (read.ok ? read.value : read.problem.message);
  };

  it.each([
    ['80 x 90', {}, [80, 90]],
    ['80x90', {}, [80, 90]],
    ['80 × 90 mm', {}, [80, 90]],
    ['8 by 9 cm', {}, [80, 90]],
    ['80 * 90', {}, [80, 90]],
    ['180 x 100 x 60', {}, [180, 100, 60]],
    ['4 x 3 1/2 in', {}, [101.6, 88.9]],
    ['4 x 3 1/2', { unit: 'in' }, [101.6, 88.9]],
    ['4" x 3"', {}, [101.6, 76.2]],
    ['12,5 x 90', {}, [12.5, 90]],
    ['½ x ¾ in', {}, [12.7, 19.05]],
  ])('reads %j', (typed, options, lengths) => {
    expect(sizes(typed, options)).toEqual(lengths);
  });

  it('takes nothing else for several sizes', () => {
    for (const typed of ['80', '80 x', 'x 90', 'max 80', '80-90', '1 x 2 x 3 x 4', 'box 80']) expect(sizes(typed)).toBeUndefined();
  });

  it('says which of them is none', () => {
    expect(sizes('80 x 90 g')).toContain('weight');
    expect(sizes('80 x 0')).toContain('zero');
  });
});

describe('reading several lengths', () => {
  const several = (typed: string, options = {}) => {
    const read = readLengths(typed, options);
    return read.ok ? read.value : read.problem.message;
  };

  it.each([
    ['71.8 72.4 73.1', {}, [71.8, 72.4, 73.1]],
    ['71,8; 72,4\n73,1', {}, [71.8, 72.4, 73.1]],
    ['71.8 mm; 3 in', {}, [71.8, 76.2]],
    ['2 13/16; 2 7/8', { unit: 'in' }, [71.4375, 73.025]],
    ['', {}, []],
  ])('%j', (typed, options, wanted) => {
    const read = several(typed, options);
    expect(read).toEqual((wanted as number[]).map((each) => expect.closeTo(each, 9)));
  });

  it('says which one is none, and what goes between two', () => {
    expect(several('71.8; blue')).toMatch(/“blue”.*semicolon between/);
    expect(several('2 13/16 2 7/8', { unit: 'in' })).toMatch(/semicolon between/);
  });
});
