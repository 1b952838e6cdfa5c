import { type Section, sectionOf, isDisc } from '@/core/form';
import { isLid, type Part, type PartRef, partRef, type Plan, type Workspace } from '@/core/records';
import { type SizedPlanPart, sizedPlanPart } from '@/core/part';
import { type SticksOut, sticksOut } from './sticks-out';

/** A lid as it stands on its pot, both finished. mm */
export interface LidOn {
  readonly part: Part;
  readonly made: SizedPlanPart;
  /** How high it stands above the rim, with its knob. */
  readonly above: number;
  /** At its widest. */
  readonly across: number;
  /** Another foot can stand on it: level, with nothing on top. */
  readonly level: boolean;
  /** The lid in section as it stands, z from the foot of the pot. */
  readonly section: Section;
}

/** What a part that was made as a lid is called; what goes into the mouth below one is no lid of its own. */
const LID = 'lid';

/** The part of a piece that is the lid of another part of it: by its name, above what goes into the mouth, or as either says it fits the other. */
export function lidPartOf(plan: Plan, pot: Part): Part | undefined {
  const meets = (part: Part, ref: PartRef) => part.fit?.with === 'part' && part.fit.ref === ref;
  const others = plan.parts.filter((part) => part.id !== pot.id);
  const says = (lid: Part) =>
    (lid.fit !== undefined && meets(lid, partRef(plan, pot)) && isLid(lid, lid.fit)) ||
    (pot.fit !== undefined && meets(pot, partRef(plan, lid)) && !isLid(pot, pot.fit));
  if (isDisc(pot.family) || pot.name === LID) return undefined;
  return others.find(({ name }) => name === LID) ?? others.find(says);
}

/** How the lid lies: over the rim's outside by its own mouth, or by its edge on the rim or in the gallery. Turned over where it is thrown upside down. */
function lying(pot: SizedPlanPart, lid: SizedPlanPart): { readonly turned: boolean; readonly underside: number } {
  const { sizes } = pot.sized.stages.glazed;
  const { family, sizes: own } = lid.sized.stages.glazed;
  const turned = !isDisc(family);
  const over = turned && own.mouthInside !== undefined && own.mouthInside >= sizes.rimDiameter;
  // the floor inside it lies on the rim: its edge hangs that much lower
  if (over) return { turned, underside: lid.sized.fired.inside.at(-1)!.z - own.height };
  return { turned, underside: own.rimDiameter < (sizes.mouthInside ?? 0) ? -(sizes.galleryDepth ?? 0) : 0 };
}

/** The lid of a part of a piece as it stands on it; undefined where it has none, or either cannot be worked out. */
export function lidOn(workspace: Workspace, plan: Plan, pot: SizedPlanPart): LidOn | undefined {
  const part = lidPartOf(plan, pot.part);
  const made = part && sizedPlanPart(workspace, part, String);
  if (!part || !made?.ok || pot.sized.wet.plan || made.value.sized.wet.plan) return undefined;
  const lid = made.value;
  const { fired, stages, measures } = lid.sized;
  const { turned, underside } = lying(pot, lid);
  const { height } = stages.glazed.sizes;
  const from = pot.sized.stages.glazed.sizes.height + underside;
  const knob = sticksOut(lid).height;
  return {
    part,
    made: lid,
    above: Math.max(0, underside + height + knob),
    across: measures.widest,
    level: !(part.attached ?? []).some(({ kind }) => kind !== 'foot') && underside + height >= 0,
    section: sectionOf(fired).map(({ r, z }) => ({ r, z: from + (turned ? height - z : z) })),
  };
}

/** What sticks out of the round section of a part, its lid on it where it has one. */
export function standsOut(workspace: Workspace, plan: Plan, made: SizedPlanPart): SticksOut {
  const own = sticksOut(made);
  const lid = lidOn(workspace, plan, made);
  if (!lid) return own;
  return { width: Math.max(own.width, lid.across - made.sized.measures.widest), height: Math.max(own.height, lid.above) };
}
