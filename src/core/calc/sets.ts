import { clayFigures } from '@/core/clay';
import { type Form, type Outline, checkForm } from '@/core/form';
import { type History, type WorkStep, extras, matchSets, pairHeight, schedule, stackHeight, stacked, worthOf } from '@/core/sets';
import { NOTHING_LOST, size } from '@/core/sizing';
import { METRIC, type Result, bad, good, text, writeLength } from '@/core/units';
import { type FormInput, bodySchema, formFrom, formSchema, joi } from './schema';
import { inside } from './size';

const count = joi.number().integer().min(1);
const share = joi.number().min(0);

export const stackSchema = joi
  .object({ body: bodySchema, form: formSchema.required(), count: count.min(2).max(1000), onto: formSchema })
  .oxor('count', 'onto');

interface StackInput {
  readonly form: FormInput;
  readonly count?: number;
  readonly onto?: FormInput;
}

/** A finished form as its section, and how high it is. */
function finished(field: string, input: FormInput): Result<{ readonly outline: Outline; readonly height: number }> {
  const form: Form<'glazed'> = formFrom(input, 'glazed');
  const checked = checkForm(form, (mm) => text(writeLength(mm, METRIC)));
  if (!checked.ok) return inside(field, checked.problem);
  // finished sections do not hang on the clay
  const sized = size(clayFigures({ kind: 'stoneware' }), form, 'glazed', NOTHING_LOST);
  if (sized.fired.plan) return bad(`${field}.family`, `A ${input.family} is not round: only round pieces are stacked by their sections.`);
  return good({ outline: sized.fired, height: sized.stages.glazed.sizes.height });
}

/** The verb `stack`: the pitch of pieces set onto or into each other, how high they stand, and where they touch. */
export function stackVerb({ form, count: many = 2, onto }: StackInput): Result<object> {
  const upper = finished('form', form);
  if (!upper.ok) return upper;
  const lower = onto ? finished('onto', onto) : upper;
  if (!lower.ok) return lower;
  const found = stacked(lower.value.outline, upper.value.outline);
  if (!found) return bad('onto', 'The two share no radius: one is a ring that passes over the other.');
  const { pitch, touch } = found;
  const height = onto ? pairHeight(lower.value.height, upper.value.height, pitch) : stackHeight(upper.value.height, pitch, many);
  return good({ pitch, height, touch });
}

export const extrasSchema = joi.object({
  need: count.max(10_000).required(),
  odds: joi.number().min(0.5).max(0.999),
  lossPercent: share.max(95),
  history: joi.object({ made: joi.number().integer().min(0).max(1e6).required(), lost: joi.number().integer().min(0).max(1e6).required() }),
});

interface ExtrasInput {
  readonly need: number;
  readonly odds?: number;
  readonly lossPercent?: number;
  readonly history?: History;
}

/** The verb `extras`: how many to make so that enough come out. */
export function extrasVerb({ need, odds = 0.9, lossPercent = 10, history }: ExtrasInput): Result<object> {
  if (history && history.lost > history.made)
    return bad('history.lost', `${history.lost} lost is more than the ${history.made} made. Check both figures.`);
  return good(extras(need, odds, lossPercent / 100, history));
}

const day = joi.string().custom((value: string, helpers) => {
  const real = /^\d{4}-\d{2}-\d{2}$/.test(value) && new Date(`${value}T00:00:00Z`).toJSON()?.slice(0, 10) === value;
  return real ? value : helpers.error('day.none');
});

export const scheduleSchema = joi.object({
  due: day.required(),
  steps: joi
    .array()
    .items(
      joi.object({
        name: joi.string().min(1).max(200).required(),
        days: count.max(366).required(),
        waits: joi.boolean(),
        loaded: joi.boolean(),
      }),
    )
    .min(1)
    .max(100)
    .required(),
  workdays: joi.array().items(joi.number().integer().min(1).max(7)).max(7).unique(),
  off: joi.array().items(day).max(2000),
});

interface ScheduleInput {
  readonly due: string;
  readonly steps: readonly WorkStep[];
  readonly workdays?: readonly number[];
  readonly off?: readonly string[];
}

const MONDAY_TO_FRIDAY = [1, 2, 3, 4, 5];

/** The verb `schedule`: days for the steps of an order, backwards from the day it is due. */
export function scheduleVerb({ due, steps, workdays = MONDAY_TO_FRIDAY, off = [] }: ScheduleInput): Result<object> {
  const found = schedule(due, steps, { workdays, off });
  return found.ok ? good({ steps: found.value }) : found;
}

export const worthSchema = joi.object({
  price: joi.number().positive().max(1e6).required(),
  shopPercent: share.max(99),
  costs: share.max(1e6).required(),
  minutes: joi.number().positive().max(100_000).required(),
  lossPercent: share.max(95),
  wantPerHour: joi.number().positive().max(1e6).required(),
});

interface WorthInput {
  readonly price: number;
  readonly shopPercent?: number;
  readonly costs: number;
  readonly minutes: number;
  readonly lossPercent?: number;
  readonly wantPerHour: number;
}

/** The verb `worth`: what a piece brings, and how long it may take. */
export const worthVerb = ({ shopPercent = 0, lossPercent = 0, ...sale }: WorthInput): Result<object> =>
  good(worthOf({ ...sale, shop: shopPercent / 100, loss: lossPercent / 100 }));

const reading = joi.number().min(-1e5).max(1e5);

export const matchSchema = joi.object({
  pieces: joi.array().items(joi.object().pattern(joi.string(), reading)).min(1).max(500).required(),
  setSize: count.min(2).max(500).required(),
  tolerance: joi.object().pattern(joi.string(), joi.number().positive().max(1e5)).min(1).max(20).required(),
});

interface MatchInput {
  readonly pieces: readonly Readonly<Record<string, number>>[];
  readonly setSize: number;
  readonly tolerance: Readonly<Record<string, number>>;
}

/** The verb `match`: measured pieces sorted into sets that agree within the tolerances. */
export function matchVerb({ pieces, setSize, tolerance }: MatchInput): Result<object> {
  if (setSize > pieces.length)
    return bad('setSize', `${pieces.length} pieces are too few for a set of ${setSize}. Measure more, or ask for a smaller set.`);
  const features = Object.entries(tolerance);
  for (const [i, piece] of pieces.entries()) {
    const missing = features.find(([feature]) => !Object.hasOwn(piece, feature));
    if (missing)
      return bad(
        `pieces.${i}.${missing[0]}`,
        'This size has a tolerance, but the piece was not measured there. Measure it, or leave the tolerance out.',
      );
  }
  return good(
    matchSets(
      pieces.map((piece) => features.map(([feature, within]) => piece[feature]! / within)),
      setSize,
    ),
  );
}
