import { onceEach } from '@/core/remember';
import type { ClayFigures, Direction } from '@/core/clay';
import {
  type ClayWidth,
  type GapRange,
  MEASURED_SD,
  type Pair,
  SEAT_SHARE,
  type Side,
  type Stopper,
  type Width,
  isAhead,
  seatRange,
  stopperPair,
} from '@/core/fit';
import { type Sized, handWith } from '@/core/sizing';
import { type Result, bad, good } from '@/core/units';
import { clayOf, type ClayRows, sizedPlanPart } from '@/core/part';
import {
  type Fitting,
  gapRangeOf,
  isLid,
  lotOf,
  meetingSize,
  type Part,
  partOf,
  SHELF_GAP,
  shopOf,
  type Stock,
  stopperOf,
  type Workspace,
} from '@/core/records';
import { learnedOval, typicalOval } from '@/core/lessons';

/** What a fit hangs on beside its part. */
export type FitRows = ClayRows & Pick<Workspace, 'shop' | 'plans' | 'formers'> & Partial<Pick<Workspace, 'settings'>>;

/** A part that is to fit something. */
export interface Asked {
  readonly part: Part;
  readonly sized: Sized;
  readonly workspace: FitRows;
  readonly fitting: Fitting;
}

/** The lot of the kit a fit is with. */
export const lotFor = (workspace: Pick<Workspace, 'shop'>, { with: what, stockId }: Fitting): Stock | undefined =>
  what === 'stock' ? shopOf(workspace).stock?.find(({ id }) => id === stockId) : undefined;

/** Whether a piece is to stand under a shelf of the kit. */
export const isBelowShelf = (workspace: Pick<Workspace, 'shop'>, fitting: Fitting): boolean => lotFor(workspace, fitting)?.kind === 'shelf';

/** The size of a piece that meets the other. */
export const meetsBy = (workspace: Pick<Workspace, 'shop'>, part: Pick<Part, 'family'>, fitting: Fitting): MeetsBy =>
  isBelowShelf(workspace, fitting) ? 'height' : meetingSize(part, fitting);

type MeetsBy = ReturnType<typeof meetingSize> | 'height';

/** Sd of how oval a width of a part comes out, mm: as those made, dried and fired alike showed it from three on. */
const ovalityOf = (workspace: FitRows, { family, firing }: Part, { dried = 'apart' }: Fitting, diameter: number): number =>
  typicalOval(dried, diameter) * (learnedOval(workspace, family, { dried, cone: firing?.cone })?.times ?? 1);

/** A clay's figures for what is measured upwards: its shrinkage in height where a width's would be. */
const upwards = onceEach((figures: ClayFigures): ClayFigures => {
  const { shrinkage, heightBelief } = figures;
  return { ...figures, belief: heightBelief, shrinkage: { ...shrinkage, width: shrinkage.height } };
});

/** How truly a width is made that is not there yet, and by how much it comes out larger. */
function madeWith(clay: ClayFigures, { tool = 'gauge' }: Fitting, direction: Direction): Pick<ClayWidth, 'toolSd' | 'lean'> {
  const { sd, lean } = handWith(clay, tool, direction);
  return { toolSd: sd, lean };
}

/** This piece as a width: as measured on the way, else as it is planned to be made. Below a shelf it is the height that counts. */
export function ownWidth({ part, sized, workspace, fitting }: Asked): ClayWidth | undefined {
  const at = fitting.now?.at ?? 'wet';
  const below = isBelowShelf(workspace, fitting);
  const diameter = fitting.now?.mm ?? sized.stages[at].sizes[meetsBy(workspace, part, fitting)];
  if (diameter === undefined) return undefined;
  const { figures } = clayOf(workspace, part);
  return {
    clay: below ? upwards(figures) : figures,
    at,
    diameter,
    ...(fitting.now ? { toolSd: MEASURED_SD } : madeWith(figures, fitting, below ? 'height' : 'width')),
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
    ...(mm === undefined ? madeWith(clay, fitting, 'width') : { toolSd: Math.hypot(MEASURED_SD, spread) }),
    ovalitySd: ovalityOf(workspace, part, fitting, diameter),
    glaze: fitting.glaze,
  };
}

/** A part with what it meets. */
export interface Met {
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

/** Why there is no fit. */
export const problem = (message: string): Result<never> => bad('fitting', message);

const AHEAD = 'The lid is drier than the pot, so it can no longer be sized to it. Choose the pot’s stage or an earlier one.';

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
    return problem('Neither of these goes into the other. One must be a lid, the other a pot with a round mouth.');
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

/** A part with what it is to fit; refused in words where that is not there, or nothing can be made to it any more. */
export const metBy = (asked: Asked, own: ClayWidth): Result<Met> => MEETS[asked.fitting.with](asked, own);
