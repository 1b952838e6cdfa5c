import {
  type Bar,
  type ClayFacts,
  type FiredBar,
  READING_ERROR_MM,
  type MeasuredWith,
  believeFiring,
  believeHeight,
  believedShares,
  clayFigures,
  priorOf,
  sharesOf,
} from '@/core/clay';
import { type LossClass, PASSAGES, type Passage, type Passages, leanOf, sagOf, survivalOf } from '@/core/learn';
import { makeFromBeta } from '@/core/sets';
import { TOOL_SD } from '@/core/sizing';
import { type Result, bad, good } from '@/core/units';
import { bodySchemaWith, joi } from './schema';
import { toldBelief, toldWithoutWeight } from './told';

/** The verbs for what a workshop teaches: the hand's lean, height, firings, loss by passage, sag. */

const length = joi.number().positive().max(3000);
const measuredWith = joi.string().valid('ruler', 'caliper');

export const handLeanSchema = joi.object({
  tool: joi
    .string()
    .valid(...Object.keys(TOOL_SD))
    .required(),
  readings: joi
    .array()
    .items(
      joi.object({
        planned: length.required(),
        thrown: length.required(),
        taken: joi.number().min(-100).max(100),
        measured: measuredWith,
        sure: joi.boolean(),
      }),
    )
    .max(10_000)
    .required(),
  step: joi.number().positive().max(100),
});

interface HandInput {
  readonly tool: keyof typeof TOOL_SD;
  readonly readings: readonly { planned: number; thrown: number; taken?: number; measured?: MeasuredWith; sure?: boolean }[];
  readonly step?: number;
}

/** The verb `hand`: how one hand leans and scatters with one tool in one direction. */
export function handLeanVerb({ tool, readings, step = 1 }: HandInput): Result<object> {
  const found = leanOf(
    readings.map(({ measured = 'ruler', ...reading }) => ({ ...reading, readingSd: READING_ERROR_MM[measured] })),
    TOOL_SD[tool],
    step,
  );
  return good({ ...found, leanSd: found.leanSd ?? null, takeOff: found.takeOff ?? null });
}

interface Body extends ClayFacts {
  readonly bars?: readonly (FiredBar & { readonly direction?: 'width' | 'height' })[];
}

const direction = joi.string().valid('width', 'height');
export const heightSchema = joi.object({ body: bodySchemaWith({ direction }).required() });

const isUpright = ({ direction: along }: { readonly direction?: 'width' | 'height' | undefined }): boolean => along === 'height';

function sharesOfBody(body: Body) {
  const { shares, sources } = sharesOf(body);
  return believedShares(shares, sources);
}

function heightOf(body: Body) {
  const bars = body.bars ?? [];
  const widths: readonly Bar[] = bars.filter((bar) => !isUpright(bar));
  const width = clayFigures({ ...body, bars: widths, heightShrinkagePercent: undefined }).belief;
  return { width, ...believeHeight(body, widths, bars.filter(isUpright), width, sharesOfBody({ ...body, bars: widths })) };
}

/** The verb `height`: what is believed of height, from width and from heights. */
export function heightVerb({ body }: { readonly body: Body }): Result<object> {
  const { belief, ratio, ratioSd, width } = heightOf(body);
  return good({ ...toldBelief(belief), ratio, ratioSd, width: toldBelief(width) });
}

const name = joi.string().min(1).max(100);
const temperatureC = joi.number().min(500).max(1500);
export const firingSchema = joi.object({
  body: bodySchemaWith({ direction, firing: name, kiln: name, temperatureC, batch: name }).required(),
  firing: name,
  kiln: name,
  temperatureC,
});

interface FiringInput {
  readonly body: Body;
  readonly firing?: string;
  readonly kiln?: string;
  readonly temperatureC?: number;
}

