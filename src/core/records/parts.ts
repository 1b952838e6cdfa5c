import type { Part, Plan } from './records';

/** Which part of which piece: the plan's id, and behind a slash the part's where it is not the main one. */
export type PartRef = string;

/** What a piece of one part is called in the file and nowhere else. */
const MAIN = 'pot';

/** The part of a plan that its list and its ball speak of: the body of the piece. Nobody else picks a part by its place. */
export const mainPart = ({ parts }: Pick<Plan, 'parts'>): Part => parts[0];

export const partRef = (plan: Pick<Plan, 'id' | 'parts'>, part: Pick<Part, 'id'>): PartRef =>
  part.id === mainPart(plan).id ? plan.id : `${plan.id}/${part.id}`;

/** The plan's id and the part's, if it is not the main one. */
export function readRef(ref: PartRef): { readonly planId: string; readonly partId: string | undefined } {
  const [planId, partId] = ref.split('/') as [string, string?];
  return { planId, partId };
}

/** The part meant, with its plan; undefined once either is gone. */
export function partOf(plans: readonly Plan[], ref: PartRef): { readonly plan: Plan; readonly part: Part } | undefined {
  const { planId, partId } = readRef(ref);
  const plan = plans.find(({ id }) => id === planId);
  const part = plan && (partId === undefined ? mainPart(plan) : plan.parts.find(({ id }) => id === partId));
  return part && { plan, part };
}

/** A plan with one of its parts changed. */
export function withPart(plan: Plan, partId: string | undefined, change: (part: Part) => Part): Plan {
  const at = partId ?? mainPart(plan).id;
  const [first, ...others] = plan.parts.map((part) => (part.id === at ? change(part) : part)) as [Part, ...Part[]];
  return { ...plan, parts: [first, ...others] };
}

/** What a part is called among the others; the only one has no need of a name. */
export const partWords = ({ name }: Pick<Part, 'name'>): string => (name === MAIN ? 'body' : name);

/** What a part of a plan is called where plans are listed: the plan's name, and the part's behind it where there are several. */
export const calledPart = (plan: Plan, part: Part): string =>
  part.id === mainPart(plan).id ? plan.name : `${plan.name}: ${partWords(part)}`;
