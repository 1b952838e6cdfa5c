import { type ClayFacts, STAGES, type Stage, clayFigures, perStage } from '@/core/clay';
import { FAMILIES, type Form, checkForm, sizesOf } from '@/core/form';
import { type Making, NOTHING_LOST, checkMaking, size } from '@/core/sizing';
import { METRIC, type Problem, type Result, bad, good, text, writeLength } from '@/core/units';
import { type FormInput, bodySchema, formFrom, formSchema, joi, makingSchema } from './schema';

export const sizeSchema = joi.object({
  body: bodySchema.required(),
  form: formSchema.required(),
  at: joi.string().valid(...STAGES),
  making: makingSchema,
});

interface SizeInput {
  readonly body: ClayFacts;
  readonly form: FormInput;
  readonly at?: Stage;
  readonly making?: Partial<Making>;
}

/** The same problem, one field further in. */
export const inside = (field: string, problem: Problem): Result<never> => ({
  ok: false,
  problem: { ...problem, path: `${field}.${problem.path}` },
});

/** The verb `size`: sizes at one stage to sizes at all, the thrown height, what it holds and what it weighs. */
export function sizeVerb({ body, form, at = 'glazed', making }: SizeInput): Result<object> {
  return sizeForm(body, formFrom(form, at), at, making);
}

/** All that `size` says of a form. */
export function sizeForm<S extends Stage>(body: ClayFacts, form: Form<S>, at: S, given: Partial<Making> = {}): Result<object> {
  const making = { ...NOTHING_LOST, ...given };
  const checked = checkForm(form, (mm) => text(writeLength(mm, METRIC)));
  if (!checked.ok) return inside('form', checked.problem);
  const allowed = checkMaking(making);
  if (!allowed.ok) return inside('making', allowed.problem);
  const asThrown = FAMILIES[form.family].flatSided && Object.entries(given).find(([name, value]) => name !== 'attachedMass' && value > 0);
  if (asThrown)
    return bad(
      `making.${asThrown[0]}`,
      `A ${form.family} is built from slabs, so nothing is trimmed or lost as on the wheel. Leave this field out, or set it to 0.`,
    );

  const sized = size(clayFigures(body), form, at, making);
  const names = sizesOf(form, form.sizes);
  const { ball, thrown, trimmed, dry, bisque, glazed } = sized.masses;
  return good({
    stages: perStage((stage) => Object.fromEntries(names.map((name) => [name, sized.stages[stage].sizes[name]]))),
    thrownHeight: sized.thrown.pulled,
    capacityMl: sized.capacityMl,
    massG: { ball, thrown, trimmed, dry, bisque, glazed },
  });
}
