import { type ClayFigures, type Stage, finishesBetween, remaining, wetDensity } from '@/core/clay';
import { type CupSize, SHRINKS, SIZE_WORDS } from '@/core/form';
import type { KnownSizes } from './known';
import { type Making, MAKING_WORDS } from './making';
import type { Sized } from './size';

/** Turns plain numbers (mm, g, ml) into the reader's own units, so that the arithmetic is shown as they read it. */
export interface Writers {
  readonly length: (mm: number) => string;
  readonly mass: (g: number) => string;
  readonly volume: (ml: number) => string;
}

/** The arithmetic of one number in a potter's terms, a line a step; the last line gives the number. */
export interface Working {
  readonly title: string;
  readonly lines: readonly string[];
}

/** Everything a working can be about. */
export interface Worked {
  readonly clay: ClayFigures;
  readonly known: KnownSizes;
  readonly making: Making;
  readonly sized: Sized;
}

export const STAGE_WORDS: Record<Stage, string> = {
  wet: 'wet',
  leather: 'leather hard',
  dry: 'bone dry',
  bisque: 'bisque',
  glazed: 'glazed',
};

/** The numbers whose arithmetic can be opened. */
export type NumberName = 'ball' | 'pulled' | 'gauge' | 'thrownBase' | 'thrownFloor' | 'capacity' | `${CupSize}@${Stage}` | `mass@${Stage}`;

const places = (value: number, digits: number): string => String(Number(value.toFixed(digits)));
const percentOf = (fraction: number): string => `${places(fraction * 100, 2)} %`;
const left = (factor: number): string => places(factor * 100, 2);

function sizeWorking(worked: Worked, size: CupSize, stage: Stage, w: Writers): Working {
  const title = `${SIZE_WORDS[size]}, ${STAGE_WORDS[stage]}`;
  const known = worked.known[size];
  const result = w.length(worked.sized.stages[stage][size]);
  if (known.at === stage) return { title, lines: [`${result} is what you typed; everything else follows from it.`] };
  const direction = SHRINKS[size];
  const { shrinkage } = worked.clay;
  const from = remaining(shrinkage, known.at, direction);
  const to = remaining(shrinkage, stage, direction);
  const leftAt = (at: Stage, factor: number) =>
    at === 'wet' ? 'Wet is the full 100.' : `Of 100 wet, ${left(factor)} is left at ${STAGE_WORDS[at]}.`;
  const steps = [known.at === 'wet' ? '' : ` ÷ ${places(from, 5)}`, stage === 'wet' ? '' : ` × ${places(to, 5)}`].join('');
  return {
    title,
    lines: [
      `${w.length(known.mm)} ${STAGE_WORDS[known.at]} is known.`,
      leftAt(known.at, from),
      leftAt(stage, to),
      `${w.length(known.mm)}${steps} = ${result}`,
      ...rangeLine(worked, size, w),
    ],
  };
}

/** What the wet size finishes at in 9 of 10 pieces, and whose word the shrinkage is. */
function rangeLine({ clay, sized }: Worked, size: CupSize, w: Writers): string[] {
  const belief = SHRINKS[size] === 'height' ? clay.heightBelief : clay.belief;
  const [small, large] = finishesBetween(sized.stages.wet[size], belief);
  const source = { bars: 'measured bars', supplier: 'the supplier', given: 'what was given', typical: 'what is typical' }[
    clay.sources.shrinkage
  ];
  return [
    `${w.length(sized.stages.wet[size])} wet finishes ${w.length(small)} to ${w.length(large)} in 9 of 10; shrinkage from ${source}.`,
  ];
}

