import { type Matched, matchSets } from '@/core/sets';
import { expose } from 'comlink';

const served = {
  /** Sorts pieces into sets of a size, and tells how far it has come, 0 to 1. */
  sort: (points: readonly (readonly number[])[], size: number, tell: (share: number) => void): Matched =>
    matchSets(points, size, { onProgress: tell }),
};

export type SortWorker = typeof served;

expose(served);
