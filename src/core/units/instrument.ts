/** A figure an instrument sent, as a person would type it; undefined where the line holds none. */
const READING = /([-+]?)\s*(\d+(?:[.,]\d+)?)\s*(kg|g|oz|lb|mm|in)?\b/i;

/**
 * What one line from a scale or a caliper says, as text for a field: "ST,GS,+ 431.5 g" is "431.5 g". A line without a unit
 * gives the bare number. Negative and empty readings are none.
 *
 * @example readingOf('  431.5 g\r') // '431.5 g'
 */
export function readingOf(line: string): string | undefined {
  const [, sign, figure, unit] = READING.exec(line) ?? [];
  if (!figure || sign === '-' || Number(figure.replace(',', '.')) === 0) return undefined;
  // a point is always decimal; a comma before three digits could be a thousand
  return `${figure.replace(',', '.')}${unit ? ` ${unit.toLowerCase()}` : ''}`;
}

/** Cuts what arrives in pieces into whole lines; the rest waits. */
export function linesOf(waiting: string, arrived: string): { readonly lines: readonly string[]; readonly rest: string } {
  const all = (waiting + arrived).split(/\r\n|\n|\r/);
  return { lines: all.slice(0, -1), rest: all.at(-1) ?? '' };
}
