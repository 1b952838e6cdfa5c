import { type ClayFigures, remaining, wetDensity } from '@/core/clay';
import type { Form } from '@/core/form';
import {
  type CoilChoices,
  type CoilPlan,
  type FlatPart,
  type Former,
  type Guide,
  type LargestSlab,
  type LiningPlan,
  NO_TEXTURE,
  SLAB_SPARE,
  type SlabChoices,
  type SlabSheet,
  type Texture,
  USUAL_COIL,
  USUAL_SLAB,
  type Unfit,
  beforeTexture,
  coilPlan,
  discOf,
  formed,
  guideFor,
  handlePlan,
  liningPlan,
  midReach,
  ownGain,
  rectangleOf,
  scaledPart,
  slabParts,
  slabSheets,
} from '@/core/handbuild';
import type { SizedPart } from './piece';
import { handOf } from './piece';
import { type FormerRecord, type Handmade, type Part, type Shop, shopOf, type Workspace } from '@/core/records';

/** A roller this wide where none is said, mm. */
export const USUAL_ROLLER = 400;

/** As long as a table is, where none is said, mm. */
export const USUAL_SLAB_LENGTH = 1200;

/** A slab to roll: its parts where they are cut, and the slab itself before any texture, wet mm and g. */
export interface RolledSlab extends SlabSheet {
  /** As it is rolled: between the guide, where there is one. */
  readonly roll: { readonly length: number; readonly width: number; readonly thickness: number };
  /** The thickness worked out, before any texture. */
  readonly wanted: number;
  readonly g: number;
  readonly guide: Guide | undefined;
  /** What the wall or floor finishes at when it is rolled so, mm. */
  readonly finishes: number;
}

/** Why nothing can be weighed out yet. */
export type Obstacle =
  | { readonly kind: 'no former' }
  | { readonly kind: 'no coils'; readonly why: string }
  /** Parts that fit on no slab; what would do and what there is, wet mm. */
  | { readonly kind: 'too large'; readonly unfit: readonly Unfit[]; readonly largest: LargestSlab; readonly mayTurn: boolean };

interface Weighed {
  /** All the clay, wet g: what to weigh out. None while something stands in the way. */
  readonly totalG: number | undefined;
  readonly obstacle: Obstacle | undefined;
}

export interface Slabs extends Weighed {
  readonly texture: Texture;
  readonly at: 'wet' | 'leather';
  readonly parts: readonly FlatPart[];
  readonly slabs: readonly RolledSlab[];
  readonly pieces: number;
  /** Parts may lie turned. */
  readonly turn: boolean;
}

export interface SlabWork extends Slabs {
  readonly by: 'slab';
  readonly choices: SlabChoices;
}

export interface FormerWork extends Slabs {
  readonly by: 'former';
  readonly former: FormerRecord | undefined;
  readonly stop: number | undefined;
  /** The piece's sizes are no longer what its former makes. */
  readonly parted: boolean;
  /** Pieces that line it, where it is not covered by one slab. */
  readonly lining: LiningPlan | undefined;
}

export interface CoilWork extends Weighed {
  readonly by: 'coil';
  readonly choices: CoilChoices;
  /** What the maker measured, with its spread; the usual gain is used while nothing was. */
  readonly own: ReturnType<typeof ownGain>;
  readonly plan: CoilPlan | undefined;
}

export type HandWork = SlabWork | FormerWork | CoilWork;

type Bench = Partial<Pick<Shop, 'battens' | 'rollerWidth' | 'slabLength' | 'coils'>>;

const NO_SLABS = { parts: [], slabs: [], totalG: undefined } as const;

/** Parts laid out and the slabs to roll for them. */
function rolled(parts: readonly FlatPart[], at: Slabs['at'], clay: ClayFigures, bench: Bench, hand: Handmade): Slabs {
  const { texture = NO_TEXTURE, pieces = 1, turn = false } = hand;
  const left = remaining(clay.shrinkage, at, 'width');
  const finishes = remaining(clay.shrinkage, 'glazed', 'width');
  const largest = { width: bench.rollerWidth ?? USUAL_ROLLER, length: bench.slabLength ?? USUAL_SLAB_LENGTH };
  // a slab grows with its texture, and is smaller when it is cut at leather hard
  const cut = { width: left * (1 + texture.across / 100), length: left * (1 + texture.along / 100) };
  const room = { width: largest.width * cut.width, length: largest.length * cut.length };
  const { sheets, unfit } = slabSheets(parts, room, pieces, !turn);
  const shared = { texture, at, parts, pieces, turn };
  if (unfit.length > 0) {
    const wet = ({ part, needs }: Unfit): Unfit => ({ part, needs: { width: needs.width / cut.width, length: needs.length / cut.length } });
    return { ...shared, slabs: [], totalG: undefined, obstacle: { kind: 'too large', unfit: unfit.map(wet), largest, mayTurn: !turn } };
  }
  const slabs = sheets.map((sheet): RolledSlab => {
    const wet = { length: sheet.length / left, width: sheet.width / left, thickness: sheet.thickness / left };
    const before = beforeTexture(wet, texture);
    const guide = guideFor(before.thickness, bench.battens ?? []);
    const roll = { ...before, thickness: guide?.thickness ?? before.thickness };
    return {
      ...sheet,
      roll,
      wanted: before.thickness,
      guide,
      g: ((roll.length * roll.width * roll.thickness) / 1000) * wetDensity(clay.matter),
      finishes: (roll.thickness / before.thickness) * wet.thickness * finishes,
    };
  });
  return { ...shared, slabs, totalG: slabs.reduce((all, { g }) => all + g, 0), obstacle: undefined };
}

