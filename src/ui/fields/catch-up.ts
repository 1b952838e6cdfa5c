'use client';

import { createContext } from 'react';

/**
 * Whether what follows a keystroke a moment later has followed. A figure in it that was stepped or left shows what was entered until then,
 * not what was there before.
 */
export class CatchUp {
  private behind = false;
  private readonly waiting = new Set<() => void>();

  /** Told after each change of the page whether something is still to follow. */
  tell(behind: boolean): void {
    this.behind = behind;
    if (behind) return;
    for (const heard of [...this.waiting]) heard();
    this.waiting.clear();
  }

  /** Does something once all has followed: at once where it has. Gives the way to call it off. */
  once(does: () => void): () => void {
    if (this.behind) this.waiting.add(does);
    else does();
    return () => void this.waiting.delete(does);
  }
}

/** Where nothing follows later all has followed always. */
export const CatchUpContext = createContext(new CatchUp());
