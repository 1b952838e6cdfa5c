import { type ClayFigures, type Stage, remaining } from '@/core/clay';
import {
  type Best,
  type ClayWidth,
  type CoilFlange,
  type Costs,
  EQUAL_COSTS,
  type Gap,
  type GapRange,
  type Help,
  MEASURED_SD,
  NARROW_COSTS,
  type Odds,
  type Pair,
  SEAT_SHARE,
  type Side,
  type Stopper,
  type Width,
  bestWidth,
  coilFlange,
  gapOf,
  goWindow,
  helpsFor,
  isAhead,
  oddsOf,
  seatRange,
  stopperPair,
} from '@/core/fit';
import { radiusAt } from '@/core/form';
import { type Sized, sdOf } from '@/core/sizing';
import { type Result, bad, good } from '@/core/units';
import { type ClayRows, clayOf } from './clay';
import { type Fitting, SHELF_GAP, USUAL_DEPTH, USUAL_OVERHANG, asMeant, gapRangeOf, isLid, meetingSize } from './fitting';
import { learnedOval, typicalOval } from './warp';
import { thickOf } from './lid-parts';
import { partOf } from './parts';
import type { Part, Workspace } from './records';
import { shopOf } from './shop';
import { sizedPlanPart } from './sized-plan';
import { type Stock, lotOf, stopperOf } from './stock';

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
  readonly best: Best;
  /** What the best width finishes at, the shrinkage as believed. */
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

type Needed = ClayRows & Pick<Workspace, 'shop' | 'plans' | 'formers'>;

interface Asked {
  readonly part: Part;
  readonly sized: Sized;
  readonly workspace: Needed;
  readonly fitting: Fitting;
}

/** The lot of the kit a fit is with. */
const lotFor = (workspace: Pick<Workspace, 'shop'>, { with: what, stockId }: Fitting): Stock | undefined =>
  what === 'stock' ? shopOf(workspace).stock?.find(({ id }) => id === stockId) : undefined;

/** Whether a piece is to stand under a shelf of the kit. */
const isBelowShelf = (workspace: Pick<Workspace, 'shop'>, fitting: Fitting): boolean => lotFor(workspace, fitting)?.kind === 'shelf';

/** The size of a piece that meets the other. */
export const meetsBy = (workspace: Pick<Workspace, 'shop'>, part: Pick<Part, 'family'>, fitting: Fitting): MeetsBy =>
  isBelowShelf(workspace, fitting) ? 'height' : meetingSize(part, fitting);

type MeetsBy = ReturnType<typeof meetingSize> | 'height';

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

/** Sd of how oval a width of a part comes out, mm: as those made, dried and fired alike showed it from three on. */
const ovalityOf = (workspace: Needed, { family, firing }: Part, { dried = 'apart' }: Fitting, diameter: number): number =>
  typicalOval(dried, diameter) * (learnedOval(workspace, family, { dried, cone: firing?.cone })?.times ?? 1);

/** A clay's figures for what is measured upwards: its shrinkage in height where a width's would be. */
function upwards(figures: ClayFigures): ClayFigures {
  const known = upwardsKept.get(figures);
  if (known) return known;
  const { shrinkage, heightBelief } = figures;
  const made = { ...figures, belief: heightBelief, shrinkage: { ...shrinkage, width: shrinkage.height } };
  upwardsKept.set(figures, made);
  return made;
}

const upwardsKept = new WeakMap<ClayFigures, ClayFigures>();

/** This piece as a width: as measured on the way, else as it is planned to be made. Below a shelf it is the height that counts. */
function ownWidth({ part, sized, workspace, fitting }: Asked): ClayWidth | undefined {
  const at = fitting.now?.at ?? 'wet';
  const below = isBelowShelf(workspace, fitting);
  const diameter = fitting.now?.mm ?? sized.stages[at].sizes[meetsBy(workspace, part, fitting)];
  if (diameter === undefined) return undefined;
  const { figures } = clayOf(workspace, part);
  return {
    clay: below ? upwards(figures) : figures,
    at,
    diameter,
    toolSd: fitting.now ? MEASURED_SD : sdOf(figures, fitting.tool ?? 'gauge'),
    ovalitySd: below ? 0 : ovalityOf(workspace, part, fitting, diameter),
    glaze: below ? undefined : fitting.glaze,
  };
}

