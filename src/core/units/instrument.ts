import { readQuantity } from './read';

/**
 * What may stand before the figure of a reading, each a word of its own: stable, gross or net, and the letters some scales begin
 * with. Anything else makes it no reading: an unstable weight, a tare, an error, a count, a battery, a temperature, a least or a most.
 */
const HEADERS = new Set(['st', 'gs', 'nt', 'net', 'gross', 'g', 'n', 's', 'ww', 'w', '+']);

/** Framed by these, or numbered by the address of the scale on its line. */
const FRAME = /^[\u0002\u0001]+|[\u0003\u0004]+$/g;
const ADDRESS = /^(?:@|#)?\d{2}(?:\s+|[:;])(?=\S*[a-z+])/i;

/** The units that a scale or a caliper sends behind its figure; a figure without one is not typed. */
const UNITS = new Set(['g', 'kg', 'mg', 'lb', 'lbs', 'oz', 'mm', 'cm', 'in', 'inch', '"']);

const READING = /^([\d.,]+)\s*([a-z"]+)$/i;
const IMPERIAL = /^(?:\d+\s*lbs?\s+)?\d+(?:\.\d+)?\s*oz$/i;
const FRACTIONED = /^\d+(?:\s+\d+\/\d+)?\s*(?:in|")$/i;

/** Takes the words before the figure away; undefined where one of them is no header of a reading. */
function afterHeaders(line: string): string | undefined {
  let rest = line;
  for (;;) {
    const head = /^([a-z]+|\+)(?:\s*[,:]\s*|\s+|(?=[\d.+]))/i.exec(rest);
    if (!head) return rest;
    if (!HEADERS.has(head[1]!.toLowerCase())) return undefined;
    rest = rest.slice(head[0].length);
  }
}

/**
 * What one line from a scale or a caliper says, as text for a field: "ST,GS,+ 431.5 g" is "431.5 g". The whole line is read or nothing:
 * only known headers, one figure above zero, and a unit. What is unstable, negative or anything else than a weight or a length is none.
 *
 * @example readingOf('S S     100.00 g\r') // '100.00 g'
 */
export function readingOf(line: string): string | undefined {
  const plain = line.replace(/\r$/, '').trim().replace(FRAME, '').trim();
  const text = (afterHeaders(plain.replace(ADDRESS, '')) ?? '').trim().replace(/\s+/g, ' ').replace(/ S$/, '');
  const [, figure, unit] = READING.exec(text) ?? [];
  const known = figure !== undefined ? UNITS.has(unit!.toLowerCase()) : IMPERIAL.test(text) || FRACTIONED.test(text);
  if (!known || (!readQuantity('mass', text).ok && !readQuantity('length', text).ok)) return undefined;
  // a point is always decimal; a comma before three digits could be a thousand and was not read
  return figure !== undefined ? `${figure.replace(',', '.')} ${unit!.toLowerCase()}` : text;
}

/** Cuts what arrives in pieces into whole lines; the rest waits. */
export function linesOf(waiting: string, arrived: string): { readonly lines: readonly string[]; readonly rest: string } {
  const all = (waiting + arrived).split(/\r\n|\n|\r/);
  return { lines: all.slice(0, -1), rest: all.at(-1) ?? '' };
}
