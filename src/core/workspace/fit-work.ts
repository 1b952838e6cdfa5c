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
import { type Sized, TOOL_SD, WAYS } from '@/core/sizing';
import { type Result, bad, good } from '@/core/units';
import { clayOf } from './clay';
import { DRYING, type Fitting, USUAL_DEPTH, USUAL_OVERHANG, asMeant, gapRangeOf, isLid } from './fitting';
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

type Needed = Pick<Workspace, 'bodies' | 'bars' | 'shop' | 'plans' | 'formers'>;

interface Asked {
  readonly part: Part;
  readonly sized: Sized;
  readonly workspace: Needed;
  readonly fitting: Fitting;
}

/** The lot of the kit a fit is with. */
const lotFor = (workspace: Pick<Workspace, 'shop'>, { with: what, stockId }: Fitting): Stock | undefined =>
  what === 'stock' ? shopOf(workspace).stock?.find(({ id }) => id === stockId) : undefined;

/** The width of a piece that meets the other, mm at a stage: inside the mouth, or outside where the lid goes over it or it is the lid. */
export function meetingWidth(part: Pick<Part, 'family'>, { stages }: Sized, fitting: Fitting, at: Stage): number | undefined {
  const { mouthInside, rimDiameter } = stages[at].sizes;
  return isLid(part, fitting) || fitting.over ? rimDiameter : mouthInside;
}

/** Warp is as said up to so wide, and grows with the width from there. Ours. */
const WARPS_FROM = 120;

/** How much narrower a mouth is, finished, so far below its rim as a lid hangs in; a gallery is as wide as it is. mm */
function narrowing(part: Part, { fired, stages }: Sized, { depth = USUAL_DEPTH }: Fitting): number {
  if (part.manner.mouth === 'gallery' || fired.plan) return 0;
  const rim = stages.glazed.sizes.height;
  const [mouth, below] = [rim, rim - depth].map((z) => 2 * radiusAt(fired.inside, Math.max(z, fired.inside.at(-1)!.z))) as [number, number];
  return Math.max(0, mouth - below);
}

/** Sd of how oval a width comes out, mm. */
const ovalityOf = ({ dried = 'apart' }: Fitting, diameter: number): number => DRYING[dried] * Math.max(1, diameter / WARPS_FROM);

/** This piece as a width: as measured on the way, else as it is planned to be made. */
function ownWidth({ part, sized, workspace, fitting }: Asked): ClayWidth | undefined {
  const at = fitting.now?.at ?? 'wet';
  const diameter = fitting.now?.mm ?? meetingWidth(part, sized, fitting, at);
  if (diameter === undefined) return undefined;
  const { figures } = clayOf(workspace, part);
  return {
    clay: figures,
    at,
    diameter,
    toolSd: fitting.now ? MEASURED_SD : TOOL_SD[fitting.tool ?? 'gauge'],
    ovalitySd: ovalityOf(fitting, diameter),
    glaze: fitting.glaze,
  };
}

/** The lid to be made or the pot in the hand, its clay this piece's unless another was chosen. */
function otherWidth({ part, workspace, fitting }: Asked, own: ClayWidth, usual: number): ClayWidth {
  const { at = 'wet', mm, bodyId } = fitting.other ?? {};
  const another = bodyId !== part.bodyId && workspace.bodies.some(({ id }) => id === bodyId);
  const clay = another ? clayOf(workspace, { bodyId }).figures : own.clay;
  const diameter = mm ?? usual;
  return {
    clay,
    at,
    diameter,
    toolSd: mm === undefined ? TOOL_SD[fitting.tool ?? 'gauge'] : MEASURED_SD,
    ovalitySd: ovalityOf(fitting, diameter),
    glaze: fitting.glaze,
  };
}

interface Met {
  readonly pair: Pair;
  readonly side: Side;
  readonly range: GapRange;
  /** The mouth of which a lid hangs in, where its section is known. */
  readonly into?: { readonly part: Part; readonly sized: Sized } | undefined;
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
  const range = gapRangeOf(fitting);
  return good(
    fitting.over
      ? { pair: { mouth: rigid(mean, spreadSd), lid: own, sameFiring: false }, side: 'lid', range, stock }
      : { pair: { mouth: own, lid: rigid(mean, spreadSd), sameFiring: false }, side: 'mouth', range, stock, into: { part, sized } },
  );
}

/** The lid to be made for this pot: into its mouth, or over its rim. */
function withLid(asked: Asked, own: ClayWidth): Result<Met> {
  const { fitting } = asked;
  const other = otherWidth(asked, own, own.diameter);
  if (isAhead(other.at, own.at)) return problem(AHEAD);
  const sameFiring = !fitting.apart && own.at !== 'glazed' && other.at !== 'glazed';
  const range = gapRangeOf(fitting);
  return good(
    fitting.over
      ? { pair: { mouth: other, lid: own, sameFiring }, side: 'mouth', range }
      : { pair: { mouth: own, lid: other, sameFiring }, side: 'lid', range, into: asked },
  );
}

