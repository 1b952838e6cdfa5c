import { type Outline, type Point, widest } from '@/core/form';
import { type Extent, type Placed, type Sheet, place } from '@/ui/drawing';
import type { Hand } from '@/core/handbuild';
import type { Worked } from '@/core/sizing';

/** From this width on, allowances and further sizes stand around the drawing. */
const WIDE_FROM = 640;
/** A piece so much wider than high is low: its allowances stand over it, and it gets the width of the sheet. */
const LOW_FROM = 1.5;

const MARGINS = {
  tall: { top: 56, bottom: 98, left: 410, right: 284 },
  low: { top: 132, bottom: 98, left: 172, right: 284 },
  /** The same without the allowances: they are asked for where it is made. */
  tallBare: { top: 56, bottom: 98, left: 250, right: 284 },
  lowBare: { top: 84, bottom: 98, left: 172, right: 284 },
  /** Built by hand: no allowances; of slabs, the piece put together stands left of it. */
  built: { top: 56, bottom: 98, left: 318, right: 284 },
  alone: { top: 56, bottom: 98, left: 150, right: 284 },
  narrow: { top: 56, bottom: 98, left: 142, right: 78 },
  slim: { top: 110, bottom: 162, left: 58, right: 84 },
};

export type Arrangement = keyof typeof MARGINS;

/** Everything on the sheet that figures and lines hang on, px. */
export interface Geometry {
  readonly arrangement: Arrangement;
  readonly wide: boolean;
  /** Wide and low: figures stand over and under the clay. */
  readonly low: boolean;
  readonly sheet: Sheet;
  readonly placed: Placed;
  readonly wetReach: number;
  readonly finishedReach: number;
  /** Heights on the sheet. */
  readonly y: {
    readonly pulled: number;
    readonly gauge: number;
    readonly foot: number;
    readonly base: number;
    readonly finished: number;
    readonly baseWidths: number;
  };
  /** Places across the sheet. */
  readonly x: {
    readonly axis: number;
    readonly trimmed: number;
    readonly gauge: number;
    readonly pulled: number;
    readonly labels: number;
    readonly finished: number;
    readonly wetEdge: number;
    readonly finishedEdge: number;
  };
}

const reachOf = ({ side }: Outline): number => widest(side);

/** From the finished piece to the names of its further sizes, px. */
const LABELS = 50;

const NOTHING: Extent = { reach: 0, height: 0 };

/** Lays the worked piece out on a sheet of this size. `beside` is what it is compared with, which has to fit too. */
export function geometryOf(
  worked: Worked,
  width: number,
  height: number,
  beside: Extent = NOTHING,
  by: Hand = 'wheel',
  allowances = true,
): Geometry {
  const { thrown, stages, onBat, fired } = worked.sized;
  const wet: Extent = { reach: reachOf(onBat.thrown), height: thrown.pulled };
  const finishedReach = reachOf(fired);
  const finished: Extent = {
    reach: Math.max(finishedReach, beside.reach),
    height: Math.max(stages.glazed.sizes.height, beside.height),
  };
  const wide = width >= WIDE_FROM;
  const onWheel = by === 'wheel';
  const flat = wet.reach + finished.reach > LOW_FROM * Math.max(wet.height, finished.height);
  const low = flat && (onWheel || !wide);
  const arrangement = wide
    ? onWheel
      ? (`${low ? 'low' : 'tall'}${allowances ? '' : 'Bare'}` as const)
      : by === 'slab'
        ? 'built'
        : 'alone'
    : low
      ? 'slim'
      : 'narrow';
  const sheet: Sheet = { width, height, margin: MARGINS[arrangement] };
  const placed = place(wet, finished, sheet);
  const wetEdge = placed.wet(wet.reach, 0)[0];
  const finishedEdge = placed.finished(finished.reach, 0)[0];
  const apart = { tall: 60, tallBare: 60, low: 44, lowBare: 44, built: 0, alone: 0, narrow: 42, slim: 17 }[arrangement];
  const first = wetEdge - { tall: 246, tallBare: 40, low: 32, lowBare: 32, built: 40, alone: 40, narrow: 24, slim: 14 }[arrangement];
  const hasFurther = fired.inside.length > 1;
  const upTo = (z: number) => placed.wet(0, z)[1];
  return {
    arrangement,
    wide,
    low,
    sheet,
    placed,
    wetReach: wet.reach,
    finishedReach,
    y: {
      pulled: upTo(thrown.pulled),
      gauge: upTo(thrown.gauge),
      foot: upTo(onBat.foot),
      base: placed.base,
      finished: upTo(stages.glazed.sizes.height),
      baseWidths: placed.base + 66,
    },
    x: {
      axis: placed.axis,
      trimmed: first,
      gauge: first - apart,
      pulled: first - 2 * apart,
      // further sizes are named between the piece and its height, so that no leader crosses a line
      labels: finishedEdge + LABELS,
      finished: finishedEdge + (wide ? (hasFurther ? 172 : 26) : 14),
      wetEdge,
      finishedEdge,
    },
  };
}

/** From where a line leads to what it speaks of, px. */
export type LeaderLine = readonly [from: readonly [x: number, y: number], to: readonly [x: number, y: number]];

/** Beside a mark of the rule its number reaches so far, px. */
const HALF_A_NUMBER = 14;

/** How far the rule under the finished half goes: as far as the piece, or to the first leader that comes down through it, mm. */
export function ruleReach({ placed, finishedReach }: Geometry, leaders: readonly LeaderLine[]): number {
  const crossings = leaders.flatMap(([[fromX, fromY], [toX, toY]]) => {
    if (toX < placed.axis || fromY <= placed.base) return [];
    const y = Math.max(toY, placed.base);
    return [toX + ((fromX - toX) * (y - toY)) / (fromY - toY)];
  });
  const room = (Math.min(...crossings) - HALF_A_NUMBER - placed.axis) / placed.scale;
  return Math.max(0, Math.min(finishedReach, room));
}

/** A point of the drawing turned back into mm of the finished half. */
export const finishedAt = ({ placed }: Geometry, x: number, y: number): Point => ({
  r: (x - placed.axis) / placed.scale,
  z: (placed.base - y) / placed.scale,
});
