import { type ClayFigures, type Stage, remaining, wetDensity } from '@/core/clay';
import { type SizeName, footRadius, sizeIn, sizeSpec } from '@/core/form';
import { ALL_DOUBTS, rangeOf } from './doubt';
import { type KnownSizes, type Sureness, isExact } from './known';
import { type Limit, USUAL_ODDS, chanceWithin } from './window';
import { type Making, MAKING_WORDS } from './making';
import type { Sized } from './size';

/** Turns plain numbers (mm, g, ml) into the reader's own units, so that the arithmetic is shown as they read it. */
export interface Writers {
  readonly length: (mm: number) => string;
  readonly mass: (g: number) => string;
  readonly volume: (ml: number) => string;
  /** A density, so that a volume times it is a weight as both are written; g/ml unless said. */
  readonly density?: ((gPerMl: number) => string) | undefined;
  /** A weight as a bench scale is read. */
  readonly weighed?: ((g: number) => string) | undefined;
}

const densityIn = ({ density }: Writers, gPerMl: number): string => density?.(gPerMl) ?? `${places(gPerMl, 3)} g/ml`;

/** The figure a text begins with, where it is one. */
const figureOf = (text: string): number => Number(/^[\d.]+/.exec(text)?.[0] ?? NaN);

/**
 * Amounts written so that they add up to their sum as that is written: what rounding leaves is with the largest, where it is not seen.
 * They are in one unit.
 */
function addingUp(amounts: readonly number[], write: (amount: number) => string): readonly string[] {
  const written = amounts.map(write);
  const sum = amounts.reduce((all, each) => all + each, 0);
  const left = figureOf(write(sum)) - written.reduce((all, each) => all + figureOf(each), 0);
  const largest = amounts.indexOf(Math.max(...amounts));
  const per = figureOf(write(1000)) / 1000;
  if (!(Math.abs(left) > 1e-9) || !(per > 0)) return written;
  return written.map((each, i) => (i === largest ? write((figureOf(each) + left) / per) : each));
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
  /** In which share of pieces limits should hold, and how truly the hand makes a size. */
  readonly sure: Required<Sureness>;
}

export const STAGE_WORDS: Record<Stage, string> = {
  wet: 'wet',
  leather: 'leather hard',
  dry: 'bone dry',
  bisque: 'bisque',
  glazed: 'finished',
};

/** The numbers whose arithmetic can be opened. */
export type NumberName = 'ball' | 'pulled' | 'gauge' | 'thrownBase' | 'thrownFloor' | 'capacity' | `${SizeName}@${Stage}` | `mass@${Stage}`;

const places = (value: number, digits: number): string => String(Number(value.toFixed(digits)));
const percentOf = (fraction: number): string => `${places(fraction * 100, 2)}%`;
const left = (factor: number): string => places(factor * 100, 2);

function sizeWorking(worked: Worked, size: SizeName, stage: Stage, w: Writers): Working {
  const title = `${sizeIn(worked.sized.stages.glazed.family, size).words}, ${STAGE_WORDS[stage]}`;
  const { sizes } = worked.sized.stages[stage];
  const known = worked.known[size]?.[0];
  const { inside } = sizeSpec(size);
  if (!known && inside) {
    const { [inside.outer]: outside = 0, [size]: within = 0 } = sizes;
    const walls = `less the wall on both sides, ${w.length((outside - within) / 2)} each as it lies there`;
    return { title, lines: [`${w.length(outside)} outside, ${walls}: ${w.length(within)}.`] };
  }
  if (!known) return { title, lines: [`Nothing is entered for it: it is as thick as the wall, ${w.length(sizes.wall ?? 0)}.`] };
  const result = w.length(sizes[size] ?? 0);
  const from = worked.sized.stages[known.at].sizes[size] ?? 0;
  if (!isExact(known)) return limitWorking(worked, size, known, stage, title, w);
  if (known.at === stage) {
    const said = `You entered ${result}. The other stages follow from it.`;
    return { title, lines: [known.free ? `Not entered. ${result} follows the other sizes until you enter it.` : said] };
  }
  const { direction } = sizeSpec(size);
  const { shrinkage } = worked.clay;
  const leftThere = remaining(shrinkage, known.at, direction);
  const to = remaining(shrinkage, stage, direction);
  const leftAt = (at: Stage, factor: number) =>
    at === 'wet' ? 'Wet is the full 100.' : `Of 100 wet, ${left(factor)} is left at ${STAGE_WORDS[at]}.`;
  const steps = [known.at === 'wet' ? '' : ` ÷ ${places(leftThere, 5)}`, stage === 'wet' ? '' : ` × ${places(to, 5)}`].join('');
  return {
    title,
    lines: [
      known.free
        ? `${w.length(from)} ${STAGE_WORDS[known.at]} scales with the rest.`
        : `You entered ${w.length(from)} ${STAGE_WORDS[known.at]}.`,
      leftAt(known.at, leftThere),
      leftAt(stage, to),
      `${w.length(from)}${steps} = ${result}`,
      ...rangeLine(worked, size, w),
    ],
  };
}

