import { type Drawn, type GapRange, type Pair, drawnGaps, firingOf, normalFrom } from '@/core/fit';
import { expose } from 'comlink';

const served = {
  /** So many pairs drawn and counted. The same seed draws the same. */
  draw: (pair: Pair, range: GapRange, count: number, seed: number): Drawn => drawnGaps(pair, range, count, normalFrom(seed)),
  /** So many pairs, each by the finished gap it came out with, mm. */
  fire: (pair: Pair, count: number, seed: number): readonly number[] => Array.from({ length: count }, firingOf(pair, normalFrom(seed))),
};

export type OddsWorker = typeof served;

expose(served);
