import { DEMO } from '@/core/example';
import { daysBetween } from '@/core/lessons';
import { type Order, type Part, ROOMS_DRY, shopOf, shopRows, USUAL_WEEK, WORK, type Workspace } from '@/core/records';
import { boardsFor, kilnLoads, lineWork, openOrders, orderWork, sharedFirings, worthFor } from '.';
import { USUAL_HANDLE } from '@/core/handbuild';
import { schedule } from '@/core/sets';
import { type Making, NOTHING_LOST } from '@/core/sizing';
import { describe, expect, it } from 'vitest';

const TODAY = '2026-11-26';
const [winter, yard] = DEMO.orders as [Order, Order];
const work = orderWork(DEMO, winter, TODAY);
const [jars, bowls] = [work.lines[0]!, work.lines[1]!];
const withShop = (more: object): Workspace => ({ ...DEMO, shop: shopRows({ ...shopOf(DEMO), ...more }) });

describe('an order', () => {
  it('tells how many to make, the clay by body against what is in stock, and one ball', () => {
    const [item] = jars.items;
    expect(item!.make).toBeGreaterThan(12);
    expect(item!.odds).toBeGreaterThanOrEqual(0.9);
    const heron = work.clay.find(({ name }) => name === 'Heron Buff')!;
    expect(heron.kg).toBeCloseTo((item!.make * item!.ballG!) / 0.97 / 1000, 6);
    expect(heron.stockKg).toBe(10);
  });

  it('ends on the day it is due, every step after the one before it, kilns loaded on working days', () => {
    for (const { dates } of work.lines) {
      if (!dates?.ok) throw new Error('no dates');
      expect(dates.value.at(-1)!.to).toBe(winter.due);
      for (const [i, step] of dates.value.entries()) {
        if (i > 0) expect(step.from > dates.value[i - 1]!.to).toBe(true);
        if (step.name === 'bisque' || step.name === 'fire') expect([0, 6]).not.toContain(new Date(step.from).getUTCDay());
      }
    }
    expect(bowls.dates!.ok && bowls.dates!.value.map(({ name }) => name)).toContain('sort');
    expect(jars.dates!.ok && jars.dates!.value.map(({ name }) => name)).not.toContain('sort');
  });

  it('is firmed and trimmed only where something is turned off or put on, as many days as the pieces take', () => {
    const [item] = jars.items;
    const steps = (change: Partial<Part>, making: Partial<Making> = {}) => {
      const own = { ...item!.part, handle: undefined, attached: undefined, ...change };
      const plan = { ...item!.plan, parts: [{ ...own, making: { ...NOTHING_LOST, ...making } }] as const };
      const workspace = { ...DEMO, plans: DEMO.plans.map((each) => (each.id === plan.id ? plan : each)) };
      const dates = lineWork(workspace, winter, winter.lines[0]!, TODAY).dates!;
      if (!dates.ok) throw new Error(dates.problem.message);
      return dates.value.map(({ name }) => name);
    };
    expect(steps({})).toEqual(['throw', 'dry', 'bisque', 'glaze', 'fire', 'pack']);
    const turned = ['throw', 'firm', 'trim', 'dry', 'bisque', 'glaze', 'fire', 'pack'];
    expect(steps({}, { trimFloor: 2 })).toEqual(turned);
    expect(steps({}, { trimWall: 1 })).toEqual(turned);
    expect(steps({ attached: [{ id: 'k', kind: 'knob', massG: 20 }] })).toEqual(turned);
    expect(steps({ attached: [] })).not.toContain('trim');
    expect(steps({ handle: USUAL_HANDLE })).toEqual(turned);
  });

  it('dries as long as its thickest and the room say, until the maker’s own days are known; thicker ware longer still', () => {
    const [item] = jars.items;
    const at = (mm: number) => [{ mm, at: 'glazed' as const }] as const;
    const dries = (floor: number, room: keyof typeof ROOMS_DRY, made: Pick<Workspace, 'runs' | 'pieces'>) => {
      const { sizes } = item!.part;
      const plan = {
        ...item!.plan,
        parts: [{ ...item!.part, sizes: { ...sizes, wall: at(4), wallAtFoot: at(4), floor: at(floor) } }] as const,
      };
      const plans = DEMO.plans.map((each) => (each.id === plan.id ? plan : each));
      const workspace = { ...withShop({ week: { ...USUAL_WEEK, room } }), plans, ...made };
      const dates = lineWork(workspace, winter, winter.lines[0]!, TODAY).dates!;
      const step = dates.ok ? dates.value.find(({ name }) => name === 'dry') : undefined;
      return { days: daysBetween(step!.from, step!.to) + 1, typical: step!.typical };
    };
    const nothing = { runs: [], pieces: [] };
    const rooms = Object.keys(ROOMS_DRY) as (keyof typeof ROOMS_DRY)[];
    // 1.2 days a mm, from 3 to 40
    expect(rooms.map((room) => dries(10, room, nothing).days)).toEqual(rooms.map((room) => Math.round(12 * ROOMS_DRY[room])));
    expect(dries(2, 'usual', nothing)).toEqual({ days: 5, typical: true });
    expect(dries(60, 'damp', nothing).days).toBe(40);
    expect(dries(5, 'warm', nothing).days).toBe(3);
    // learned to take seven days it takes seven, and half as long again at 50 % over the usual thickness
    const own = { runs: DEMO.runs, pieces: DEMO.pieces };
    expect(dries(5, 'damp', own)).toEqual({ days: 7, typical: false });
    expect(dries(8.75, 'damp', own)).toEqual({ days: 11, typical: false });
  });

  it('a step moved earlier takes what comes before it along, and what comes after stays', () => {
    const line = { ...winter.lines[0]!, ends: { bisque: '2026-12-11' } };
    const moved = lineWork(DEMO, winter, line, TODAY).dates!;
    if (!moved.ok || !jars.dates!.ok) throw new Error('no dates');
    const at = (name: string, all = moved.value) => all.find((step) => step.name === name)!;
    expect(at('bisque').to).toBe('2026-12-11');
    expect(at('dry').to < at('bisque').from).toBe(true);
    expect(at('glaze')).toEqual(at('glaze', jars.dates!.value));
  });

  it('says what is late, and when it would be ready if begun today', () => {
    const late = lineWork(DEMO, { ...winter, due: '2026-12-04' }, winter.lines[0]!, TODAY);
    expect(late.late).toBeGreaterThan(0);
    expect(late.soonest! > '2026-12-04').toBe(true);
    // its days are days that can still come, and end when the list says it is ready
    if (!late.dates?.ok) throw new Error('no dates');
    expect(late.dates.value.every(({ from }) => from >= TODAY)).toBe(true);
    expect(late.dates.value.at(-1)!.to).toBe(late.soonest);
    // what is done is not late
    const begun = { ...winter.lines[0]!, done: ['throw', 'firm', 'trim', 'dry', 'bisque'] as const };
    expect(lineWork(DEMO, { ...winter, due: '2026-12-04' }, begun, TODAY).late).toBe(0);
  });

  it('refuses a week without a working day in words', () => {
    const idle = withShop({ week: { workdays: [], off: [], perDay: 10, room: 'usual' } });
    expect(lineWork(idle, winter, winter.lines[0]!, TODAY).dates).toMatchObject({ ok: false, problem: { path: 'workdays' } });
  });

  it('of a wish has no days, and of a plan that is gone neither', () => {
    expect(lineWork(DEMO, winter, { id: 'x', wish: 'something blue', count: 2 }, TODAY)).toMatchObject({ items: [], dates: undefined });
    expect(lineWork(DEMO, winter, { id: 'x', planId: 'gone', count: 2 }, TODAY).items).toEqual([]);
  });

  it('shares firings near each other: fired together, all begin on the first day', () => {
    const works = [orderWork(DEMO, { ...winter, due: '2027-01-15' }, TODAY), orderWork(DEMO, { ...yard, due: '2027-01-19' }, TODAY)];
    const firing = sharedFirings(works).find(({ step }) => step === 'fire')!;
    expect(firing.lines).toHaveLength(3);
    const planters = { ...yard.lines[0]!, ends: { fire: firing.to } };
    const together = lineWork(DEMO, { ...yard, due: '2027-01-19' }, planters, TODAY).dates!;
    expect(together.ok && together.value.find(({ name }) => name === 'fire')!.from).toBe(firing.from);
  });

  it('is fired with each lid on its pot, wet and what is left over by itself', () => {
    const [first] = jars.items;
    const lid = { ...first!.part, id: 'lid', name: 'lid' };
    const plan = { ...first!.plan, parts: [first!.part, lid] as const };
    const items = [
      { ...first!, plan, make: 4 },
      { ...first!, plan, part: lid, name: 'its lid', make: 6 },
    ];
    const standing = (of: typeof items) =>
      kilnLoads(DEMO, of)!
        .glaze.shelves.flatMap(({ standing: all }) => all.map(({ name }) => name))
        .sort();
    expect(standing(items)).toEqual([...Array<string>(4).fill(first!.name), 'its lid', 'its lid'].sort());
    const apart = { ...plan, parts: [{ ...first!.part, fit: { with: 'lid' as const, apart: true } }, lid] as const };
    expect(
      standing(items.map((item) => ({ ...item, plan: apart, part: apart.parts.find(({ id }) => id === item.part.id)! }))),
    ).toHaveLength(10);
    expect(boardsFor(items)).toBe(boardsFor([{ ...first!, make: 10 }]));
  });

  it('goes into the kiln at bone dry and glazed, wider before', () => {
    const loads = kilnLoads(DEMO, jars.items)!;
    const [dry, glazed] = [loads.bisque.shelves[0]!.standing[0]!, loads.glaze.shelves[0]!.standing[0]!];
    expect(dry.across).toBeGreaterThan(glazed.across);
    expect(kilnLoads({ ...DEMO, shop: [] }, jars.items)).toBeUndefined();
  });

  it('is worth what the figures say, worked out a second way; unknown where a figure is missing', () => {
    const worth = worthFor(DEMO, jars)!;
    const [item] = jars.items;
    const costs = (item!.ballG! / 1000) * 1.4 + 0.4 + 1.1 + 0.5;
    expect(worth.leaves).toBeCloseTo(34 * 0.55 - (costs * item!.make) / 12, 6);
    expect(worth.perHour).toBeCloseTo((60 * worth.leaves * 12) / (19 * item!.make), 6);
    expect(worthFor(DEMO, { ...jars, line: { ...jars.line, price: undefined } })).toBeUndefined();
    expect(worthFor({ ...DEMO, shop: [] }, jars)).toBeUndefined();
  });
});

