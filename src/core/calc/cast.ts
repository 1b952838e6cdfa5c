import { type Mould, type Well, modelOf, mouldMl, partingOf, plasterFor } from '@/core/cast';
import { type ClayFacts, clayFigures, remaining } from '@/core/clay';
import { type Form, checkForm, sizesOf } from '@/core/form';
import { NOTHING_LOST, size } from '@/core/sizing';
import { METRIC, type Result, bad, good, text, writeLength } from '@/core/units';
import { type FormInput, bodySchema, formFrom, formSchema, joi } from './schema';
import { inside } from './size';

const mm = joi.number().positive().max(3000).required();
const ratio = joi.number().min(50).max(100);
const margin = joi.number().min(0).max(100);
const ml = joi.number().positive().max(1e7).required();

export const plasterSchema = joi.object({ boxMl: ml, modelMl: ml, ratioPercent: ratio, marginPercent: margin });

interface Amounts {
  readonly ratioPercent?: number;
  readonly marginPercent?: number;
}

interface PlasterInput extends Amounts {
  readonly boxMl: number;
  readonly modelMl: number;
}

const PERCENT = 100;

const amounts = (boxMl: number, modelMl: number, { ratioPercent = 70, marginPercent = 5 }: Amounts) =>
  plasterFor(boxMl, modelMl, ratioPercent, marginPercent / PERCENT);

/** The verb `plaster`: what a mould takes, by the rule and by density. */
export function plasterVerb({ boxMl, modelMl, ...how }: PlasterInput): Result<object> {
  if (modelMl >= boxMl) return bad('modelMl', `A model of ${modelMl} ml does not fit in a box of ${boxMl} ml. Make the box larger.`);
  return good(amounts(boxMl, modelMl, how));
}

export const castSchema = joi.object({
  body: bodySchema.required(),
  form: formSchema.required(),
  well: joi.object({ height: mm, width: joi.number().min(0).max(1000).required() }),
  mould: joi
    .alternatives()
    .conditional('.shape', {
      switch: [
        { is: 'box', then: joi.object({ shape: joi.string(), length: mm, width: mm, height: mm }) },
        { is: 'round', then: joi.object({ shape: joi.string(), diameter: mm, height: mm }) },
      ],
      otherwise: joi.object({ shape: joi.valid('round', 'box').required() }).unknown(),
    })
    .required(),
  ratioPercent: ratio,
  marginPercent: margin,
});

interface CastInput extends Amounts {
  readonly body: ClayFacts;
  readonly form: FormInput;
  readonly well?: Well;
  readonly mould: Mould;
}

/** The verb `cast`: the model for a finished piece, its draft, and the plaster round it. */
export function castVerb({ body, form: input, well, mould, ...how }: CastInput): Result<object> {
  const clay = clayFigures(body);
  const form: Form<'glazed'> = formFrom(input, 'glazed');
  const checked = checkForm(form, (each) => text(writeLength(each, METRIC)));
  if (!checked.ok) return inside('form', checked.problem);
  const sized = size(clay, form, 'glazed', NOTHING_LOST);
  if (sized.wet.plan) return bad('form.family', `A ${input.family} is not round: only round pieces are cast by their sections.`);
  const model = modelOf(sized.wet, well);
  const across = mould.shape === 'box' ? Math.min(mould.length, mould.width) : mould.shape === 'round' ? mould.diameter : mould.top;
  const field = mould.shape === 'box' ? (mould.length < mould.width ? 'length' : 'width') : 'diameter';
  if (across <= model.widest)
    return bad(
      `mould.${field}`,
      `The model is ${model.widest.toFixed(1)} mm wide; a mould of ${across} mm leaves no plaster around it. Make the mould wider.`,
    );
  if (mould.height <= model.height)
    return bad(
      'mould.height',
      `The model is ${model.height.toFixed(1)} mm high with its well; a mould of ${mould.height} mm leaves no plaster below it. Make it higher.`,
    );
  const { width, height } = { width: remaining(clay.shrinkage, 'glazed', 'width'), height: remaining(clay.shrinkage, 'glazed', 'height') };
  return good({
    scale: 1 / width,
    ...(height !== width && { scaleHeight: 1 / height }),
    model: Object.fromEntries(sizesOf(form, form.sizes).map((name) => [name, sized.stages.wet.sizes[name]])),
    modelMl: model.volumeMl,
    draftDegrees: partingOf(sized.wet).draft.least,
    plaster: amounts(mouldMl(mould), model.volumeMl, how),
    slipMl: model.volumeMl,
  });
}