function ballWorking({ clay, making, sized }: Worked, w: Writers): Working {
  const { volumes, masses } = sized;
  const parts: [string, number][] = [
    ['the trimmed piece, wet', volumes.piece],
    [MAKING_WORDS.trimFloor, volumes.floor],
    [MAKING_WORDS.trimWall, volumes.side],
    [MAKING_WORDS.rimCut, volumes.rim],
    [MAKING_WORDS.wireLoss, volumes.wire],
  ];
  const total = parts.reduce((all, [, ml]) => all + ml, 0);
  return {
    title: 'ball to weigh out',
    lines: [
      parts
        .filter(([, ml]) => ml > 0)
        .map(([word, ml]) => `${word} ${w.volume(ml)}`)
        .join(' + '),
      `${w.volume(total)} × ${places(wetDensity(clay.matter), 3)} g/ml = ${w.mass(masses.thrown)} on the bat`,
      making.slurryPercent > 0
        ? `÷ ${places(1 - making.slurryPercent / 100, 4)} for slurry = ${w.mass(masses.ball)}`
        : `nothing to slurry: ${w.mass(masses.ball)}`,
    ],
  };
}

function massWorking({ clay, making, sized }: Worked, stage: Stage, w: Writers): Working {
  const { masses, volumes } = sized;
  const { water, loss } = clay.matter;
  const title = `weight, ${STAGE_WORDS[stage]}`;
  const attached = making.attachedMass ? ` + ${w.mass(making.attachedMass)} attached` : '';
  const trimmed = `${w.volume(volumes.piece)} × ${places(wetDensity(clay.matter), 3)} g/ml${attached} = ${w.mass(masses.trimmed)} trimmed, wet`;
  const dried = `less ${percentOf(water)} water = ${w.mass(masses.dry)} bone dry`;
  const fired = `less ${percentOf(loss)} lost in firing = ${w.mass(masses.glazed)}`;
  const lines = {
    wet: [trimmed],
    leather: [trimmed, `while plastic, each ml it shrinks is a gram of water gone: about ${w.mass(masses.leather)}`],
    dry: [trimmed, dried],
    bisque: [trimmed, dried, fired],
    glazed: [trimmed, dried, fired, 'The clay alone: glaze adds to it, typically 3 to 8 %.'],
  };
  return { title, lines: lines[stage] };
}

function thrownWorking({ making, sized }: Worked, name: NumberName, w: Writers): Working {
  const { stages, thrown } = sized;
  const below = `${w.length(making.trimFloor)} ${MAKING_WORDS.trimFloor} + ${w.length(making.wireLoss)} ${MAKING_WORDS.wireLoss}`;
  const height = `${w.length(stages.wet.height)} trimmed wet height + ${below}`;
  switch (name) {
    case 'gauge':
      return {
        title: 'rim above the bat, after the needle',
        lines: [height, `= ${w.length(thrown.gauge)}: set the gauge or pointer to this`],
      };
    case 'pulled':
      return {
        title: 'height as pulled, before the needle',
        lines: [`${height} + ${w.length(making.rimCut)} ${MAKING_WORDS.rimCut}`, `= ${w.length(thrown.pulled)}`],
      };
    case 'thrownBase':
      return {
        title: 'base as thrown, outside',
        lines: [
          `${w.length(stages.wet.baseDiameter)} trimmed wet base + twice ${w.length(making.trimWall)} ${MAKING_WORDS.trimWall}`,
          `= ${w.length(thrown.base)}`,
        ],
      };
    default:
      return {
        title: 'floor under the needle, from the bat',
        lines: [`${w.length(stages.wet.floor)} wet floor + ${below}`, `= ${w.length(thrown.floor)}`],
      };
  }
}

/**
 * The arithmetic of any number on the Piece screen, in the reader's units and a potter's words.
 *
 * @example working(worked, 'height@wet', writers).lines.at(-1) // '120 mm ÷ 0.885 = 135.6 mm'
 */
export function working(worked: Worked, name: NumberName, writers: Writers): Working {
  const [what, stage] = name.split('@') as [string, Stage | undefined];
  if (stage && what === 'mass') return massWorking(worked, stage, writers);
  if (stage) return sizeWorking(worked, what as CupSize, stage, writers);
  if (name === 'ball') return ballWorking(worked, writers);
  if (name === 'capacity') {
    return {
      title: 'holds, full to the brim',
      lines: [`The inside of the glazed piece, floor to rim, turned about its axis: ${writers.volume(worked.sized.capacityMl)}`],
    };
  }
  return thrownWorking(worked, name, writers);
}
