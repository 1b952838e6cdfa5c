import { extras } from './extras';

/** A part of every piece of a run, g of clay each takes. */
export interface RunPart {
  readonly name: string;
  readonly g: number;
  /** So many on each piece; 1 unless said. */
  readonly each?: number | undefined;
  /** What of it stays on the piece, g; all of it unless said. */
  readonly leaves?: number | undefined;
  /** How often one succeeds, 0 to 1; always unless said. */
  readonly succeeds?: number | undefined;
}

/** Shares, 0 to 1: lost in wedging, taken from recycled clay, and of what is left over brought back. */
export interface RunShares {
  readonly wedge: number;
  readonly recycled: number;
  readonly back: number;
}

export interface RunClay {
  /** `g` is for all that are made. */
  readonly parts: readonly { readonly name: string; readonly make: number; readonly g: number }[];
  readonly wedgeG: number;
  readonly recycledG: number;
  readonly newG: number;
  readonly comesBackG: number;
}

/** Parts that may fail are made until enough succeed nine times in ten. */
const ENOUGH = 0.9;

/** What a run takes in clay: every part that is put on counts, and those that fail. g */
export function clayForRun(pieces: number, parts: readonly RunPart[], { wedge, recycled, back }: RunShares): RunClay {
  const made = parts.map(({ name, g, each = 1, leaves = g, succeeds = 1 }) => {
    const need = Math.ceil(pieces * each - 1e-9);
    const { make } = extras(need, ENOUGH, 1 - succeeds);
    return { name, make, g: make * g, stays: need * leaves };
  });
  const all = made.reduce((sum, { g }) => sum + g, 0);
  const wedgeG = all / (1 - wedge);
  return {
    parts: made.map(({ name, make, g }) => ({ name, make, g })),
    wedgeG,
    recycledG: wedgeG * recycled,
    newG: wedgeG * (1 - recycled),
    comesBackG: back * (all - made.reduce((sum, { stays }) => sum + stays, 0)),
  };
}
