import { describe, expect, it } from 'vitest';
import { pairHeight, stackHeight, thumbRules } from '.';

describe('rules of thumb for making more', () => {
  it.each([
    [3, { tenth: 4, thirdOfOrder: 4, thirdOfBatch: 5 }],
    [6, { tenth: 7, thirdOfOrder: 8, thirdOfBatch: 9 }],
    [10, { tenth: 11, thirdOfOrder: 14, thirdOfBatch: 15 }],
    [12, { tenth: 14, thirdOfOrder: 16, thirdOfBatch: 18 }],
    [40, { tenth: 44, thirdOfOrder: 54, thirdOfBatch: 60 }],
  ])('for %d are whole pieces', (need, rules) => expect(thumbRules(need)).toEqual(rules));
});

describe('how high they stand', () => {
  it('is one and the pitch for each further; of two the higher of both', () => {
    expect([stackHeight(80, 12, 1), stackHeight(80, 12, 6)]).toEqual([80, 140]);
    expect([pairHeight(120, 60, 40), pairHeight(60, 60, 40)]).toEqual([120, 100]);
  });
});
