'use client';

import { CHECKS, type Check, type Drawing, type Tile, correctionOf, tile } from '@/core/paper';
import { bareUnit } from '@/core/units';
import { useUnits } from '@/ui/state';
import { useBench } from './use-bench';

/** How sheets are printed here: the line to lay a rule on that each has, and the pages a drawing takes on the paper of the printer chosen. */
export function usePages(): {
  readonly check: Check;
  readonly correction: number;
  readonly pages: (drawing: Drawing) => readonly [Tile, ...Tile[]];
} {
  const { paper, measuredMm } = useBench();
  const check = CHECKS[bareUnit[useUnits().choice.length]];
  const correction = correctionOf(measuredMm);
  // with nothing on it a drawing still has one page
  return { check, correction, pages: (drawing) => tile(drawing, paper, correction, check) as [Tile, ...Tile[]] };
}