it('steps pinned to a day no later than they would end anyway fall where they fall', () => {
  const week = { workdays: [1, 2, 3, 4, 5], off: [] };
  const plain = schedule('2026-12-18', [{ name: 'pack', days: 1 }], week);
  expect(schedule('2026-12-18', [{ name: 'pack', days: 1, by: '2026-12-30' }], week)).toEqual(plain);
});

describe('the days of an order’s steps', () => {
  it('are typical where nothing was learned: the drying, and the wait until it is firm', () => {
    const bare = orderWork({ ...DEMO, runs: [], pieces: [] }, winter, TODAY).lines;
    for (const { dates } of bare) {
      if (!dates?.ok) throw new Error('no dates');
      for (const step of dates.value) expect([step.name, step.typical]).toEqual([step.name, step.name === 'dry' || step.name === 'firm']);
    }
    expect(bare.flatMap(({ dates }) => (dates?.ok ? dates.value : [])).filter(({ typical }) => typical).length).toBeGreaterThan(1);
  });
});

describe('what an order takes', () => {
  const alone = (lines: Order['lines']): Order => ({ ...winter, id: 'own', lines });
  const [nest, five] = DEMO.sets;

  it('sums the clay of all its lines by body, each copy a ball of its own, and leaves out what is thrown', () => {
    const jar = { id: 'a', planId: 'plan-honey-jar', count: 12 };
    const plain = orderWork(DEMO, alone([jar]), TODAY);
    const { make, ballG } = plain.lines[0]!.items[0]!;
    expect(orderWork(DEMO, alone([jar, { ...jar, id: 'b', make: 3 }]), TODAY).clay).toEqual([
      { bodyId: 'body-heron-buff', name: 'Heron Buff', kg: expect.closeTo(((make + 3) * ballG!) / 0.97 / 1000, 9) as number, stockKg: 10 },
    ]);
    expect(orderWork(DEMO, alone([{ ...jar, done: ['throw'] }]), TODAY).clay).toEqual([]);
    // firmed but never said to be thrown: it is still to be thrown
    expect(orderWork(DEMO, alone([{ ...jar, done: ['firm'] }]), TODAY).clay).toHaveLength(1);
    const plans = DEMO.plans.map((plan) =>
      plan.id === jar.planId ? { ...plan, parts: [{ ...plan.parts[0]!, bodyId: undefined, joined: { copies: 3 } }] as const } : plan,
    );
    const joined = orderWork({ ...DEMO, plans: plans as typeof DEMO.plans }, alone([jar]), TODAY);
    expect(joined.clay[0]).toMatchObject({ bodyId: undefined, name: 'clay not chosen', stockKg: undefined });
    expect(joined.lines[0]!.items[0]!.copies).toBe(3);
    expect(joined.clay[0]!.kg).toBeCloseTo((3 * make * joined.lines[0]!.items[0]!.ballG!) / 0.97 / 1000, 9);
  });

  it('counts what is put on in its own clay, and the blanks of handles with those that fail', () => {
    const jar = { id: 'a', planId: 'plan-honey-jar', count: 12 };
    const [own] = DEMO.plans.filter(({ id }) => id === jar.planId);
    const withParts = (change: Partial<(typeof own & object)['parts'][0]>) =>
      orderWork({ ...DEMO, plans: [{ ...own!, parts: [{ ...own!.parts[0], handle: undefined, ...change }] }] }, alone([jar]), TODAY);
    const kg = (work: ReturnType<typeof withParts>, id: string) => work.clay.find(({ bodyId }) => bodyId === id)?.kg ?? 0;
    const plain = withParts({});
    const { make } = plain.lines[0]!.items[0]!;
    const knob = { id: 'k', kind: 'knob' as const, massG: 40 };
    const put = withParts({ attached: [knob, { ...knob, id: 'l', bodyId: 'body-chalk-down' }] });
    expect(kg(put, 'body-heron-buff') - kg(plain, 'body-heron-buff')).toBeCloseTo((make * 40) / 0.97 / 1000, 9);
    expect(kg(put, 'body-chalk-down')).toBeCloseTo((make * 40) / 0.97 / 1000, 9);
    const handled = kg(withParts({ handle: USUAL_HANDLE }), 'body-heron-buff') - kg(plain, 'body-heron-buff');
    const sure = kg(withParts({ handle: { ...USUAL_HANDLE, succeeds: 1 } }), 'body-heron-buff') - kg(plain, 'body-heron-buff');
    expect(sure).toBeGreaterThan(0.3);
    expect(handled).toBeGreaterThan(sure * 1.05);
  });

  it('counts the smallest bat that holds the base, one for each that is made', () => {
    const bats = [
      { id: 'l', name: 'large', width: 400, thickness: 12, plaster: false },
      { id: 'm', name: 'middle', width: 250, thickness: 12, plaster: false },
      { id: 's', name: 'small', width: 20, thickness: 12, plaster: false },
    ];
    const kit = withShop({ bats });
    const jar = { id: 'a', planId: 'plan-honey-jar', count: 1, make: 2 };
    expect(orderWork(kit, alone([jar, { ...jar, id: 'b', make: 5 }]), TODAY).bats).toEqual([{ name: 'middle', count: 7 }]);
    expect(orderWork(withShop({ bats: bats.slice(2) }), alone([jar]), TODAY).bats).toEqual([]);
  });

  it('of a set has all plans of it, of pieces that match so many for each set', () => {
    const made = (setId: string, count: number) => lineWork(DEMO, winter, { id: 'x', setId, count }, TODAY);
    expect(made(nest!.id, 3).items.map(({ plan, need }) => [plan.id, need])).toEqual([
      ['plan-serving-bowl', 3],
      ['plan-seed-bowl', 3],
    ]);
    expect(made(nest!.id, 3)).toMatchObject({ matched: false, name: nest!.name });
    expect(made(five!.id, 2)).toMatchObject({ matched: true, name: five!.name });
    expect(made(five!.id, 2).items.map(({ need }) => need)).toEqual([10]);
    expect(lineWork(DEMO, winter, { id: 'x', wish: 'a blue one', count: 1 }, TODAY).name).toBe('a blue one');
    expect(lineWork(DEMO, winter, { id: 'x', count: 1 }, TODAY).name).toBe('something');
    // what is typed to be made stands
    expect(lineWork(DEMO, winter, { id: 'x', planId: 'plan-honey-jar', count: 1, make: 9 }, TODAY).items[0]!.make).toBe(9);
  });

  it('of days: a step stands until the next begins, the last as long as it takes', () => {
    if (!jars.dates?.ok) throw new Error('no dates');
    const steps = jars.dates.value;
    steps.forEach((step, i) => {
      const until = steps[i + 1]?.from ?? new Date(Date.parse(step.to) + 86_400_000).toISOString().slice(0, 10);
      expect(step.stands).toBe(daysBetween(step.from, until));
      expect(step.waits).toBe(['firm', 'dry', 'bisque', 'fire'].includes(step.name));
      expect(step.done).toBe(false);
    });
    // without a day it is due it begins today, or on the first day of work after
    const free = lineWork(DEMO, { ...winter, due: undefined }, winter.lines[0]!, '2026-11-28');
    expect(free.dates!.ok && free.dates!.value[0]!.from).toBe('2026-11-30');
    expect(free.dates!.ok && free.dates!.value.at(-1)!.to).toBe(free.soonest);
    expect(free.late).toBe(0);
  });

  it('is late by the days since its first open step should have begun, and not before', () => {
    if (!jars.dates?.ok) throw new Error('no dates');
    const [first, second] = jars.dates.value;
    const late = (today: string, done: Order['lines'][0]['done'] = []) => lineWork(DEMO, winter, { ...winter.lines[0]!, done }, today).late;
    expect(late(first!.from)).toBe(0);
    expect(late('2026-11-01')).toBe(0);
    const after = new Date(Date.parse(first!.from) + 5 * 86_400_000).toISOString().slice(0, 10);
    expect(late(after)).toBe(5);
    expect(late(after, ['throw'])).toBe(Math.max(0, daysBetween(second!.from, after)));
  });

  it('stands among the open ones in the order they are due, those without a day last, closed ones not', () => {
    const order = (id: string, due?: string, closed?: boolean): Order => ({ ...winter, id, due, closed });
    const orders = [order('c'), order('b', '2026-12-24'), order('x', '2026-12-01', true), order('a', '2026-12-09')];
    expect(openOrders({ orders }).map(({ id }) => id)).toEqual(['a', 'b', 'c']);
    expect(openOrders({ orders: orders.toReversed() }).map(({ id }) => id)).toEqual(['a', 'b', 'c']);
  });

  it('shares a firing within six days of the first, none that is done, and not with itself alone', () => {
    const everyDay = withShop({ week: { ...USUAL_WEEK, workdays: [1, 2, 3, 4, 5, 6, 7] } });
    const at = (id: string, due: string, done: Order['lines'][0]['done'] = []) =>
      orderWork(everyDay, { ...winter, id, due, lines: [{ ...winter.lines[0]!, done }] }, TODAY);
    const groups = (...works: readonly ReturnType<typeof at>[]) =>
      sharedFirings(works)
        .filter(({ step }) => step === 'fire')
        .map(({ lines }) => lines.map(({ orderId }) => orderId));
    const fire = (own: ReturnType<typeof at>) => own.lines[0]!.dates!.ok && own.lines[0]!.dates!.value.find(({ name }) => name === 'fire')!;
    const [a, b, c] = [at('a', '2026-12-16'), at('b', '2026-12-22'), at('c', '2026-12-23')];
    expect([a, b, c].map((own) => daysBetween('2026-12-14', (fire(own) as { from: string }).from))).toEqual([0, 6, 7]);
    expect(groups(a, b)).toEqual([['a', 'b']]);
    expect(groups(b, a)).toEqual([['a', 'b']]);
    expect(groups(a, c)).toEqual([]);
    expect(groups(c, b, a)).toEqual([['a', 'b']]);
    expect(groups(a, at('b', '2026-12-22', ['fire']))).toEqual([]);
  });
});

