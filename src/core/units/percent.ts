import { readDecimal } from './number';
import { quote } from './quote';
import { type Result, bad, good } from './result';

/** One percentage, or a range of them, lower first. */
export type PercentRange = number | readonly [number, number];

export interface PercentLimits {
  readonly min: number;
  readonly max: number;
}

/**
 * Reads a percentage or a range: `11.5`, `11,5 %`, `10-12`, `10 to 12 %`.
 * Figures outside the limits are refused with the limits named.
 *
 * @example readPercentRange('10 – 12 %', { min: 0.1, max: 30 }) // { ok: true, value: [10, 12] }
 */
export function readPercentRange(text: string, limits: PercentLimits): Result<PercentRange> {
  const parts = text
    .replace(/%|per ?cent/gi, ' ')
    .split(/\s*(?:[-–—]|\bto\b|\.\.+|…)\s*/)
    .map((part) => part.trim());
  const example = 'such as 11.5 or 10-12';
  if (parts.length > 2 || parts.some((part) => !/^[\d.,]+$/.test(part))) {
    return bad('', `${quote(text)} is not a percentage. Enter one ${example}.`);
  }
  const values: number[] = [];
  for (const part of parts) {
    const read = readDecimal(part);
    if (!read.ok) return read;
    if (read.value < limits.min || read.value > limits.max) {
      return bad('', `${quote(text)} is outside ${limits.min} to ${limits.max}%. Enter one ${example}.`);
    }
    values.push(read.value);
  }
  const [low, high] = values as [number, number?];
  if (high === undefined || high === low) return good(low);
  return good(low < high ? [low, high] : [high, low]);
}

/**
 * Reads what a clay loses of its length: a percentage or a range of them, or a factor as some workshops write it (`1.15` to make wet
 * sizes of finished ones, `.87` of what is left). Below 1 a percentage is asked for: 0.13 could be 13 of a hundred.
 *
 * @example readShrinkage('1.15', { min: 0.1, max: 30 }) // { ok: true, value: 13.043... }
 */
export function readShrinkage(text: string, limits: PercentLimits): Result<PercentRange> {
  const plain = text.trim().replace(/^×\s*/, '');
  const factor = /^[\d.,]+$/.test(plain) ? readDecimal(plain) : undefined;
  if (factor?.ok && factor.value > 1 && factor.value < 1.43 && /[.,]\d\d/.test(plain)) return good(round(100 * (1 - 1 / factor.value)));
  if (factor?.ok && factor.value >= 0.7 && factor.value < 1) return good(round(100 * (1 - factor.value)));
  if (factor?.ok && factor.value < 1 && !text.includes('%')) {
    const meant = round(factor.value * 100);
    return bad('', `${quote(text)} is less than 1 in 100. If you mean ${meant}%, enter ${meant}. If you mean ${plain}%, enter ${plain}%.`);
  }
  return readPercentRange(text, limits);
}

const round = (percent: number): number => Number(percent.toFixed(4));

/** As {@link readPercentRange}, one figure only. */
export function readPercent(text: string, limits: PercentLimits): Result<number> {
  const read = readPercentRange(text, limits);
  if (!read.ok) return read;
  if (typeof read.value !== 'number') return bad('', `${quote(text)} is a range. Enter one figure, such as 21.`);
  return good(read.value);
}
