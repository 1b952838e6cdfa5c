import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  METRIC,
  type UnitChoice,
  fineMass,
  handLength,
  handMass,
  text,
  unbroken,
  writeLength,
  writeMass,
  writePercent,
  writeVolume,
} from '.';

const INCHES: UnitChoice = { ...METRIC, length: 'inch-fraction', mass: 'lb-oz', volume: 'fl-oz', denominator: 16 };
const DECIMAL_INCHES: UnitChoice = { ...INCHES, length: 'in' };
const CENTIMETRES: UnitChoice = { ...METRIC, length: 'cm' };
const INCH = 25.4;
const OUNCE = 28.349523125;

describe('a length written out', () => {
  it('has no needless noughts, and keeps those of a whole number', () => {
    expect([100, 92.06, 4.04, 0.04].map((mm) => text(writeLength(mm, METRIC)))).toEqual(['100 mm', '92.1 mm', '4 mm', '0 mm']);
    expect([1000, 92.06, 4.04].map((mm) => text(writeLength(mm, CENTIMETRES)))).toEqual(['100 cm', '9.21 cm', '0.4 cm']);
    expect([10 * INCH, INCH / 3].map((mm) => text(writeLength(mm, DECIMAL_INCHES)))).toEqual(['10 in', '0.33 in']);
  });

  it('is the nearest of the fractions asked for, reduced; of what is thinner than half an inch it says on which side of it it lies', () => {
    const written = (mm: number, denominator: number) => text(writeLength(mm, { ...INCHES, denominator }));
    expect(written((3 + 10 / 16) * INCH, 16)).toBe('3 5/8 in');
    expect(written((3 + 9 / 16) * INCH, 8)).toBe('3 5/8 in');
    expect(written(4 * INCH, 4)).toBe('4 in');
    expect(written(7, 8)).toBe('full 1/4 in');
    expect(written((13 / 64) * INCH, 8)).toBe('full 3/16 in');
    expect(written((13 / 64) * INCH, 16)).toBe('full 3/16 in');
    expect(written((13 / 64) * INCH, 64)).toBe('13/64 in');
    expect(written((3 / 16) * INCH, 16)).toBe('3/16 in');
    expect([0.4, 0.8, 1.2].map((mm) => written(mm, 16))).toEqual(['1/64 in', '1/32 in', '3/64 in']);
    expect(written(0.1, 16)).toBe('0 in');
    expect(written(0.5 * INCH, 8)).toBe('1/2 in');
    expect(written((33 / 64) * INCH, 8)).toBe('1/2 in');
    expect(written((33 / 64) * INCH, 64)).toBe('33/64 in');
    // just half an inch is no longer thin: 12.7 mm is two quarters exactly, a hair less is 32 of 64
    expect(written(12.69, 2)).toBe('1/2 in');
    expect(written(12.3, 2)).toBe('scant 1/2 in');
    expect(written(12.9, 2)).toBe('1/2 in');
    expect(written(13.3, 2)).toBe('1/2 in');
  });

  it('of a thin length is never more than a sixth off, in no finer fraction than that asks for', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 12.69, noNaN: true }), fc.constantFrom(2, 4, 8, 16, 32, 64), (mm, denominator) => {
        const { whole, fraction = [0, 1], lean } = writeLength(mm, { ...INCHES, denominator });
        const off = (Number(whole) + fraction[0] / fraction[1]) * INCH - mm;
        expect(Math.abs(off)).toBeLessThanOrEqual(Math.max(mm / 6, INCH / 128) + 1e-9);
        if (lean) expect(Math.sign(off)).toBe(lean === 'scant' ? 1 : -1);
        // from three times the fraction on the chosen one is always near enough
        if (mm >= (3 * INCH) / denominator) expect(fraction[1]).toBeLessThanOrEqual(denominator);
      }),
      { numRuns: 400, seed: 8 },
    );
  });

  it('in fractions is never further off than half of the finest', () => {
    fc.assert(
      fc.property(fc.double({ min: 13, max: 900, noNaN: true }), fc.constantFrom(2, 4, 8, 16, 32, 64), (mm, denominator) => {
        const { whole, fraction = [0, 1] } = writeLength(mm, { ...INCHES, denominator });
        expect(Math.abs(Number(whole) + fraction[0] / fraction[1] - mm / INCH)).toBeLessThanOrEqual(0.5 / denominator + 1e-9);
        if (fraction[0] > 0) expect(fraction[0] % 2).toBe(1);
      }),
      { numRuns: 100, seed: 12 },
    );
  });
});

