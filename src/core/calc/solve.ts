import type { ClayFacts } from '@/core/clay';
import { LARGEST_MM, checkForm } from '@/core/form';
import { type CapacityTarget, type Making, solveCapacity } from '@/core/sizing';
import { METRIC, type Result, good, text, writeLength } from '@/core/units';
import { type FormInput, bodySchema, formFrom, formInput, formSchema, joi, makingSchema } from './schema';
import { inside, sizeForm } from './size';

const sizeMm = joi.number().positive().max(LARGEST_MM);

export const solveSchema = joi.object({
  body: bodySchema.required(),
  form: formSchema.required(),
  target: joi
    .object({ capacityMl: joi.number().positive().max(1e7).required(), height: sizeMm, maxHeight: sizeMm, rimDiameter: sizeMm })
    .oxor('height', 'maxHeight', 'rimDiameter')
    .required(),
  making: makingSchema,
});

interface SolveInput {
  readonly body: ClayFacts;
  readonly form: FormInput;
  readonly target: CapacityTarget;
  readonly making?: Partial<Making>;
}

const write = (mm: number): string => text(writeLength(mm, METRIC));

/** The verb `solve`: the finished form of a shape that holds a target, and all that `size` says of it. */
export function solveVerb({ body, form, target, making }: SolveInput): Result<object> {
  const shape = checkForm(formFrom(form, 'glazed'), write);
  if (!shape.ok) return inside('form', shape.problem);
  const solved = solveCapacity(shape.value, target, write);
  if (!solved.ok) return solved;
  const sized = sizeForm(body, solved.value, 'glazed', making);
  return sized.ok ? good({ form: formInput(solved.value), ...sized.value }) : sized;
}
