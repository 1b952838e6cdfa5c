import { vi } from 'vitest';
import type { RimbetDatabase } from './db';

/** Does something once, while the database writes for the first time from now; resolves when it was done. */
export const typesDuringWrite = (db: RimbetDatabase, type: () => void): Promise<void> =>
  new Promise((resolve) => {
    const write = db.transaction.bind(db) as (...all: unknown[]) => unknown;
    const spy = vi.spyOn(db, 'transaction').mockImplementation(((mode: string, ...rest: unknown[]) => {
      const written = write(mode, ...rest);
      if (mode !== 'rw') return written;
      spy.mockRestore();
      type();
      resolve();
      return written;
    }) as never);
  });
