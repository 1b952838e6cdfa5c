import { STAGES, type Shrinkage, type Stage, convert, lengthAt } from '@/core/clay';
import { CUP_SIZES, type Cup, type CupSize, SHRINKS, cupOf } from '@/core/form';

/** A size somebody knows, mm, and the stage at which they know it. */
export interface KnownSize {
  readonly mm: number;
  readonly at: Stage;
}

export type KnownSizes = Readonly<Record<CupSize, KnownSize>>;

/** A cup with the stage its sizes belong to; which stage is only known when it runs. */
export type StagedCup = { [S in Stage]: { readonly at: S; readonly cup: Cup<S> } }[Stage];

function staged<S extends Stage>(known: KnownSizes, at: S, shrinkage: Shrinkage) {
  const cup = cupOf((name) => convert(lengthAt(known[name].at, known[name].mm), known[name].at, at, shrinkage, SHRINKS[name]));
  return { at, cup };
}

/**
 * Brings sizes known at any stages together at one: at their own where all share it, else at glazed.
 *
 * @example resolveKnown({ height: { mm: 135.6, at: 'wet' }, ...finished }, shrinkage).at // 'glazed'
 */
export function resolveKnown(known: KnownSizes, shrinkage: Shrinkage): StagedCup {
  const shared = STAGES.find((stage) => CUP_SIZES.every((size) => known[size].at === stage));
  return staged(known, shared ?? 'glazed', shrinkage) as StagedCup;
}