describe('what an order is worth', () => {
  const money = { ...shopOf(DEMO).money!, clayPerKg: 2, glaze: 1, firing: 3, packing: 5 };
  const worth = (more: Partial<typeof money>, line: Order['lines'][0] = winter.lines[0]!, made: Partial<Workspace> = {}) => {
    const workspace = { ...withShop({ money: { ...money, ...more } }), ...made };
    return worthFor(workspace, lineWork(workspace, winter, line, TODAY));
  };

  it('counts what each piece of a set costs and takes, for the set', () => {
    const five = { id: 'x', setId: 'set-seed-five', count: 2, price: 120 };
    const [item] = lineWork(DEMO, winter, five, TODAY).items;
    const found = worth({ minutes: 7 }, five)!;
    expect(found.costs).toBeCloseTo(5 * ((item!.ballG! / 1000) * 2 + 1 + 3 + 5), 9);
    expect(found.minutes).toBeCloseTo(35, 9);
  });

  it('takes minutes from what is typed by work where that is said, from the log before either', () => {
    expect(worth({ minutes: 19 })).toMatchObject({ minutes: 19, byWork: [], learned: false });
    const byWork = [
      { work: 'throw', minutes: 4 },
      { work: 'trim', minutes: 6 },
    ];
    expect(worth({ minutes: 19, byWork: { trim: 6, throw: 4 } })).toMatchObject({ byWork, minutes: 10, learned: false });
    const [work] = WORK;
    const pieces = DEMO.pieces.map((piece, i) => ({ ...piece, minutes: { [work]: 10 + (i % 3) } }));
    expect(worth({ minutes: 19, byWork: { [work]: 99 } }, undefined, { pieces })).toMatchObject({
      byWork: [{ work, minutes: 11 }],
      minutes: 11,
      learned: true,
    });
  });

  it('is told of no price, no wage and no minutes', () => {
    const line = winter.lines[0]!;
    expect(worth({})).toBeDefined();
    expect(worth({ wantPerHour: 0 })).toBeUndefined();
    expect(worth({ minutes: 0 })).toBeUndefined();
    expect(worth({}, { ...line, price: 0 })).toBeUndefined();
    expect(worth({}, { ...line, planId: 'gone' })).toBeUndefined();
  });

  it('carries what is made beyond what is asked as loss, never all of it', () => {
    // made as many as asked, nothing is lost: leaves price less share less costs
    const line = { ...winter.lines[0]!, make: 12 };
    const exact = worth({}, line)!;
    expect(exact.leaves).toBeCloseTo(34 * (1 - money.shop) - exact.costs, 9);
    expect(worth({}, { ...line, make: 6 })!.leaves).toBeCloseTo(exact.leaves, 9);
    expect(worth({}, { ...line, make: 24 })!.leaves).toBeCloseTo(34 * (1 - money.shop) - 2 * exact.costs, 9);
    expect(worth({}, { ...line, make: 12_000 })!.leaves).toBeCloseTo(34 * (1 - money.shop) - 20 * exact.costs, 9);
  });
});