/** The verb `firing`: what is believed of width for one firing, kiln and heat. */
export function firingVerb({ body, ...asked }: FiringInput): Result<object> {
  const bars = (body.bars ?? []).filter((bar) => !isUpright(bar));
  const heats = bars.flatMap((bar) => (bar.glazed !== undefined && bar.temperatureC !== undefined ? [bar.temperatureC] : []));
  if (asked.temperatureC === undefined && Math.max(...heats) - Math.min(...heats) > 15)
    return bad(
      'temperatureC',
      `The bars were fired at ${Math.min(...heats)} to ${Math.max(...heats)} degrees. Enter the temperature that is asked about.`,
    );
  const wrong = bars.findIndex(({ batch, sameBatch }) => batch !== undefined && sameBatch !== false);
  if (wrong >= 0)
    return bad(`body.bars.${wrong}.batch`, 'A batch is named only of a bar that is not of this batch. Add "sameBatch": false.');
  const found = believeFiring(priorOf(body.kind, body.shrinkagePercent), bars, sharesOfBody({ ...body, bars }), asked);
  const points = (by: Readonly<Record<string, number>>) => Object.fromEntries(Object.entries(by).map(([key, value]) => [key, value * 100]));
  return good({
    ...toldWithoutWeight(found.belief),
    firingSdPercent: found.firingSd * 100,
    firings: points(found.firings),
    kilns: points(found.kilns),
    slopePer40: found.slopePer40 === undefined ? null : found.slopePer40 * 100,
  });
}

const counts = joi.object({
  passed: joi.number().integer().min(0).max(1e6).required(),
  lost: joi.number().integer().min(0).max(1e6).required(),
});
export const survivalSchema = joi.object({
  class: joi.string().valid('hollow', 'flat', 'parts'),
  lossPercent: joi.number().min(0).max(100),
  history: joi.object(Object.fromEntries(PASSAGES.map((passage) => [passage, counts]))),
  from: joi.string().valid(...PASSAGES),
  count: joi.string().valid('firsts', 'whole'),
  need: joi.number().integer().min(1).max(2000),
  odds: joi.number().greater(0).less(1),
});

interface SurvivalInput {
  readonly class?: LossClass;
  readonly lossPercent?: number;
  readonly history?: Passages;
  readonly from?: Passage;
  readonly count?: 'firsts' | 'whole';
  readonly need?: number;
  readonly odds?: number;
}

/** The verb `survival`: how many come out, by passage, and how many to make. */
export function survivalVerb({ class: kind, lossPercent, history, from = 'wet', count, need, odds = 0.9 }: SurvivalInput): Result<object> {
  if (from === 'first' && count === 'whole') return bad('from', 'From “first” on nothing but firsts is counted. Leave "count" out.');
  const found = survivalOf({
    kind,
    loss: lossPercent === undefined ? undefined : lossPercent / 100,
    history,
    from,
    whole: count === 'whole',
  });
  const make = need === undefined ? undefined : makeFromBeta(need, odds, found.a, found.b);
  return good({
    goodPercent: found.good * 100,
    passages: Object.fromEntries(Object.entries(found.losses).map(([passage, share]) => [passage, share * 100])),
    a: found.a,
    b: found.b,
    ...(need !== undefined && { make: make?.make ?? null, odds: make?.odds ?? null }),
  });
}

export const sagSchema = joi.object({
  body: bodySchemaWith({ direction }).required(),
  pieces: joi
    .array()
    .items(joi.object({ thrown: length, tool: measuredWith, fired: length.required(), firedTool: measuredWith }))
    .max(10_000)
    .required(),
});

interface SagInput {
  readonly body: Body;
  readonly pieces: readonly { thrown?: number; tool?: MeasuredWith; fired: number; firedTool?: MeasuredWith }[];
}

/** The verb `sag`: how much a form sinks beyond what its clay shrinks. */
export function sagVerb({ body, pieces }: SagInput): Result<object> {
  const grown = pieces.findIndex(({ thrown, fired }) => thrown !== undefined && fired >= thrown);
  if (grown >= 0) {
    const { thrown, fired } = pieces[grown]!;
    return bad(`pieces.${grown}.fired`, `A piece that was ${thrown} mm wet cannot be ${fired} mm fired, because clay shrinks.`);
  }
  const { belief } = heightOf(body);
  const readings = pieces.flatMap(({ thrown, tool = 'ruler', fired, firedTool = 'ruler' }) =>
    thrown === undefined ? [] : [{ thrown, thrownSd: READING_ERROR_MM[tool], fired, firedSd: READING_ERROR_MM[firedTool] }],
  );
  const { sag, sd, count, used } = sagOf(readings, belief);
  return good({ sagPercent: sag * 100, sdPercent: sd * 100, count, used });
}
