import { type Result, bad, good } from '@/core/units';

/** A step of the work: whole days. */
export interface WorkStep {
  readonly name: string;
  readonly days: number;
  /** Nobody works on it: it firms, dries or cools, on any days. */
  readonly waits?: boolean | undefined;
  /** A kiln is loaded: it begins on a working day. */
  readonly loaded?: boolean | undefined;
  /** ISO date it is to end by at the latest, earlier than it would. */
  readonly by?: string | undefined;
}

/** When a step is done, ISO dates, both included. */
export interface Dated {
  readonly name: string;
  readonly from: string;
  readonly to: string;
}

export interface WorkDays {
  /** 1 is Monday. */
  readonly workdays: readonly number[];
  /** ISO dates. */
  readonly off: readonly string[];
}

const DAY = 86_400_000;
/** No order is planned further ahead. Days. */
const FURTHEST = 3660;

const dayOf = (date: string): number => Math.round(Date.parse(`${date}T00:00:00Z`) / DAY);
const dateOf = (day: number): string => new Date(day * DAY).toISOString().slice(0, 10);

/** 1 January 1970 was a Thursday. */
const weekday = (day: number): number => ((((day + 3) % 7) + 7) % 7) + 1;

/** Whether a day is worked. */
function worksOn({ workdays, off }: WorkDays): (day: number) => boolean {
  const free = new Set(off);
  return (day) => workdays.includes(weekday(day)) && !free.has(dateOf(day));
}

/**
 * Dates for the steps of an order, backwards from the day it is due: a working step takes whole working days and ends on the latest before
 * the next begins; a waiting one takes days as they come; one that is loaded begins on a working day (how-it-computes.md, Sets and orders). A week
 * without a working day is refused.
 */
export function schedule(due: string, steps: readonly WorkStep[], week: WorkDays): Result<readonly Dated[]> {
  const works = worksOn(week);
  const earliest = dayOf(due) - FURTHEST;
  const workingAtOrBefore = (day: number): number | undefined => {
    let at = day;
    while (at > earliest && !works(at)) at -= 1;
    return at > earliest ? at : undefined;
  };
  const none = bad('workdays', 'No working day found. Choose your working days in Workshop settings.');
  const dated: Dated[] = [];
  let until = dayOf(due);
  for (const { name, days, waits = false, loaded = false, by } of steps.toReversed()) {
    if (by !== undefined) until = Math.min(until, dayOf(by));
    const last = waits ? until : workingAtOrBefore(until);
    if (last === undefined) return none;
    let from: number | undefined = last;
    if (waits) {
      from = last - days + 1;
      if (loaded) from = workingAtOrBefore(from);
    } else {
      for (let left = days - 1; left > 0 && from !== undefined; left -= 1) from = workingAtOrBefore(from - 1);
    }
    if (from === undefined) return none;
    dated.unshift({ name, from: dateOf(from), to: dateOf(waits ? from + days - 1 : last) });
    until = from - 1;
  }
  return good(dated);
}

/**
 * Dates for the same steps onwards from a day: each begins as soon as the one before is done. A working step takes working days, a waiting
 * one days as they come, and a kiln is loaded on a working day.
 */
export function scheduleFrom(start: string, steps: readonly WorkStep[], week: WorkDays): Result<readonly Dated[]> {
  const works = worksOn(week);
  const last = dayOf(start) + FURTHEST;
  const dated: Dated[] = [];
  let next = dayOf(start);
  const working = (day: number): number => {
    let at = day;
    while (at < last && !works(at)) at += 1;
    return at;
  };
  for (const { name, days, waits = false, loaded = false } of steps) {
    const from = waits && !loaded ? next : working(next);
    let to = from;
    for (let left = days - 1; left > 0; left -= 1) to = waits ? to + 1 : working(to + 1);
    if (to >= last) return bad('workdays', 'There is no working day in ten years after that day. Say which days of the week are worked.');
    dated.push({ name, from: dateOf(from), to: dateOf(to) });
    next = to + 1;
  }
  return good(dated);
}

/** An ISO date so many days on. */
export const daysOn = (date: string, days: number): string => dateOf(dayOf(date) + days);

/** Which day of the week an ISO date is: 1 is Monday. */
export const weekdayOf = (date: string): number => weekday(dayOf(date));
