import { quote } from './quote';
import { type Result, bad, good } from './result';
import { type FluidOunce, type Kind, type Unit, unitsOf } from './tables';
import { type Amount, findUnit, normalise, readAmounts } from './tokens';

export interface ReadOptions {
  /** The unit a bare number is in; by default mm, g or ml. */
  readonly unit?: string;
  /** Which fluid ounce, cup and pint are meant when the text does not say; US by default. */
  readonly flOz?: FluidOunce;
  /**
   * Refuse a fraction without its unit when bare numbers are metric. A person typing `3 5/8` into a
   * millimetre field means inches; the headless contract takes it for millimetres.
   */
  readonly fractionsNeedUnit?: boolean;
  /** Zero is a figure here: an allowance of nothing. Refused otherwise. */
  readonly zero?: boolean;
}

interface KindWords {
  readonly own: string;
  readonly noun: string;
  readonly example: string;
  /** Beyond this the text is a slip, in mm, g, ml: 100 m, 10 t, 10,000 l. */
  readonly most: number;
  readonly mostText: string;
}

const WORDS: Record<Kind, KindWords> = {
  length: { own: 'mm', noun: 'a length', example: '92, 9.2 cm or 3 5/8 in', most: 1e5, mostText: '100 m' },
  mass: { own: 'g', noun: 'a weight', example: '650, 0.65 kg or 1 lb 7 oz', most: 1e7, mostText: '10 tonnes' },
  volume: { own: 'ml', noun: 'a volume', example: '500, 0.5 l or 9 fl oz', most: 1e7, mostText: '10,000 litres' },
};

const KINDS: readonly Kind[] = ['length', 'mass', 'volume'];

/**
 * Reads a length, mass or volume as people write it and returns mm, g or ml.
 * Decimal commas, mixed and unicode fractions, feet and inches, pounds and ounces, fluid ounces are understood;
 * what is ambiguous, foreign, zero, negative or absurd is refused with the reason and an example that would do.
 *
 * @example readQuantity('length', '3 5/8 in') // { ok: true, value: 92.075 }
 * @example readQuantity('mass', '1,200 g') // refused: could mean 1200 or 1.2
 */
export function readQuantity(kind: Kind, text: string, options: ReadOptions = {}): Result<number> {
  const { noun, example, own } = WORDS[kind];
  const units = unitsOf(kind, options.flOz);
  const plain = normalise(text);
  if (plain === '') return bad('', `Write ${noun}, such as ${example}.`);
  if (/^-/.test(plain)) return bad('', `${quote(text)} is negative. Write ${noun} above zero, such as ${example}.`);
  if (/\d ?[-–—] ?\d/.test(plain)) return bad('', `${quote(text)} looks like a range. Write one figure, such as ${example}.`);

  const thousands = /^(\d{1,3})'(\d{3})(?!\d)/.exec(plain);
  if (thousands) {
    const [, before, after] = thousands;
    return bad(
      '',
      `${quote(text)} could mean ${before}${after} or ${before} feet and ${after}. Write ${before}${after}, or ${before} ft and the inches.`,
    );
  }
  const read = readAmounts(plain, units);
  if (!read.ok) return read;
  const { amounts, unread } = read.value;
  if (unread) return bad('', foreign(text, unread.at, unread.expected, kind));

  const bare = units.find((unit) => unit.name === (options.unit ?? own)) ?? units[0]!;
  const sum = addUp(text, amounts, units, bare, kind);
  if (!sum.ok) return sum;
  if (options.fractionsNeedUnit && bare.name !== 'in' && amounts.some((a) => a.hasFraction && !a.unit)) {
    return bad('', `${quote(text)} has a fraction but no unit. Write ${plain} in, or a decimal such as 92.5.`);
  }
  return withinReason(kind, text, tidy(sum.value), options.zero ?? false);
}

/** Drops the last binary digits, so that 3 5/8 in is 92.075 mm and not 92.07499999999999. */
const tidy = (value: number): number => Number(value.toPrecision(14));

/** Less than this is a slip, in mm, g, ml. */
const LEAST = 0.001;

function withinReason(kind: Kind, text: string, value: number, zero: boolean): Result<number> {
  const { noun, example, most, mostText } = WORDS[kind];
  if (value === 0 && zero) return good(0);
  if (!(value > 0)) return bad('', `${quote(text)} is zero. Write ${noun} above zero, such as ${example}.`);
  if (value < LEAST) return bad('', `${quote(text)} is less than can be measured. Write ${noun} such as ${example}.`);
  if (!(value <= most)) return bad('', `${quote(text)} is more than ${mostText}. Write ${noun} such as ${example}.`);
  return good(value);
}

/** Adds up `1 ft 3 5/8 in`: each further unit must be one that follows the one before, and not overflow it. */
function addUp(text: string, amounts: readonly Amount[], units: readonly Unit[], bare: Unit, kind: Kind): Result<number> {
  let total = 0;
  let before: (Amount & { unit: Unit }) | undefined;
  for (const amount of amounts) {
    const next = before?.unit.bareNext;
    const unit = amount.unit ?? (before ? units.find(({ name }) => name === next) : bare);
    const two = `${quote(text)} has two numbers in a row. Write one, such as ${WORDS[kind].example}.`;
    if (!unit) return bad('', two);
    if (before) {
      const mayFollow = before.unit.then?.includes(unit.name);
      if (!mayFollow) return bad('', amount.unit ? `${quote(text)} mixes ${before.unit.name} and ${unit.name}. Use one of them.` : two);
      if (!Number.isInteger(before.value) || amount.value * unit.factor >= before.unit.factor * (1 - 1e-12)) {
        return bad(
          '',
          `${quote(text)} does not add up: ${quote(amount.text)} after ${quote(before.text)}. Use one unit, such as ${WORDS[kind].example}.`,
        );
      }
    } else if (!amount.unit && amounts.length > 1) return bad('', two);
    total += amount.value * unit.factor;
    before = { ...amount, unit };
  }
  return good(total);
}

function foreign(text: string, at: string, expected: 'number' | 'unit', kind: Kind): string {
  const { noun, example } = WORDS[kind];
  const word = /^[^\s\d]+/.exec(at)?.[0] ?? at;
  const other = KINDS.find((k) => k !== kind && findUnit(at, unitsOf(k)));
  if (expected === 'unit' && other) {
    return `${quote(text)} is ${WORDS[other].noun}; this is ${noun}. Write it such as ${example}.`;
  }
  if (expected === 'unit') return `${quote(word)} in ${quote(text)} is not a unit known here. Write ${noun} such as ${example}.`;
  return `${quote(text)} is not ${noun}. Write it such as ${example}.`;
}

export const readLength = (text: string, options?: ReadOptions): Result<number> => readQuantity('length', text, options);

/**
 * Several lengths as they are read off one after the other: a semicolon or a line between two; where no unit is written a space will do. mm
 *
 * @example readLengths('71.8 72.4; 3 in', { unit: 'mm' }) // { ok: true, value: [71.8, 72.4, 76.2] }
 */
export function readLengths(text: string, options?: ReadOptions): Result<number[]> {
  const parts = text.split(/[;\n]/).flatMap((part) => (/[a-z/\u00bc-\u00be\u2150-\u215e]/i.test(part) ? [part] : part.trim().split(/\s+/)));
  const lengths: number[] = [];
  for (const part of parts.filter((each) => each.trim() !== '')) {
    const read = readLength(part.trim(), options);
    if (!read.ok) return bad(read.problem.path, `${read.problem.message} Put a semicolon between two lengths.`);
    lengths.push(read.value);
  }
  return good(lengths);
}
