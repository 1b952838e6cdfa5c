import { randomNormal } from 'd3-random';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { mersenne } from 'pure-rand/generator/mersenne';
import type { Normal } from './draws';

/** Normal draws that are the same for the same seed: Mersenne twister, Marsaglia's polar method. */
export function normalFrom(seed: number): Normal {
  const generator = mersenne(seed);
  return randomNormal.source(() => uniformFloat64(generator))(0, 1);
}

/** Draws from 0 to 1 that are the same for the same seed. */
export function uniformFrom(seed: number): () => number {
  const generator = mersenne(seed);
  return () => uniformFloat64(generator);
}
