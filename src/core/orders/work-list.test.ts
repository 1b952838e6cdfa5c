import { DEMO } from '@/core/example';
import { describe, expect, it } from 'vitest';
import { EMPTY, type MadePiece, type Order, type Shelf, SHELF_WORDS, SHELVES, type Workspace } from '@/core/records';
import { dueOnShelves, lineWork, orderWork, workList } from '.';

const TODAY = '2026-11-26';
const [winter, yard] = DEMO.orders as [Order, Order];
const before = (days: number) => new Date(Date.parse(TODAY) - days * 86_400_000).toISOString().slice(0, 10);

describe('today’s work', () => {
  it('comes from orders, shelves and clay together, and a step done is gone from it', () => {
    const list = workList(DEMO, TODAY);
    expect(list.map(({ done }) => done.kind)).toEqual(expect.arrayContaining(['step', 'shelf', 'go']));
    const [first, ...lines] = winter.lines;
    const done: Workspace = { ...DEMO, orders: [{ ...winter, lines: [{ ...first!, done: ['throw'] }, ...lines] }, yard] };
    expect(workList(done, TODAY).some(({ words }) => words.startsWith('Throw'))).toBe(false);
    expect(workList(EMPTY, TODAY)).toEqual([]);
  });

  it('says where each thing is done and how far the pieces are that wait for it', () => {
    const list = workList(DEMO, TODAY);
    const found = (start: string) => list.find(({ words }) => words.startsWith(start))!;
    expect(found('Throw')).toMatchObject({ where: 'wheel', piece: { stage: 'wet' } });
    expect(found('Glaze')).toMatchObject({ where: 'bench', piece: { stage: 'bisque' } });
    const kiln = workList(DEMO, '2027-01-20').filter(({ words }) => words.includes('kiln'));
    expect(kiln.length).toBeGreaterThan(0);
    expect(kiln.every(({ where }) => where === 'kiln')).toBe(true);
    for (const day of [TODAY, '2027-01-20'])
      expect(dueOnShelves(DEMO, day)).toEqual(workList(DEMO, day).filter(({ done }) => done.kind === 'shelf'));
    for (const { words, piece } of list) if (piece) expect(words).toContain(`${piece.count} × `);
  });

  it('has what is overdue first, and says how many of what', () => {
    const late = workList(DEMO, '2027-01-20');
    const firstInTime = late.findIndex(({ overdue }) => !overdue);
    expect(late.some(({ overdue }) => overdue)).toBe(true);
    if (firstInTime >= 0) expect(late.slice(firstInTime).every(({ overdue }) => !overdue)).toBe(true);
    const ofOrders = late.filter(({ of }) => of === winter.name);
    const lines = orderWork(DEMO, winter, '2027-01-20').lines;
    for (const { name, items } of lines) {
      const told = ofOrders.find(({ words }) => words.endsWith(`× ${name}`));
      if (told) expect(told.words).toContain(` ${items.reduce((sum, { make }) => sum + make, 0)} × `);
    }
    expect(ofOrders.length).toBeGreaterThan(0);
  });

  it('has of an order the next step that is somebody’s work, from the day it begins; what only waits is nobody’s', () => {
    const [line] = winter.lines;
    const dates = lineWork(DEMO, winter, line!, TODAY).dates!;
    if (!dates.ok) throw new Error(dates.problem.message);
    const on = (today: string, done: Order['lines'][0]['done'] = []) =>
      workList({ ...EMPTY, ...DEMO, runs: [], pieces: [], bars: [], orders: [{ ...winter, lines: [{ ...line!, done }] }] }, today);
    const bare = lineWork({ ...DEMO, runs: [], pieces: [] }, winter, line!, TODAY).dates!;
    if (!bare.ok) throw new Error(bare.problem.message);
    const steps = bare.value;
    const step = (name: string) => steps.find((each) => each.name === name)!;
    const dayBefore = (iso: string) => new Date(Date.parse(iso) - 86_400_000).toISOString().slice(0, 10);
    expect(on(dayBefore(step('throw').from))).toEqual([]);
    expect(on(step('throw').from)).toMatchObject([
      { id: `${winter.id}-${line!.id}-throw`, overdue: false, href: `/orders?order=${winter.id}` },
    ]);
    expect(on(step('throw').to)[0]!.overdue).toBe(false);
    expect(on('2027-01-20')[0]!.overdue).toBe(true);
    const named = (done: readonly string[]) => on('2027-01-20', done as Order['lines'][0]['done'])[0]?.done;
    const order = steps.map(({ name }) => name);
    const next = (name: string) => named(order.slice(0, order.indexOf(name as never)));
    for (const [first, doing] of [
      ['throw', 'throw'],
      ['dry', 'bisque'],
      ['bisque', 'bisque'],
      ['glaze', 'glaze'],
      ['fire', 'fire'],
      ['pack', 'pack'],
    ] as const)
      expect(next(first), first).toEqual({ kind: 'step', orderId: winter.id, lineId: line!.id, step: doing });
    expect(named(order)).toBeUndefined();
    // a wish has no days, and its line nothing to do
    expect(workList({ ...EMPTY, orders: [{ ...winter, lines: [{ id: 'w', wish: 'blue', count: 1 }] }] }, TODAY)).toEqual([]);
  });

  const [run] = DEMO.runs;
  const piece = (no: number, shelf: Shelf, stood: number | undefined): MadePiece => ({
    id: `p${no}`,
    runId: run!.id,
    no,
    at: '2026-11-01T09:00:00.000Z',
    shelf,
    since: stood === undefined ? {} : { [shelf]: before(stood) },
    sizes: {},
    weights: {},
    note: '',
  });
  const onShelves = (...pieces: readonly MadePiece[]): Workspace => ({ ...EMPTY, runs: [run!], pieces });

  it('has of the shelves what stood as long as usual, each piece by its own day, and moves only those', () => {
    // typically wet ware stands a day, drying ware a week
    const list = workList(onShelves(piece(1, 'drying', 2), piece(2, 'drying', 7), piece(3, 'drying', 9), piece(4, 'wet', 1)), TODAY);
    expect(list.map(({ words, of, overdue, done }) => ({ words, of, overdue, done }))).toEqual([
      {
        words: `Check if dry: 2 × ${run!.name}`,
        of: 'drying for 9 days',
        overdue: false,
        done: { kind: 'shelf', ids: ['p2', 'p3'], to: 'ready', name: run!.name },
      },
      {
        words: `Trim or turn over: 1 × ${run!.name}`,
        of: 'wet for 1 day',
        overdue: false,
        done: { kind: 'shelf', ids: ['p4'], to: 'leather', name: run!.name },
      },
    ]);
    for (const [stood, overdue] of [
      [14, false],
      [15, true],
    ] as const)
      expect(workList(onShelves(piece(1, 'drying', stood)), TODAY)[0]!.overdue).toBe(overdue);
    // what has stood nobody knows since when has stood since today
    expect(workList(onShelves(piece(1, 'drying', undefined)), TODAY)).toEqual([]);
    for (const shelf of ['fired', 'lost'] as const) expect(workList(onShelves(piece(1, shelf, 30)), TODAY)).toEqual([]);
    const moved = SHELVES.filter((shelf) => workList(onShelves(piece(1, shelf, 30)), TODAY).length > 0);
    expect(moved).toEqual(['wet', 'leather', 'drying', 'ready', 'bisqued', 'coated']);
    for (const shelf of moved) expect(workList(onShelves(piece(1, shelf, 30)), TODAY)[0]!.of).toBe(`${SHELF_WORDS[shelf]} for 30 days`);
  });

  it('has bars that wait to be measured fired, counted by clay; pieces and bars that were are none', () => {
    const [bar] = DEMO.bars;
    const { glazed: _, ...unfired } = bar!.lengths;
    const waiting = (id: string, bodyId = bar!.bodyId) => ({ ...bar!, id, bodyId, lengths: unfired });
    const words = (...bars: Workspace['bars']) => workList({ ...EMPTY, bodies: DEMO.bodies, bars }, TODAY).map((each) => each.words);
    expect(words(waiting('a'))).toEqual(['Measure a bar of Heron Buff']);
    expect(words(waiting('a'), waiting('b'), waiting('c'), waiting('d', 'gone'))).toEqual([
      'Measure 3 bars of Heron Buff',
      'Measure a bar of a clay',
    ]);
    expect(words({ ...waiting('a'), kind: 'piece' }, { ...bar!, id: 'b', lengths: { ...unfired, glazed: [88] } })).toEqual([]);
    expect(workList({ ...EMPTY, bars: [waiting('a')] }, TODAY)).toMatchObject([
      { overdue: false, done: { kind: 'go' }, href: `/clay?body=${bar!.bodyId}` },
    ]);
  });

  it('has what is overdue first, wherever it comes from', () => {
    const [bar] = DEMO.bars;
    const { glazed: _, ...unfired } = bar!.lengths;
    const list = workList({ ...onShelves(piece(1, 'wet', 1), piece(2, 'coated', 40)), bars: [{ ...bar!, lengths: unfired }] }, TODAY);
    expect(list.map(({ overdue }) => overdue)).toEqual([true, false, false]);
    expect(list[0]!.done).toMatchObject({ ids: ['p2'] });
  });
});