/** This piece as the lid of a pot in the hand. */
function withPot(asked: Asked, own: ClayWidth): Result<Met> {
  const { fitting } = asked;
  const { at = 'glazed', mm } = fitting.other ?? {};
  if (mm === undefined) return problem('Measure the mouth of the pot: the mean of its largest and smallest width.');
  const pot = otherWidth({ ...asked, fitting: { ...fitting, other: { ...fitting.other, at } } }, own, mm);
  if (isAhead(own.at, at)) return problem(AHEAD);
  const sameFiring = !fitting.apart && at !== 'glazed' && own.at !== 'glazed';
  return good({ pair: { mouth: pot, lid: own, sameFiring }, side: 'lid', range: gapRangeOf(fitting) });
}

/** Another part as a width: of this piece or another, as it is planned or was measured on its way. */
function withOther(asked: Asked, own: ClayWidth): Result<Met> {
  const { workspace, part, fitting } = asked;
  const other = fitting.ref === undefined ? undefined : partOf(workspace.plans, fitting.ref)?.part;
  const made = other && sizedPlanPart(workspace, other, String);
  if (!other || !made?.ok || other.id === part.id) return problem('Choose the part it is to fit with.');
  const meets: Fitting = { ...fitting, now: other.fit?.now };
  const width = ownWidth({ part: other, sized: made.value.sized, workspace, fitting: meets });
  if (!width || isLid(part, fitting) === isLid(other, fitting))
    return problem('Nothing of these two goes into the other: one has to be a flat round lid, the other a pot with a round mouth.');
  const sameFiring = !fitting.apart && own.at !== 'glazed' && width.at !== 'glazed';
  // one goes into the mouth, or over it: then the lid is the wider
  const inner = isLid(part, fitting) !== (fitting.over === true);
  return good({
    pair: inner ? { mouth: width, lid: own, sameFiring } : { mouth: own, lid: width, sameFiring },
    side: inner ? 'lid' : 'mouth',
    range: gapRangeOf(fitting),
    into: fitting.over ? undefined : inner ? { part: other, sized: made.value.sized } : asked,
  });
}

const MEETS = { stock: withStock, lid: withLid, pot: withPot, part: withOther } as const;

/** How far a lid stands out beyond the rim where it is no cover, finished. Ours. */
const BEYOND = 3;

interface Cut {
  /** The disc over all, where the lid lies on the rim, and what goes into the mouth: mm at the stage they are cut. */
  readonly lid?: number | undefined;
  readonly insert: number;
  readonly at: Stage;
  /** The clay, where it is not the pot's. */
  readonly bodyId?: string | undefined;
}

/** Discs of slab as parts of a pot: the lid over all, if any, and last what goes into its mouth. */
export function cutParts(part: Part, sized: Sized, { lid, insert, at, bodyId }: Cut, newId: () => string): readonly Part[] {
  const flat = (name: string, mm: number): Part => ({
    id: newId(),
    name,
    family: 'disc',
    manner: {},
    sizes: { rimDiameter: [{ mm, at }], height: [{ mm: thickOf(sized), at: 'glazed' }] },
    ...(bodyId ? { bodyId } : { bodyId: part.bodyId, batchId: part.batchId, firing: part.firing }),
    way: 'thickness',
    making: WAYS.thickness,
    hand: { by: 'slab' },
  });
  return lid === undefined ? [flat('lid', insert)] : [flat('lid', lid), flat('insert', insert)];
}

/** A lid that was worked out as parts of its pot: a disc that drops in, or one over all with an insert below it. */
export const lidParts = (part: Part, sized: Sized, { disc, best, at, fitting }: FitWork, newId: () => string): readonly Part[] =>
  cutParts(part, sized, { lid: disc?.width, insert: best.diameter, at, bodyId: fitting.other?.bodyId }, newId);

/** How thick a lid is where the pot has no wall to go by, finished mm. Ours. */
const THICK = 5;

const thickOf = ({ stages }: Sized): number => stages.glazed.sizes.wall ?? THICK;

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

const costsOf = ({ narrow }: Fitting): Costs => (narrow ? NARROW_COSTS : EQUAL_COSTS);

/** Go and no-go of a gauge at the stage it is made at, mm. */
export const goOf = ({ pair, side, range, best }: FitWork): readonly [number, number] => goWindow(pair, side, range, best);

/** What would help most: nothing once it is fired, and what is done already is no help. */
export const helpsOf = ({ pair, side, range, fitting, at }: FitWork): Help[] =>
  at === 'glazed' ? [] : helpsFor(pair, side, range, costsOf(fitting)).filter(({ name }) => name !== 'warp' || fitting.dried !== 'on');

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
  const { side, stopper, stock, into } = met.value;
  const narrows = into ? narrowing(into.part, into.sized, fitting) : 0;
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
    flange: disc && coilFlange(best.diameter, thickOf(sized) / finishedOf(made, 1)),
  });
}
