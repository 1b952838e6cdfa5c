import { type FluidOunce, type Kind, type Result, bad, good, readQuantity } from '@/core/units';
import { joi } from './schema';

export const parseSchema = joi.object({
  kind: joi.string().valid('length', 'mass', 'volume').required(),
  text: joi.string().max(200).required(),
  flOz: joi.string().valid('us', 'imperial'),
});

interface ParseInput {
  readonly kind: Kind;
  readonly text: string;
  readonly flOz?: FluidOunce;
}

/** The verb `parse`: a text as people write it to mm, g or ml. */
export function parseVerb({ kind, text, flOz }: ParseInput): Result<{ value: number }> {
  const read = readQuantity(kind, text, flOz ? { flOz } : {});
  return read.ok ? good({ value: read.value }) : bad('text', read.problem.message);
}
