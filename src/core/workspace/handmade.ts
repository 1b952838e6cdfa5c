import { type ClayFigures, remaining, wetDensity } from '@/core/clay';
import type { Form } from '@/core/form';
import {
  type CoilChoices,
  type CoilPlan,
  type FlatPart,
  type Former,
  type Guide,
  NO_TEXTURE,
  SLAB_SPARE,
  type SlabChoices,
  type SlabSheet,
  type Texture,
  USUAL_COIL,
  USUAL_SLAB,
  beforeTexture,
  coilPlan,
  discOf,
  formed,
  guideFor,
  midReach,
  ownGain,
  slabParts,
  slabSheets,
} from '@/core/handbuild';
import { STAGE_WORDS, type Working, type Writers } from '@/core/sizing';
import type { SizedPart } from './piece';
import { handOf } from './piece';
import type { BenchSettings, FormerRecord, Handmade, Part, Workspace } from './records';

/** A roller this wide where none is said, mm. */
export const USUAL_ROLLER = 400;

/** A slab to roll: its parts where they are cut, and the slab itself before any texture, wet mm and g. */
export interface RolledSlab extends SlabSheet {
  readonly roll: { readonly length: number; readonly width: number; readonly thickness: number };
  readonly g: number;
  readonly guide: Guide | undefined;
  /** What the wall or floor finishes at when it is rolled to the guide, mm. */
  readonly guideFinishes: number | undefined;
}

interface Slabs {
  readonly texture: Texture;
  readonly at: 'wet' | 'leather';
  readonly parts: readonly FlatPart[];
  readonly slabs: readonly RolledSlab[];
  readonly pieces: number;
  /** Parts may lie turned. */
  readonly turn: boolean;
  /** All slabs together, wet g: what to weigh out. */
  readonly totalG: number;
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
}

export interface CoilWork {
  readonly by: 'coil';
  readonly choices: CoilChoices;
  /** What the maker measured, with its spread; the usual gain is used while nothing was. */
  readonly own: ReturnType<typeof ownGain>;
  readonly plan: CoilPlan;
  readonly totalG: number;
}

export type HandWork = SlabWork | FormerWork | CoilWork;

type Bench = Pick<BenchSettings, 'battens' | 'rollerWidth' | 'coils'>;

/** Parts laid out and the slabs to roll for them. */
function rolled(parts: readonly FlatPart[], at: Slabs['at'], clay: ClayFigures, bench: Bench, hand: Handmade): Slabs {
  const { texture = NO_TEXTURE, pieces = 1, turn = false } = hand;
  const left = remaining(clay.shrinkage, at, 'width');
  const finishes = remaining(clay.shrinkage, 'glazed', 'width');
  const sheets = slabSheets(parts, (bench.rollerWidth ?? USUAL_ROLLER) * left, pieces, !turn);
  const slabs = sheets.map((sheet): RolledSlab => {
    const wet = { length: sheet.length / left, width: sheet.width / left, thickness: sheet.thickness / left };
    const roll = beforeTexture(wet, texture);
    const guide = guideFor(roll.thickness, bench.battens ?? []);
    return {
      ...sheet,
      roll,
      guide,
      g: ((roll.length * roll.width * roll.thickness) / 1000) * wetDensity(clay.matter),
      guideFinishes: guide && (guide.thickness / roll.thickness) * wet.thickness * finishes,
    };
  });
  return { texture, at, parts, slabs, pieces, turn, totalG: slabs.reduce((all, { g }) => all + g, 0) };
}

/** Sizes that differ by more than this are not a former's any more, mm. */
const PARTED_MM = 0.6;

const isParted = (former: Former, stop: number, { height, rimDiameter, wall = height }: Form<'wet'>['sizes']): boolean => {
  const { sizes } = formed(former, stop, wall);
  return Math.abs(sizes.height - height) > PARTED_MM || Math.abs(sizes.rimDiameter - rimDiameter) > PARTED_MM;
};

/** All there is to know of a part made by hand: what to roll and cut, press or coil; undefined for what is thrown. */
export function handWork(
  part: Part,
  { clay, sized }: Pick<SizedPart, 'clay' | 'sized'>,
  { formers, settings }: Pick<Workspace, 'formers' | 'settings'>,
): HandWork | undefined {
  const by = handOf(part);
  const { hand } = part;
  const bench = settings.bench ?? {};
  if (by === 'wheel') return undefined;
  if (by === 'coil') {
    const own = ownGain(bench.coils ?? []);
    const choices = { ...USUAL_COIL, ...(own && { gain: own.gain }), ...hand?.coil };
    const plan = coilPlan(clay, sized, choices);
    return { by, choices, own, plan, totalG: plan.totalG };
  }
  if (by === 'former') {
    const former = formers.find(({ id }) => id === hand?.formerId);
    const { height, wall = height } = sized.stages.wet.sizes;
    const disc = discOf('Disc of slab', 2 * (midReach(sized.wet) + SLAB_SPARE), wall);
    const stop = former && hand?.stop;
    return {
      by,
      former,
      stop,
      parted: former !== undefined && stop !== undefined && isParted(former, stop, sized.stages.wet.sizes),
      ...rolled([disc], 'wet', clay, bench, hand ?? {}),
    };
  }
  const choices = { ...USUAL_SLAB, ...hand?.slab };
  const grow = 1 / remaining(clay.shrinkage, 'glazed', 'width');
  const parts = slabParts(sized.stages.glazed, grow * remaining(clay.shrinkage, choices.cutAt, 'width'), grow, choices);
  return { by, choices, ...rolled(parts, choices.cutAt, clay, bench, hand ?? {}) };
}

const times = (value: number, digits = 5): string => String(Number(value.toFixed(digits)));

function slabLines({ slabs, texture, at }: Slabs, clay: ClayFigures, w: Writers): string[] {
  return slabs.flatMap(({ roll, thickness, used, g }) => [
    ...(at === 'leather'
      ? [
          `Cut at ${STAGE_WORDS.leather}: ${w.length(thickness)} there is ${w.length(thickness / remaining(clay.shrinkage, 'leather', 'width'))} wet.`,
        ]
      : []),
    ...(texture.along || texture.across
      ? [
          `The texture stretches it by ${times(texture.along, 1)} % and ${times(texture.across, 1)} %, so it is rolled thicker: ${w.length(roll.thickness)}.`,
        ]
      : []),
    `${w.length(roll.length)} × ${w.length(roll.width)} × ${w.length(roll.thickness)} × ${times(wetDensity(clay.matter), 3)} g/ml = ${w.mass(g)}; the parts are ${times(used * 100, 0)} % of it.`,
  ]);
}

/** The arithmetic of what is made by hand, a line a step. */
export function handWorking(work: HandWork, { clay, sized }: Pick<SizedPart, 'clay' | 'sized'>, w: Writers): Working {
  const left = remaining(clay.shrinkage, 'glazed', 'width');
  const { wall = 0, rimDiameter, baseDiameter = 0, height, floor } = sized.stages.glazed.sizes;
  const { family } = sized.stages.glazed;
  if (work.by === 'coil') {
    const { plan, choices } = work;
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