/** The lid to be made or the pot in the hand, its clay this piece's unless another was chosen. */
function otherWidth({ part, workspace, fitting }: Asked, own: ClayWidth, usual: number): ClayWidth {
  const { at = 'wet', mm, bodyId, spread = 0 } = fitting.other ?? {};
  const another = bodyId !== part.bodyId && workspace.bodies.some(({ id }) => id === bodyId);
  const clay = another ? clayOf(workspace, { bodyId }).figures : own.clay;
  const diameter = mm ?? usual;
  return {
    clay,
    at,
    diameter,
    toolSd: mm === undefined ? sdOf(clay, fitting.tool ?? 'gauge') : Math.hypot(MEASURED_SD, spread),
    ovalitySd: ovalityOf(workspace, part, fitting, diameter),
    glaze: fitting.glaze,
  };
}

interface Met {
  readonly pair: Pair;
  readonly side: Side;
  readonly range: GapRange;
  /** The mouth of which a lid hangs in, where its section is known. */
  readonly into?: { readonly part: Part; readonly sized: Sized } | undefined;
  /** Its second gauge width at the stage it is at, where it was measured. mm */
  readonly below?: number | undefined;
  readonly stopper?: Stopper | undefined;
  readonly stock?: Stock | undefined;
}

const problem = (message: string): Result<never> => bad('fitting', message);

const AHEAD = 'The lid is further on than the pot, and can no longer be made to it. Choose the pot’s stage or an earlier one.';

function withStock({ workspace, part, sized, fitting }: Asked, own: ClayWidth): Result<Met> {
  const stock = lotFor(workspace, fitting);
  if (!stock) return problem('Choose what it is to fit with, or enter it in your kit.');
  const rigid = (diameter: number, spreadSd?: number): Width => ({ rigid: true, diameter, spreadSd });
  if (stock.kind === 'gasket') {
    const [min, max] = stock.widths as [number, number];
    return good({ pair: { mouth: own, lid: rigid(0), sameFiring: false }, side: 'mouth', range: { min, max }, stock });
  }
  if (stock.kind === 'stopper') {
    const stopper = stopperOf(stock);
    if (!stopper) return problem(`Of ${stock.name} the width of the bottom and the length are not known yet: enter them in your kit.`);
    const range = seatRange(stopper, fitting.share ?? SEAT_SHARE);
    return good({ pair: stopperPair(own, stopper), side: 'mouth', range, stopper, stock });
  }
  const { mean, spreadSd } = lotOf(stock);
  if (stock.kind === 'shelf')
    return good({
      pair: { mouth: rigid(mean, spreadSd), lid: own, sameFiring: false },
      side: 'lid',
      range: fitting.gap ?? SHELF_GAP,
      stock,
    });
  const range = gapRangeOf(fitting);
  const ownMouth = { into: { part, sized }, below: fitting.now?.below };
  return good(
    fitting.over
      ? { pair: { mouth: rigid(mean, spreadSd), lid: own, sameFiring: false }, side: 'lid', range, stock }
      : { pair: { mouth: own, lid: rigid(mean, spreadSd), sameFiring: false }, side: 'mouth', range, stock, ...ownMouth },
  );
}

/** Whether two that are still to be fired go into one kiln. */
const firedTogether = ({ apart }: Fitting, ...widths: readonly ClayWidth[]): boolean => !apart && widths.every(({ at }) => at !== 'glazed');

/** The lid to be made for this pot: into its mouth, or over its rim. */
function withLid(asked: Asked, own: ClayWidth): Result<Met> {
  const { fitting } = asked;
  const other = otherWidth(asked, own, own.diameter);
  if (isAhead(other.at, own.at)) return problem(AHEAD);
  const sameFiring = firedTogether(fitting, own, other);
  const range = gapRangeOf(fitting);
  return good(
    fitting.over
      ? { pair: { mouth: other, lid: own, sameFiring }, side: 'mouth', range }
      : { pair: { mouth: own, lid: other, sameFiring }, side: 'lid', range, into: asked, below: fitting.now?.below },
  );
}