/** A limit in words: from 104 to 108, at most 120, at least 70. */
export function limitWords({ least, most }: Limit, length: (mm: number) => string): string {
  if (least !== undefined && most !== undefined) return `from ${length(least)} to ${length(most)}`;
  return most !== undefined ? `at most ${length(most)}` : `at least ${length(least ?? 0)}`;
}

/** Odds as people say them: 9 in 10. */
export function oddsWords(chance: number): string {
  const tenths = Math.floor(chance * 10 + 1e-9);
  if (chance >= 0.945) return `${Math.floor(chance * 100 + 1e-9)} in 100`;
  return tenths < 1 ? 'fewer than 1 in 10' : `${tenths} in 10`;
}

function limitWorking(worked: Worked, size: SizeName, limit: Limit, stage: Stage, title: string, w: Writers): Working {
  const { sizes } = worked.sized.stages[limit.at];
  const wet = worked.sized.stages.wet.sizes[size]!;
  const held = chanceWithin({ clay: worked.clay, size, tool: worked.sure.tool }, limit, 'wet', wet);
  const { odds } = worked.sure;
  return {
    title,
    lines: [
      `Your limit: ${limitWords(limit, w.length)} ${STAGE_WORDS[limit.at]}.`,
      limit.least !== undefined && limit.most !== undefined
        ? `Target, in the middle: ${w.length(sizes[size]!)}.`
        : `Target so that ${oddsWords(odds)} stay within it: ${w.length(sizes[size]!)}.`,
      `That is ${w.length(worked.sized.stages[stage].sizes[size]!)} ${STAGE_WORDS[stage]}; ${w.length(wet)} wet stays within the limit in ${oddsWords(held)}${held < odds - 1e-9 ? '. No other size does better' : ''}.`,
    ],
  };
}

/** What the wet size finishes at in 9 of 10 pieces, what of that is the clay's and what the hand's, and whose word the shrinkage is. */
function rangeLine({ clay, sized, sure: { tool } }: Worked, size: SizeName, w: Writers): string[] {
  const wet = sized.stages.wet.sizes[size]!;
  const between = (doubts = ALL_DOUBTS) => {
    const [small, large] = rangeOf({ clay, size, tool }, { from: 'wet', mm: wet, to: 'glazed' }, USUAL_ODDS, doubts);
    return `${w.length(small)} to ${w.length(large)}`;
  };
  const none = { clay: false, hand: false, share: false };
  const source = {
    bars: 'measured bars',
    supplier: 'the supplier',
    given: 'the figure you entered',
    typical: 'typical figures for this kind of clay',
  }[clay.sources.shrinkage];
  return [
    `${w.length(wet)} wet: 9 in 10 finish at ${between()}. Shrinkage from ${source}.`,
    `From the clay alone: ${between({ ...none, clay: true })}. From your hand alone, using a gauge: ${between({ ...none, hand: true })}.`,
  ];
}

