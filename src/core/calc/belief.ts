import { type ClayFacts, clayFigures } from '@/core/clay';
import { type Result, good } from '@/core/units';
import { bodySchema, joi } from './schema';

export const beliefSchema = joi.object({ body: bodySchema.required() });

/** The verb `belief`: what is believed of a body's shrinkage, in percent. */
export function beliefVerb({ body }: { readonly body: ClayFacts }): Result<object> {
  const { mean, scale, dof, weight, commonSd, pieceSd } = clayFigures(body).belief;
  return good({
    meanPercent: mean * 100,
    scalePercent: scale * 100,
    dof,
    weight,
    commonSdPercent: commonSd * 100,
    pieceSdPercent: pieceSd * 100,
  });
}
