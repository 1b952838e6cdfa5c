/** How far a job has come. */
export interface Progress {
  readonly done: number;
  readonly of: number;
}

/** What a worker says of its job: how far it is, then what came of it or why nothing did. */
export type Said<T> =
  | { readonly kind: 'progress'; readonly progress: Progress }
  | { readonly kind: 'done'; readonly value: T }
  | { readonly kind: 'failed'; readonly why: string };

/** Work going on elsewhere. */
export interface Job<T> {
  /** Rejects where the worker fails; stays open for good once cancelled. */
  readonly result: Promise<T>;
  readonly cancel: () => void;
}

/** Hands one job to a worker made for it, which ends with it. */
export function startJob<T>(worker: Worker, ask: unknown, onProgress: (progress: Progress) => void = () => undefined): Job<T> {
  const result = new Promise<T>((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<Said<T>>) => {
      if (data.kind === 'progress') return onProgress(data.progress);
      worker.terminate();
      if (data.kind === 'done') resolve(data.value);
      else reject(new Error(data.why));
    };
    worker.onerror = (event) => {
      worker.terminate();
      reject(new Error(event.message || 'The work could not be started. Reload the page and try again.'));
    };
    worker.postMessage(ask);
  });
  return { result, cancel: () => worker.terminate() };
}

/** A worker's side: does the one job it is asked, and says what came of it. */
export function onJob<Ask, T>(
  does: (ask: Ask, tell: (progress: Progress) => void) => T | Promise<T>,
  moves?: (value: T) => Transferable[],
): void {
  const scope = self as unknown as {
    onmessage: ((event: MessageEvent<Ask>) => void) | null;
    postMessage(said: Said<T>, transfer: Transferable[]): void;
  };
  const answer = async (ask: Ask) => {
    try {
      const value = await does(ask, (progress) => scope.postMessage({ kind: 'progress', progress }, []));
      scope.postMessage({ kind: 'done', value }, moves?.(value) ?? []);
    } catch (error) {
      scope.postMessage({ kind: 'failed', why: String(error) }, []);
    }
  };
  scope.onmessage = ({ data }) => void answer(data);
}
