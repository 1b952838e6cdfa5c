import type { Matched } from '@/core/sets';
import { type Remote, proxy, wrap } from 'comlink';
import type { SortWorker } from './sort.worker';

let warm: { readonly worker: Worker; readonly remote: Remote<SortWorker> } | undefined;

/** One worker for sorting, made when first asked for and kept warm until it is stopped. */
function sortWorker(): Remote<SortWorker> {
  if (!warm) {
    const worker = new Worker(new URL('./sort.worker.ts', import.meta.url), { type: 'module' });
    warm = { worker, remote: wrap<SortWorker>(worker) };
  }
  return warm.remote;
}

let asked = 0;
let before: Promise<unknown> = Promise.resolve();

/** Sorts measured pieces into sets. Undefined where something else was asked for meanwhile. */
export async function sortSets(
  points: readonly (readonly number[])[],
  size: number,
  onProgress: (share: number) => void,
): Promise<Matched | undefined> {
  asked += 1;
  const own = asked;
  // those that were overtaken while one was sorted are not sorted at all
  await before;
  if (own !== asked) return undefined;
  const sorted = sortWorker().sort(points, size, proxy(onProgress));
  before = sorted.catch(() => undefined);
  const found = await sorted;
  return own === asked ? found : undefined;
}

/** Gives up what is being sorted. */
export function stopSorting(): void {
  asked += 1;
  before = Promise.resolve();
  warm?.worker.terminate();
  warm = undefined;
}
