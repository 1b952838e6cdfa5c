import { type ClayFigures, STAGES, type Stage, convert, lengthAt } from '@/core/clay';
import { type Form, SIZES, type Shape, type SizeName, formOf, sizeSpec, sizesOf } from '@/core/form';
import { type Gives, undecided, withInsidesMet } from './insides';
import type { Tool } from './doubt';
import { type Limit, USUAL_ODDS, aimFor } from './window';

/** A size somebody knows, mm, and the stage at which they know it. */
export interface Exact {
  readonly mm: number;
  readonly at: Stage;
  /** Let go: nobody holds to it, and it follows the piece's other sizes. */
  readonly free?: true | undefined;
  /** Of one let go: what it would be had nothing made it change, mm at its stage. It comes back as soon as it can. */
  readonly meant?: number | undefined;
}

export type KnownSize = Exact | Limit;

export const isExact = (known: KnownSize): known is Exact => 'mm' in known;

/** What is known of each size. The first leads; any further say something else and wait to be settled. */
export type KnownSizes = Readonly<Partial<Record<SizeName, readonly [KnownSize, ...KnownSize[]]>>>;

/** A form with the stage its sizes belong to; which stage is only known when it runs. */
export type StagedForm = { [S in Stage]: { readonly at: S; readonly form: Form<S> } }[Stage];

/** In which share of pieces limits should hold, and with what the hand makes a size. */
export interface Sureness {
  readonly odds?: number | undefined;
  readonly tool?: Tool | undefined;
}

/** The length a known size stands for, mm at its own stage: itself, or what to aim at inside a limit. */
const lengthKnown = (known: KnownSize, size: SizeName, clay: ClayFigures, { odds = USUAL_ODDS, tool }: Sureness = {}): number =>
  isExact(known) ? known.mm : aimFor({ clay, size, tool }, known, odds);

const moved = (known: KnownSize, size: SizeName, to: Stage, clay: ClayFigures, sure?: Sureness): number =>
  convert(lengthAt(known.at, lengthKnown(known, size, clay, sure)), known.at, to, clay.shrinkage, SIZES[size].direction);

/** Brings sizes known at any stages together at one: at their own where all share it, else at glazed. */
export function resolveKnown(
  shape: Shape & { readonly gives?: Gives | undefined },
  known: KnownSizes,
  clay: ClayFigures,
  sure?: Sureness,
): StagedForm {
  const waits = undecided(known, shape.gives);
  const names = sizesOf(shape, known).filter((name) => known[name] && !waits.includes(name));
  const at = STAGES.find((stage) => names.every((name) => known[name]![0].at === stage)) ?? 'glazed';
  const sizes = Object.fromEntries(names.map((name) => [name, moved(known[name]![0], name, at, clay, sure)]));
  const inside = names.some((name) => sizeSpec(name).inside);
  return { at, form: formOf(shape, at, inside ? withInsidesMet(shape, at, sizes, shape.gives) : sizes) } as StagedForm;
}

/** Two things known of one size that cannot both be so by what is believed of the clay. */
export interface Conflict {
  readonly size: SizeName;
  readonly leads: KnownSize;
  readonly other: KnownSize;
  /** Where in the list of what is known the other stands. */
  readonly index: number;
  /** What the leading one makes of the size at the other's stage, mm. */
  readonly there: number;
  /** The other less that, mm; for a limit, by how much it is missed. */
  readonly apart: number;
}

/** Sizes that differ by less agree: nobody measures closer. mm. */
const AGREES = 0.1;

/** The conflicts among what is known. */
export function conflictsIn(shape: Shape, known: KnownSizes, clay: ClayFigures, sure?: Sureness): Conflict[] {
  return sizesOf(shape, known).flatMap((size) => {
    const [leads, ...others] = known[size] ?? [];
    if (!leads) return [];
    return others.flatMap((other, i) => {
      const there = moved(leads, size, other.at, clay, sure);
      const apart = isExact(other) ? other.mm - there : missed(other, there);
      return Math.abs(apart) > AGREES ? [{ size, leads, other, index: i + 1, there, apart }] : [];
    });
  });
}

const missed = ({ least = 0, most = Infinity }: Limit, mm: number): number => (mm < least ? least - mm : mm > most ? most - mm : 0);

/**
 * What the clay would have to shrink for two exact sizes both to be right, a fraction of the wet length: from
 * a/b = (1 - share_a S)/(1 - share_b S). Undefined where they are no such pair, or no clay shrinks so.
 */
export function shrinkageIfBoth({ leads, other }: Conflict, clay: ClayFigures): number | undefined {
  if (!isExact(leads) || !isExact(other)) return undefined;
  const share = (at: Stage) => (at === 'wet' ? 0 : at === 'glazed' ? 1 : clay.shrinkage.shares[at]);
  const [a, b] = [share(leads.at), share(other.at)];
  const ratio = leads.mm / other.mm;
  const s = (1 - ratio) / (a - ratio * b);
  return Number.isFinite(s) && s > 0 && s < 0.5 ? s : undefined;
}
