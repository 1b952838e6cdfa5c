import fc from 'fast-check';
import { expect, it } from 'vitest';
import { checksum } from '.';

it('gives the check value of the standard', () => {
  expect(checksum('123456789')).toBe('cbf43926');
  expect(checksum('')).toBe('00000000');
});

it('notices every single changed byte', () => {
  fc.assert(
    fc.property(fc.uint8Array({ minLength: 1, maxLength: 200 }), fc.nat(), fc.integer({ min: 1, max: 255 }), (bytes, at, by) => {
      const changed = Uint8Array.from(bytes);
      changed[at % bytes.length] = changed[at % bytes.length]! ^ by;
      expect(checksum(changed)).not.toBe(checksum(bytes));
    }),
    { seed: 27 },
  );
});
