import { type ClayFigures, type Stage, remaining } from '@/core/clay';
import { type Drawing, type Shape, line, path, words } from '@/core/paper';
import { STAGE_WORDS, addingCost } from '@/core/sizing';

/** In what a rule is read. */
export type RuleUnit = 'mm' | 'cm' | 'in';

/** A clay on a rule: what is printed of it, and how it shrinks. */
export interface RuledClay {
  readonly body: string;
  readonly batch?: string | undefined;
  readonly cone?: string | undefined;
  readonly clay: ClayFigures;
}

export interface RuleInput {
  readonly clays: readonly [RuledClay, ...RuledClay[]];
  /** The stage of the clay it is laid on; what it reads is the finished size. */
  readonly stage: Stage;
  readonly unit: RuleUnit;
  /** How far it reads, finished mm. */
  readonly reads: number;
  /** When it was made, as it is to be printed. */
  readonly date: string;
}

/** A mark: where it stands, mm from the rule's zero; what it reads, in the rule's unit; how long it is drawn. */
export interface Mark {
  readonly at: number;
  readonly reads: number;
  readonly rank: 0 | 1 | 2 | 3;
}

const MM_PER_UNIT: Record<RuleUnit, number> = { mm: 1, cm: 10, in: 25.4 };
/** Small steps of a rule, in its unit: millimetres, or sixteenths; and from which on they are longer. */
const STEPS: Record<RuleUnit, { readonly perUnit: number; readonly ranks: readonly [number, number, number] }> = {
  mm: { perUnit: 1, ranks: [5, 10, 10] },
  cm: { perUnit: 10, ranks: [5, 10, 10] },
  in: { perUnit: 16, ranks: [4, 8, 16] },
};

/** How much larger the clay is at a stage than it will be finished: k(stage) / k(glazed), how-it-computes.md, From finished to wet. */
export const enlargement = (clay: ClayFigures, stage: Stage): number =>
  remaining(clay.shrinkage, stage, 'width') / remaining(clay.shrinkage, 'glazed', 'width');

/**
 * The marks of a rule that reads finished sizes on clay at a stage: each stands at its value times the enlargement, never rounded.
 *
 * @param reads how far it reads, mm
 * @example ruleMarks('mm', 100, 1 / 0.885).at(-1) // { at: 112.994, reads: 100, rank: 3 }
 */
export function ruleMarks(unit: RuleUnit, reads: number, factor: number): Mark[] {
  const { perUnit, ranks } = STEPS[unit];
  const step = MM_PER_UNIT[unit] / perUnit;
  const count = Math.floor(reads / step + 1e-9);
  return Array.from({ length: count + 1 }, (_, i): Mark => {
    const rank = i % ranks[2] === 0 ? 3 : i % ranks[1] === 0 ? 2 : i % ranks[0] === 0 ? 1 : 0;
    return { at: i * step * factor, reads: i / perUnit, rank };
  });
}

const LENGTHS = [3, 4.5, 6, 8] as const;
const STRIP = 22;
const PLAIN = 19;
const LEFT = 6;

function strip(marks: readonly Mark[], y: number, down: 1 | -1, numbered: number): Shape[] {
  return marks.flatMap(({ at, reads, rank }) => {
    const x = LEFT + at;
    const drawn = line(x, y, x, y + down * LENGTHS[rank], rank === 3 ? 0.25 : 0.15);
    const says = rank === 3 && Math.abs(reads / numbered - Math.round(reads / numbered)) < 1e-9;
    return says ? [drawn, words(x, y + down * 11 + (down < 0 ? 0 : 0.8), String(Number(reads.toFixed(4))), 2.8, 'middle')] : [drawn];
  });
}

const NUMBERED: Record<RuleUnit, number> = { mm: 10, cm: 1, in: 1 };

/** A shrink rule to cut out: a strip for each clay, read on the clay at a stage, and a plain rule along the other edge. */
export function shrinkRule({ clays, stage, unit, reads, date }: RuleInput): Drawing {
  const longest = Math.max(...clays.map(({ clay }) => enlargement(clay, stage) * reads));
  const width = longest + 2 * LEFT;
  const height = clays.length * STRIP + PLAIN;
  const strips = clays.flatMap(({ body, batch, cone, clay }, i) => {
    const factor = enlargement(clay, stage);
    const y = i * STRIP;
    const said = [
      `${body}${batch ? `, ${batch}` : ''}`,
      `shrinks ${(clay.shrinkage.width * 100).toFixed(2)}%`,
      cone ? `cone ${cone}` : 'cone not recorded',
      `reads finished ${unit} on ${STAGE_WORDS[stage]} clay`,
      date,
    ];
    return [
      ...strip(ruleMarks(unit, reads, factor), y, 1, NUMBERED[unit]),
      words(LEFT, y + STRIP - 4, said.join('   '), 2.6),
      line(0, y + STRIP, width, y + STRIP, 0.15),
    ];
  });
  const title = `Shrink rule: ${clays.map(({ body }) => body).join(', ')}`;
  return {
    title,
    width,
    height,
    shapes: [
      path([
        { x: 0, y: 0 },
        { x: width, y: 0 },
        { x: width, y: height },
        { x: 0, y: height },
      ]),
      ...strips,
      ...strip(ruleMarks(unit, longest, 1), height, -1, NUMBERED[unit]),
      words(LEFT, clays.length * STRIP + 3.4, `plain ${unit}, for checking`, 2.4),
    ],
  };
}

/** What an old or copied rule is good for. */
export interface RuleCheck {
  /** The shrinkage it suits, a fraction of the wet length. */
  readonly suits: number;
  /** What something measured to its mark would finish at in this clay, less what the mark says, mm. */
  readonly off: number;
}

/**
 * Looks at one mark of a rule meant for wet clay: it reads `reads` mm and stands `stands` mm from its zero.
 *
 * @example checkRule(clay, 100, 112).suits // 0.1071
 */
export function checkRule(clay: ClayFigures, reads: number, stands: number): RuleCheck {
  return { suits: 1 - reads / stands, off: stands / enlargement(clay, 'wet') - reads };
}

/** A copier's setting that makes a plain rule a shrink rule: 100 / (1 - S), percent. */
export const copierPercent = (clay: ClayFigures): number => 100 * enlargement(clay, 'wet');

/** What rules of thumb make of a finished size, mm wet, and what each would finish at. */
export interface Thumb {
  readonly rule: 'adding' | 'inch per foot';
  readonly wet: number;
  readonly finishes: number;
}

/** Adding the percentage, and an inch for each foot: what they give for a finished size, and where it ends. how-it-computes.md, From finished to wet. */
export function rulesOfThumb(clay: ClayFigures, finished: number): Thumb[] {
  const s = clay.shrinkage.width;
  const foot = (finished * 13) / 12;
  return [
    { rule: 'adding', ...addingCost(finished, s) },
    { rule: 'inch per foot', wet: foot, finishes: foot * (1 - s) },
  ];
}
