import { type Result, bad, good } from '@/core/units';

const isReserved = (value: unknown): boolean =>
  typeof value === 'object' && value !== null && (Object.hasOwn(value, '__proto__') || Object.values(value).some(isReserved));

/** Reads JSON text; `__proto__` as a field is refused, since it would not stay one. `hint` says what would do. */
export function readJson(json: string, hint: string): Result<unknown> {
  try {
    // no reviver: with one, a long-running process has taken `{` for an empty object
    const value: unknown = JSON.parse(json);
    return isReserved(value) ? bad('__proto__', '__proto__ is not a field known here; leave it out.') : good(value);
  } catch {
    return bad('', `This is not valid JSON. ${hint}`);
  }
}
