import { type Result, bad, good } from '@/core/units';

/** A step of the work: whole days. */
export interface WorkStep {
  readonly name: string;
  readonly days: number;
  /** Nobody works on it: it firms, dries or cools, on any days. */
  readonly waits?: boolean | undefined;
  /** A kiln is loaded: it begins on a working day. */
  readonly loaded?: boolean | undefined;
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

/**
 * Dates for the steps of an order, backwards from the day it is due: a working step takes whole working days and ends on the latest before
 * the next begins; a waiting one takes days as they come; one that is loaded begins on a working day (computation.md section 15). A week
 * without a working day is refused.
 */
export function schedule(due: string, steps: readonly WorkStep[], { workdays, off }: WorkDays): Result<readonly Dated[]> {
  const free = new Set(off);
  const works = (day: number) => workdays.includes(weekday(day)) && !free.has(dateOf(day));
  const earliest = dayOf(due) - FURTHEST;
  const workingAtOrBefore = (day: number): number | undefined => {
    let at = day;
    while (at > earliest && !works(at)) at -= 1;
    return at > earliest ? at : undefined;
  };
  const none = bad('workdays', 'There is no working day in ten years before that day. Say which days of the week are worked.');
  const dated: Dated[] = [];
  let until = dayOf(due);
  for (const { name, days, waits = false, loaded = false } of steps.toReversed()) {
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
