import { type ClayFacts, clayFigures } from '@/core/clay';
import { checkForm } from '@/core/form';
import { type Keep, type Making, NOTHING_LOST, checkMaking, reverse } from '@/core/sizing';
import { METRIC, type Result, good, text, writeLength, writeMass } from '@/core/units';
import { type FormInput, bodySchema, formFrom, formInput, formSchema, joi, makingSchema } from './schema';
import { inside, sizeForm } from './size';

const KEEPS: Readonly<Record<string, Keep>> = { proportions: 'proportions', height: 'height', rimDiameter: 'mouth' };

export const reverseSchema = joi.object({
  body: bodySchema.required(),
  form: formSchema.required(),
  ball: joi.number().positive().max(1e6).required(),
  keep: joi.string().valid(...Object.keys(KEEPS)),
  making: makingSchema,
});

interface ReverseInput {
  readonly body: ClayFacts;
  readonly form: FormInput;
  readonly ball: number;
  readonly keep?: string;
  readonly making?: Partial<Making>;
}

const writers = {
  length: (mm: number): string => text(writeLength(mm, METRIC)),
  mass: (g: number): string => text(writeMass(g, METRIC)),
};

/** The verb `reverse`: the finished form of a shape that takes a ball, slurry included, and all that `size` says of it. */
export function reverseVerb({ body, form, ball, keep = 'proportions', making: given }: ReverseInput): Result<object> {
  const shape = checkForm(formFrom(form, 'glazed'), writers.length);
  if (!shape.ok) return inside('form', shape.problem);
  const making = checkMaking({ ...NOTHING_LOST, ...given });
  if (!making.ok) return inside('making', making.problem);
  const found = reverse(clayFigures(body), shape.value, making.value, { ballG: ball, keep: KEEPS[keep]! }, writers);
  if (!found.ok) return found;
  const sized = sizeForm(body, found.value, 'glazed', given);
  return sized.ok ? good({ form: formInput(found.value), ...sized.value }) : sized;
}
