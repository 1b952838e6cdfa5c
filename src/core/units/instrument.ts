import { readQuantity } from './read';

/** What an instrument puts before its figure: short words with a comma or a colon each, and a plus. */
const BEFORE = /^(?:[a-z]{1,8}\s*[,:]\s*)*\+?\s*/i;
const PLAIN = /^([\d.,]+)\s*([a-z]*)$/i;

/**
 * What one line from a scale or a caliper says, as text for a field: "ST,GS,+ 431.5 g" is "431.5 g". A line without a unit
 * gives the bare number. The whole line is read or nothing: what is negative, empty, or anything but one weight or length is none.
 *
 * @example readingOf('  431.5 g\r') // '431.5 g'
 */
export function readingOf(line: string): string | undefined {
  const text = line.trim().replace(BEFORE, '').trim().replace(/\s+/g, ' ');
  if (!readQuantity('mass', text).ok && !readQuantity('length', text).ok) return undefined;
  const [, figure, unit] = PLAIN.exec(text) ?? [];
  // a point is always decimal; a comma before three digits could be a thousand and was not read
  return figure ? `${figure.replace(',', '.')}${unit ? ` ${unit.toLowerCase()}` : ''}` : text;
}

/** Cuts what arrives in pieces into whole lines; the rest waits. */
export function linesOf(waiting: string, arrived: string): { readonly lines: readonly string[]; readonly rest: string } {
  const all = (waiting + arrived).split(/\r\n|\n|\r/);
  return { lines: all.slice(0, -1), rest: all.at(-1) ?? '' };
}
