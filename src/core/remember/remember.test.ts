import { describe, expect, it } from 'vitest';
import { onceAlike, onceEach, remembering } from '.';

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

describe('what is worked out once', () => {
  it('for each thing, is worked out once for it', () => {
    let times = 0;
    const size = onceEach((list: readonly number[]) => (times += 1) && list.length);
    const list = [1, 2];
    expect([size(list), size(list), size([1, 2])]).toEqual([2, 2, 2]);
    expect(times).toBe(2);
  });

  it('for the same question, is worked out once however it was put together, and so many are kept', () => {
    const asked: number[] = [];
    const half = onceAlike(2, ({ of }: { readonly of: number }) => {
      asked.push(of);
      return of / 2;
    });
    expect([4, 4, 6, 4].map((of) => half({ of }))).toEqual([2, 2, 3, 2]);
    expect(asked).toEqual([4, 6]);
    expect([half({ of: Infinity }), half({ of: -Infinity })]).toEqual([Infinity, -Infinity]);
    asked.splice(2);
    half({ of: 8 });
    expect(half({ of: 4 })).toBe(2);
    expect(asked).toEqual([4, 6, 8, 4]);
  });
});
