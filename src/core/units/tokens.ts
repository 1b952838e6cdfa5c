import { readDecimal } from './number';
import { quote } from './quote';
import { type Result, bad, good } from './result';
import type { Unit } from './tables';

/** An amount with the unit written behind it, if any: `3 5/8 in`, `12,5`. */
export interface Amount {
  readonly value: number;
  readonly hasFraction: boolean;
  readonly unit?: Unit;
  /** As written, for messages. */
  readonly text: string;
}

/** What stands in the way of reading a text: the words could not be taken for a number or a known unit. */
export interface Unread {
  readonly at: string;
  readonly expected: 'number' | 'unit';
}

/** Marks that nobody sees: soft hyphens, zero-width characters, directions, byte-order marks. They come with what is pasted. */
const INVISIBLE = /[\u00ad\u034f\u061c\u180e\u200b-\u200f\u202a-\u202e\u2060-\u206f\ufe00-\ufe0f\ufeff]/g;

/** Everything but figures that mean something else than a plain figure: raised, lowered and circled ones stay, to be refused. */
const PLAIN = /[^\u00b2\u00b3\u00b9\u2070-\u209f\u2460-\u24ff\u2776-\u2793]+/g;

/** Thousands set apart by spaces, with a unit: `1 000 mm`, `12 500,5 g`. Without one it could be two figures. */
const GROUPED = /^\d{1,3}(?: \d{3})+(?=(?:[.,]\d+)? ?[a-z"'])/i;

/**
 * Makes the many ways of writing one thing into one: unicode fractions and primes, curly quotes, thin and
 * no-break spaces, hyphened mixed numbers, thousands set apart, a plus in front, full stops after abbreviations, capitals.
 */
export function normalise(text: string): string {
  return (
    text
      .replace(INVISIBLE, '')
      .replace(/cm\u00b3/gi, 'cm3')
      .replace(/[\u00bc-\u00be\u2150-\u215e\u2189]/g, (vulgar) => ` ${vulgar.normalize('NFKC')} `)
      .replace(PLAIN, (plain) => plain.normalize('NFKC'))
      .replace(/[\u2044\u2215]/g, '/')
      .replace(/[\u2032\u2019\u2018\u02b9\u00b4]/g, "'")
      .replace(/[\u2033\u201c\u201d\u02ba]|''/g, '"')
      .replace(/\u2212/g, '-')
      .replace(/(\d)\s*-\s*(?=\d+\s*\/)/g, '$1 ')
      .replace(/([a-z])\./gi, '$1 ')
      // a comma between two units is one that is spoken: 4 lb, 3 oz
      .replace(/([a-z"'])\s*,\s*(?=\d)/gi, '$1 ')
      .replace(/\s+/g, ' ')
      .trim()
      .replace(/^\+ ?(?=[\d.,])/, '')
      .replace(GROUPED, (grouped) => grouped.replaceAll(' ', ''))
      .toLowerCase()
  );
}

const NUMBER = /^(?:\d+(?:[.,]\d*)*|[.,]\d[\d.,]*)/;
const FRACTION = /^(\d+) ?\/ ?(\d+)(?![\d.,/])/;

function readAmount(text: string): Result<{ value: number; hasFraction: boolean; length: number } | undefined> {
  const fraction = FRACTION.exec(text);
  if (fraction) return fractionValue(fraction, 0, 0);
  const number = NUMBER.exec(text);
  if (!number) return good(undefined);
  const decimal = readDecimal(number[0]);
  if (!decimal.ok) return decimal;
  const rest = text.slice(number[0].length);
  const mixed = /^\d+$/.test(number[0]) ? FRACTION.exec(rest.replace(/^ /, '')) : null;
  if (mixed && rest.startsWith(' ')) return fractionValue(mixed, decimal.value, number[0].length + 1);
  return good({ value: decimal.value, hasFraction: false, length: number[0].length });
}

function fractionValue(match: RegExpExecArray, whole: number, offset: number) {
  const [all, top, bottom] = match;
  if (Number(bottom) === 0) return bad('', `${quote(all!)} divides by nothing. Enter a fraction such as 5/8.`);
  return good({ value: whole + Number(top) / Number(bottom), hasFraction: true, length: offset + all!.length });
}

/** The unit whose longest way of writing the text begins with, if any. */
export function findUnit(text: string, units: readonly Unit[]): { unit: Unit; length: number } | undefined {
  let best: { unit: Unit; length: number } | undefined;
  for (const unit of units) {
    for (const word of unit.written) {
      if (word.length <= (best?.length ?? 0) || !text.startsWith(word)) continue;
      const next = text.charAt(word.length);
      if (/[a-z]$/.test(word) && /[a-z]/.test(next)) continue;
      best = { unit, length: word.length };
    }
  }
  return best;
}

/** Splits a normalised text into amounts. What it cannot take it hands back as `unread`, for the caller to explain. */
export function readAmounts(text: string, units: readonly Unit[]): Result<{ amounts: Amount[]; unread?: Unread }> {
  const amounts: Amount[] = [];
  let rest = text;
  while (rest !== '') {
    const read = readAmount(rest);
    if (!read.ok) return read;
    if (!read.value) return good({ amounts, unread: { at: rest, expected: amounts.length ? 'unit' : 'number' } });
    const { value, hasFraction, length } = read.value;
    const behind = rest.slice(length).trimStart();
    const found = findUnit(behind, units);
    const end = rest.length - behind.length + (found?.length ?? 0);
    amounts.push({ value, hasFraction, text: rest.slice(0, end).trim(), ...(found && { unit: found.unit }) });
    const left = rest.slice(end).trimStart();
    if (!found && left !== '' && !NUMBER.test(left)) return good({ amounts, unread: { at: left, expected: 'unit' } });
    rest = left;
  }
  return good({ amounts });
}
