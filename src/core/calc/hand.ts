import { type ClayFacts, STAGES, type Stage, clayFigures, remaining } from '@/core/clay';
import { FITS, type Fit } from '@/core/fit';
import { FAMILIES, type Form, LARGEST_MM, checkForm } from '@/core/form';
import {
  BASES,
  CORNERS,
  type CoilChoices,
  type Cutter,
  FIRMNESS,
  type FlatPart,
  type Former,
  HANDLE_KINDS,
  type HandleChoices,
  type RoundWall,
  SEAMS,
  type SlabChoices,
  USUAL_COIL,
  USUAL_HANDLE,
  USUAL_SLAB,
  areaOf,
  boundsOf,
  checkFormer,
  coilPlan,
  cuttersFor,
  formed,
  handlePlan,
  lidPairs,
  scaledStrip,
  slabAcross,
  slabParts,
  stripOf,
} from '@/core/handbuild';
import { NOTHING_LOST, size } from '@/core/sizing';
import { METRIC, type Problem, type Result, bad, good, text, writeLength } from '@/core/units';
import { type FormInput, bodySchema, formFrom, formSchema, joi } from './schema';
import { inside } from './size';

const sizeMm = joi.number().positive().max(LARGEST_MM);
const zeroOrMm = joi.number().min(0).max(LARGEST_MM);
const oneOf = (words: object) => joi.string().valid(...Object.keys(words));
const write = (mm: number): string => text(writeLength(mm, METRIC));

/** Walls lean up to 60 degrees, as the contract says. */
const STEEPEST = Math.tan(Math.PI / 3);

function wallFault({ top, bottom, height, thickness }: RoundWall): Problem | undefined {
  const lean = Math.abs(top - bottom) / 2;
  if (lean > height * STEEPEST + 1e-9) {
    const leans = ((Math.atan2(lean, height) * 180) / Math.PI).toFixed(0);
    return {
      path: 'wall.top',
      message: `The wall would lean ${leans} degrees from upright; up to 60 are accepted. Bring top and bottom closer, or make it higher.`,
    };
  }
  const slant = Math.hypot(height, lean);
  const most = (Math.min(top, bottom) / 2) * (slant / height);
  if (thickness >= most) {
    return { path: 'wall.thickness', message: `A wall ${write(thickness)} thick leaves no inside. Make it less than ${write(most)}.` };
  }
  return undefined;
}

export const templateSchema = joi
  .object({
    body: bodySchema.required(),
    wall: joi.object({ top: sizeMm.required(), bottom: sizeMm.required(), height: sizeMm.required(), thickness: sizeMm.required() }),
    overlap: zeroOrMm,
    form: formSchema,
    slab: joi.object({
      base: oneOf(BASES),
      corners: oneOf(CORNERS),
      seam: oneOf(SEAMS),
      overlap: zeroOrMm,
      cutAt: joi.string().valid('wet', 'leather'),
      darts: joi.number().integer().min(3).max(24),
    }),
  })
  .xor('wall', 'form')
  .without('form', 'overlap')
  .without('wall', 'slab');

interface TemplateInput {
  readonly body: ClayFacts;
  readonly wall?: RoundWall;
  readonly overlap?: number;
  readonly form?: FormInput;
  readonly slab?: Partial<SlabChoices>;
}

const partOut = ({ name, count, thickness, outline, edges }: FlatPart): object => {
  const { width, height } = boundsOf(outline);
  return {
    name,
    count,
    thickness,
    width,
    height,
    areaCm2: areaOf(outline) / 100,
    edges: edges.map(({ mark, midMm }) => ({ mark, length: midMm })),
    outline: outline.map(({ x, y }) => [x, y]),
  };
};

/** A finished form checked; the problem's path starts with its field. */
function formChecked(input: FormInput): Result<Form<'glazed'>> {
  const checked = checkForm(formFrom(input, 'glazed'), write);
  return checked.ok ? checked : inside('form', checked.problem);
}

/** The verb `template`: the flat strip of a finished wall, wet; or every flat part of a finished form. */
export function templateVerb({ body, wall, overlap = 0, form, slab }: TemplateInput): Result<object> {
  const clay = clayFigures(body);
  const grow = 1 / remaining(clay.shrinkage, 'glazed', 'width');
  if (wall) {
    const fault = wallFault(wall);
    if (fault) return bad(fault.path, fault.message);
    const strip = scaledStrip(stripOf(wall), grow);
    return good(strip.shape === 'rectangle' ? { ...strip, length: strip.length + overlap } : strip);
  }
  const checked = formChecked(form!);
  if (!checked.ok) return checked;
  const choices = { ...USUAL_SLAB, ...slab };
  const parts = slabParts(checked.value, grow * remaining(clay.shrinkage, choices.cutAt, 'width'), grow, choices);
  return good({ at: choices.cutAt, parts: parts.map(partOut) });
}

export const coilsSchema = joi.object({
  body: bodySchema.required(),
  form: formSchema.required(),
  pinchPercent: joi.number().min(0).max(95),
  gain: joi.number().min(0.2).max(3),
  thickness: sizeMm,
});

interface CoilsInput {
  readonly body: ClayFacts;
  readonly form: FormInput;
  readonly pinchPercent?: number;
  readonly gain?: number;
  readonly thickness?: number;
}

