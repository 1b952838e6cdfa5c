import { FAMILIES, type FamilyName, type Form } from '@/core/form';
import type { Hand } from '@/core/handbuild';
import { resolveKnown } from '@/core/sizing';
import { partsOfSameClay } from '@/core/fitting';
import { changedForm, clayOf, handOf, sizedPlanPart, surenessOf } from '@/core/part';
import { type Part, partOf, type PartRef, partRef, partWords, type Workspace } from '@/core/records';
import { commands } from '@/store';
import { type Units, run, workspaceStore } from '@/ui/state';
import { type AnyWay, WAY_WORDS } from '@/core/telling';
import { FORM_WORDS, capital } from '@/ui/words';
import { follow, followClay } from './follow';
import { byHand } from './use-weighed';

/** The other parts of a piece that are still of the clay one of them was of. */
export interface OthersOfClay {
  readonly planId: string;
  readonly bodyId: string | undefined;
  readonly refs: readonly PartRef[];
  readonly words: string;
  readonly was: string;
}

/** What is chosen of a part from a list. */
export interface Choosers {
  readonly chooseWay: (way: AnyWay) => void;
  /** Another clay for this part, or for others of its piece; which others were of the clay it was of. */
  readonly chooseClay: (bodyId: string | undefined, others?: readonly PartRef[]) => OthersOfClay | undefined;
  readonly chooseBatch: (batchId: string | undefined) => void;
  readonly chooseCone: (cone: string | undefined) => void;
  readonly chooseFamily: (family: FamilyName) => void;
}

const isByHand = (way: AnyWay): way is Exclude<Hand, 'wheel'> => way === 'slab' || way === 'former' || way === 'coil';

const workspaceNow = (): Workspace => workspaceStore().getSnapshot().workspace;

const named = (rows: readonly { readonly id: string; readonly name: string }[], id: string | undefined) =>
  rows.find((each) => each.id === id)?.name;

/** The finished form of a part; of one that cannot be made its sizes as they are known. */
function finishedOf(workspace: Workspace, part: Part, units: Units): Form<'glazed'> {
  const made = sizedPlanPart(workspace, part, units.length);
  if (made.ok) return made.value.sized.stages.glazed;
  const clay = clayOf(workspace, part).figures;
  return resolveKnown(part, part.sizes, clay, surenessOf(part)).form as Form<'glazed'>;
}

/** The choosers of a part. */
export const choosersOf = (ref: PartRef, units: Units): Choosers => ({
  chooseWay: (way) => {
    const label = `way of making: ${WAY_WORDS[way]}`;
    // fetched first, so that the page need not wait with nothing on it
    if (isByHand(way)) return void byHand().then(() => run(commands.setHand(ref, { by: way }, label, undefined, follow)));
    return run(commands.setWay(ref, way, label, follow));
  },
  chooseClay: (bodyId, others = []) => {
    const { bodies, plans } = workspaceNow();
    const found = partOf(plans, ref);
    const label = `clay: ${named(bodies, bodyId) ?? 'no clay'}`;
    for (const each of others.length > 0 ? others : [ref]) run(commands.setClay(each, bodyId, label, followClay));
    const { plan, part } = found ?? {};
    const left = plan && part && others.length === 0 && part.bodyId !== bodyId ? partsOfSameClay(plan, part) : [];
    if (!plan || left.length === 0) return undefined;
    const words = left.map((each) => capital(partWords(each))).join(', ');
    return {
      planId: plan.id,
      bodyId,
      refs: left.map((each) => partRef(plan, each)),
      words,
      was: named(bodies, part?.bodyId) ?? 'typical stoneware',
    };
  },
  chooseBatch: (batchId) =>
    run(commands.setBatch(ref, batchId, `batch: ${named(workspaceNow().batches, batchId) ?? 'none chosen'}`, followClay)),
  chooseCone: (cone) =>
    run(commands.setFiring(ref, cone === undefined ? undefined : { cone }, `firing: ${cone ? `cone ${cone}` : 'as usual'}`, followClay)),
  chooseFamily: (family) => {
    const part = partOf(workspaceNow().plans, ref)?.part;
    if (!part) return;
    const form = finishedOf(workspaceNow(), part, units);
    const by = handOf(part);
    // a box that becomes a cup is still built of slabs
    const change = { ...changedForm(part, form, family), ...(by !== 'wheel' && { hand: { ...part.hand, by } }) };
    const act = commands.setPart(ref, change, `form: ${FORM_WORDS[family]}`, undefined, follow);
    if (FAMILIES[family].flatSided) void byHand().then(() => run(act));
    else run(act);
  },
});
