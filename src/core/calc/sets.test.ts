import { formOf, type Outline, sectionOf } from '@/core/form';
import { stacked } from '@/core/sets';
import { NOTHING_LOST, size } from '@/core/sizing';
import { clayFigures } from '@/core/clay';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type VerbName, calculate } from '.';

function answered<T>(verb: VerbName, input: unknown): T {
  const answer = calculate(verb, input);
  if (!answer.ok) throw new Error(answer.problem.message);
  return answer.value as T;
}

const refused = (verb: VerbName, input: unknown): string => {
  const answer = calculate(verb, input);
  if (answer.ok) throw new Error(`not refused: ${JSON.stringify(answer.value)}`);
  return answer.problem.path;
};

const cup = (height: number, rimDiameter: number, baseDiameter: number, wall: number, floor: number) => ({
  family: 'cylinder',
  height,
  rimDiameter,
  baseDiameter,
  wall,
  floor,
});

interface Stack {
  pitch: number;
  height: number;
  touch: { radius: number; on: string };
}

describe('stack', () => {
  it('meets its reference cases', () => {
    const alone = answered<Stack>('stack', { form: cup(90, 96, 70, 4.5, 6) });
    expect(alone.pitch).toBeCloseTo(31.4772, 4);
    expect(alone.touch).toEqual({ radius: expect.closeTo(35, 9), on: 'wall' });
    expect(alone.height).toBeCloseTo(90 + 31.4772, 4);
    const into = answered<Stack>('stack', { form: cup(70, 110, 60, 5, 6), onto: cup(85, 136, 74, 5, 7) });
    expect([into.pitch, into.touch.on]).toEqual([expect.closeTo(7, 9), 'floor']);
    expect(into.height).toBeCloseTo(85, 9);
    expect(answered<Stack>('stack', { form: cup(90, 96, 70, 4.5, 6), count: 5 }).height).toBeCloseTo(90 + 4 * alone.pitch, 9);
  });

  it('straight cups stand rim on rim, and what is impossible is refused', () => {
    const straight = answered<Stack>('stack', { form: cup(80, 80, 80, 4, 5) });
    expect(straight).toMatchObject({ pitch: 80, touch: { on: 'rim', radius: 40 } });
    expect(refused('stack', { form: { ...cup(80, 80, 80, 4, 5), height: 3 } })).toMatch(/^form\./);
    expect(refused('stack', { form: cup(80, 80, 80, 4, 5), count: 3, onto: cup(80, 80, 80, 4, 5) })).not.toBe('none');
  });

  it('is as low as sampled sections can be brought without passing through each other', () => {
    const clay = clayFigures({ kind: 'stoneware' });
    const outline = (sizes: readonly number[]): Outline => {
      const [height, rimDiameter, baseDiameter, wall, floor] = sizes as [number, number, number, number, number];
      const form = formOf({ family: 'cylinder', manner: { foot: 'flat' } }, 'glazed', { height, rimDiameter, baseDiameter, wall, floor });
      return size(clay, form, 'glazed', NOTHING_LOST).fired;
    };
    const heights = (piece: Outline, r: number): number[] => {
      const section = sectionOf(piece);
      return section.flatMap((a, i) => {
        const b = section[(i + 1) % section.length]!;
        if (r < Math.min(a.r, b.r) || r > Math.max(a.r, b.r) || a.r === b.r) return [];
        return [a.z + ((b.z - a.z) * (r - a.r)) / (b.r - a.r)];
      });
    };
    const any = fc.tuple(
      fc.double({ min: 40, max: 140, noNaN: true }),
      fc.double({ min: 70, max: 160, noNaN: true }),
      fc.double({ min: 45, max: 68, noNaN: true }),
      fc.constant(4.5),
      fc.constant(6),
    );
    fc.assert(
      fc.property(any, any, (one, other) => {
        const [lower, upper] = [outline(one), outline(other)];
        const exact = stacked(lower, upper)!.pitch;
        let sampled = -Infinity;
        for (let r = 0.013; r < 80; r += 0.05) {
          const [under, over] = [heights(lower, r), heights(upper, r)];
          if (under.length > 0 && over.length > 0) sampled = Math.max(sampled, Math.max(...under) - Math.min(...over));
        }
        expect(exact).toBeGreaterThanOrEqual(sampled - 1e-6);
        expect(exact - sampled).toBeLessThan(0.9);
      }),
      { seed: 12, numRuns: 40 },
    );
  });
});

