import 'fake-indexeddb/auto';
import { DEMO } from '@/core/workspace';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { WorkspaceStore, commands } from '.';
import { RimbetDatabase } from './db';

/** Two tabs of one browser: they share the database and hear each other, never themselves. */
function twoTabs() {
  const heard: ((event: MessageEvent) => void)[] = [];
  const channel = (own: number) => ({
    postMessage: () => heard.forEach((listener, i) => i !== own && listener(new MessageEvent('message'))),
    addEventListener: (_: string, listener: never) => void (heard[own] = listener),
  });
  return [0, 1].map((own) => new WorkspaceStore(new RimbetDatabase(database), channel(own) as never)) as [WorkspaceStore, WorkspaceStore];
}

const alone = () => new WorkspaceStore(new RimbetDatabase(database), undefined);
const jar = (store: WorkspaceStore) => store.getSnapshot().workspace.plans.find(({ id }) => id === 'plan-honey-jar');
const sizeOf = (store: WorkspaceStore, name: 'height' | 'wall') => {
  const [known] = jar(store)?.parts[0].sizes[name] ?? [];
  return known && 'mm' in known ? known.mm : undefined;
};
const height = (store: WorkspaceStore) => sizeOf(store, 'height');
const setHeight = (mm: number, key?: string) => commands.setSize('plan-honey-jar', 'height', { mm, at: 'glazed' }, 1, 'height', key);

async function opened() {
  const store = alone();
  await store.open();
  return store;
}

let browsers = 0;
let database = '';

beforeEach(() => {
  browsers += 1;
  database = `browser-${browsers}`;
});

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
    const store = alone();
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
    right.run(commands.setSize('plan-honey-jar', 'wall', { mm: 5, at: 'glazed' }, 1, 'wall'));
    await left.settled();
    await right.settled();
    const both = await opened();
    expect([sizeOf(both, 'height'), sizeOf(both, 'wall')]).toEqual([130, 5]);
    expect(height(right)).toBe(130);
  });

  it('works on in memory and says so when the browser keeps nothing', async () => {
    const db = new RimbetDatabase(database);
    vi.spyOn(db, 'transaction').mockImplementation(() => Promise.reject(new Error('no storage')) as never);
    const store = new WorkspaceStore(db, undefined);
    await store.open();
    store.run(commands.createPlan({ name: 'Cup' }).act);
    await store.settled();
    expect(store.getSnapshot()).toMatchObject({ status: 'ready', saving: 'failed' });
    expect(store.getSnapshot().workspace.plans).toHaveLength(1);
  });
});
