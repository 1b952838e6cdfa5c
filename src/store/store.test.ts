import 'fake-indexeddb/auto';
import { DEMO } from '@/core/example';
import { runOf } from '@/core/orders';
import { shopOf } from '@/core/records';
import fc from 'fast-check';
import { describe, expect, it, vi } from 'vitest';
import { WorkspaceStore, commands, madeActs } from '.';
import { RimbetDatabase } from './db';
import { ownBrowser } from './browser.test-kit';
import { height, jar, setHeight, sizeOf } from './jar.test-kit';
import { typesDuringWrite } from './meanwhile.test-kit';

/** Two tabs of one browser: they share the database and hear each other, never themselves. */
function twoTabs() {
  const heard: ((event: MessageEvent) => void)[] = [];
  const channel = (own: number) => ({
    postMessage: (data: unknown) =>
      heard.forEach((listener, i) => i !== own && listener(new MessageEvent('message', { data: structuredClone(data) }))),
    addEventListener: (_: string, listener: never) => void (heard[own] = listener),
  });
  return [0, 1].map((own) => new WorkspaceStore(new RimbetDatabase(browser.database), channel(own) as never)) as [
    WorkspaceStore,
    WorkspaceStore,
  ];
}

const browser = ownBrowser();
const { opened } = browser;

