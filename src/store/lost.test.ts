import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { WorkspaceStore, commands } from '.';
import { SecondCopy } from './second-copy';
import { RimbetDatabase } from './db';
import { height, jar, setHeight } from './jar.test-kit';
import { typesDuringWrite } from './meanwhile.test-kit';
import { MemoryFolder } from './memory-folder.test-kit';

let browsers = 0;
let name = '';
let root: MemoryFolder;

beforeEach(() => {
  browsers += 1;
  name = `lost-${browsers}`;
  root = new MemoryFolder();
});

const copyIn = (folder: MemoryFolder) => new SecondCopy(async () => folder as never);
/** Tabs that do not hear each other: what they know of another they read. */
const silent = { postMessage: () => undefined, addEventListener: () => undefined } as never;
const tab = () => new WorkspaceStore(new RimbetDatabase(name), silent, [1], copyIn(root));
const opened = async () => {
  const store = tab();
  await store.open();
  return store;
};
const saved = (store: WorkspaceStore) => vi.waitFor(() => expect(store.getSnapshot().saving).toBe('saved'));
/** Until the copy is up with the database. */
const copied = (mm: number) =>
  vi.waitFor(async () => {
    const found = await copyIn(root).find();
    const plan = found && found !== 'damaged' ? found.kept.workspace.plans.find(({ id }) => id === 'plan-honey-jar') : undefined;
    expect(plan?.parts[0].sizes.height).toMatchObject([{ mm }]);
  });
const emptyDatabase = () =>
  new Promise<void>((resolve) => {
    const request = indexedDB.deleteDatabase(name);
    request.onsuccess = () => resolve();
  });
const copyFolder = () => root.getDirectoryHandle('second-copy');

/** A workshop with a height of its own, on disk and in the copy. */
async function worked(mm = 133) {
  const store = await opened();
  store.run(setHeight(mm));
  await store.settled();
  await copied(mm);
  return store;
}

describe('a database that is gone under an open tab', () => {
  it('is written again with everything, undo too, and the next visit finds it', async () => {
    const store = await worked();
    await emptyDatabase();
    store.run(setHeight(134));
    expect(height(store)).toBe(134);
    await saved(store);
    expect(store.getSnapshot().said?.words).toContain('had lost what it stored');
    const next = await opened();
    expect(next.getSnapshot().offer).toBeUndefined();
    expect(height(next)).toBe(134);
    next.undo();
    next.undo();
    expect(height(next)).toBe(120);
  });

  it('is noticed without anything being done', async () => {
    const store = await worked();
    await emptyDatabase();
    await vi.waitFor(() => expect(store.getSnapshot().said?.words).toContain('had lost what it stored'));
    await saved(store);
    expect(height(await opened())).toBe(133);
  });

  it('keeps what is done while it is being written again', async () => {
    const store = await worked();
    const db = (store as unknown as { db: RimbetDatabase }).db;
    await emptyDatabase();
    const typed = typesDuringWrite(db, () => store.run(commands.renamePlan('plan-honey-jar', 'Typed meanwhile')));
    await typed;
    await saved(store);
    const next = await opened();
    for (const each of [store, next]) expect(jar(each)?.name).toBe('Typed meanwhile');
    expect(height(next)).toBe(133);
  });

  it('is never said to be saved while it cannot be filled again', async () => {
    const store = await worked();
    const db = (store as unknown as { db: RimbetDatabase }).db;
    const all = db.transaction.bind(db) as (...given: unknown[]) => unknown;
    const put = vi
      .spyOn(db, 'transaction')
      .mockImplementation(((mode: string, ...rest: unknown[]) =>
        mode === 'rw' ? Promise.reject(new DOMException('full', 'QuotaExceededError')) : all(mode, ...rest)) as never);
    await emptyDatabase();
    await vi.waitFor(() => expect(store.getSnapshot().fault).toBeDefined());
    expect(store.getSnapshot()).toMatchObject({ saving: 'failed', unsaved: 1 });
    expect(height(store)).toBe(133);
    put.mockRestore();
    await saved(store);
    expect(height(await opened())).toBe(133);
  });

  it('that another tab has filled again already is taken as it is, with what both did', async () => {
    const [left, right] = [await worked(), await opened()];
    await emptyDatabase();
    left.run(setHeight(140));
    right.run(commands.renamePlan('plan-honey-jar', 'Jar'));
    await saved(left);
    await saved(right);
    const both = await opened();
    expect(height(both)).toBe(140);
    expect(jar(both)?.name).toBe('Jar');
  });
});

