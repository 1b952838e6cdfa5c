import { type ClayFacts, clayFigures } from '@/core/clay';
import { type Result, good } from '@/core/units';
import { bodySchemaWith, joi } from './schema';
import { toldBelief } from './told';

export const beliefSchema = joi.object({ body: bodySchemaWith({ direction: joi.string().valid('width', 'height') }).required() });

type Upright = { readonly direction?: 'width' | 'height' };

/** The verb `belief`: what is believed of a body's shrinkage across, in percent; upright bars are left out. */
export function beliefVerb({ body }: { readonly body: ClayFacts }): Result<object> {
  const bars = body.bars?.filter((bar) => (bar as Upright).direction !== 'height');
  return good(toldBelief(clayFigures({ ...body, bars }).belief));
}
