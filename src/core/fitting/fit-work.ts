import { type Stage, remaining } from '@/core/clay';
import {
  type Best,
  type ClayWidth,
  type CoilFlange,
  type Costs,
  EQUAL_COSTS,
  type Gap,
  type GapRange,
  type Help,
  NARROW_COSTS,
  type Odds,
  type Pair,
  type Side,
  type Stopper,
  type Width,
  bestWidth,
  coilFlange,
  gapOf,
  helpsFor,
  oddsOf,
  shownFit,
} from '@/core/fit';
import { FAMILIES, radiusAt } from '@/core/form';
import { type Sized } from '@/core/sizing';
import { type Result, good, stepUnits } from '@/core/units';
import { type Asked, type FitRows, isBelowShelf, lotFor, metBy, ownWidth, problem } from './fit-met';
import { asMeant, type Fitting, type Part, shopOf, type Stock, USUAL_DEPTH, USUAL_OVERHANG } from '@/core/records';
import { thickOf } from './lid-parts';

/** A fit worked out. */
export interface FitWork {
  readonly fitting: Fitting;
  readonly pair: Pair;
  /** The side that is made, or can still be changed, now. */
  readonly side: Side;
  readonly at: Stage;
  /** Its width as it is planned or measured at that stage; of a lid still to be made the best one. */
  readonly width: number;
  /** The gap wanted, told at the rim: where the mouth narrows below it, more by `narrows`. */
  readonly range: GapRange;
  /** How much narrower the mouth is, finished, where the lid ends in it. */
  readonly narrows: number;
  readonly gap: Gap;
  readonly odds: Odds;
  /** The width to make, as it is shown: a figure that a hand can set, with its own odds. */
  readonly best: Best;
  /** Widths with nine tenths of the best odds or more; none where not one in a hundred would do. */
  readonly window: readonly [number, number] | undefined;
  /** The same in figures that a hand can set, rounded inward. */
  readonly go: readonly [number, number] | undefined;
  /** What a figure is a multiple of, mm. */
  readonly step: number | undefined;
  /** What that width finishes at, the shrinkage as believed. */
  readonly finishes: number;
  readonly stopper: Stopper | undefined;
  readonly stock: Stock | undefined;
  /** Of a lid to be made that lies on the rim: the disc over all, at the lid's stage. */
  readonly disc: Disc | undefined;
  /** A coil below that disc in place of an insert, at the lid's stage. */
  readonly flange: CoilFlange | undefined;
}

/** The disc of a lid, mm: at the stage it is cut, and finished. */
export interface Disc {
  readonly width: number;
  readonly finished: number;
}

/** What a mouth with two gauge widths loses from one to the other, finished: as measured at its stage, of the clay it is of. mm */
function taperOf(mouth: Width, below: number | undefined): number | undefined {
  if (below === undefined || 'rigid' in mouth) return undefined;
  return Math.max(0, finishedOf(mouth, mouth.diameter - below));
}

/** How much narrower a mouth is, finished, so far below its rim as a lid hangs in; a gallery is as wide as it is. mm */
function narrowing(part: Part, { fired, stages }: Sized, { depth = USUAL_DEPTH }: Fitting): number {
  if (part.manner.mouth === 'gallery' || fired.plan) return 0;
  const rim = stages.glazed.sizes.height;
  const [mouth, below] = [rim, rim - depth].map((z) => 2 * radiusAt(fired.inside, Math.max(z, fired.inside.at(-1)!.z))) as [number, number];
  return Math.max(0, mouth - below);
}

/** How far a lid stands out beyond the rim where it is no cover, finished. Ours. */
const BEYOND = 3;

/** The disc above the insert: out beyond the rim, or of a cover so far beyond the mouth. A lid that drops into a gallery has none. */
function discOf({ part, sized, fitting }: Asked, { lid }: Pair): Disc | undefined {
  if (fitting.with !== 'lid' || fitting.over || part.manner.mouth === 'gallery' || 'rigid' in lid) return undefined;
  const { rimDiameter, mouthInside = rimDiameter } = sized.stages.glazed.sizes;
  const finished = fitting.fit === 'cover' ? mouthInside + 2 * (fitting.overhang ?? USUAL_OVERHANG) : rimDiameter + 2 * BEYOND;
  return { width: finished / finishedOf(lid, 1), finished };
}

