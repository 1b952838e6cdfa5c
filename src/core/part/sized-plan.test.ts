import { describe, expect, it } from 'vitest';
import { DEMO } from '@/core/example';
import { startedRun } from '@/core/orders';
import { type BarRecord, clayUsedLast, exampleCutters, type Part, type Plan, type Workspace } from '@/core/records';
import { inBody, matterIn, plainCup, sizedPlanPart, weighedPart } from '.';

const planOf = (id: string): Plan => DEMO.plans.find((plan) => plan.id === id)!;

function made(part: Part) {
  const sized = weighedPart(DEMO, part, String);
  if (!sized.ok) throw new Error(sized.problem.message);
  return sized.value;
}

describe('a part worked out for every screen', () => {
  const [jar] = planOf('plan-honey-jar').parts;

  it('counts what is put on in its own clay', () => {
    const knob = { id: 'knob', kind: 'knob' as const, massG: 100 };
    const fired = (bodyId?: string) => made({ ...jar, attached: [{ ...knob, ...(bodyId && { bodyId }) }] }).sized.masses.glazed;
    const matter = (bodyId: string) => matterIn(DEMO)(bodyId)!;
    const [own] = [matter(jar.bodyId!)];
    const unlike = DEMO.bodies.find(({ id }) => Math.abs(matter(id).water - own.water) + Math.abs(matter(id).loss - own.loss) > 0.02)!;
    const left = ({ water, loss }: typeof own) => 100 * (1 - water) * (1 - loss);
    expect(fired(unlike.id) - fired()).toBeCloseTo(left(matter(unlike.id)) - left(own), 6);
    expect(Math.abs(fired(unlike.id) - fired())).toBeGreaterThan(0.5);
  });

  it('is the same object while nothing it hangs on changed, and another once something did', () => {
    expect(made(jar)).toBe(made(jar));
    const withBars = (change: (bar: BarRecord) => BarRecord) => weighedPart({ ...DEMO, bars: DEMO.bars.map(change) }, jar, String);
    const before = made(jar);
    const others = withBars((bar) => (bar.bodyId === jar.bodyId ? bar : { ...bar, warped: true }));
    expect(others.ok && others.value).toBe(before);
    const own = withBars((bar) => (bar.bodyId === jar.bodyId ? { ...bar, warped: true } : bar));
    expect(own.ok && own.value.sized.masses.ball).not.toBe(before.sized.masses.ball);
  });

  it('weighs out by the accepted tester; in another clay that says nothing', () => {
    const tester = { ballG: 680, height: 150, mouth: 104 };
    const [noted, accepted] = [false, true].map((is) => made({ ...jar, tester: { ...tester, accepted: is } }));
    expect(noted!.weighOut).toBeCloseTo(noted!.sized.masses.ball, 9);
    expect(accepted!.weighOut).not.toBeCloseTo(accepted!.sized.masses.ball, 0);
    const other = DEMO.bodies.find(({ id }) => id !== jar.bodyId)!;
    const there = made(inBody({ ...jar, tester: { ...tester, accepted: true } }, other.id));
    expect(there.weighOut).toBeCloseTo(there.sized.masses.ball, 9);
  });

  it('of a piece made by hand weighs out its slabs or coils', () => {
    for (const id of ['plan-planter-box', 'plan-skep-jar', 'plan-seed-dish']) {
      const { hand, weighOut } = made(planOf(id).parts[0]);
      expect(weighOut, id).toBe(hand!.totalG);
    }
  });
});

describe('a new piece', () => {
  it('starts in the clay used last', () => {
    const open = planOf('plan-planter-box');
    expect(clayUsedLast({ ...DEMO, settings: { ...DEMO.settings, openPlanId: open.id } })).toBe(open.parts[0].bodyId);
    const newest = [...DEMO.plans].sort((a, b) => b.changedAt.localeCompare(a.changedAt)).find(({ parts: [part] }) => part.bodyId)!;
    expect(clayUsedLast({ ...DEMO, settings: { units: DEMO.settings.units } })).toBe(newest.parts[0].bodyId);
    expect(clayUsedLast({ plans: [], bodies: DEMO.bodies, settings: DEMO.settings })).toBe(DEMO.bodies[0]!.id);
    expect(clayUsedLast({ plans: [], bodies: [], settings: DEMO.settings })).toBeUndefined();
  });

  it('suggests its sizes; only a mouth that was asked for is known', () => {
    const known = (sizes: ReturnType<typeof plainCup>) => Object.entries(sizes).filter(([, [size]]) => !('free' in size! && size.free));
    expect(known(plainCup())).toEqual([]);
    expect(known(plainCup(100)).map(([name]) => name)).toEqual(['rimDiameter']);
  });
});