describe('extras', () => {
  it('meets its reference cases', () => {
    expect(answered('extras', { need: 11 })).toEqual({ make: 14, odds: expect.closeTo(0.955867, 6) });
    expect(answered('extras', { need: 11, history: { made: 44, lost: 9 } })).toEqual({ make: 16, odds: expect.closeTo(0.915504, 6) });
    expect(answered('extras', { need: 12, lossPercent: 25, odds: 0.95 })).toEqual({ make: 20, odds: expect.closeTo(0.959075, 6) });
  });

  it('is the least number that does, against the sum of all outcomes', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 25 }),
        fc.integer({ min: 1, max: 60 }),
        fc.double({ min: 0.6, max: 0.99, noNaN: true }),
        (need, loss, odds) => {
          const { make, odds: reached } = answered<{ make: number; odds: number }>('extras', { need, lossPercent: loss, odds });
          const atLeast = (many: number) => {
            let rows = [1];
            for (let i = 0; i < many; i += 1) {
              const next = Array.from({ length: rows.length + 1 }, () => 0);
              rows.forEach((p, k) => {
                next[k]! += (p * loss) / 100;
                next[k + 1]! += p * (1 - loss / 100);
              });
              rows = next;
            }
            return rows.slice(need).reduce((sum, p) => sum + p, 0);
          };
          expect(reached).toBeCloseTo(atLeast(make), 9);
          expect(reached).toBeGreaterThanOrEqual(odds - 1e-9);
          if (make > need) expect(atLeast(make - 1)).toBeLessThan(odds + 1e-9);
        },
      ),
      { seed: 14, numRuns: 60 },
    );
  });

  it('nothing lost needs nothing more, and a history lost more than made is refused', () => {
    expect(answered('extras', { need: 7, lossPercent: 0 })).toEqual({ make: 7, odds: 1 });
    expect(refused('extras', { need: 7, history: { made: 3, lost: 4 } })).toBe('history.lost');
    expect(refused('extras', { need: 0 })).toBe('need');
  });
});

describe('schedule', () => {
  const steps = [
    { name: 'throw', days: 2 },
    { name: 'firm', days: 1, waits: true },
    { name: 'trim', days: 1 },
    { name: 'dry', days: 9, waits: true },
    { name: 'bisque', days: 2, waits: true, loaded: true },
    { name: 'glaze', days: 1 },
    { name: 'fire', days: 2, waits: true, loaded: true },
    { name: 'pack', days: 1 },
  ];
  const days = (input: object) =>
    answered<{ steps: { from: string; to: string }[] }>('schedule', { due: '2026-12-18', off: ['2026-12-08'], steps, ...input }).steps.map(
      ({ from, to }) => `${from.slice(5)} ${to.slice(5)}`,
    );

  it('meets its reference cases', () => {
    expect(days({})).toEqual([
      '11-26 11-27',
      '11-30 11-30',
      '12-01 12-01',
      '12-02 12-10',
      '12-11 12-12',
      '12-15 12-15',
      '12-16 12-17',
      '12-18 12-18',
    ]);
    expect(days({ steps: steps.map(({ loaded: _, ...step }) => step) })).toEqual([
      '11-30 12-01',
      '12-02 12-02',
      '12-03 12-03',
      '12-04 12-12',
      '12-13 12-14',
      '12-15 12-15',
      '12-16 12-17',
      '12-18 12-18',
    ]);
  });

  it('goes over month ends and leap days, and a week without a working day is refused', () => {
    const [one] = answered<{ steps: object[] }>('schedule', { due: '2028-03-01', steps: [{ name: 'throw', days: 3 }] }).steps;
    expect(one).toEqual({ name: 'throw', from: '2028-02-28', to: '2028-03-01' });
    expect(refused('schedule', { due: '2026-12-18', steps, workdays: [] })).toBe('workdays');
    expect(refused('schedule', { due: '2026-02-30', steps })).toBe('due');
  });

  it('no step overlaps the next, none ends after the day it is due, and work is done on working days', () => {
    const any = fc.array(
      fc.record({ name: fc.constant('step'), days: fc.integer({ min: 1, max: 9 }), waits: fc.boolean(), loaded: fc.boolean() }),
      { minLength: 1, maxLength: 8 },
    );
    fc.assert(
      fc.property(any, fc.subarray([1, 2, 3, 4, 5, 6, 7], { minLength: 1 }), (asked, workdays) => {
        const found = answered<{ steps: { from: string; to: string }[] }>('schedule', { due: '2026-12-18', steps: asked, workdays }).steps;
        const isWorked = (date: string) => workdays.includes(((new Date(date).getUTCDay() + 6) % 7) + 1);
        found.forEach(({ from, to }, i) => {
          expect(from <= to).toBe(true);
          expect(to < (found[i + 1]?.from ?? '2026-12-19')).toBe(true);
          if (!asked[i]!.waits) expect([isWorked(from), isWorked(to)]).toEqual([true, true]);
          if (asked[i]!.loaded) expect(isWorked(from)).toBe(true);
        });
      }),
      { seed: 15, numRuns: 120 },
    );
  });
});

describe('worth', () => {
  it('meets its reference case, and a price without a number is refused', () => {
    const sale = { price: 34, shopPercent: 45, costs: 2.6, minutes: 19, lossPercent: 12, wantPerHour: 45 };
    const found = answered<Record<string, number>>('worth', sale);
    expect(found.leaves).toBeCloseTo(15.7455, 4);
    expect(found.minutesPerGood).toBeCloseTo(21.5909, 4);
    expect(found.perHour).toBeCloseTo(43.7558, 4);
    expect(found.mostMinutes).toBeCloseTo(18.4747, 4);
    expect(refused('worth', { ...sale, price: 'a lot' })).toBe('price');
    // at the most minutes it brings exactly what is wanted
    const most = answered<Record<string, number>>('worth', { ...sale, minutes: found.mostMinutes });
    expect(most.perHour).toBeCloseTo(45, 6);
  });
});
