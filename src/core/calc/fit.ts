import { type ClayFacts, type ClayFigures, STAGES, type Stage, clayFigures, remaining } from '@/core/clay';
import { LARGEST_MM } from '@/core/form';
import {
  type Best,
  type ClayWidth,
  type GapRange,
  OVALITY_SD,
  type Pair,
  type RigidWidth,
  MOST_PAIRED,
  SEAT_SHARE,
  type SeatShare,
  type Stopper,
  bestMouth,
  bestWidth,
  gapOf,
  isAhead,
  oddsOf,
  pairUp,
  seatOf,
  shownFit,
  stopperFault,
} from '@/core/fit';
import { TOOL_SD } from '@/core/sizing';
import { type Problem, type Result, type StepUnits, good, quote } from '@/core/units';
import { bodySchema, joi } from './schema';

const sizeMm = joi.number().positive().max(LARGEST_MM);
const sdMm = joi.number().min(0).max(100);

const inClay = joi.object({
  at: joi
    .string()
    .valid(...STAGES)
    .required(),
  diameter: sizeMm.required(),
  toolSd: sdMm,
  lean: joi.number().min(-100).max(100),
  ovalitySd: sdMm,
  glaze: joi.number().min(0).max(10),
});

const rigid = joi.object({ rigid: joi.boolean().valid(true).required(), diameter: sizeMm.required() });

const gapSchema = joi.object({
  min: joi.number().min(-100).max(100).required(),
  max: joi.number().min(-100).max(100).required(),
});

export const fitSchema = joi.object({
  body: bodySchema.required(),
  pot: inClay.required(),
  lid: joi.when('.rigid', { is: joi.exist(), then: rigid.required(), otherwise: inClay.required() }),
  gap: gapSchema.required(),
  units: joi.string().valid('mm', 'in'),
  sameFiring: joi.boolean(),
});

interface ClayInput {
  readonly at: Stage;
  readonly diameter: number;
  readonly toolSd?: number;
  readonly lean?: number;
  readonly ovalitySd?: number;
  readonly glaze?: number;
}

const madeOf = (clay: ClayFigures, { toolSd = TOOL_SD.gauge, ovalitySd = OVALITY_SD, ...width }: ClayInput): ClayWidth => ({
  clay,
  toolSd,
  ovalitySd,
  ...width,
});

const turned = ({ min, max }: { readonly min: number; readonly max: number }, path: string): Problem | undefined =>
  min < max ? undefined : { path: `${path}.min`, message: `${min} must be smaller than ${max}. Swap them.` };

interface FitInput {
  readonly body: ClayFacts;
  readonly pot: ClayInput;
  readonly lid: ClayInput | RigidWidth;
  readonly gap: GapRange;
  readonly sameFiring?: boolean;
  readonly units?: StepUnits;
}

function lidAhead(pot: ClayInput, lid: ClayInput | RigidWidth): Problem | undefined {
  if ('rigid' in lid || !isAhead(lid.at, pot.at)) return undefined;
  return {
    path: 'lid.at',
    message: `A lid that is ${quote(lid.at)} is drier than a pot that is ${quote(pot.at)}. Give it the pot’s stage or an earlier one, or "glazed" once it is fired.`,
  };
}

/** The verb `fit`: the odds that a lid jams, is good, or is loose, the finished gap, and the pot's best diameter at its stage. */
export function fitVerb({ body, pot, lid, gap, sameFiring = true, units = 'mm' }: FitInput): Result<object> {
  const problem = turned(gap, 'gap') ?? lidAhead(pot, lid);
  if (problem) return { ok: false, problem };
  const clay = clayFigures(body);
  const pair: Pair = { mouth: madeOf(clay, pot), lid: 'rigid' in lid ? lid : madeOf(clay, lid), sameFiring };
  const found = gapOf(pair);
  const best = bestWidth(pair, 'mouth', gap);
  return good({
    odds: oddsOf(found, gap),
    gap: { mean: found.mean, sd: found.sd },
    best: { diameter: best.diameter, good: best.odds.good },
    ...shownOf(pair, pot.diameter, gap, best, units),
  });
}

const asRange = (window: readonly [number, number]) => ({ min: window[0], max: window[1] });

/** The window of the pot's width, and the figure that is shown with its own odds and finish. */
function shownOf(pair: Pair, typed: number, gap: GapRange, best: Best, units: StepUnits) {
  const found = shownFit(pair, 'mouth', gap, best, units);
  if (!found) return { go: null, shown: null };
  const { window, shown } = found;
  const { mouth } = pair;
  const left =
    'rigid' in mouth ? 1 : remaining(mouth.clay.shrinkage, 'glazed', 'width') / remaining(mouth.clay.shrinkage, mouth.at, 'width');
  return {
    go: asRange(window),
    shown: {
      step: shown.step,
      figure: shown.figure,
      go: shown.go ? asRange(shown.go) : null,
      odds: shown.odds,
      finished: shown.figure * left,
      within: typed >= window[0] - 1e-9 && typed <= window[1] + 1e-9,
    },
  };
}

export const seatSchema = joi.object({
  body: bodySchema.required(),
  pot: inClay.required(),
  stopper: joi.object({ bottom: sizeMm.required(), top: sizeMm.required(), length: sizeMm.required() }).required(),
  share: joi.object({ min: joi.number().min(0).max(1).required(), max: joi.number().min(0).max(1).required() }),
});

interface SeatInput {
  readonly body: ClayFacts;
  readonly pot: ClayInput;
  readonly stopper: Stopper;
  readonly share?: SeatShare;
}

/** The verb `seat`: how deep a tapered stopper goes, with the odds, and the pot's best diameter at its stage. */
export function seatVerb({ body, pot, stopper, share = SEAT_SHARE }: SeatInput): Result<object> {
  const problem = turned(share, 'share') ?? stopperFault(stopper, 'stopper');
  if (problem) return { ok: false, problem };
  const mouth = madeOf(clayFigures(body), pot);
  const { odds, depth } = seatOf(mouth, stopper, share);
  const best = bestMouth(mouth, stopper, share);
  return good({ odds, depth, best: { diameter: best.diameter, good: best.odds.good } });
}

const widths = joi.array().items(sizeMm).max(MOST_PAIRED).required();

export const pairSchema = joi.object({ mouths: widths, lids: widths, gap: gapSchema.required() });

interface PairInput {
  readonly mouths: readonly number[];
  readonly lids: readonly number[];
  readonly gap: GapRange;
}

/** The verb `pair`: as many finished mouths and lids that fit as can be, nearest to the middle of the gap; the rest is listed. */
export function pairVerb({ mouths, lids, gap }: PairInput): Result<object> {
  const problem = turned(gap, 'gap');
  return problem ? { ok: false, problem } : good(pairUp(mouths, lids, gap));
}