describe('boards and kiln', () => {
  const [item] = jars.items;
  const wide = (scale: number, make: number) => {
    const part = {
      ...item!.part,
      sizes: Object.fromEntries(
        Object.entries(item!.part.sizes).map(([name, known]) => [
          name,
          known!.map((each) => ('mm' in each ? { ...each, mm: each.mm * scale } : each)),
        ]),
      ),
    };
    const plan = { ...item!.plan, id: 'wide', parts: [part] as const };
    const workspace = { ...DEMO, plans: [...DEMO.plans, plan as (typeof DEMO.plans)[0]] };
    return lineWork(workspace, winter, { id: 'w', planId: 'wide', count: 1, make }, TODAY).items;
  };

  it('has what is wider than a board on one of its own, none for what is not made', () => {
    expect(boardsFor(wide(4, 3))).toBe(3);
    expect(boardsFor([...wide(4, 3), { ...item!, make: 1 }])).toBe(4);
    expect(boardsFor([{ ...item!, make: 0 }])).toBe(0);
  });

  it('widths wet, dry and glazed are those of the stages', () => {
    const made = item!.made;
    if (!made.ok) throw new Error(made.problem.message);
    const { stages, measures } = made.value.sized;
    const loads = kilnLoads(DEMO, [item!])!;
    const ratio = stages.dry.sizes.rimDiameter! / stages.glazed.sizes.rimDiameter!;
    expect(loads.glaze.shelves[0]!.standing[0]!.across).toBeCloseTo(measures.widest, 9);
    expect(loads.bisque.shelves[0]!.standing[0]!.across).toBeCloseTo(measures.widest * ratio, 9);
  });
});