describe('the workspace store', () => {
  it('finds the example workshop at the first visit, and what was left at the next', async () => {
    const first = await opened();
    expect(first.getSnapshot().workspace.plans).toEqual([...DEMO.plans].sort((a, b) => a.id.localeCompare(b.id)));
    first.run(setHeight(130));
    first.run(commands.clearAll());
    await first.settled();
    const second = await opened();
    expect(second.getSnapshot().workspace.plans).toEqual([]);
    second.undo();
    second.undo();
    expect(height(second)).toBe(120);
  });

  it('does what was asked before it was open on what it then holds', async () => {
    const store = browser.alone();
    store.set({ units: { ...DEMO.settings.units, length: 'cm' } });
    store.run(setHeight(130));
    await store.open();
    await store.settled();
    const { workspace } = (await opened()).getSnapshot();
    expect(workspace.settings).toEqual({ ...DEMO.settings, units: { ...DEMO.settings.units, length: 'cm' } });
    expect(workspace.plans).toHaveLength(DEMO.plans.length);
    expect(height(store)).toBe(130);
  });

  it('shows an act at once and has it on disk when settled', async () => {
    const store = await opened();
    store.run(setHeight(130));
    expect(height(store)).toBe(130);
    expect(store.getSnapshot().saving).toBe('saving');
    await store.settled();
    expect(store.getSnapshot().saving).toBe('saved');
    expect(height(await opened())).toBe(130);
  });

  it('undoes one visit to a field at once, redoes it, and forgets what was undone once something new is done', async () => {
    const store = await opened();
    for (const mm of [1, 13, 130]) store.run(setHeight(mm, 'visit'));
    store.run(setHeight(140, 'next visit'));
    store.undo();
    expect(height(store)).toBe(130);
    store.undo();
    expect(height(store)).toBe(120);
    expect(store.getSnapshot().undo).toBeUndefined();
    store.redo();
    expect(height(store)).toBe(130);
    store.run(setHeight(150));
    expect(store.getSnapshot().redo).toBeUndefined();
    await store.settled();
    const again = await opened();
    again.undo();
    expect(height(again)).toBe(130);
  });

  it('takes back one visit and leaves what was done before it', async () => {
    const store = await opened();
    store.run(setHeight(130, 'a'));
    store.revert('b');
    expect(height(store)).toBe(130);
    store.revert('a');
    expect(height(store)).toBe(120);
  });

  it('does nothing for an act that changes nothing', async () => {
    const store = await opened();
    store.run(setHeight(120));
    expect(store.getSnapshot().undo).toBeUndefined();
  });

  it('undoes a deleted clay with its batches and its pieces’ clay', async () => {
    const store = await opened();
    const before = store.getSnapshot().workspace;
    store.runAndTell(commands.deleteBody(before.bodies.find(({ id }) => id === 'body-heron-buff')!));
    expect(jar(store)?.parts[0].bodyId).toBeUndefined();
    expect(store.getSnapshot().workspace.batches.some(({ bodyId }) => bodyId === 'body-heron-buff')).toBe(false);
    expect(store.getSnapshot().said).toMatchObject({ canUndo: true });
    store.undo();
    await store.settled();
    const sorted = (rows: readonly { id: string }[]) => [...rows].sort((a, b) => a.id.localeCompare(b.id));
    const after = (await opened()).getSnapshot().workspace;
    expect(sorted(after.batches)).toEqual(sorted(before.batches));
    expect(sorted(after.plans)).toEqual(sorted(before.plans));
  });

  it('merges what comes in over what is here, or replaces it, and takes either back', async () => {
    const store = await opened();
    const [plan] = DEMO.plans;
    const incoming = {
      ...DEMO,
      plans: [
        { ...plan!, name: 'Renamed' },
        { ...plan!, id: 'plan-new', name: 'New' },
      ],
    };
    store.run(commands.mergeIn(incoming, 'merged'));
    expect(store.getSnapshot().workspace.plans).toHaveLength(DEMO.plans.length + 1);
    expect(jar(store)?.name).toBe('Renamed');
    store.undo();
    store.run(commands.replaceAll(incoming, 'replaced'));
    expect(store.getSnapshot().workspace.plans).toHaveLength(2);
    store.undo();
    expect(jar(store)?.name).toBe('Honey jar, wide');
    expect(store.getSnapshot().workspace.plans).toHaveLength(DEMO.plans.length);
  });

  it('keeps two tabs in step, undo included', async () => {
    const [left, right] = twoTabs();
    await left.open();
    await right.open();
    left.run(setHeight(130));
    await left.settled();
    await right.settled();
    expect(height(right)).toBe(130);
    right.undo();
    await right.settled();
    await left.settled();
    expect(height(left)).toBe(120);
    left.set({ units: { ...DEMO.settings.units, length: 'cm' } });
    await left.settled();
    await right.settled();
    expect(right.getSnapshot().workspace.settings.units.length).toBe('cm');
  });

  it('does an act again on what another tab left, losing neither', async () => {
    const left = await opened();
    const right = await opened();
    left.run(setHeight(130));
    right.run(commands.setSize('plan-honey-jar', 'wall', { mm: 5, at: 'glazed' }, 'wall'));
    await left.settled();
    await right.settled();
    const both = await opened();
    expect([sizeOf(both, 'height'), sizeOf(both, 'wall')]).toEqual([130, 5]);
    expect(height(right)).toBe(130);
  });

  it.each([false, true])('keeps what is typed while a write is under way, after another tab wrote: %s', async (otherWrote) => {
    const db = new RimbetDatabase(browser.database);
    // hears of the other tab from the disk alone
    const store = new WorkspaceStore(db, { postMessage: () => undefined, addEventListener: () => undefined } as never);
    await store.open();
    if (otherWrote) {
      const other = await opened();
      other.run(commands.setSize('plan-honey-jar', 'wall', { mm: 5, at: 'glazed' }, 'wall'));
      await other.settled();
    }
    const wall = sizeOf(await opened(), 'wall');
    const typed = typesDuringWrite(db, () => store.run(commands.renamePlan('plan-honey-jar', 'Typed meanwhile')));
    store.run(setHeight(150));
    await typed;
    await store.settled();
    await vi.waitFor(() => expect(store.getSnapshot().saving).toBe('saved'));
    const next = await opened();
    for (const each of [store, next]) expect([jar(each)?.name, height(each), sizeOf(each, 'wall')]).toEqual(['Typed meanwhile', 150, wall]);
    next.undo();
    expect(jar(next)?.name).toBe('Honey jar, wide');
  });

  it('joins what waits into few transactions, and keeps the two ends of it', async () => {
    const db = new RimbetDatabase(browser.database);
    const store = new WorkspaceStore(db, undefined);
    await store.open();
    const transactions = vi.spyOn(db, 'transaction');
    for (let mm = 1; mm <= 150; mm += 1) store.run(setHeight(100 + mm, `visit ${mm}`));
    expect(store.getSnapshot()).toMatchObject({ saving: 'saving', unsaved: 150 });
    await store.settled();
    expect(transactions.mock.calls.length).toBeLessThanOrEqual(4);
    expect(store.getSnapshot()).toMatchObject({ saving: 'saved', unsaved: 0 });
    const again = await opened();
    expect(height(again)).toBe(250);
    again.undo();
    expect(height(again)).toBe(249);
  });

  it('keeps what can be undone of the last 200 things, on disk as on screen', async () => {
    const db = new RimbetDatabase(browser.database);
    const store = new WorkspaceStore(db, undefined);
    await store.open();
    for (let i = 1; i <= 215; i += 1) {
      store.run(setHeight(100 + i));
      // some of it lies on disk before there are too many
      if (i % 70 === 0) await store.settled();
    }
    await store.settled();
    expect(await db.history.count()).toBe(200);
    for (const each of [store, await opened()]) {
      let undone = 0;
      for (; each.getSnapshot().undo !== undefined; undone += 1) each.undo();
      expect([undone, height(each)]).toEqual([200, 115]);
    }
  });

  it('does not read everything again for what it knows already', async () => {
    const db = new RimbetDatabase(browser.database);
    let hear: (event: MessageEvent) => void = () => undefined;
    const channel = { postMessage: () => undefined, addEventListener: (_: string, listener: never) => void (hear = listener) };
    const store = new WorkspaceStore(db, channel as never);
    await store.open();
    store.run(setHeight(130));
    await store.settled();
    const transactions = vi.spyOn(db, 'transaction');
    const late = { from: 0, to: 1, changes: [], entries: [], gone: [] };
    hear(new MessageEvent('message', { data: late }));
    await store.settled();
    expect(transactions).not.toHaveBeenCalled();
    expect(height(store)).toBe(130);
    // what it does not know is read
    hear(new MessageEvent('message', { data: { ...late, from: 7, to: 8 } }));
    await store.settled();
    expect(transactions).toHaveBeenCalled();
  });

  it('keeps each of two tabs’ notes, and takes back only one’s own', async () => {
    const left = await opened();
    const right = await opened();
    left.run(commands.setShop('coils', (now) => [...(now ?? []), { coils: 3, thickness: 9, height: 25 }]));
    right.set({ openPlanId: 'plan-platter' });
    right.run(commands.setShop('place', (now) => ({ ...now, kilnHeight: 450 })));
    right.run(commands.setShop('place', (now) => ({ ...now, shelfDepth: 300 })));
    await left.settled();
    await right.settled();
    const both = await opened();
    const { settings } = both.getSnapshot().workspace;
    expect(settings.openPlanId).toBe('plan-platter');
    expect(shopOf(both.getSnapshot().workspace)).toMatchObject({
      coils: [{ coils: 3, thickness: 9, height: 25 }],
      place: { kilnHeight: 450, shelfDepth: 300 },
    });
    both.undo();
    expect(shopOf(both.getSnapshot().workspace).place).toEqual({ kilnHeight: 450 });
  });

  it('never writes one tab’s change over another’s to a neighbour in the same thing', async () => {
    const left = await opened();
    const right = await opened();
    const weigh = commands.setPart('plan-honey-jar', ({ inHand }) => ({ inHand: { ...inHand, weightG: 500 } }), 'weight');
    const fill = commands.setPart('plan-honey-jar', ({ inHand }) => ({ inHand: { ...inHand, capacityMl: 300 } }), 'holds');
    left.run(weigh);
    right.run(fill);
    left.run(commands.setHand('plan-honey-jar', { by: 'coil', coil: { gain: 0.9 } }, 'gain'));
    right.run(commands.setHand('plan-honey-jar', { coil: { pinchShare: 0.3 } }, 'share'));
    await left.settled();
    await right.settled();
    const { inHand, hand } = jar(await opened())!.parts[0];
    expect(inHand).toEqual({ weightG: 500, capacityMl: 300 });
    expect(hand).toMatchObject({ by: 'coil', coil: { gain: 0.9, pinchShare: 0.3 } });
  });

  it('at the wheel takes back what was done there last, whatever was done elsewhere since', async () => {
    const store = await opened();
    const plan = jar(store)!;
    const wheel = madeActs.wheelOf(plan.id);
    store.run(madeActs.throwOne(plan, plan.id));
    store.run(madeActs.noteLastThrown(plan, plan.id, 'heavier'));
    store.run(commands.renamePlan('plan-platter', 'Tray'));
    store.run(commands.renamePlan('plan-honey-jar', 'Jar'));
    expect(store.getSnapshot().undo).toBe('name “Jar”');
    expect(store.undoIn(wheel)).toBe('last one heavier, Honey jar, wide');
    store.undo(wheel);
    const thrown = () => runOf(store.getSnapshot().workspace, plan.id).pieces;
    expect(jar(store)).toMatchObject({ name: 'Jar' });
    expect(thrown()).toMatchObject([{ no: 1, shelf: 'wet' }]);
    expect(thrown()[0]!.different).toBeUndefined();
    expect(store.getSnapshot().said?.words).toBe('Undone: last one heavier, Honey jar, wide');
    store.undo(wheel);
    expect(thrown()).toEqual([]);
    expect(store.undoIn(wheel)).toBeUndefined();
    store.undo(wheel);
    expect(jar(store)!.name).toBe('Jar');
    store.undo();
    expect(jar(store)!.name).toBe('Honey jar, wide');
    await store.settled();
    expect(jar(await opened())).toMatchObject({ name: 'Honey jar, wide' });
  });

  it('at the wheel never takes back another piece’s run, in whatever order pieces were thrown', async () => {
    const refs = ['plan-honey-jar', 'plan-platter', 'plan-serving-bowl'];
    await fc.assert(
      fc.asyncProperty(fc.array(fc.nat({ max: 2 }), { minLength: 1, maxLength: 12 }), fc.nat({ max: 2 }), async (order, at) => {
        browser.database = `${browser.database}+`;
        const store = await opened();
        const plan = (ref: string) => store.getSnapshot().workspace.plans.find(({ id }) => id === ref)!;
        const count = (ref: string) => runOf(store.getSnapshot().workspace, ref).pieces.length;
        const before = refs.map(count);
        for (const i of order) store.run(madeActs.throwOne(plan(refs[i]!), refs[i]!));
        for (let i = 0; i <= order.length; i += 1) store.undo(madeActs.wheelOf(refs[at]!));
        const thrown = refs.map((_, i) => order.filter((each) => each === i).length);
        expect(refs.map(count)).toEqual(before.map((was, i) => was + (i === at ? 0 : thrown[i]!)));
        expect(store.undoIn(madeActs.wheelOf(refs[at]!))).toBeUndefined();
        await store.settled();
      }),
      { seed: 27, numRuns: 12 },
    );
  });

  it('writes a tap at the wheel at once, and does not let it wait for more', async () => {
    const store = await opened();
    const plan = jar(store)!;
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    const written = async () => {
      for (let turns = 0; turns < 1000 && store.getSnapshot().saving !== 'saved'; turns += 1) await new Promise(setImmediate);
      return store.getSnapshot();
    };
    store.run(madeActs.throwOne(plan, plan.id));
    expect(await written()).toMatchObject({ saving: 'saved', unsaved: 0 });
    // the rest after that write never ends: no timer runs
    store.run(madeActs.throwOne(plan, plan.id));
    expect(await written()).toMatchObject({ saving: 'saved', unsaved: 0 });
    vi.useRealTimers();
    expect(runOf((await opened()).getSnapshot().workspace, plan.id).pieces).toHaveLength(2);
  });

  it('leaves what was changed otherwise since, and says so', async () => {
    const store = await opened();
    const wheel = madeActs.wheelOf('plan-honey-jar');
    store.run(madeActs.atWheel('plan-honey-jar', commands.renamePlan('plan-honey-jar', 'At the wheel')));
    store.run(commands.renamePlan('plan-honey-jar', 'Elsewhere'));
    store.undo(wheel);
    expect(jar(store)?.name).toBe('Elsewhere');
    expect(store.getSnapshot().said?.words).toBe('Cannot undo, because it was changed again since: name “At the wheel”');
  });
});
