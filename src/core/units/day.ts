import { quote } from './quote';
import { type Result, bad, good } from './result';

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

const iso = (year: number, month: number, day: number): string | undefined => {
  const text = `${String(year).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
  const real = new Date(`${text}T00:00:00Z`);
  return Number.isNaN(real.getTime()) || real.toISOString().slice(0, 10) !== text ? undefined : text;
};

const monthOf = (word: string): number => MONTHS.indexOf(word.slice(0, 3).toLowerCase()) + 1;

/**
 * A day as people write it: 2026-12-18, 18 Dec, December 18, 18.12., 18.12.2026; without a year the next such day from today on.
 * Days that differ by country, such as 3/4, are refused.
 *
 * @param today ISO date
 * @example readDay('18 dec', '2026-11-26') // '2026-12-18'
 */
export function readDay(text: string, today: string): Result<string> {
  const typed = text.trim();
  const full = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(typed);
  const worded =
    /^(\d{1,2})(?:st|nd|rd|th)?\.?\s+([a-z]{3,9})\.?,?(?:\s+(\d{4}))?$/i.exec(typed) ??
    /^([a-z]{3,9})\.?\s+(\d{1,2})(?:st|nd|rd|th)?,?(?:\s+(\d{4}))?$/i.exec(typed);
  const dotted = /^(\d{1,2})\.\s?(\d{1,2})\.\s?(\d{4})?$/.exec(typed);
  const year = Number(today.slice(0, 4));
  const next = (month: number, day: number, said: string | undefined): string | undefined => {
    if (said !== undefined) return iso(Number(said), month, day);
    return [0, 1, 2, 3, 4].map((more) => iso(year + more, month, day)).find((each) => each !== undefined && each >= today);
  };
  let found: string | undefined;
  if (full) found = iso(Number(full[1]), Number(full[2]), Number(full[3]));
  else if (dotted) found = next(Number(dotted[2]), Number(dotted[1]), dotted[3]);
  else if (worded) {
    const [day, month] = /^\d/.test(worded[1]!) ? [worded[1]!, worded[2]!] : [worded[2]!, worded[1]!];
    if (monthOf(month) > 0) found = next(monthOf(month), Number(day), worded[3]);
  }
  return found ? good(found) : bad('', `${quote(typed)} is not a day. Enter it such as 18 Dec or 2026-12-18.`);
}
