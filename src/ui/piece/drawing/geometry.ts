import { type Outline, type Point, widest } from '@/core/form';
import { type Extent, type Placed, type Sheet, place } from '@/ui/drawing';
import type { Hand } from '@/core/handbuild';
import type { Worked } from '@/core/sizing';

/** From this width on, further sizes stand around the drawing. */
const WIDE_FROM = 640;
/** A piece so much wider than high is low: its heights stand over and under it, and it gets the width of the sheet. */
const LOW_FROM = 1.5;

/** A sheet less wide has its lines closer together, so that the piece is not small between them. */
const SNUG_BELOW = 800;

interface Lines extends Readonly<Record<'top' | 'bottom' | 'left' | 'right', number>> {
  /** From the widest of the wet piece to its first dimension line, and from each to the next, px. */
  readonly first: number;
  readonly apart: number;
  /** From the finished piece to the line of its height, with sizes named between them and without, px. */
  readonly named: number;
  readonly bare: number;
}

const LAID = {
  tall: { top: 56, bottom: 102, left: 250, right: 284, first: 64, apart: 60, named: 172, bare: 26 },
  tallSnug: { top: 56, bottom: 102, left: 212, right: 254, first: 60, apart: 48, named: 152, bare: 26 },
  low: { top: 96, bottom: 102, left: 184, right: 284, first: 44, apart: 44, named: 172, bare: 26 },
  lowSnug: { top: 96, bottom: 102, left: 172, right: 254, first: 44, apart: 38, named: 152, bare: 26 },
  /** Of slabs, the piece put together stands left of it. */
  built: { top: 56, bottom: 102, left: 318, right: 284, first: 40, apart: 0, named: 172, bare: 26 },
  builtSnug: { top: 56, bottom: 102, left: 318, right: 254, first: 40, apart: 0, named: 152, bare: 26 },
  alone: { top: 56, bottom: 102, left: 150, right: 284, first: 40, apart: 0, named: 172, bare: 26 },
  narrow: { top: 56, bottom: 110, left: 142, right: 90, first: 24, apart: 42, named: 14, bare: 14 },
  slim: { top: 110, bottom: 172, left: 58, right: 84, first: 14, apart: 17, named: 14, bare: 14 },
} satisfies Record<string, Lines>;
/** Over what is drawn, for the words of what it must fit, px. */
const HEADROOM = { wide: 30, narrow: 52 };
/** What it must fit is drawn so far over its rim, mm. */
const OVER_THE_RIM = 8;

export type Arrangement = keyof typeof LAID;

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
    /** Widths stand in two rows, over both halves and under them. */
    readonly mouthWidths: number;
    /** Words over all else. */
    readonly words: number;
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
/** A mouth may be narrower than its figure: the names stand so far from the middle where the sheet has room, px. */
const PAST_MOUTH = 122;

const NOTHING: Extent = { reach: 0, height: 0 };

interface Laying {
  /** What it is compared with, which has to fit too. */
  readonly beside?: Extent | undefined;
  readonly by?: Hand;
  /** Whether words of what it must fit stand over it. */
  readonly headroom?: boolean;
  /** Whether it has sizes that are named beside the finished half. */
  readonly named?: boolean;
}

function arrangementOf(width: number, by: Hand, low: boolean): Arrangement {
  if (width < WIDE_FROM) return low ? 'slim' : 'narrow';
  const snug = width < SNUG_BELOW;
  if (by === 'wheel') return low ? (snug ? 'lowSnug' : 'low') : snug ? 'tallSnug' : 'tall';
  return by !== 'slab' ? 'alone' : snug ? 'builtSnug' : 'built';
}

