import { quote } from './quote';
import { type Result, bad, good } from './result';
import { type FluidOunce, type Kind, type Unit, unitsOf } from './tables';
import { type Amount, findUnit, normalise, readAmounts } from './tokens';
import { LEAN_MM, type UnitChoice } from './write';

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
  /** What a point before exactly three figures marks, of mm, g or ml: decimals unless said; where it is to be asked, the text is refused. */
  readonly point?: PointMarks | undefined;
}

/** What a point in a figure may mark: `1.200 g` is 1.2 g in some countries and 1200 g in others. */
export type PointMarks = NonNullable<UnitChoice['point']> | 'ask';

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

/** A little less than a fraction, or a little more, as workshops say it and as thin lengths are written here. */
const LEAN = /^\s*(?:a )?(scant|full) (.*[/\u00bc-\u00be\u2150-\u215e].*)$/i;

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
  const [, lean, fraction] = (kind === 'length' && LEAN.exec(text)) || [];
  if (!lean || !fraction) return readPlain(kind, text, options);
  const read = readPlain(kind, fraction, options);
  return read.ok ? good(tidy(read.value + (lean.toLowerCase() === 'full' ? LEAN_MM : -LEAN_MM))) : read;
}

/** A length, mass or volume with nothing before its figures. */
function readPlain(kind: Kind, text: string, options: ReadOptions): Result<number> {
  const { noun, example, own } = WORDS[kind];
  const units = unitsOf(kind, options.flOz);
  const plain = normalise(text);
  if (plain === '') return bad('', `Enter ${noun}, such as ${example}.`);
  if (/^-/.test(plain)) return bad('', `${quote(text)} is negative. Enter ${noun} above zero, such as ${example}.`);
  if (/\d ?[-–—] ?\d/.test(plain)) return bad('', `${quote(text)} looks like a range. Enter one figure, such as ${example}.`);

  const thousands = /^(\d{1,3})'(\d{3})(?!\d)/.exec(plain);
  if (thousands) {
    const [, before, after] = thousands;
    return bad(
      '',
      `${quote(text)} could mean ${before}${after} or ${before} feet and ${after}. Enter ${before}${after}, or ${before} ft and the inches.`,
    );
  }
  const read = readAmounts(plain, units);
  if (!read.ok) return read;
  const { amounts, unread } = read.value;
  if (unread) return bad('', foreign(text, unread.at, unread.expected, kind));

  const bare = units.find((unit) => unit.name === (options.unit ?? own)) ?? units[0]!;
  const pointed =
    options.point === undefined || options.point === 'decimals' ? undefined : pointedOf(text, amounts, bare, WORDS[kind].most);
  if (pointed && options.point === 'ask') {
    return bad('', `${quote(text)} could mean ${pointed.thousands} or ${pointed.decimal}. Enter the one you mean.`);
  }
  const sum = pointed ? good(pointed.thousands) : addUp(text, amounts, units, bare, kind);
  if (!sum.ok) return sum;
  if (options.fractionsNeedUnit && bare.name !== 'in' && amounts.some((a) => a.hasFraction && !a.unit)) {
    return bad('', `${quote(text)} has a fraction but no unit. Enter ${plain} in, or a decimal such as 92.5.`);
  }
  return withinReason(kind, text, tidy(sum.value), options.zero ?? false);
}

/**
 * Both readings of a figure whose point stands before exactly three places, in mm, g or ml. Of larger units, three places are what a
 * scale or a rule shows: 1.200 kg is never asked. Nor is what could only be absurd: 100 m and more.
 */
function pointedOf(text: string, amounts: readonly Amount[], bare: Unit, most: number): { thousands: number; decimal: number } | undefined {
  const [amount] = amounts;
  const both = amounts.length === 1 && (amount!.unit ?? bare).factor === 1 ? bothReadings(text) : undefined;
  return both && both.decimal === amount?.value && both.thousands <= most ? both : undefined;
}