it('example cutters are those that came with the workshop', () => {
  expect(exampleCutters(DEMO)).toHaveLength(DEMO.cutters.length);
  expect(exampleCutters({ cutters: [{ ...DEMO.cutters[0]!, id: 'mine' }] })).toEqual([]);
});

describe('what a part hangs on', () => {
  const [jar] = planOf('plan-honey-jar').parts;
  const worked = (workspace: Workspace, part: Part, write: (mm: number) => string = String) => sizedPlanPart(workspace, part, write);

  it('worked out again where the maker’s own ratio, the clay of what is put on it, or the reader’s units change', () => {
    const bare = { ...DEMO, runs: [], pieces: [] };
    const part = { ...jar };
    const before = worked(bare, part);
    expect(worked({ ...bare, plans: [] }, part)).toBe(before);
    // three balls that took a tenth more than worked out
    const run = { ...startedRun(bare, 'plan-honey-jar', 'r', '2026-11-01T08:00:00.000Z')!, bodyId: undefined };
    const thrown = (count: number, times: number): Workspace => ({
      ...bare,
      runs: [{ ...run, ball: run.ballComputed! * times }],
      pieces: Array.from({ length: count }, (_, i) => ({
        id: `p${i}`,
        runId: 'r',
        no: i + 1,
        at: '2026-11-01T09:00:00.000Z',
        shelf: 'wet' as const,
        since: {},
        sizes: { wet: { rimDiameter: { mm: run.planned.rimDiameter! }, height: { mm: run.gauge! } } },
        weights: {},
        note: '',
      })),
    });
    const ratio = (workspace: Workspace) => {
      const made = worked(workspace, part);
      return made.ok ? made.value.ratio : undefined;
    };
    expect(ratio(bare)).toBeUndefined();
    expect(ratio(thrown(3, 1.1))).toMatchObject({ median: expect.closeTo(1.1, 9) as number, count: 3 });
    // as many, another ratio; the same ratio, of more
    expect(ratio(thrown(3, 1.2))!.median).toBeCloseTo(1.2, 9);
    expect(ratio(thrown(4, 1.2))!.count).toBe(4);
    expect(ratio(bare)).toBeUndefined();
    // built by hand no wheel's ratio is in it
    const coiled = worked(thrown(3, 1.1), { ...part, hand: { by: 'coil' } });
    expect(coiled.ok && coiled.value.ratio).toBeUndefined();
  });

  it('says why it cannot be made in the units asked for each time', () => {
    const thick: Part = { ...jar, sizes: { ...jar.sizes, wall: [{ mm: 200, at: 'glazed' }] } };
    const message = (write: (mm: number) => string) => {
      const made = worked(DEMO, thick, write);
      return made.ok ? '' : made.problem.message;
    };
    const [mm, inch] = [(each: number) => `${each.toFixed(0)} mm`, (each: number) => `${(each / 25.4).toFixed(2)} in`];
    expect(message(mm)).toContain('200 mm');
    expect(message(inch)).toContain('7.87 in');
  });

  it('weighs what is put on of another clay anew when that clay is weighed', () => {
    const other = DEMO.bodies.find(({ id }) => id === 'body-foxglove-red')!;
    const part: Part = { ...jar, attached: [{ id: 'k', kind: 'knob', massG: 100, bodyId: other.id }] };
    const fired = (workspace: Workspace) => {
      const made = worked(workspace, part);
      return made.ok ? made.value.sized.masses.glazed : 0;
    };
    const before = fired(DEMO);
    const wetter = { ...DEMO, bodies: DEMO.bodies.map((body) => (body.id === other.id ? { ...body, waterPercent: 40 } : body)) };
    expect(fired(wetter)).toBeLessThan(before - 5);
    expect(fired(DEMO)).toBeCloseTo(before, 9);
  });
});