/** The verb `coils`: a finished round form pinched and coiled; wet mm and g. */
export function coilsVerb({ body, form, pinchPercent, gain, thickness }: CoilsInput): Result<object> {
  const checked = formChecked(form);
  if (!checked.ok) return checked;
  const { family } = checked.value;
  const sized = size(clayFigures(body), checked.value, 'glazed', NOTHING_LOST);
  if (sized.wet.plan || FAMILIES[family].solid)
    return bad('form.family', `Coils go round: a ${family} is built of slabs. Use one of the round, hollow forms.`);
  const choices: CoilChoices = {
    ...USUAL_COIL,
    ...(pinchPercent !== undefined && { pinchShare: pinchPercent / 100 }),
    ...(gain !== undefined && { gain }),
    thickness,
  };
  const plan = coilPlan(clayFigures(body), sized, choices);
  return plan.ok ? plan : bad('form.family', plan.problem.message);
}

export const formerSchema = joi.object({
  body: bodySchema.required(),
  former: joi
    .object({
      measured: joi.string().valid('inside', 'outside').required(),
      points: joi
        .array()
        .items(joi.object({ height: zeroOrMm.required(), width: zeroOrMm.required() }))
        .max(40)
        .required(),
    })
    .required(),
  stop: sizeMm,
  thickness: sizeMm.required(),
});

interface FormerInput {
  readonly body: ClayFacts;
  readonly former: Former;
  readonly stop?: number;
  readonly thickness: number;
}

/** The verb `former`: what a slab so thick (wet), stopped at a height of a former, finishes at, and the disc of slab it takes. */
export function formerVerb({ body, former, stop, thickness }: FormerInput): Result<object> {
  const checked = checkFormer(former, write);
  if (!checked.ok) return inside('former', checked.problem);
  const highest = checked.value.at(-1)!.height;
  const at = stop ?? highest;
  if (at > highest) return bad('stop', `The former is ${write(highest)} high; the clay cannot stop at ${write(at)}.`);
  if (at <= 2 * thickness) return bad('stop', `A wall ${write(at)} high is all floor. Stop above ${write(2 * thickness)}.`);
  const clay = clayFigures(body);
  const { knots, sizes } = formed(former, at, thickness);
  const made = { family: 'profile' as const, manner: { foot: 'flat' as const }, knots, sizes } as unknown as Form<'wet'>;
  const form = checkForm(made, write);
  if (!form.ok) return bad('former', form.problem.message);
  const sized = size(clay, form.value, 'wet', NOTHING_LOST);
  const { height, rimDiameter, wall, floor } = sized.stages.glazed.sizes;
  return good({
    finished: { height, rimDiameter, wall, floor },
    capacityMl: sized.capacityMl,
    slabAcross: slabAcross(former, at, thickness),
    massG: { piece: sized.masses.trimmed, glazed: sized.masses.glazed },
  });
}

export const handleSchema = joi.object({
  body: bodySchema.required(),
  form: formSchema.required(),
  handle: joi
    .object({
      kind: oneOf(HANDLE_KINDS),
      fingers: joi.number().valid(1, 2, 3, 4),
      fingerWidth: sizeMm,
      reach: sizeMm,
      width: sizeMm,
      thickness: sizeMm,
      below: zeroOrMm,
      kept: joi.number().min(0.05).max(1),
      pieces: joi.number().integer().min(1).max(5000),
      succeeds: joi.number().min(0.05).max(1),
      firmness: oneOf(FIRMNESS),
      strands: joi.number().valid(2, 3),
    })
    .required(),
});

interface HandleInput {
  readonly body: ClayFacts;
  readonly form: FormInput;
  readonly handle: Partial<HandleChoices>;
}

/** The verb `handle`: the wet handle for a hole that so many fingers pass when it is fired. */
export function handleVerb({ body, form, handle }: HandleInput): Result<object> {
  const checked = formChecked(form);
  if (!checked.ok) return checked;
  const clay = clayFigures(body);
  const made = handlePlan(clay, size(clay, checked.value, 'glazed', NOTHING_LOST), { ...USUAL_HANDLE, ...handle }, write);
  return made.ok ? made : inside('handle', made.problem);
}

export const cuttersSchema = joi
  .object({
    body: bodySchema.required(),
    cutters: joi
      .array()
      .items(
        joi.object({
          id: joi.string().max(100).required(),
          shape: joi.string().valid('round', 'square').required(),
          width: sizeMm.required(),
          hollows: sizeMm,
        }),
      )
      .min(1)
      .max(200)
      .unique('id')
      .required(),
    at: joi.string().valid(...STAGES),
    finished: sizeMm,
    mouth: joi.object({ inside: sizeMm.required(), outside: sizeMm.required() }),
    fit: oneOf(FITS),
  })
  .xor('finished', 'mouth');

interface CuttersInput {
  readonly body: ClayFacts;
  readonly cutters: readonly Cutter[];
  readonly at?: Stage;
  readonly finished?: number;
  readonly mouth?: { readonly inside: number; readonly outside: number };
  readonly fit?: Fit;
}

/** The verb `cutters`: what each finishes at, nearest first; or the pairs for a lid with an insert, best first. */
export function cuttersVerb({ body, cutters, at = 'wet', finished, mouth, fit = 'easy' }: CuttersInput): Result<object> {
  const clay = clayFigures(body);
  const pairs = mouth && lidPairs(clay, cutters, at, [mouth], fit).map(({ gapMost: _, ...pair }) => pair);
  return good(pairs ? { pairs } : { cutters: cuttersFor(clay, cutters, at, finished!) });
}
