import 'fake-indexeddb/auto';
import { DEMO } from '@/core/example';
import { describe, expect, it, vi } from 'vitest';
import { type Fault, WorkspaceStore, commands } from '.';
import { RimbetDatabase } from './db';
import { ownBrowser } from './browser.test-kit';
import { height, jar, setHeight, sizeOf } from './jar.test-kit';

const browser = ownBrowser();
const { opened } = browser;

/** How a browser's storage fails, and what is said of it. */
const FAULTS: Record<string, { readonly breaks: (db: RimbetDatabase) => () => void; readonly fault: Fault }> = {
  'a full disk': {
    fault: 'full',
    breaks: (db) =>
      refuses(db, Object.assign(new Error('aborted'), { name: 'AbortError', inner: new DOMException('full', 'QuotaExceededError') })),
  },
  'a failing disk': { fault: 'failing', breaks: (db) => refuses(db, new DOMException('I/O', 'UnknownError')) },
  'a row that cannot be put': {
    fault: 'failing',
    breaks: (db) => {
      const table = db.table('plans');
      const put = vi.spyOn(table, 'bulkPut').mockRejectedValue(new DOMException('I/O', 'DataError'));
      const whole = vi.spyOn(db, 'table').mockReturnValue(table as never);
      return () => [put, whole].forEach((spy) => spy.mockRestore());
    },
  },
  'a closed database': {
    fault: 'failing',
    breaks: (db) => {
      db.close();
      const open = vi.spyOn(db, 'open').mockRejectedValue(new DOMException('closed', 'InvalidStateError'));
      return () => open.mockRestore();
    },
  },
  'a database that a newer version holds': {
    fault: 'newer',
    breaks: (db) => {
      db.close();
      const open = vi.spyOn(db, 'open').mockRejectedValue(new DOMException('newer', 'VersionError'));
      return () => open.mockRestore();
    },
  },
};

function refuses(db: RimbetDatabase, error: Error): () => void {
  const spy = vi.spyOn(db, 'transaction').mockImplementation(() => Promise.reject(error) as never);
  return () => spy.mockRestore();
}

describe.each(Object.entries(FAULTS))('with %s', (_name, { breaks, fault }) => {
  /** A store whose database fails once it is open; pauses are as short as they can be. */
  async function broken() {
    const db = new RimbetDatabase(browser.database);
    const store = new WorkspaceStore(db, undefined, [1]);
    await store.open();
    return { store, mend: breaks(db) };
  }
  const saved = (store: WorkspaceStore) => vi.waitFor(() => expect(store.getSnapshot().saving).toBe('saved'));

  it('keeps on screen what was done, says what is wrong until all is on disk, and writes it in order', async () => {
    const { store, mend } = await broken();
    store.run(setHeight(150));
    await store.settled();
    expect(store.getSnapshot()).toMatchObject({ saving: 'failed', fault, unsaved: 1 });
    store.run(commands.renamePlan('plan-honey-jar', 'Jar'));
    store.run(commands.createPlan({ name: 'Cup' }).act);
    await store.settled();
    expect(height(store)).toBe(150);
    expect(store.getSnapshot()).toMatchObject({ saving: 'failed', fault, unsaved: 3 });
    mend();
    store.tryNow();
    await saved(store);
    expect(store.getSnapshot()).toMatchObject({ fault: undefined, unsaved: 0 });
    const again = await opened();
    expect(height(again)).toBe(150);
    expect(jar(again)?.name).toBe('Jar');
    expect(again.getSnapshot().workspace.plans).toHaveLength(DEMO.plans.length + 1);
    again.undo();
    again.undo();
    again.undo();
    expect(again.getSnapshot().workspace.plans).toHaveLength(DEMO.plans.length);
    expect(height(again)).toBe(120);
  });

  it('does it again on what another tab wrote meanwhile, losing neither', async () => {
    const { store, mend } = await broken();
    store.run(setHeight(150));
    store.undo();
    store.run(setHeight(160));
    await store.settled();
    const other = await opened();
    other.run(commands.setSize('plan-honey-jar', 'wall', { mm: 5, at: 'glazed' }, 'wall'));
    other.run(commands.renamePlan('plan-honey-jar', 'Theirs'));
    await other.settled();
    expect(height(store)).toBe(160);
    mend();
    await saved(store);
    expect([height(store), sizeOf(store, 'wall'), jar(store)?.name]).toEqual([160, 5, 'Theirs']);
    const both = await opened();
    expect([height(both), sizeOf(both, 'wall'), jar(both)?.name]).toEqual([160, 5, 'Theirs']);
  });
});

it('tries a disk that goes on failing less and less often, and at once when asked to', async () => {
  const db = new RimbetDatabase(browser.database);
  const store = new WorkspaceStore(db, undefined, [10, 1000, 60_000]);
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
  await store.open();
  vi.advanceTimersByTime(300);
  const transactions = vi.spyOn(db, 'transaction').mockImplementation(() => Promise.reject(new Error('failing')) as never);
  const triesAfter = async (ms: number) => {
    for (let turns = 0; turns < 50; turns += 1) await new Promise(setImmediate);
    vi.advanceTimersByTime(ms);
    for (let turns = 0; turns < 50; turns += 1) await new Promise(setImmediate);
    return transactions.mock.calls.length;
  };
  store.run(setHeight(150));
  expect(await triesAfter(300)).toBe(2);
  expect(await triesAfter(900)).toBe(2);
  expect(await triesAfter(100)).toBe(3);
  expect(await triesAfter(50_000)).toBe(3);
  store.tryNow();
  expect(await triesAfter(0)).toBe(4);
  transactions.mockRestore();
  vi.useRealTimers();
  store.tryNow();
  await vi.waitFor(() => expect(store.getSnapshot().saving).toBe('saved'));
});

describe('a browser that keeps nothing', () => {
  it('is worked in from memory, and says so', async () => {
    const db = new RimbetDatabase(browser.database);
    refuses(db, new Error('no storage'));
    const store = new WorkspaceStore(db, undefined, [60_000]);
    await store.open();
    store.run(commands.createPlan({ name: 'Cup' }).act);
    await store.settled();
    expect(store.getSnapshot()).toMatchObject({ status: 'ready', saving: 'failed', fault: 'unread', unsaved: 1 });
    expect(store.getSnapshot().workspace.plans).toHaveLength(1);
  });

  it('that can be read later has all there was, and what was done meanwhile', async () => {
    const before = await opened();
    before.run(setHeight(130));
    await before.settled();
    const db = new RimbetDatabase(browser.database);
    const mend = refuses(db, new Error('busy'));
    const store = new WorkspaceStore(db, undefined, [1]);
    await store.open();
    store.run(commands.createPlan({ name: 'Cup' }).act);
    mend();
    await vi.waitFor(() => expect(store.getSnapshot().saving).toBe('saved'));
    expect(height(store)).toBe(130);
    expect(store.getSnapshot().workspace.plans).toHaveLength(DEMO.plans.length + 1);
  });
});