/** What a width finishes at, the shrinkage as believed. mm */
const finishedOf = (width: Width, diameter: number): number =>
  'rigid' in width
    ? diameter
    : (diameter * remaining(width.clay.shrinkage, 'glazed', 'width')) / remaining(width.clay.shrinkage, width.at, 'width');

const costsOf = ({ narrow, cost }: Fitting): Costs => (narrow ? { ...NARROW_COSTS, ...(cost && { loose: cost }) } : EQUAL_COSTS);

/** Whether its width as planned or measured fits as it is: then nothing is offered in its place. */
export const isWithin = ({ window, width }: Pick<FitWork, 'window' | 'width'>): boolean =>
  window !== undefined && width >= window[0] - 1e-9 && width <= window[1] + 1e-9;

/** What would help most: nothing once it is fired, and what is done already is no help. */
export const helpsOf = ({ pair, side, range, fitting, at }: FitWork): Help[] =>
  at === 'glazed' ? [] : helpsFor(pair, side, range, costsOf(fitting)).filter(({ name }) => name !== 'warp' || fitting.dried !== 'on');

/** A lot of the kit that would do as well, with its odds. */
export interface OtherLot {
  readonly lot: Stock;
  readonly good: number;
}

/** Seldomer than this it is no way out. Ours. */
const WORTH_TRYING = 0.3;

/** Which other lots of the kit would fit a part as it is now, the likeliest first. */
export function otherLots(workspace: FitRows, part: Part, sized: Sized, fitting: Fitting): readonly OtherLot[] {
  if (fitting.with !== 'stock') return [];
  const others = (shopOf(workspace).stock ?? []).filter(({ id, kind }) => id !== fitting.stockId && kind !== 'shelf');
  return others
    .flatMap((lot) => {
      const found = fitOf(workspace, part, sized, { ...asMeant(fitting, lot), stockId: lot.id });
      return found.ok && found.value.odds.good >= WORTH_TRYING ? [{ lot, good: found.value.odds.good }] : [];
    })
    .sort((a, b) => b.good - a.good);
}

/**
 * Works out how a part fits with what it is to fit: the gap and its odds, the best width to make at the stage it is at, and what
 * comes with it. A problem says in words what is still to be chosen or measured, or why nothing can be made to it.
 */
export function fitOf(workspace: FitRows, part: Part, sized: Sized, chosen: Fitting): Result<FitWork> {
  const fitting = asMeant(chosen, lotFor(workspace, chosen));
  const asked: Asked = { part, sized, workspace, fitting };
  const own = ownWidth(asked);
  if (FAMILIES[part.family].flatSided && !isBelowShelf(workspace, fitting))
    return problem(
      `The mouth of ${FAMILIES[part.family].about} is not round, and Rimbet fits round lids here. Choose a shelf it stands under, or measure each gap along length and width.`,
    );
  if (!own) return problem('This form has no round mouth, so nothing can be fitted to it.');
  const met = metBy(asked, own);
  if (!met.ok) return met;
  const { side, stopper, stock, into, below } = met.value;
  const narrows = taperOf(met.value.pair.mouth, below) ?? (into ? narrowing(into.part, into.sized, fitting) : 0);
  const range = { min: met.value.range.min + narrows, max: met.value.range.max + narrows };
  const free = fitting.with === 'lid' && fitting.other?.mm === undefined;
  const ideal = bestWidth(met.value.pair, side, range, costsOf(fitting));
  const told = shownFit(met.value.pair, side, range, ideal, stepUnits(workspace.settings?.units.length ?? 'mm'), costsOf(fitting));
  // the figure shown is the one that is made, offered, printed and told the odds of
  const best: Best = told ? { diameter: told.shown.figure, odds: told.shown.odds } : ideal;
  const pair: Pair = free ? { ...met.value.pair, [side]: { ...met.value.pair[side], diameter: best.diameter } } : met.value.pair;
  const made = pair[side] as ClayWidth;
  const gap = gapOf(pair);
  const disc = discOf(asked, pair);
  return good({
    fitting,
    pair,
    side,
    at: made.at,
    width: made.diameter,
    range,
    narrows,
    gap,
    odds: oddsOf(gap, range),
    best,
    window: told?.window,
    go: told?.shown.go,
    step: told?.shown.step,
    finishes: finishedOf(made, best.diameter),
    stopper,
    stock,
    disc,
    flange: fitting.held === 'coil' && disc ? coilFlange(best.diameter, thickOf(sized) / finishedOf(made, 1)) : undefined,
  });
}
