import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Dated, type WorkStep, daysOn, schedule, scheduleFrom, weekdayOf } from './schedule';

const DAY = 86_400_000;
const on = (date: string, days: number): string => new Date(Date.parse(`${date}T00:00:00Z`) + days * DAY).toISOString().slice(0, 10);
const weekday = (date: string): number => ((new Date(`${date}T00:00:00Z`).getUTCDay() + 6) % 7) + 1;

const week = { workdays: [1, 2, 3, 4, 5], off: ['2026-11-11'] };
const works = (date: string): boolean => week.workdays.includes(weekday(date)) && !week.off.includes(date);

const anySteps = fc.array(
  fc.record({ name: fc.constant('step'), days: fc.integer({ min: 1, max: 9 }), waits: fc.boolean(), loaded: fc.boolean() }),
  { minLength: 1, maxLength: 6 },
);
const anyDay = fc.integer({ min: 0, max: 700 }).map((days) => on('2026-01-01', days));

function made<T>(result: { readonly ok: boolean; readonly value?: T }): T {
  if (!result.ok) throw new Error('It can be planned.');
  return result.value!;
}

/** The days from one to another, both included. */
function daysOf({ from, to }: Pick<Dated, 'from' | 'to'>): string[] {
  const all: string[] = [];
  for (let day = from; day <= to; day = on(day, 1)) all.push(day);
  return all;
}

/** What holds of dated steps whichever way they were found. */
function hold(dated: readonly Dated[], steps: readonly WorkStep[]): void {
  for (const [i, each] of dated.entries()) {
    const { days, waits, loaded } = steps[i]!;
    const all = daysOf(each);
    expect(waits ? all.length : all.filter(works).length).toBe(days);
    if (!waits) expect([works(each.from), works(each.to)]).toEqual([true, true]);
    if (loaded) expect(works(each.from)).toBe(true);
    if (i > 0) expect(each.from > dated[i - 1]!.to).toBe(true);
  }
}

describe('days of the week', () => {
  it('are those of the calendar, before 1970 too', () => {
    for (const date of ['2026-11-26', '2024-02-29', '1969-12-31', '1900-03-01']) expect(weekdayOf(date)).toBe(weekday(date));
  });

  it('go on over months and leap days, and back', () => {
    expect(daysOn('2028-02-28', 2)).toBe('2028-03-01');
    expect(daysOn('2027-02-28', 2)).toBe('2027-03-02');
    expect(daysOn('2027-01-01', -1)).toBe('2026-12-31');
  });
});

describe('backwards from the day it is due', () => {
  it('every step has its days, none overlaps, and each ends as late as it can', () => {
    fc.assert(
      fc.property(anySteps, anyDay, (steps, due) => {
        const dated = made(schedule(due, steps, week));
        hold(dated, steps);
        let until = due;
        for (const [i, each] of [...dated.entries()].reverse()) {
          const { waits, loaded } = steps[i]!;
          const between = daysOf({ from: on(each.to, 1), to: until });
          // what is loaded may have to begin sooner and so end sooner
          if (!waits) expect(between.filter(works)).toEqual([]);
          else if (!loaded) expect(each.to).toBe(until);
          else expect(daysOf({ from: on(each.from, 1), to: on(each.from, between.length) }).filter(works)).toEqual([]);
          until = on(each.from, -1);
        }
      }),
      { numRuns: 150, seed: 15 },
    );
  });

  it('a step that is to end sooner does, and one that would anyway stays', () => {
    const steps = [
      { name: 'throw', days: 1 },
      { name: 'fire', days: 2, waits: true, by: '2026-11-18' },
    ];
    expect(made(schedule('2026-11-30', steps, week))).toEqual([
      { name: 'throw', from: '2026-11-16', to: '2026-11-16' },
      { name: 'fire', from: '2026-11-17', to: '2026-11-18' },
    ]);
    const late = steps.map((step) => ({ ...step, by: step.by && '2026-12-24' }));
    expect(made(schedule('2026-11-30', late, week)).at(-1)!.to).toBe('2026-11-30');
  });

  it('a week without a working day is refused, one with a single day is not', () => {
    const step = [{ name: 'throw', days: 2 }];
    expect(schedule('2026-11-30', step, { workdays: [], off: [] })).toMatchObject({ ok: false, problem: { path: 'workdays' } });
    expect(made(schedule('2026-11-30', step, { workdays: [2], off: [] }))).toEqual([
      { name: 'throw', from: '2026-11-17', to: '2026-11-24' },
    ]);
    // waiting alone needs none
    expect(made(schedule('2026-11-30', [{ name: 'dry', days: 3, waits: true }], { workdays: [], off: [] }))[0]!.from).toBe('2026-11-28');
    expect(schedule('2026-11-30', [{ name: 'fire', days: 3, waits: true, loaded: true }], { workdays: [], off: [] }).ok).toBe(false);
  });
});

describe('onwards from a day', () => {
  it('every step has its days, none overlaps, and each begins as soon as it can', () => {
    fc.assert(
      fc.property(anySteps, anyDay, (steps, start) => {
        const dated = made(scheduleFrom(start, steps, week));
        hold(dated, steps);
        let from = start;
        for (const [i, each] of dated.entries()) {
          const { waits, loaded } = steps[i]!;
          const free = daysOf({ from, to: on(each.from, -1) });
          expect(free.filter((date) => (waits && !loaded) || works(date))).toEqual([]);
          from = on(each.to, 1);
        }
      }),
      { numRuns: 150, seed: 16 },
    );
  });

  it('is refused where nobody ever works', () => {
    expect(scheduleFrom('2026-11-30', [{ name: 'throw', days: 1 }], { workdays: [], off: [] })).toMatchObject({
      ok: false,
      problem: { path: 'workdays' },
    });
  });
});
