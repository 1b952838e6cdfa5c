import { STAGES, type Stage } from '@/core/clay';
import { DEMO } from '@/core/example';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sizedPlanPart } from '@/core/part';
import type { Part, Plan, Workspace } from '@/core/records';
import { fitKept, fitOf, lidParts, partsOfSameClay } from '.';

const finished = (workspace: Workspace, part: Part) => {
  const made = sizedPlanPart(workspace, part, String);
  if (!made.ok) throw new Error(made.problem.message);
  return made.value.sized.stages.glazed.sizes;
};

const jar = DEMO.plans.find(({ id }) => id === 'plan-honey-jar')!;
const [pot] = jar.parts;

/** The jar with its lid as a part of it, as it was worked out for its mouth. */
function withLid(over: boolean): { readonly workspace: Workspace; readonly plan: Plan; readonly lid: Part } {
  const sized = sizedPlanPart(DEMO, pot, String);
  const work = sized.ok && fitOf(DEMO, pot, sized.value.sized, { with: 'lid', ...(over && { over }) });
  if (!sized.ok || !work || !work.ok) throw new Error('no lid');
  let no = 0;
  const parts = lidParts(pot, sized.value.sized, work.value, () => `lid-${(no += 1)}`);
  const plan: Plan = { ...jar, parts: [{ ...pot, fit: { with: 'part', ref: `${jar.id}/${parts.at(-1)!.id}` } }, ...parts] };
  return { workspace: { ...DEMO, plans: DEMO.plans.map((each) => (each.id === plan.id ? plan : each)) }, plan, lid: parts.at(-1)! };
}

describe('what was made to fit', () => {
  it('finishes as it did in any clay, batch and firing, at whatever stage it was known', () => {
    const other = { bodies: DEMO.bodies.map(({ id }) => id), batches: [undefined, ...DEMO.batches.map(({ id }) => id)] };
    fc.assert(
      fc.property(
        fc.boolean(),
        fc.constantFrom<Stage>(...STAGES),
        fc.constantFrom(...other.bodies),
        fc.constantFrom(...other.batches),
        fc.constantFrom('04', '6', '10'),
        (over, at, bodyId, batchId, cone) => {
          const { workspace, plan, lid } = withLid(over);
          const size = over ? ('mouthInside' as const) : ('rimDiameter' as const);
          const made = sizedPlanPart(workspace, lid, String);
          const mm = made.ok ? made.value.sized.stages[at].sizes[size]! : 0;
          // as an earlier Rimbet kept it: at the stage it is cut
          const cut: Part = { ...lid, sizes: { ...lid.sizes, [size]: [{ mm, at }] } };
          const kept = { ...plan, parts: plan.parts.map((part) => (part.id === lid.id ? cut : part)) as unknown as Plan['parts'] };
          const rows = { ...workspace, plans: workspace.plans.map((each) => (each.id === kept.id ? kept : each)) };
          const moved: Part = { ...fitKept(rows, cut), bodyId, batchId, firing: { cone } };
          expect(finished(rows, moved)[size]).toBeCloseTo(finished(workspace, lid)[size]!, 6);
        },
      ),
      { seed: 2716, numRuns: 60 },
    );
  });

  it('is kept finished as it is made, the pot’s own meeting width too; what fits nothing stays as it was typed', () => {
    const { workspace, lid } = withLid(false);
    expect(lid.sizes.rimDiameter![0]).toMatchObject({ at: 'glazed' });
    const wet: Part = {
      ...pot,
      fit: { with: 'lid' },
      sizes: { ...pot.sizes, mouthInside: [{ mm: 92, at: 'wet' }], height: [{ mm: 140, at: 'wet' }] },
    };
    const rows = { ...workspace, plans: [{ ...jar, parts: [wet] as const }] };
    const kept = fitKept(rows as Workspace, wet).sizes;
    expect([kept.mouthInside![0].at, kept.height![0].at]).toEqual(['glazed', 'wet']);
    expect(fitKept(DEMO, pot)).toBe(pot);
  });

  it('of the same clay as what changes is asked about too', () => {
    const { plan, lid } = withLid(false);
    expect(partsOfSameClay(plan, pot).map(({ id }) => id)).toContain(lid.id);
    expect(partsOfSameClay({ ...plan, parts: [pot, { ...lid, bodyId: 'body-chalk-down' }] }, pot)).toEqual([]);
  });
});
