import type { Problem, Result } from './result';
import { bad, good } from './result';
import { type ReadOptions, readLength } from './read';

/** A length that may lie between two, above one, or below one. mm */
export interface Span {
  readonly least?: number | undefined;
  readonly most?: number | undefined;
}

const MOST = /^(?:≤|<=|<|at most|no (?:more|taller|wider|higher|thicker) than|max(?:imum)?\.?|up to|under|below)\s*(.+)$/i;
const LEAST = /^(?:≥|>=|>|at least|no (?:less|smaller|thinner) than|min(?:imum)?\.?|over|above)\s*(.+)$/i;
const RANGE = /^(.*?\S)\s*(?:–|—|\bto\b|\.\.+|-)\s*(\S.*)$/i;
/** A mixed number with a hyphen, 3-5/8, is one figure. */
const MIXED = /^\d+\s*-\s*\d+\s*[/\u2044]\s*\d+[^-\u2013\u2014]*$/;
const UNIT = /["'′″a-z]+\.?$/i;

/**
 * Reads a limit or a range as people write them: "104-108", "4 to 4 1/4 in", "≤ 120", "at least 7 cm". A unit said once
 * at the end is that of both. Undefined for what is none of these.
 *
 * @example readSpan('104-108 mm', options) // { ok: true, value: { least: 104, most: 108 } }
 */
export function readSpan(text: string, options: ReadOptions): Result<Span> | undefined {
  const trimmed = text.trim();
  const most = MOST.exec(trimmed)?.[1];
  if (most) return mapped(readLength(most, options), (mm) => ({ most: mm }));
  const least = LEAST.exec(trimmed)?.[1];
  if (least) return mapped(readLength(least, options), (mm) => ({ least: mm }));
  if (MIXED.test(trimmed)) return undefined;
  const [, from, to] = RANGE.exec(trimmed) ?? [];
  if (!from || !to) return undefined;
  const unit = UNIT.exec(to)?.[0];
  const first = readLength(unit && !UNIT.test(from) ? `${from} ${unit}` : from, options);
  const second = readLength(to, options);
  if (!first.ok || !second.ok) return first.ok ? asProblem(second) : asProblem(first);
  if (first.value === second.value) return bad('', 'The two ends of a range must differ.');
  if (first.value > second.value) {
    // the unit that was said once stays at the end
    const once = unit && !UNIT.test(from) ? unit : undefined;
    const turned = once ? `${to.slice(0, -once.length).trim()}-${from.trim()} ${once}` : `${to.trim()}-${from.trim()}`;
    return bad('', `A range goes from the smaller to the larger. Enter ${turned}.`);
  }
  return good({ least: first.value, most: second.value });
}

const asProblem = (result: Result<number>): Result<Span> => result as { ok: false; problem: Problem };

const mapped = (result: Result<number>, map: (mm: number) => Span): Result<Span> =>
  result.ok ? good(map(result.value)) : asProblem(result);
