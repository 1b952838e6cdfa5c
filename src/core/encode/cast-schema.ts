import type { Part } from '@/core/records';
import { percent, positiveMm, rowOf, strict, word } from './schema-parts';

/** What may be chosen of casting a part. */
export const cast = rowOf<NonNullable<Part['cast']>>({
  well: strict.object({ height: positiveMm.required(), width: percent(0, 1000).required(), flare: percent(0, 45) }),
  mould: strict.alternatives(
    strict.object({ shape: word('round').required(), diameter: positiveMm.required(), height: positiveMm.required() }),
    strict.object({
      shape: word('box').required(),
      length: positiveMm.required(),
      width: positiveMm.required(),
      height: positiveMm.required(),
    }),
    strict.object({
      shape: word('bucket').required(),
      bottom: positiveMm.required(),
      top: positiveMm.required(),
      height: positiveMm.required(),
    }),
  ),
  leastDraft: percent(0, 45),
  ratio: percent(50, 100),
  margin: percent(0, 1),
  thickness: positiveMm,
  wall: positiveMm,
});