describe('a mass and a volume written out', () => {
  it('are in whole grams and millilitres, or in ounces to a tenth', () => {
    expect(text(writeMass(644.6, METRIC))).toBe('645 g');
    expect(text(writeMass(7 * OUNCE, INCHES))).toBe('7 oz');
    expect(text(writeMass(33.25 * OUNCE, INCHES))).toBe('2 lb 1.3 oz');
    // 15.96 oz would be written 16.0 oz: that is a pound
    expect(text(writeMass(15.96 * OUNCE, INCHES))).toBe('1 lb 0 oz');
    expect(text(writeVolume(557.4, METRIC))).toBe('557 ml');
    expect(text(writeVolume(29.5735295625 * 12.34, INCHES))).toBe('12.3 fl oz');
    expect(text(writeVolume(28.4130625 * 12.34, { ...INCHES, flOz: 'imperial' }))).toBe('12.3 fl oz');
  });

  it('go without their unit, except where pounds need their ounces', () => {
    expect(text(writeMass(644.6, METRIC), false)).toBe('645');
    expect(text(writeMass(7 * OUNCE, INCHES), false)).toBe('7');
    expect(text(writeMass(33.25 * OUNCE, INCHES), false)).toBe('2 lb 1.3 oz');
    expect(unbroken('3 5/8 in')).toBe('3\u00a05/8\u00a0in');
  });
});

describe('what a hand can set', () => {
  it('is a millimetre, below 30 mm half of one, in centimetres too', () => {
    for (const units of [METRIC, CENTIMETRES]) {
      expect([92.4, 30, 29.8, 12.6, 0.1].map((mm) => handLength(mm, units))).toEqual([92, 30, 30, 12.5, 0.5]);
      expect([30.4, 30.6].map((mm) => handLength(mm, units))).toEqual([30, 31]);
    }
  });

  it('is a sixteenth of an inch, below 30 mm a thirty-second', () => {
    for (const units of [INCHES, DECIMAL_INCHES]) {
      expect(handLength(92, units) / INCH).toBeCloseTo(58 / 16, 9);
      expect(handLength(30.1, units) / INCH).toBeCloseTo(19 / 16, 9);
      expect(handLength(30, units) / INCH).toBeCloseTo(19 / 16, 9);
      expect(handLength(28.6, units) / INCH).toBeCloseTo(36 / 32, 9);
      expect(handLength(29.4, units) / INCH).toBeCloseTo(37 / 32, 9);
      expect(handLength(0.01, units) / INCH).toBeCloseTo(1 / 32, 9);
    }
  });

  it('on a scale is 5 g or a quarter of an ounce, on a good one 1 g or a tenth', () => {
    expect([647.4, 642.6, 1].map((g) => handMass(g, METRIC))).toEqual([645, 645, 5]);
    expect([647.4, 0.2].map((g) => fineMass(g, METRIC))).toEqual([647, 1]);
    expect(handMass(7.4 * OUNCE, INCHES) / OUNCE).toBeCloseTo(7.5, 9);
    expect(fineMass(7.44 * OUNCE, INCHES) / OUNCE).toBeCloseTo(7.4, 9);
    expect(fineMass(0.01 * OUNCE, INCHES) / OUNCE).toBeCloseTo(0.1, 9);
  });
});

it('a percentage is written to a tenth, a range with a dash between', () => {
  expect([writePercent(11.54), writePercent(12), writePercent(11.54, 0), writePercent([10, 12.25])]).toEqual([
    '11.5%',
    '12%',
    '12%',
    '10–12.3%',
  ]);
});
