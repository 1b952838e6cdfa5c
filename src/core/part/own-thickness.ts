import { type ClayKind, convert, lengthAt } from '@/core/clay';
import { type FamilyName, type MadeBy, type OwnThickness, sizeSpec } from '@/core/form';
import { isExact } from '@/core/sizing';
import { clayOf, type ClayRows } from './clay';
import { bodyOf, handOf, isExample } from './piece';
import type { Part, Plan, Workspace } from '@/core/records';
import { everyPiece, once, recordFor } from '@/core/lessons';

type Needed = ClayRows & Pick<Workspace, 'plans'>;

/** Ids of plans that something was made of that did not get lost. */
const plansMade = once(
  (made): ReadonlySet<string> =>
    new Set(everyPiece(made).flatMap(({ run, piece }) => (piece.shelf !== 'lost' && run.planId !== undefined ? [run.planId] : []))),
);

/** A finished length of a part that somebody entered, mm. */
function entered(workspace: Needed, part: Part, size: 'wall' | 'floor'): number | undefined {
  const [known] = part.sizes[size] ?? [];
  if (!known || !isExact(known) || known.free) return undefined;
  const { shrinkage } = clayOf(workspace, part).figures;
  return convert(lengthAt(known.at, known.mm), known.at, 'glazed', shrinkage, sizeSpec(size).direction);
}

/**
 * The thicknesses of the maker's own pieces of a kind of clay, form and making, finished mm: of plans with a wall they entered and at least
 * one piece that was not lost.
 */
export function ownThicknesses(
  workspace: Needed,
  of: { readonly kind: ClayKind; readonly family: FamilyName; readonly by: MadeBy },
  extent: (part: Part) => Pick<OwnThickness, 'width' | 'across' | 'height'> | undefined,
): readonly OwnThickness[] {
  const made = plansMade(recordFor(workspace, { id: '' }));
  const ofPlan = (plan: Plan) => (isExample(plan) || !made.has(plan.id) ? [] : plan.parts);
  return workspace.plans.flatMap(ofPlan).flatMap((part) => {
    const alike = part.family === of.family && handOf(part) === of.by && (bodyOf(workspace, part)?.kind ?? 'stoneware') === of.kind;
    const wall = alike ? entered(workspace, part, 'wall') : undefined;
    const size = wall === undefined ? undefined : extent(part);
    return wall !== undefined && size ? [{ ...size, wall, floor: entered(workspace, part, 'floor') }] : [];
  });
}
