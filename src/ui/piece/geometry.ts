import { type OnTheBat, type Placed, type Sheet, onTheBat, place } from '@/ui/drawing';
import type { Worked } from '@/core/sizing';

/** From this width on, allowances stand beside the drawing and the thin sizes on it. */
const WIDE_FROM = 640;

const MARGINS = {
  wide: { top: 56, bottom: 98, left: 392, right: 190 },
  narrow: { top: 56, bottom: 98, left: 142, right: 78 },
};

/** Everything on the sheet that figures and lines hang on, px. */
export interface Geometry {
  readonly wide: boolean;
  readonly sheet: Sheet;
  readonly bat: OnTheBat;
  readonly placed: Placed;
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
    readonly finished: number;
    readonly wetEdge: number;
    readonly finishedEdge: number;
  };
}

/** Lays the worked piece out on a sheet of this size. */
export function geometryOf(worked: Worked, width: number, height: number): Geometry {
  const wide = width >= WIDE_FROM;
  const sheet: Sheet = { width, height, margin: wide ? MARGINS.wide : MARGINS.narrow };
  const { thrown, stages } = worked.sized;
  const bat = onTheBat(worked);
  const placed = place(worked, bat, sheet);
  const finishedReach = Math.max(stages.glazed.rimDiameter, stages.glazed.baseDiameter) / 2;
  const wetEdge = placed.wet(bat.reach, 0)[0];
  const finishedEdge = placed.finished(finishedReach, 0)[0];
  const apart = wide ? 60 : 42;
  const first = wetEdge - (wide ? 40 : 24);
  const upTo = (z: number) => placed.wet(0, z)[1];
  return {
    wide,
    sheet,
    bat,
    placed,
    finishedReach,
    y: {
      pulled: upTo(thrown.pulled),
      gauge: upTo(thrown.gauge),
      foot: upTo(bat.foot),
      base: placed.base,
      finished: upTo(stages.glazed.height),
      baseWidths: placed.base + 66,
    },
    x: {
      axis: placed.axis,
      trimmed: first,
      gauge: first - apart,
      pulled: first - 2 * apart,
      finished: finishedEdge + (wide ? 26 : 14),
      wetEdge,
      finishedEdge,
    },
  };
}
