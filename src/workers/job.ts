import { expose, proxy, transfer, wrap } from 'comlink';

/** How far a job has come. */
export interface Progress {
  readonly done: number;
  readonly of: number;
}

/** Work going on elsewhere. */
export interface Job<T> {
  /** Rejects where the worker fails; stays open for good once cancelled. */
  readonly result: Promise<T>;
  readonly cancel: () => void;
}

/** What a worker made for one job answers to. */
interface Does<Ask, T> {
  readonly does: (ask: Ask, tell: (progress: Progress) => void) => Promise<T>;
}

/** Hands one job to a worker made for it, which ends with it. */
export function startJob<T>(worker: Worker, ask: unknown, onProgress: (progress: Progress) => void = () => undefined): Job<T> {
  const failed = new Promise<never>((_, reject) => {
    worker.onerror = (event) =>
      reject(new Error(event.message || 'Rimbet could not start this calculation. Reload the page and try again.'));
  });
  const done = wrap<Does<unknown, T>>(worker).does(ask, proxy(onProgress)) as Promise<T>;
  const result = Promise.race([done, failed]).finally(() => worker.terminate());
  return { result, cancel: () => worker.terminate() };
}

/** A worker's side: does the one job it is asked, and says what came of it. */
export function onJob<Ask, T>(
  does: (ask: Ask, tell: (progress: Progress) => void) => T | Promise<T>,
  moves?: (value: T) => Transferable[],
): void {
  const served: Does<Ask, T> = {
    does: async (ask, tell) => {
      const value = await does(ask, tell);
      return moves ? transfer(value as T & object, moves(value)) : value;
    },
  };
  expose(served);
}
