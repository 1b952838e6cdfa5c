import { describe, expect, it } from 'vitest';
import { remembering } from '.';

describe('what is remembered', () => {
  const counted = () => {
    let times = 0;
    const sum = remembering((_: object, { a, b }: { readonly a: readonly number[]; readonly b?: number }) => {
      times += 1;
      return a.reduce((all, each) => all + each, b ?? 0);
    });
    return { sum, times: () => times };
  };
  const thing = {};

  it('is worked out once while all of its inputs are the same', () => {
    const { sum, times } = counted();
    const a = [1, 2];
    expect([sum(thing, { a }), sum(thing, { a }), sum(thing, { a })]).toEqual([3, 3, 3]);
    expect(times()).toBe(1);
  });

  it('is worked out anew for any input that changed, came or went, and for another thing', () => {
    const { sum, times } = counted();
    const a = [1, 2];
    expect(sum(thing, { a })).toBe(3);
    expect(sum(thing, { a: [1, 2, 3] })).toBe(6);
    expect(sum(thing, { a, b: 1 })).toBe(4);
    expect(sum(thing, { a })).toBe(3);
    expect(sum({}, { a })).toBe(3);
    expect(times()).toBe(5);
  });
});