/** The same, and its tab is closed; then its database is gone. */
async function lost() {
  ((await worked()) as unknown as { db: RimbetDatabase }).db.close();
  await emptyDatabase();
}

describe('a database that is gone at the next visit', () => {
  it('is offered from the second copy with its day, and restored whole with undo', async () => {
    await lost();
    const next = await opened();
    expect(next.getSnapshot()).toMatchObject({ status: 'opening', offer: { why: 'missing', copy: { whole: true } } });
    expect(next.getSnapshot().offer!.copy!.at).toMatch(/^\d{4}-\d\d-\d\dT/);
    await next.restore();
    await saved(next);
    expect(next.getSnapshot()).toMatchObject({ status: 'ready', offer: undefined });
    expect(next.getSnapshot().said?.words).toContain('Restored as it was on');
    const after = await opened();
    expect(height(after)).toBe(133);
    after.undo();
    expect(height(after)).toBe(120);
  });

  it('begins anew where the copy is not wanted, and keeps it aside', async () => {
    await lost();
    const next = await opened();
    await next.decline();
    expect(next.getSnapshot()).toMatchObject({ status: 'ready', offer: undefined });
    expect(height(next)).toBe(120);
    const aside = await copyIn(root).aside();
    expect(aside?.kept.workspace.plans.find(({ id }) => id === 'plan-honey-jar')?.parts[0].sizes.height).toMatchObject([{ mm: 133 }]);
    expect((await opened()).getSnapshot().offer).toBeUndefined();
  });

  it('with a damaged copy is told, and begins anew when asked to', async () => {
    await lost();
    const { files } = await copyFolder();
    for (const each of files.keys()) files.set(each, new TextEncoder().encode('not what was written\n'));
    const next = await opened();
    expect(next.getSnapshot()).toMatchObject({ status: 'opening', offer: { why: 'missing', copy: undefined } });
    await next.decline();
    expect(height(next)).toBe(120);
  });

  it('without any copy is a first visit', async () => {
    expect((await opened()).getSnapshot()).toMatchObject({ status: 'ready', offer: undefined });
  });
});

/** Every row as the database has it now; puts them back later. */
async function rowsNow() {
  const db = await new RimbetDatabase(name).opened();
  const rows = await Promise.all(db.tables.map(async (table) => [table, await table.toArray()] as const));
  return async () => {
    for (const [table, all] of rows) {
      await table.clear();
      await table.bulkPut(all);
    }
    db.close();
  };
}

it('a database that has become older under an open tab is written again whole, not gone on from', async () => {
  const store = await worked();
  const putBack = await rowsNow();
  store.run(setHeight(150));
  await store.settled();
  await putBack();
  store.run(commands.renamePlan('plan-honey-jar', 'Jar'));
  await saved(store);
  expect(store.getSnapshot().said?.words).toContain('had lost what it stored');
  const next = await opened();
  for (const each of [store, next]) {
    expect(height(each)).toBe(150);
    expect(jar(each)?.name).toBe('Jar');
  }
});

it('a database that is older than the copy is told beside what it holds, and becomes what the copy holds', async () => {
  const store = await worked();
  const putBack = await rowsNow();
  store.run(setHeight(150));
  await saved(store);
  await copied(150);
  await putBack();
  (store as unknown as { db: RimbetDatabase }).db.close();
  const next = await opened();
  expect(height(next)).toBe(133);
  await vi.waitFor(() => expect(next.getSnapshot().offer).toMatchObject({ why: 'younger' }));
  next.run(commands.renamePlan('plan-honey-jar', 'Jar'));
  await next.restore();
  await saved(next);
  const after = await opened();
  expect(height(after)).toBe(150);
  expect(jar(after)?.name).toBe('Jar');
});

describe('a newer program', () => {
  const upgraded = () =>
    new Promise<void>((resolve, reject) => {
      const request = indexedDB.open(name, 90);
      request.onsuccess = () => {
        request.result.close();
        resolve();
      };
      request.onerror = () => reject(request.error!);
    });

  it('takes the database over: this tab writes no more, says why and keeps what was done', async () => {
    const store = await worked();
    await upgraded();
    store.run(setHeight(150));
    await vi.waitFor(() => expect(store.getSnapshot()).toMatchObject({ fault: 'newer', saving: 'failed', unsaved: 1 }));
    expect(height(store)).toBe(150);
    const db = await new Promise<IDBDatabase>((resolve) => {
      const request = indexedDB.open(name);
      request.onsuccess = () => resolve(request.result);
    });
    const plan = await new Promise<{ parts: [{ sizes: { height: unknown } }] }>((resolve) => {
      const request = db.transaction('plans').objectStore('plans').get('plan-honey-jar');
      request.onsuccess = () => resolve(request.result);
    });
    expect(plan.parts[0].sizes.height).toMatchObject([{ mm: 133 }]);
    db.close();
  });

  it('was here before: nothing is shown as if it were all, and it says why', async () => {
    await worked();
    await upgraded();
    const next = tab();
    void next.open();
    await vi.waitFor(() => expect(next.getSnapshot().fault).toBe('newer'));
  });
});