function ballWorking({ clay, making, sized }: Worked, w: Writers): Working {
  const { volumes, masses } = sized;
  const parts: [string, number][] = [
    ['the trimmed piece, wet', volumes.piece],
    ['hollow of the foot ring', volumes.hollow],
    ['bevel at the foot', volumes.bevel],
    [MAKING_WORDS.trimFloor, volumes.floor],
    [MAKING_WORDS.trimWall, volumes.side],
    [MAKING_WORDS.wholeWall, volumes.wholeWall],
    [MAKING_WORDS.carveDepth, volumes.carved],
    [MAKING_WORDS.edgeCut, volumes.edge],
    [MAKING_WORDS.rimCut, volumes.rim],
    [MAKING_WORDS.rimGround, volumes.ground],
    [MAKING_WORDS.wireLoss, volumes.wire],
  ];
  const some = parts.filter(([, ml]) => ml > 0);
  const total = some.reduce((all, [, ml]) => all + ml, 0);
  const written = addingUp(
    some.map(([, ml]) => ml),
    w.volume,
  );
  const weighed = w.weighed?.(masses.ball);
  const rounded = weighed === undefined || weighed === w.mass(masses.ball) ? '' : `, rounded to ${weighed}`;
  return {
    title: 'ball to weigh out',
    lines: [
      some.map(([word], i) => `${word} ${written[i]}`).join(' + '),
      `${w.volume(total)} × ${densityIn(w, wetDensity(clay.matter))} = ${w.mass(masses.thrown)} on the bat`,
      making.slurryPercent > 0
        ? `÷ ${places(1 - making.slurryPercent / 100, 4)} for slurry = ${w.mass(masses.ball)}${rounded}`
        : `no slurry loss: ${w.mass(masses.ball)}${rounded}`,
    ],
  };
}

function massWorking({ clay, making, sized }: Worked, stage: Stage, w: Writers): Working {
  const { masses, volumes } = sized;
  const { water, loss } = clay.matter;
  const title = `weight, ${STAGE_WORDS[stage]}`;
  const attached = making.attachedMass ? ` + ${w.mass(making.attachedMass)} attached` : '';
  const trimmed = `${w.volume(volumes.piece)} × ${densityIn(w, wetDensity(clay.matter))}${attached} = ${w.mass(masses.trimmed)} trimmed, wet`;
  const dried = `less ${percentOf(water)} water = ${w.mass(masses.dry)} bone dry`;
  const fired = `less ${percentOf(loss)} lost in firing = ${w.mass(masses.glazed)}`;
  const lines = {
    wet: [trimmed],
    leather: [trimmed, `Up to leather hard, each ml of shrinkage is 1 g of water lost: about ${w.mass(masses.leather)}`],
    dry: [trimmed, dried],
    bisque: [trimmed, dried, fired],
    glazed: [trimmed, dried, fired, 'The clay alone: glaze adds to it, typically 3 to 8%.'],
  };
  return { title, lines: lines[stage] };
}

function thrownWorking({ making, sized }: Worked, name: NumberName, w: Writers): Working {
  const { stages, thrown } = sized;
  const below = `${w.length(making.trimFloor)} ${MAKING_WORDS.trimFloor} + ${w.length(making.wireLoss)} ${MAKING_WORDS.wireLoss}`;
  const ground = making.rimGround ? ` + ${w.length(making.rimGround)} ${MAKING_WORDS.rimGround}` : '';
  const height = `${w.length(stages.wet.sizes.height)} trimmed wet height + ${below}${ground}`;
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
          `${w.length(2 * footRadius(sized.wet))} trimmed wet base + twice ${w.length(thrown.base / 2 - footRadius(sized.wet))} trimmed off beside it`,
          `= ${w.length(thrown.base)}`,
        ],
      };
    default: {
      const { floor = 0 } = thrown;
      return {
        title: 'floor under the needle, from the bat',
        lines: [
          `${w.length(floor - making.trimFloor - making.wireLoss)} wet floor${sized.volumes.hollow > 0 ? ' over the foot ring' : ''} + ${below}`,
          `= ${w.length(floor)}`,
        ],
      };
    }
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
  if (stage) return sizeWorking(worked, what as SizeName, stage, writers);
  if (name === 'ball') return ballWorking(worked, writers);
  if (name === 'capacity') {
    return {
      title: 'holds, full to the brim',
      lines: [`The inside of the finished piece, floor to rim, turned about its axis: ${writers.volume(worked.sized.capacityMl)}`],
    };
  }
  return thrownWorking(worked, name, writers);
}
