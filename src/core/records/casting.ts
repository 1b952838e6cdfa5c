import type { Mould, Well } from '@/core/cast';

/** What was chosen of casting a part; what is not said is as is usual. Lengths in mm. */
export interface CastChoices {
  readonly well?: Well | undefined;
  readonly mould?: Mould | undefined;
  /** Least draft, degrees. */
  readonly leastDraft?: number | undefined;
  /** Water for 100 of plaster, by weight. */
  readonly ratio?: number | undefined;
  /** Mixed more than worked out, 0 to 1. */
  readonly margin?: number | undefined;
  /** Plaster all round and below. */
  readonly thickness?: number | undefined;
  /** The wall wanted, finished. */
  readonly wall?: number | undefined;
}

/** A test cast: how thick the wall was after how long, as it let go of the mould. */
export interface TestCast {
  readonly minutes: number;
  readonly mm: number;
}

/** A slip of a body: what it weighs, and what the maker's own test casts were. */
export interface Slip {
  /** g/ml; typical where it was never weighed. */
  readonly density?: number | undefined;
  readonly casts: readonly TestCast[];
}