describe('the second copy', () => {
  const patch = (from: number) =>
    ({ from, to: from + 1, changes: [], entries: [], gone: [], settings: { units: 'u', no: from + 1 } }) as never;
  const state = (stamp: number) =>
    ({ workspace: { settings: { units: 'u', no: stamp } }, history: [], stamp, databaseId: 'one' }) as never as Parameters<
      SecondCopy['follow']
    >[0];

  /** A copy that followed so many writes, a few at a time. */
  async function followed(steps: readonly number[]) {
    const folder = new MemoryFolder();
    const copy = copyIn(folder);
    let at = 0;
    for (const count of steps) {
      const patches = Array.from({ length: count }, (_, i) => patch(at + i));
      at += count;
      await copy.follow(state(at), patches);
    }
    return { folder, files: (await folder.getDirectoryHandle('second-copy')).files, copy, at };
  }

  it('holds what was last written, however it was joined, and says when', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 1, maxLength: 12 }), async (steps) => {
        const { copy, at } = await followed(steps);
        expect(await copy.find()).toMatchObject({ kept: { stamp: at, workspace: { settings: { no: at } } }, whole: true });
      }),
      { seed: 27, numRuns: 40 },
    );
  });

  it('damaged anywhere gives a state that once was, and never says it is whole', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 2, maxLength: 8 }),
        fc.nat(),
        fc.nat(),
        fc.boolean(),
        async (steps, which, where, cut) => {
          const { files, copy, at } = await followed(steps);
          const names = [...files.keys()];
          const damaged = names[which % names.length]!;
          const bytes = files.get(damaged)!;
          const place = where % bytes.length;
          files.set(damaged, cut ? bytes.slice(0, place) : bytes.map((byte, i) => (i === place ? byte ^ 1 : byte)));
          const found = await copy.find();
          if (!found || found === 'damaged') return;
          const { stamp } = found.kept;
          expect(stamp).toBeLessThanOrEqual(at);
          expect(found.kept.workspace.settings).toMatchObject({ no: stamp });
          // a cut between two lines of the journal cannot be told from one that was never written
          if (found.whole && stamp < at) expect(cut && damaged.startsWith('journal')).toBe(true);
          // and it goes on from there, anew where not all of it could be read
          await copy.follow(state(at + 1), [patch(at)], !found.whole);
          expect(await copy.find()).toMatchObject({ kept: { stamp: at + 1 } });
        },
      ),
      { seed: 27, numRuns: 200 },
    );
  });

  it('keeps what it has where there is no room for more', async () => {
    const { folder, copy, at } = await followed([2, 2]);
    (await folder.getDirectoryHandle('second-copy')).room = 10;
    await expect(copy.follow(state(at + 1), [patch(at)])).rejects.toThrow('full');
    expect(await copy.find()).toMatchObject({ kept: { stamp: at }, whole: true });
  });

  it('that was not written as it should be is not taken for one: the snapshot before it stays, and is written anew', async () => {
    const { folder, copy, at } = await followed([2]);
    const files = await folder.getDirectoryHandle('second-copy');
    files.loses = 9;
    await expect(copy.follow(state(at + 1), [patch(at)])).rejects.toThrow('was not written as it should be');
    expect(await copy.find()).toMatchObject({ kept: { stamp: at }, whole: false });
    // nor is a whole snapshot that was torn: the one before it stands in the other place
    await expect(copy.follow(state(at + 1), [], true)).rejects.toThrow('was not written as it should be');
    expect(await copy.find()).toMatchObject({ kept: { stamp: at } });
    files.loses = 0;
    await copy.follow(state(at + 2), [patch(at + 1)]);
    expect(await copy.find()).toMatchObject({ kept: { stamp: at + 2 } });
  });

  it('takes what another tab wrote for a gap, and begins anew behind it', async () => {
    const { copy, at } = await followed([1, 1]);
    await copy.follow(state(at + 5), [patch(at + 4)]);
    expect(await copy.find()).toMatchObject({ kept: { stamp: at + 5 }, whole: true });
  });
});
