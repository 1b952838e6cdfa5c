import { type Stage, remaining } from '@/core/clay';
import type { SizeName } from '@/core/form';
import { type Result, bad, good } from '@/core/units';
import { clayOf } from '@/core/part';
import { everyPiece } from '@/core/lessons';
import { type MadePiece, mainPart, type Plan, type Sorting, STAGE_ON, type Workspace } from '@/core/records';

/** Pieces that may be sorted, each by its features over the tolerances at their stage. */
export interface ToSort {
  readonly pieces: readonly MadePiece[];
  readonly points: readonly (readonly number[])[];
  readonly features: readonly SizeName[];
  /** The tolerances at that stage, mm. */
  readonly within: Readonly<Partial<Record<SizeName, number>>>;
  /** Pieces of the plan that stand at that stage and want a measure. */
  readonly unmeasured: number;
}

/** The least and the finest a set may be asked to agree. mm */
const LEAST = 0.05;

/** What there is to sort of a plan's pieces: those measured at the stage in every feature asked, not lost, not kept out, in no held set. */
export function toSort(workspace: Workspace, plan: Plan, { at, within, held, out, size }: Sorting): Result<ToSort> {
  const features = (Object.keys(within) as SizeName[]).filter((each) => within[each] !== undefined);
  if (features.length === 0) return bad('within', 'Enter how far the pieces of a set may differ, in at least one size.');
  if (features.some((each) => within[each]! < LEAST)) return bad('within', 'That is closer than anyone can measure. Enter 0.5 mm or more.');
  const away = new Set([...held.flat(), ...out]);
  const own = everyPiece(workspace)
    .filter(({ run, piece }) => run.planId === plan.id && run.partId === undefined && piece.shelf !== 'lost' && !away.has(piece.id))
    .map(({ piece }) => piece);
  const pieces = own.filter((piece) => features.every((each) => piece.sizes[at]?.[each] !== undefined));
  const { shrinkage } = clayOf(workspace, mainPart(plan)).figures;
  const factor = (size_: SizeName) => {
    const direction = size_ === 'height' ? 'height' : 'width';
    return remaining(shrinkage, at, direction) / remaining(shrinkage, 'glazed', direction);
  };
  const there = Object.fromEntries(features.map((each) => [each, within[each]! * factor(each)])) as ToSort['within'];
  if (pieces.length < size)
    return bad('size', `${pieces.length} measured pieces are too few for a set of ${size}. Measure more, or make the set smaller.`);
  const points = pieces.map((piece) => features.map((each) => piece.sizes[at]![each]!.mm / there[each]!));
  // those that stand where they could be measured now
  const unmeasured = own.filter((piece) => STAGE_ON[piece.shelf] === at && !pieces.includes(piece)).length;
  return good({ pieces, points, features, within: there, unmeasured });
}

/** The sets got by taking the pieces as they come: what sorting is better than. */
export function asTheyCome({ points }: Pick<ToSort, 'points'>, size: number): number {
  let sets = 0;
  for (let at = 0; at + size <= points.length; at += size) {
    const own = points.slice(at, at + size);
    const holds = own[0]!.every((_, f) => Math.max(...own.map((p) => p[f]!)) - Math.min(...own.map((p) => p[f]!)) <= 1 + 1e-9);
    if (holds) sets += 1;
  }
  return sets;
}

/** The stages pieces of a plan have been measured at, most pieces first. */
export function measuredStages(workspace: Workspace, plan: Plan): readonly { readonly at: Stage; readonly count: number }[] {
  const counts = new Map<Stage, number>();
  for (const { run, piece } of everyPiece(workspace)) {
    if (run.planId !== plan.id || piece.shelf === 'lost') continue;
    for (const at of Object.keys(piece.sizes) as Stage[]) counts.set(at, (counts.get(at) ?? 0) + 1);
  }
  return [...counts].map(([at, count]) => ({ at, count })).sort((a, b) => b.count - a.count);
}
