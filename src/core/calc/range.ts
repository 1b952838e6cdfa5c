import { type ClayFacts, STAGES, type Stage, clayFigures } from '@/core/clay';
import { LARGEST_MM } from '@/core/form';
import { type Along, TOOL_SD, aimFor, rangeOf, reachedFrom } from '@/core/sizing';
import { type Result, good } from '@/core/units';
import { bodySchema, joi } from './schema';

const sizeMm = joi.number().positive().max(LARGEST_MM);

export const rangeSchema = joi
  .object({
    body: bodySchema.required(),
    finished: sizeMm,
    max: sizeMm,
    at: joi.string().valid(...STAGES),
    toolSd: joi.number().min(0).max(100),
    lean: joi.number().min(-100).max(100),
    odds: joi.number().min(0.5).max(0.999),
  })
  .xor('finished', 'max');

interface RangeInput {
  readonly body: ClayFacts;
  readonly finished?: number;
  readonly max?: number;
  readonly at?: Stage;
  readonly toolSd?: number;
  readonly lean?: number;
  readonly odds?: number;
}

/**
 * The verb `range`: between which finished sizes the middle odds of one piece lie that is aimed at `finished` and made to size at a
 * stage; or with `max` the finished size to aim at so that the odds stay at or under it. mm
 */
export function rangeVerb({ body, finished, max, at = 'wet', toolSd = TOOL_SD.gauge, lean, odds = 0.9 }: RangeInput): Result<object> {
  const along: Along = { clay: clayFigures(body), size: 'rimDiameter', toolSd, lean };
  if (max !== undefined) return good({ aim: aimFor(along, { at: 'glazed', most: max }, odds, at) });
  const [least, most] = rangeOf(along, { from: at, mm: reachedFrom(along, 'glazed', finished!, at), to: 'glazed' }, odds);
  return good({ min: least, max: most });
}