/** Sizes that differ by more than this are not a former's any more, mm. */
const PARTED_MM = 0.6;

const isParted = (former: Former, stop: number, { height, rimDiameter, wall = height }: Form<'wet'>['sizes']): boolean => {
  const { sizes } = formed(former, stop, wall);
  return Math.abs(sizes.height - height) > PARTED_MM || Math.abs(sizes.rimDiameter - rimDiameter) > PARTED_MM;
};

function coilWork({ hand }: Part, { clay, sized }: Worked, bench: Bench): CoilWork {
  const own = ownGain(bench.coils ?? []);
  const choices = { ...USUAL_COIL, ...(own && { gain: own.gain }), ...hand?.coil };
  const plan = coilPlan(clay, sized, choices);
  return {
    by: 'coil',
    choices,
    own,
    plan: plan.ok ? plan.value : undefined,
    totalG: plan.ok ? plan.value.totalG : undefined,
    obstacle: plan.ok ? undefined : { kind: 'no coils', why: plan.problem.message },
  };
}

function formerWork({ hand = {} }: Part, { clay, sized }: Worked, bench: Bench, formers: readonly FormerRecord[]): FormerWork {
  const former = formers.find(({ id }) => id === hand.formerId);
  const { height, wall = height } = sized.stages.wet.sizes;
  const stop = former && hand.stop;
  const told = {
    by: 'former',
    former,
    stop,
    parted: former !== undefined && stop !== undefined && isParted(former, stop, sized.stages.wet.sizes),
    lining: undefined,
  } as const;
  const disc = discOf('Disc of slab', 2 * (midReach(sized.wet) + SLAB_SPARE), wall);
  const slabs = rolled([disc], 'wet', clay, bench, hand);
  if (!former) return { ...slabs, ...told, ...NO_SLABS, obstacle: { kind: 'no former' } };
  if (!hand.lining) return { ...slabs, ...told };
  const lining = liningPlan(sized.wet, wall, hand.lining);
  return { ...slabs, ...told, ...NO_SLABS, obstacle: undefined, lining, totalG: lining.ml * wetDensity(clay.matter) };
}

/** A strap handle to cut beside the wall's parts, as thick as they are; wet mm. */
function strapPart({ handle }: Part, { clay, sized }: Worked): FlatPart[] {
  if (handle?.kind !== 'strap' || !handle.fromSlab) return [];
  const { wall = handle.thickness } = sized.stages.glazed.sizes;
  const plan = handlePlan(clay, sized, { ...handle, thickness: wall }, String);
  if (!plan.ok) return [];
  const { length, width, thickness, left } = plan.value;
  return [rectangleOf('Handle strap', length / left, width / left, thickness / left)];
}

type Worked = Pick<SizedPart, 'clay' | 'sized'>;

/** All there is to know of a part made by hand: what to roll and cut, press or coil; undefined for what is thrown. */
export function handWork(part: Part, worked: Worked, { formers, shop }: Pick<Workspace, 'formers' | 'shop'>): HandWork | undefined {
  const { clay, sized } = worked;
  const by = handOf(part);
  const { hand = {} } = part;
  const bench: Bench = shopOf({ shop });
  if (by === 'wheel') return undefined;
  if (by === 'coil') return coilWork(part, worked, bench);
  if (by === 'former') return formerWork(part, worked, bench, formers);
  const choices = { ...USUAL_SLAB, ...hand.slab };
  const grow = 1 / remaining(clay.shrinkage, 'glazed', 'width');
  const left = remaining(clay.shrinkage, choices.cutAt, 'width');
  const parts = [
    ...slabParts(sized.stages.glazed, grow * left, grow, choices),
    ...strapPart(part, worked).map((strap) => scaledPart(strap, left)),
  ];
  return { by, choices, ...rolled(parts, choices.cutAt, clay, bench, hand) };
}
