import { METRIC } from '@/core/units';
import { expect, it } from 'vitest';
import { caliperUnit, readLengths, writeLengths } from './read-lengths';

it.each([
  ['88.1', 'mm', [88.1]],
  ['88,1', 'mm', [88.1]],
  ['88.1; 88.3', 'mm', [88.1, 88.3]],
  ['3 1/2 in', 'mm', [88.9]],
  ['8.81 cm;', 'mm', [88.1]],
  ['', 'mm', []],
  ['3.5', 'in', [88.9]],
  ['3.5; 3 1/2', 'in', [88.9, 88.9]],
  ['88.9 mm', 'in', [88.9]],
] as const)('%j with a caliper in %s is read as %j', (text, unit, lengths) => {
  const read = readLengths(text, unit);
  expect(read.ok && read.value.map((mm) => Number(mm.toFixed(6)))).toEqual(lengths);
});

it('refuses the whole when one of several is no length', () => {
  expect(readLengths('88.1; about 88', 'mm')).toMatchObject({ ok: false, problem: { message: expect.stringContaining('about 88') } });
});

it('is written as a caliper shows it', () => {
  expect(writeLengths([88.1, 88.25], 'mm')).toBe('88.1; 88.25');
  expect(writeLengths([88.9, 88.1], 'in')).toBe('3.5; 3.469');
  expect(writeLengths(undefined, 'mm')).toBe('');
});

it('is in inches for those who work in inches, in whatever they write them, and in mm for the rest', () => {
  expect((['mm', 'cm', 'in', 'inch-fraction'] as const).map((length) => caliperUnit({ ...METRIC, length }))).toEqual([
    'mm',
    'mm',
    'in',
    'in',
  ]);
});
