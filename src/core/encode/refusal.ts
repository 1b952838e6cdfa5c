import { harmless, type Problem, quote } from '@/core/units';
import type Joi from 'joi';

const listed = (values: readonly unknown[]): string => values.map(String).join(', ');

/** Joi's findings in plain words: what is wrong with the value and what would be right. */
const WORDS: Record<string, (context: Joi.Context) => string> = {
  'any.required': () => 'is missing; it is needed',
  'object.unknown': () => 'is not a field known here; leave it out or check its spelling',
  'object.base': () => 'must be an object with named fields',
  'object.oxor': () => 'takes one of height, maxHeight and rimDiameter, not several',
  'object.xor': (c) => `takes one of ${listed(c.peers as unknown[])}, not several`,
  'object.missing': (c) => `needs one of ${listed(c.peers as unknown[])}`,
  'array.base': () => 'must be a list',
  'array.length': (c) => `must hold ${String(c.limit)} figures, lower first`,
  'array.max': (c) => `must hold at most ${String(c.limit)} entries`,
  'number.base': () => 'must be a number, without quotation marks or units',
  'number.infinity': () => 'must be a number that can be measured',
  'number.unsafe': () => 'must be a number that can be measured',
  'number.positive': () => 'must be above zero',
  'number.min': (c) => `must be ${String(c.limit)} or more`,
  'number.greater': (c) => `must be more than ${String(c.limit)}`,
  'number.less': () => 'must be less than the wet length: clay shrinks',
  'number.max': (c) => `must be ${String(c.limit)} or less`,
  'number.integer': () => 'must be a whole number',
  'string.base': () => 'must be text',
  'string.pattern.base': () => 'is not written as it should be',
  'string.empty': () => 'is empty',
  'string.max': (c) => `must be at most ${String(c.limit)} characters`,
  'array.unique': () => 'is in the list twice',
  'boolean.base': () => 'must be true or false',
  'array.min': (c) => (c.limit === 1 ? 'is empty; it needs one at least' : `must hold at least ${String(c.limit)} entries`),
  'any.only': (c) => `must be one of ${listed(c.valids as unknown[])}`,
  'day.none': () => 'is not a date. Enter it as 2026-12-24',
  'any.invalid': () => 'is a name that cannot be used here',
  'bar.grew': (c) => `was ${String(c.first)} and is ${String(c.glazed)} fired, but clay shrinks: check both lengths`,
  'limit.room': () => 'is not a range: the lowest must be below the highest',
  'part.sizes': (c) => `needs ${String(c.missing)} for a ${String(c.family)}`,
  'part.knots': () => 'must have the points of its outline if it is a profile, and none otherwise',
  'alternatives.types': () => 'must be a number, or two numbers, lower first',
  'alternatives.match': () => 'must be a number, or two numbers, lower first',
};

function shown(value: unknown): string {
  if (typeof value === 'string') return `, not ${quote(value)}`;
  if (typeof value === 'number' || typeof value === 'boolean') return `, not ${String(value)}`;
  return '';
}

const dotted = (path: readonly (string | number)[]): string => path.map((key) => harmless(String(key))).join('.');

/**
 * The first thing Joi found, as a problem with a dotted path and a plain sentence that quotes the value.
 *
 * @param within where what was looked at stands in the whole
 */
export function refusal(error: Joi.ValidationError, within: readonly (string | number)[] = []): Problem {
  const detail = error.details[0]!;
  const context = detail.context ?? {};
  const path = dotted([...within, ...detail.path]);
  const say = WORDS[detail.type];
  const words = say ? say(context) : harmless(detail.message);
  const value = detail.type === 'object.unknown' ? '' : shown(context.value);
  return { path, message: `${path || 'The input'} ${words}${value}.` };
}
