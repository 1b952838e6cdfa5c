import { normalFrom, uniformFrom } from '@/core/fit';
import { describe, expect, it } from 'vitest';
import { loadShelves, matchSets, scheduleFrom } from '.';
import { extras } from './extras';
import { countSets, setExtras } from './set-extras';

const make = (spreads: readonly number[], loss: number) =>
  setExtras({ sets: 2, size: 5, spreads, loss, odds: 0.9 }, normalFrom(3), uniformFrom(4));

describe('how many for sets that match', () => {
  it('is what sums give where all agree', () => {
    const { make: least } = extras(10, 0.9, 0.1);
    expect(Math.abs(make([0.001], 0.1).make - least)).toBeLessThanOrEqual(1);
  });

  it('takes more the more they differ, and in the more sizes they must agree', () => {
    const counts = [make([0.1], 0.1), make([0.5], 0.1), make([0.5, 0.5], 0.1)].map((each) => each.make);
    expect(counts.toSorted((a, b) => a - b)).toEqual(counts);
    expect(counts[2]!).toBeGreaterThan(counts[0]!);
  });

  it('of two that agree is as likely as the difference of two normals is small, in each size by itself', () => {
    const between = (x: number) => {
      // the area under a normal between -x and x, by Simpson's rule
      const n = 400;
      const at = (i: number) => Math.exp(-((((2 * i) / n - 1) * x) ** 2) / 2) / Math.sqrt(2 * Math.PI);
      const weight = (i: number) => (i === 0 || i === n ? 1 : i % 2 ? 4 : 2);
      return ((2 * x) / n / 3) * Array.from({ length: n + 1 }, (_, i) => weight(i) * at(i)).reduce((a, b) => a + b, 0);
    };
    const chance = (sd: number) => between(1 / (sd * Math.SQRT2));
    for (const spreads of [[0.9], [2], [0.7, 1.2], [0.6, 0.5, 1]]) {
      const { make: two, odds } = setExtras({ sets: 1, size: 2, spreads, loss: 0, odds: 0.02 }, normalFrom(5), uniformFrom(6));
      expect(two).toBe(2);
      expect(Math.abs(odds - spreads.map(chance).reduce((a, b) => a * b, 1))).toBeLessThan(0.06);
    }
    // one lost is one fewer: both must stay
    const lossy = setExtras({ sets: 1, size: 2, spreads: [0.01], loss: 0.3, odds: 0.02 }, normalFrom(5), uniformFrom(6));
    expect(Math.abs(lossy.odds - 0.49)).toBeLessThan(0.06);
  });

  it('counts sets of some by hand', () => {
    expect(countSets([[0], [1], [1.1], [2.05]], 2)).toBe(2);
    expect(countSets([[0], [1.01], [2.02]], 2)).toBe(0);
    // agreeing in the first is not enough
    expect(
      countSets(
        [
          [0, 0],
          [0.1, 2],
          [0.2, 0.5],
          [0.3, 2.9],
        ],
        2,
      ),
    ).toBe(2);
    expect(
      countSets(
        [
          [0, 0, 0],
          [0, 0, 3],
          [0, 0.9, 0.2],
        ],
        2,
      ),
    ).toBe(1);
    expect(countSets([], 2)).toBe(0);
  });

  it('counts no more sets than there are, and nearly all of them', () => {
    const normal = normalFrom(9);
    let [quick, best] = [0, 0];
    for (let i = 0; i < 40; i += 1) {
      const points = Array.from({ length: 22 }, () => [normal() * 0.5, normal() * 0.4]);
      const exact = matchSets(points, 4).sets.length;
      expect(countSets(points, 4)).toBeLessThanOrEqual(exact);
      quick += countSets(points, 4);
      best += exact;
    }
    expect(quick / best).toBeGreaterThan(0.85);
  });
});

describe('onwards from a day', () => {
  const week = { workdays: [1, 2, 3, 4, 5], off: ['2026-12-25'] };

  it('works on working days, waits on any, and loads the kiln on a working day', () => {
    const steps = [
      { name: 'throw', days: 2 },
      { name: 'dry', days: 3, waits: true },
      { name: 'fire', days: 2, waits: true, loaded: true },
    ];
    expect(scheduleFrom('2026-12-24', steps, week)).toEqual({
      ok: true,
      value: [
        { name: 'throw', from: '2026-12-24', to: '2026-12-28' },
        { name: 'dry', from: '2026-12-29', to: '2026-12-31' },
        { name: 'fire', from: '2027-01-01', to: '2027-01-02' },
      ],
    });
    expect(scheduleFrom('2028-02-28', [{ name: 'throw', days: 2 }], week)).toMatchObject({ value: [{ to: '2028-02-29' }] });
  });

  it('is refused where no day is worked', () => {
    expect(scheduleFrom('2026-12-24', [{ name: 'throw', days: 1 }], { workdays: [], off: [] })).toMatchObject({
      ok: false,
      problem: { path: 'workdays' },
    });
  });
});

describe('kiln shelves', () => {
  it('stand pieces apart, none over the edge, as few shelves as that takes', () => {
    const { shelves, tooWide } = loadShelves([{ name: 'cup', across: 90, count: 20 }], 400, 400);
    expect(tooWide).toEqual([]);
    expect(shelves.map(({ standing }) => standing.length)).toEqual([16, 4]);
    for (const { standing } of shelves)
      for (const [i, a] of standing.entries()) {
        expect(Math.max(a.x, a.y) + a.across).toBeLessThanOrEqual(400);
        for (const b of standing.slice(i + 1)) expect(Math.max(Math.abs(a.x - b.x), Math.abs(a.y - b.y))).toBeGreaterThanOrEqual(100);
      }
  });

  it('are as long as they are, whatever their shape', () => {
    const { shelves } = loadShelves([{ name: 'plate', across: 190, count: 4 }], 800, 200);
    expect(shelves.map(({ standing }) => standing.length)).toEqual([4]);
    expect(loadShelves([{ name: 'plate', across: 190, count: 5 }], 200, 800).shelves.map(({ standing }) => standing.length)).toEqual([
      4, 1,
    ]);
  });

  it('says what no shelf takes', () => {
    expect(loadShelves([{ name: 'platter', across: 420, count: 2 }], 400, 500)).toEqual({
      shelves: [],
      tooWide: [{ name: 'platter', across: 420, count: 2 }],
    });
  });
});