/** Lays the worked piece out on a sheet of this size. */
export function geometryOf(
  worked: Worked,
  width: number,
  height: number,
  { beside = NOTHING, by = 'wheel', headroom = false, named = true }: Laying = {},
): Geometry {
  const { thrown, stages, onBat, fired } = worked.sized;
  const overRim = headroom ? OVER_THE_RIM : 0;
  const wet: Extent = { reach: reachOf(onBat.thrown), height: thrown.pulled + overRim };
  const finishedReach = reachOf(fired);
  const finishedTop = stages.glazed.sizes.height + overRim;
  const finished: Extent = { reach: Math.max(finishedReach, beside.reach), height: Math.max(finishedTop, beside.height) };
  const wide = width >= WIDE_FROM;
  const onWheel = by === 'wheel';
  const flat = wet.reach + finished.reach > LOW_FROM * Math.max(wet.height, finished.height);
  const low = flat && (onWheel || !wide);
  const arrangement = arrangementOf(width, by, low);
  const { first, apart, named: toHeight, bare, ...margin } = LAID[arrangement];
  const over = headroom ? HEADROOM[wide ? 'wide' : 'narrow'] : 0;
  const sheet: Sheet = { width, height, margin: { ...margin, top: margin.top + over } };
  const placed = place(wet, finished, sheet);
  const wetEdge = placed.wet(wet.reach, 0)[0];
  const finishedEdge = placed.finished(finished.reach, 0)[0];
  const trimmed = wetEdge - first;
  const labels = Math.max(finishedEdge, Math.min(placed.axis + PAST_MOUTH - LABELS, width - margin.right)) + LABELS;
  const upTo = (z: number) => placed.wet(0, z)[1];
  const tops = { pulled: upTo(thrown.pulled), finished: upTo(stages.glazed.sizes.height) };
  // over low ware there is room for what marks its rim
  const mouthWidths = upTo(Math.max(wet.height, finishedTop)) - (low && wide ? 26 : 14);
  return {
    arrangement,
    wide,
    low,
    sheet,
    placed,
    wetReach: wet.reach,
    finishedReach,
    y: {
      ...tops,
      gauge: upTo(thrown.gauge),
      foot: upTo(onBat.foot),
      base: placed.base,
      mouthWidths,
      words: mouthWidths - (low && wide ? 70 : 52),
      baseWidths: placed.base + 66,
    },
    x: {
      axis: placed.axis,
      trimmed,
      gauge: trimmed - apart,
      pulled: trimmed - 2 * apart,
      // further sizes are named between the piece and its height, so that no leader crosses a line
      labels,
      finished: named && wide ? labels - LABELS + toHeight : finishedEdge + bare,
      wetEdge,
      finishedEdge,
    },
  };
}

/** From where a line leads to what it speaks of, px. */
export type LeaderLine = readonly [from: readonly [x: number, y: number], to: readonly [x: number, y: number]];

/** Beside a mark of the rule its number reaches so far, px. */
const HALF_A_NUMBER = 14;
/** What the piece stands on goes so far past it, or ends so far before a leader, px. */
const GROUND = { past: 16, before: 4 };

/** Where the first leader comes up through what the finished half stands on, px; endlessly far where none does. */
const firstFromBelow = ({ placed }: Geometry, leaders: readonly LeaderLine[]): number =>
  Math.min(
    ...leaders.flatMap(([[fromX, fromY], [toX, toY]]) => {
      if (toX < placed.axis || fromY <= placed.base) return [];
      const y = Math.max(toY, placed.base);
      return [toX + ((fromX - toX) * (y - toY)) / (fromY - toY)];
    }),
  );

/** How far the rule under the finished half goes: as far as the piece, or to the first leader that comes up through it, mm. */
export function ruleReach(geometry: Geometry, leaders: readonly LeaderLine[]): number {
  const { placed, finishedReach } = geometry;
  const room = (firstFromBelow(geometry, leaders) - HALF_A_NUMBER - placed.axis) / placed.scale;
  return Math.max(0, Math.min(finishedReach, room));
}

/** Where the line that the finished half stands on ends, so that no leader crosses it, px. */
export const groundEnd = (geometry: Geometry, leaders: readonly LeaderLine[]): number =>
  Math.min(geometry.x.finishedEdge + GROUND.past, firstFromBelow(geometry, leaders) - GROUND.before);

/** A point of the drawing turned back into mm of the finished half. */
export const finishedAt = ({ placed }: Geometry, x: number, y: number): Point => ({
  r: (x - placed.axis) / placed.scale,
  z: (placed.base - y) / placed.scale,
});