/** This piece as the lid of a pot in the hand. */
function withPot(asked: Asked, own: ClayWidth): Result<Met> {
  const { fitting } = asked;
  const { at = 'glazed', mm } = fitting.other ?? {};
  if (mm === undefined) return problem('Measure the mouth of the pot: the mean of its largest and smallest width.');
  const pot = otherWidth({ ...asked, fitting: { ...fitting, other: { ...fitting.other, at } } }, own, mm);
  if (isAhead(own.at, at)) return problem(AHEAD);
  const sameFiring = firedTogether(fitting, own, pot);
  return good({ pair: { mouth: pot, lid: own, sameFiring }, side: 'lid', range: gapRangeOf(fitting), below: fitting.other?.below });
}

/** Another part as a width: of this piece or another, as it is planned or was measured on its way. */
function withOther(asked: Asked, own: ClayWidth): Result<Met> {
  const { workspace, part, fitting } = asked;
  const other = fitting.ref === undefined ? undefined : partOf(workspace.plans, fitting.ref)?.part;
  const made = other && sizedPlanPart(workspace, other, String);
  if (!other || !made?.ok || other.id === part.id) return problem('Choose the part it is to fit with.');
  // what the other says of itself: whether it is a lid that goes over this one
  const meets: Fitting = { ...fitting, now: other.fit?.now, lid: other.fit?.lid };
  const width = ownWidth({ part: other, sized: made.value.sized, workspace, fitting: meets });
  if (!width || isLid(part, fitting) === isLid(other, meets))
    return problem('Nothing of these two goes into the other: one has to be a lid, the other a pot with a round mouth.');
  const sameFiring = firedTogether(fitting, own, width);
  // one goes into the mouth, or over it: then the lid is the wider
  const inner = isLid(part, fitting) !== (fitting.over === true);
  return good({
    pair: inner ? { mouth: width, lid: own, sameFiring } : { mouth: own, lid: width, sameFiring },
    side: inner ? 'lid' : 'mouth',
    range: gapRangeOf(fitting),
    into: fitting.over ? undefined : inner ? { part: other, sized: made.value.sized } : asked,
    below: fitting.over ? undefined : (inner ? other.fit : fitting)?.now?.below,
  });
}

const MEETS = { stock: withStock, lid: withLid, pot: withPot, part: withOther } as const;

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

/** Go and no-go of a gauge at the stage it is made at, mm. */
export const goOf = ({ pair, side, range, best }: FitWork): readonly [number, number] => goWindow(pair, side, range, best);

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
export function otherLots(workspace: Needed, part: Part, sized: Sized, fitting: Fitting): readonly OtherLot[] {
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
export function fitOf(workspace: Needed, part: Part, sized: Sized, chosen: Fitting): Result<FitWork> {
  const fitting = asMeant(chosen, lotFor(workspace, chosen));
  const asked: Asked = { part, sized, workspace, fitting };
  const own = ownWidth(asked);
  if (!own) return problem('This form has no round mouth to fit anything to.');
  const met = MEETS[fitting.with](asked, own);
  if (!met.ok) return met;
  const { side, stopper, stock, into, below } = met.value;
  const narrows = taperOf(met.value.pair.mouth, below) ?? (into ? narrowing(into.part, into.sized, fitting) : 0);
  const range = { min: met.value.range.min + narrows, max: met.value.range.max + narrows };
  const free = fitting.with === 'lid' && fitting.other?.mm === undefined;
  const best = bestWidth(met.value.pair, side, range, costsOf(fitting));
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
    finishes: finishedOf(made, best.diameter),
    stopper,
    stock,
    disc,
    flange: fitting.held === 'coil' && disc ? coilFlange(best.diameter, thickOf(sized) / finishedOf(made, 1)) : undefined,
  });
}
