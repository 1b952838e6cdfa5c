import { describe, expect, it } from 'vitest';
import { DEMO } from '@/core/example';
import { type BarRecord, type Part, type Plan, clayUsedLast, exampleCutters, inBody, matterIn, plainCup, weighedPart } from '.';

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
