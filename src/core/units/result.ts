/** What is wrong with a value that came from outside: where, and in plain words what would be right. */
export interface Problem {
  /** The field, dotted from the outermost: `form.height`; empty for the whole. */
  readonly path: string;
  readonly message: string;
}

/** An expected failure is a value, not an exception; a thrown error is a bug. */
export type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: Problem };

export const good = <T>(value: T): Result<T> => ({ ok: true, value });

export const bad = (path: string, message: string): Result<never> => ({
  ok: false,
  problem: { path, message },
});
