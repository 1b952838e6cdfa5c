import type { Sorted } from '@/core/clay';
import { describe, expect, it } from 'vitest';
import { DEMO } from '@/core/example';
import { type KnownClay, clayNow } from '@/core/part';
import type { BarRecord } from '@/core/records';
import { heightRestsOn, restsOnWords } from '.';

type Used = Sorted<BarRecord>;

const sample = (kind: 'bar' | 'piece', sameBatch: boolean, unused?: Used['unused']): Used =>
  ({ sample: { kind, firing: {} }, sameBatch, unused }) as unknown as Used;

const many = (count: number, ...of: Parameters<typeof sample>): Used[] => Array.from({ length: count }, () => sample(...of));

/** What a clay is believed for: so many bars' worth of each voice. */
const rests = (sorted: Used[], voices: { own?: number; others?: number; prior?: number }, more: object = {}): string =>
  restsOnWords({
    body: { kind: 'porcelain' },
    firing: {},
    evidence: { sorted, otherFiringStandsIn: false },
    figures: { belief: { voices: { own: 0, others: 0, prior: 1, ...voices } } },
    ...more,
  } as unknown as KnownClay);

describe('what a belief rests on, in words', () => {
  it('is the figure alone while nothing was fired', () => {
    expect(rests([], {})).toBe('From the typical figure for porcelain only. No bars fired yet.');
    expect(rests(many(3, 'bar', true, 'warped'), {}, { body: { kind: 'stoneware', shrinkagePercent: 12 } })).toBe(
      'From the supplier’s figure only. No bars fired yet.',
    );
    expect(rests([], {}, { body: { kind: 'stoneware', shrinkagePercent: [11, 12] } })).toBe(
      'From the supplier’s range only. No bars fired yet.',
    );
    expect(rests([], {}, { body: undefined })).toBe('From the typical figure for stoneware only. No bars fired yet.');
  });

  it('counts bars and pieces, of this batch and of others, and says what each counts as', () => {
    expect(rests(many(1, 'bar', true), { own: 1, prior: 0.5 })).toBe(
      'From 1 bar of this batch, with the typical figure for porcelain counted as about half a bar.',
    );
    expect(rests(many(2, 'piece', true), { own: 2, prior: 1 })).toBe(
      'From 2 pieces of this batch, with the typical figure for porcelain counted as about 1 bar.',
    );
    const both = [...many(2, 'bar', true), ...many(1, 'piece', true), ...many(3, 'bar', false), ...many(2, 'bar', false, 'not fired')];
    expect(rests(both, { own: 3, others: 1.2, prior: 4.4 })).toBe(
      'From 2 bars and 1 piece of this batch; 3 bars of other batches (together count as about 1 bar), with the typical figure for porcelain counted as about 4 bars.',
    );
  });

  it.each([
    [0.2, 'less than half a bar'],
    [0.34, 'less than half a bar'],
    [0.35, 'about half a bar'],
    [0.74, 'about half a bar'],
    [0.75, 'about 1 bar'],
    [1.6, 'about 2 bars'],
  ])('tells a weight of %d as %s', (prior, words) =>
    expect(rests(many(1, 'bar', true), { own: 9, prior })).toContain(`counted as ${words}.`),
  );

  it('says when bars of another firing stand in', () => {
    const evidence = { sorted: many(1, 'bar', true), otherFiringStandsIn: true };
    expect(rests([], { own: 2 }, { evidence, firing: { cone: '6' } })).toContain(
      'None of them was fired to cone 6. They are used until one is.',
    );
    expect(rests([], { own: 2 }, { evidence })).toContain('None of them was fired like this. They are used until one is.');
    expect(rests(many(1, 'bar', true), { own: 2 })).not.toContain('None of them');
  });
});

describe('what a clay does in height', () => {
  it('is told as measured only where heights were, as entered where somebody did, and else not at all', () => {
    const unmeasured = { ...DEMO, bars: [], runs: [], pieces: [] };
    for (const { id } of DEMO.bodies) {
      const { heightEvidence } = clayNow(DEMO, id);
      const used = heightEvidence.sorted.some(({ unused }) => !unused);
      expect(heightRestsOn(clayNow(DEMO, id))).toBe(used ? 'measured' : undefined);
      expect(heightRestsOn(clayNow(unmeasured, id))).toBeUndefined();
      const entered = { ...unmeasured, bodies: DEMO.bodies.map((body) => ({ ...body, heightShrinkagePercent: 9 })) };
      expect(heightRestsOn(clayNow(entered, id))).toBe('entered');
    }
    expect(heightRestsOn(clayNow(DEMO, 'body-quarry-grog'))).toBeUndefined();
  });
});