/** What a figure such as `1.200` means with its point for thousands, and with its point for decimals; undefined where that is no question. */
export function bothReadings(text: string): { readonly thousands: number; readonly decimal: number } | undefined {
  const [, before, after] = /^\s*\+?\s*([1-9]\d{0,2})\.(\d{3})(?![\d.,])/.exec(text) ?? [];
  return before && after ? { thousands: Number(before + after), decimal: Number(`${before}.${after}`) } : undefined;
}

/** Drops the last binary digits, so that 3 5/8 in is 92.075 mm and not 92.07499999999999. */
const tidy = (value: number): number => Number(value.toPrecision(14));

/** Less than this is a slip, in mm, g, ml. */
const LEAST = 0.001;

function withinReason(kind: Kind, text: string, value: number, zero: boolean): Result<number> {
  const { noun, example, most, mostText } = WORDS[kind];
  if (value === 0 && zero) return good(0);
  if (!(value > 0)) return bad('', `${quote(text)} is zero. Enter ${noun} above zero, such as ${example}.`);
  if (value < LEAST) return bad('', `${quote(text)} is too small to measure. Enter ${noun}, such as ${example}.`);
  if (!(value <= most)) return bad('', `${quote(text)} is more than ${mostText}. Enter ${noun} such as ${example}.`);
  return good(value);
}

/** Adds up `1 ft 3 5/8 in`: each further unit must be one that follows the one before, and not overflow it. */
function addUp(text: string, amounts: readonly Amount[], units: readonly Unit[], bare: Unit, kind: Kind): Result<number> {
  let total = 0;
  let before: (Amount & { unit: Unit }) | undefined;
  for (const amount of amounts) {
    const next = before?.unit.bareNext;
    const unit = amount.unit ?? (before ? units.find(({ name }) => name === next) : bare);
    const two = `${quote(text)} has two numbers in a row. Enter one, such as ${WORDS[kind].example}.`;
    if (!unit) return bad('', two);
    if (before) {
      const mayFollow = before.unit.then?.includes(unit.name);
      if (!mayFollow) return bad('', amount.unit ? `${quote(text)} mixes ${before.unit.name} and ${unit.name}. Use one of them.` : two);
      if (!Number.isInteger(before.value) || amount.value * unit.factor >= before.unit.factor * (1 - 1e-12)) {
        return bad(
          '',
          `${quote(text)} cannot be read: ${quote(amount.text)} after ${quote(before.text)}. Use one unit, such as ${WORDS[kind].example}.`,
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
    return `${quote(text)} is ${WORDS[other].noun}; this is ${noun}. Enter it such as ${example}.`;
  }
  if (expected === 'unit') return `${quote(word)} in ${quote(text)} is not a unit Rimbet knows. Enter ${noun}, such as ${example}.`;
  return `${quote(text)} is not ${noun}. Enter it such as ${example}.`;
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

/**
 * Two or three lengths of one piece, as people write them together: "80 x 90", "7 by 4 by 2 1/2 in", mm. A unit said once at the end is
 * that of all. Undefined for what is none of these.
 *
 * @example readSizes('80 x 90', { unit: 'mm' }) // { ok: true, value: [80, 90] }
 */
export function readSizes(text: string, options: ReadOptions = {}): Result<number[]> | undefined {
  const parts = text.split(/\s*(?:[x×*]|\bby\b)\s*(?=[\d.,\u00bc-\u00be\u2150-\u215e])/i).map((part) => part.trim());
  if (parts.length < 2 || parts.length > 3 || !parts.every((part) => /^[\d.,\u00bc-\u00be\u2150-\u215e]/.test(part))) return undefined;
  const unit = /["'\u2032\u2033a-z]+\.?$/i.exec(parts.at(-1)!)?.[0];
  const lengths: number[] = [];
  for (const part of parts) {
    const read = readLength(unit && !/["'\u2032\u2033a-z]/i.test(part) ? `${part} ${unit}` : part, options);
    if (!read.ok) return read;
    lengths.push(read.value);
  }
  return good(lengths);
}
