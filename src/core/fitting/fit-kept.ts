import { convert, lengthAt } from '@/core/clay';
import { type SizeName, sizeSpec } from '@/core/form';
import { type KnownSizes, isExact } from '@/core/sizing';
import { type ClayRows, clayOf } from '@/core/part';
import { meetsBy } from './fit-met';
import { lidPartOf } from './lid-on';
import { type Part, partRef, type Plan, type Workspace } from '@/core/records';

/** What hangs in the mouth below a lid. */
const INSERT = 'insert';

/** Whether a part was made to fit another part of its piece. */
const isMadeToFit = (plan: Plan, part: Part): boolean =>
  part.name === INSERT || plan.parts.some((pot) => lidPartOf(plan, pot) === part || pot.fit?.ref === partRef(plan, part));

/** The sizes of a part that something else has to meet. */
function meeting(workspace: Pick<Workspace, 'shop'>, plan: Plan | undefined, part: Part): readonly SizeName[] {
  if (part.fit) return [meetsBy(workspace, part, part.fit)];
  return plan && isMadeToFit(plan, part) ? ['rimDiameter', 'mouthInside'] : [];
}

/**
 * A part whose sizes that meet something are said as they finish: a fit is a fit of finished things, whatever the clay, the batch or the
 * firing.
 */
export function fitKept(workspace: ClayRows & Pick<Workspace, 'plans'>, part: Part): Part {
  const plan = workspace.plans.find(({ parts }) => parts.some(({ id }) => id === part.id));
  const { shrinkage } = clayOf(workspace, part).figures;
  const kept = meeting(workspace, plan, part).flatMap((size) => {
    const [first, ...others] = part.sizes[size] ?? [];
    if (!first || !isExact(first) || first.free || first.at === 'glazed') return [];
    const mm = convert(lengthAt(first.at, first.mm), first.at, 'glazed', shrinkage, sizeSpec(size).direction);
    return [[size, [{ mm, at: 'glazed' as const }, ...others.filter(({ at }) => at !== 'glazed')]] as const];
  });
  return kept.length === 0 ? part : { ...part, sizes: { ...part.sizes, ...Object.fromEntries(kept) } as KnownSizes };
}

/** The other parts of a piece that are of the same clay as one of it: whoever changes that may mean them too. */
export const partsOfSameClay = (plan: Plan, part: Part): readonly Part[] =>
  plan.parts.filter((other) => other.id !== part.id && other.bodyId === part.bodyId);
