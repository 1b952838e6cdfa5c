import { expect, it } from 'vitest';
import { readLengths, writeLengths } from './read-lengths';

it.each([
  ['88.1', [88.1]],
  ['88,1', [88.1]],
  ['88.1; 88.3', [88.1, 88.3]],
  ['3 1/2 in', [88.9]],
  ['8.81 cm;', [88.1]],
  ['', []],
])('%j is read as %j', (text, lengths) => {
  const read = readLengths(text);
  expect(read.ok && read.value.map((mm) => Number(mm.toFixed(6)))).toEqual(lengths);
});

it('refuses the whole when one of several is no length', () => {
  expect(readLengths('88.1; about 88')).toMatchObject({ ok: false, problem: { message: expect.stringContaining('about 88') } });
});

it('is written as it is read', () => {
  expect(writeLengths([88.1, 88.25])).toBe('88.1; 88.25');
  expect(writeLengths(undefined)).toBe('');
});
