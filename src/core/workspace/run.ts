import type { Plan, ThrownPiece } from './records';

/** The run of a piece being made. */
export interface Run {
  readonly pieces: readonly ThrownPiece[];
  /** So many of them came out as they should. */
  readonly good: number;
  readonly wrong: number;
  /** How many it is to be, if that was said. */
  readonly wanted: number | undefined;
}

/** The pieces of the run being made, without those of runs before it. */
export function runOf({ thrown = [], run = {} }: Pick<Plan, 'thrown' | 'run'>): Run {
  const pieces = thrown.filter(({ at }) => run.startedAt === undefined || at >= run.startedAt);
  const wrong = pieces.filter(({ different }) => different === 'gone wrong').length;
  return { pieces, good: pieces.length - wrong, wrong, wanted: run.wanted };
}
