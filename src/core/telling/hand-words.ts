import { FAMILIES } from '@/core/form';
import { type ClayFigures, remaining, wetDensity } from '@/core/clay';
import { SLAB_SPARE } from '@/core/handbuild';
import { STAGE_WORDS, type Working, type Writers } from '@/core/sizing';
import type { HandWork, Obstacle, SizedPart, Slabs } from '@/core/part';

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
  return `${unfit[0]!.part.name} does not fit on a slab ${length(largest.width)} wide and ${length(largest.length)} long. It needs ${would.join(' and ')}${mayTurn && wide ? ', or parts that may be turned' : ''}.`;
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
          `The texture stretches it by ${times(texture.along, 1)}% and ${times(texture.across, 1)}%, so it is rolled thicker: ${w.length(wanted)}.`,
        ]
      : []),
    ...(guide ? [`Rolled between ${guide.battens.map(w.length).join(' on ')}: ${w.length(roll.thickness)}.`] : []),
    `${w.length(roll.length)} × ${w.length(roll.width)} × ${w.length(roll.thickness)} × ${times(wetDensity(clay.matter), 3)} g/ml = ${w.mass(g)}; the parts are ${times(used * 100, 0)}% of it.`,
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
        `A coil raises the wall by ${times(choices.gain, 2)} of its thickness${work.own ? '(yours, the median of your notes)' : ' (typical, until you measure your own)'}.`,
        `The amount of clay stays the same: coils ${w.length(plan.thickness)} thick make a wall of π × ${w.length(plan.thickness)} ÷ (4 × ${times(choices.gain, 2)}) = ${w.length(plan.wall)} wet.`,
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
  const { slabs, flatSided } = FAMILIES[family];
  const round = slabs === 'strip' && !flatSided && Math.abs(rimDiameter - baseDiameter) < 0.05;
  const strip = round
    ? [
        `Round the middle of the wall: π × (${w.length(rimDiameter)} − ${w.length(wall)}) = ${w.length(Math.PI * (rimDiameter - wall))} finished ÷ ${times(left)} = ${w.length((Math.PI * (rimDiameter - wall)) / left)} wet.`,
      ]
    : [`Each length of a flat part, at mid-thickness, ÷ ${times(left)} is its wet length.`];
  return { title, lines: [first, ...strip, ...slabLines(work, clay, w)] };
}
