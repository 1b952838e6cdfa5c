import { type Result, bad, good } from '@/core/units';

/** Reads JSON text; `__proto__` as a field is refused, since it would not stay one. `hint` says what would do. */
export function readJson(json: string, hint: string): Result<unknown> {
  let reserved = false;
  try {
    const value: unknown = JSON.parse(json, (key, inner: unknown) => {
      reserved ||= key === '__proto__';
      return inner;
    });
    return reserved ? bad('__proto__', '__proto__ is not a field known here; leave it out.') : good(value);
  } catch {
    return bad('', `This is not valid JSON. ${hint}`);
  }
}
