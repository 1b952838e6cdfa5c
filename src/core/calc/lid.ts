import { type ClayFacts, STAGES, type Stage, clayFigures } from '@/core/clay';
import { type ClayPlan, type GapRange, OVALITY_SD, type Plan, type RigidPlan, fitPlan } from '@/core/fit';
import { LARGEST_MM } from '@/core/form';
import { TOOL_SD } from '@/core/sizing';
import { type Result, bad, good } from '@/core/units';
import { bodySchema, joi } from './schema';

/** The verb for lids of any plan: oval, box, polygon. */

const sizeMm = joi.number().positive().max(LARGEST_MM);
const sdMm = joi.number().min(0).max(100);
const isRigid = joi.object({ rigid: joi.exist() }).unknown();

const size = {
  length: sizeMm.required(),
  width: sizeMm,
  radius: joi.number().min(0).max(LARGEST_MM),
};
const clayPart = joi.object({
  ...size,
  at: joi
    .string()
    .valid(...STAGES)
    .required(),
  toolSd: sdMm,
  ovalitySd: sdMm,
  glaze: joi.number().min(0).max(10),
});
const part = joi
  .alternatives()
  .conditional(isRigid, { then: joi.object({ ...size, rigid: joi.boolean().valid(true).required() }), otherwise: clayPart })
  .required();
const gapMm = joi.number().min(-100).max(100).required();

export const lidSchema = joi.object({
  body: bodySchema.required(),
  plan: joi.string().valid('oval', 'box', 'polygon').required(),
  sides: joi.number().integer().min(3).max(60).when('plan', { is: 'polygon', then: joi.required(), otherwise: joi.forbidden() }),
  pot: part,
  lid: part,
  gap: joi.object({ min: gapMm, max: gapMm }).required(),
  over: joi.boolean(),
  sameFiring: joi.boolean(),
});

interface PartInput {
  readonly rigid?: true;
  readonly at?: Stage;
  readonly length: number;
  readonly width?: number;
  readonly radius?: number;
  readonly toolSd?: number;
  readonly ovalitySd?: number;
  readonly glaze?: number;
}

interface LidInput {
  readonly body: ClayFacts;
  readonly plan: 'oval' | 'box' | 'polygon';
  readonly sides?: number;
  readonly pot: PartInput;
  readonly lid: PartInput;
  readonly gap: GapRange;
  readonly over?: boolean;
  readonly sameFiring?: boolean;
}

function faultOf({ plan, pot, lid, gap }: LidInput): { readonly path: string; readonly message: string } | undefined {
  if (gap.min >= gap.max) return { path: 'gap.min', message: `${gap.min} must be smaller than ${gap.max}. Swap them.` };
  if (pot.rigid && lid.rigid)
    return { path: 'lid.rigid', message: 'Two parts that do not shrink need no odds. Give one of them its stage.' };
  for (const [name, each] of [
    ['pot', pot],
    ['lid', lid],
  ] as const) {
    if (plan === 'polygon' && each.width !== undefined)
      return { path: `${name}.width`, message: 'A polygon is measured across its flats: give its length alone.' };
    if (plan !== 'polygon' && each.width === undefined)
      return { path: `${name}.width`, message: `The ${name} needs a width beside its length.` };
    if (plan === 'oval' && each.radius !== undefined)
      return { path: `${name}.radius`, message: 'An oval has no corners: leave the radius out.' };
    const most = Math.min(each.length, each.width ?? each.length) / 2;
    if ((each.radius ?? 0) > most)
      return { path: `${name}.radius`, message: `A corner of ${each.radius} is more than half the width. Make it ${most} or less.` };
  }
  return undefined;
}

/** The verb `lid`: how a lid of its mouth's plan fits, along both axes and at the corners, and how the lid is best made. */
export function lidVerb(input: LidInput): Result<object> {
  const problem = faultOf(input);
  if (problem) return bad(problem.path, problem.message);
  const { body, plan, sides, pot, lid, gap, over = false, sameFiring = true } = input;
  const clay = clayFigures(body);
  const partOf = ({
    rigid,
    at,
    length,
    width = length,
    radius,
    toolSd = TOOL_SD.gauge,
    ovalitySd = OVALITY_SD,
    glaze = 0,
  }: PartInput): ClayPlan | RigidPlan =>
    rigid ? { rigid, length, width, radius } : { clay, at: at!, length, width, radius, toolSd, ovalitySd, glaze };
  const asked: Plan = plan === 'polygon' ? { plan, sides: sides! } : { plan };
  const { odds, gap: gaps, corner, turned, best } = fitPlan({ plan: asked, pot: partOf(pot), lid: partOf(lid), gap, over, sameFiring });
  return good({
    odds,
    gap: gaps,
    corner: corner ?? null,
    ...(turned !== undefined && { turned }),
    best: { ...best, radius: best.radius ?? null },
  });
}
