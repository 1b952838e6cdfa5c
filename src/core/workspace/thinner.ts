import { type Form, type SizeName, scaledBy, sizeSpec } from '@/core/form';

type Finished = Form<'glazed'>;

/** A small piece is so much thinner than the usual one where its usual thickness leaves none: somewhat first. */
const THINNER = 0.7;
const THINNEST = 0.5;

const thinned = (form: Finished, factor: number, free: readonly SizeName[] | undefined): Finished =>
  scaledBy(form, 'glazed', (name) => (sizeSpec(name).stays && (!free || free.includes(name)) ? factor : 1));

/**
 * What is found of a shape, its thicknesses as they are, else thinner; what is found of the thinnest where there is none.
 *
 * @param free the sizes that nobody holds to; all of them unless said
 */
export function ofThinner<T>(shape: Finished, find: (shape: Finished) => T, met: (found: T) => boolean, free?: readonly SizeName[]): T {
  const found = find(shape);
  if (met(found)) return found;
  const thinnest = find(thinned(shape, THINNEST, free));
  if (!met(thinnest)) return thinnest;
  const thinner = find(thinned(shape, THINNER, free));
  return met(thinner) ? thinner : thinnest;
}
