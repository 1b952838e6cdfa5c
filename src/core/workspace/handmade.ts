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
import { STAGE_WORDS, type Working, type Writers } from '@/core/sizing';
import type { SizedPart } from './piece';
import { handOf } from './piece';
import type { FormerRecord, Handmade, Part, Shop, Workspace } from './records';
import { shopOf } from './shop';

/** What is chosen of making by hand once some of it is chosen anew; choices beside those in one group stay. */
export const withChoices = (now: Handmade | undefined, { slab, coil, ...change }: Partial<Handmade>): Handmade => ({
  ...now,
  ...change,
  ...(slab && { slab: { ...now?.slab, ...slab } }),
  ...(coil && { coil: { ...now?.coil, ...coil } }),
});

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

interface Slabs extends Weighed {
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

/** What stands in the way and what would do, in words. */
export function obstacleWords(obstacle: Obstacle, length: (mm: number) => string): string {
  if (obstacle.kind === 'no former') return 'Choose a former first.';
  if (obstacle.kind === 'no coils') return obstacle.why;
  const { unfit, largest, mayTurn } = obstacle;
  const needs = {
    width: Math.max(...unfit.map((each) => each.needs.width)),
    length: Math.max(...unfit.map((each) => each.needs.length)),
  };
  const wide = needs.width > largest.width;
  const long = needs.length > largest.length;
  const would = [
    wide && `a roller ${length(Math.ceil(needs.width))} wide`,
    long && `a slab ${length(Math.ceil(needs.length))} long`,
  ].filter(Boolean);
  return `${unfit[0]!.part.name} fits on no slab ${length(largest.width)} wide and ${length(largest.length)} long. It takes ${would.join(' and ')}${mayTurn && wide ? ', or parts that may be turned' : ''}.`;
}

const times = (value: number, digits = 5): string => String(Number(value.toFixed(digits)));

function slabLines({ slabs, texture, at }: Slabs, clay: ClayFigures, w: Writers): string[] {
  return slabs.flatMap(({ roll, wanted, guide, thickness, used, g }) => [
    ...(at === 'leather'
      ? [
          `Cut at ${STAGE_WORDS.leather}: ${w.length(thickness)} there is ${w.length(thickness / remaining(clay.shrinkage, 'leather', 'width'))} wet.`,
        ]
      : []),
    ...(texture.along || texture.across
      ? [
          `The texture stretches it by ${times(texture.along, 1)} % and ${times(texture.across, 1)} %, so it is rolled thicker: ${w.length(wanted)}.`,
        ]
      : []),
    ...(guide ? [`Rolled between ${guide.battens.map(w.length).join(' on ')}: ${w.length(roll.thickness)}.`] : []),
    `${w.length(roll.length)} × ${w.length(roll.width)} × ${w.length(roll.thickness)} × ${times(wetDensity(clay.matter), 3)} g/ml = ${w.mass(g)}; the parts are ${times(used * 100, 0)} % of it.`,
  ]);
}

/** The arithmetic of what is made by hand, a line a step. */
export function handWorking(work: HandWork, { clay, sized }: Pick<SizedPart, 'clay' | 'sized'>, w: Writers): Working {
  const left = remaining(clay.shrinkage, 'glazed', 'width');
  const { wall = 0, rimDiameter, baseDiameter = 0, height, floor } = sized.stages.glazed.sizes;
  const { family } = sized.stages.glazed;
  if (work.obstacle) return { title: 'the clay', lines: [obstacleWords(work.obstacle, w.length)] };
  if (work.by === 'coil') {
    const { choices } = work;
    const plan = work.plan!;
    return {
      title: 'the clay to coil',
      lines: [
        `The wet piece takes ${w.mass(plan.totalG)}: ${w.mass(plan.pinch.g)} pinched, the rest in ${plan.courses.length} courses of coil.`,
        `A coil raises the wall by ${times(choices.gain, 2)} of its thickness${work.own ? ', the middle of what you measured' : ' until you have measured your own'}.`,
        `Clay stays clay: coils ${w.length(plan.thickness)} thick make a wall of π × ${w.length(plan.thickness)} ÷ (4 × ${times(choices.gain, 2)}) = ${w.length(plan.wall)} wet.`,
      ],
    };
  }
  const title = 'the clay for the slab';
  const thickness = wall || floor || height;
  const first = `${w.length(thickness)} finished ÷ ${times(left)} = ${w.length(thickness / left)} wet slab.`;
  if (work.by === 'former' && work.lining) {
    const { areaCm2, thickness: thick, ml } = work.lining;
    return {
      title: 'the clay for the lining',
      lines: [
        first,
        `Pressing thins the pieces, so they are rolled ${w.length(thick)}; what laps is pressed into the rest.`,
        `${areaCm2.toFixed(0)} cm² × ${w.length(thick)} = ${w.volume(ml)} × ${times(wetDensity(clay.matter), 3)} g/ml = ${w.mass(work.totalG ?? 0)}.`,
      ],
    };
  }
  if (work.by === 'former') {
    const across = work.parts[0]!.outline;
    const wide = Math.max(...across.map(({ x }) => x)) - Math.min(...across.map(({ x }) => x));
    return {
      title,
      lines: [
        first,
        `Along the former from rim to rim, with ${w.length(SLAB_SPARE)} to trim on both sides: ${w.length(wide)}.`,
        ...slabLines(work, clay, w),
      ],
    };
  }
  const round = family === 'cylinder' && Math.abs(rimDiameter - baseDiameter) < 0.05;
  const strip = round
    ? [
        `Round the middle of the wall: π × (${w.length(rimDiameter)} − ${w.length(wall)}) = ${w.length(Math.PI * (rimDiameter - wall))} finished ÷ ${times(left)} = ${w.length((Math.PI * (rimDiameter - wall)) / left)} wet.`,
      ]
    : [`Each length of a flat part, at mid-thickness, ÷ ${times(left)} is its wet length.`];
  return { title, lines: [first, ...strip, ...slabLines(work, clay, w)] };
}
