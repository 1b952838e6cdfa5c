import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { runOf } from '@/core/orders';
import { shopOf, upgradedPlan, type Workspace } from '@/core/records';
import Dexie from 'dexie';
import { expect, it } from 'vitest';
import { WorkspaceStore, commands } from '.';
import { RimbetDatabase } from './db';
import * as orderActs from './orders';

const read = (version: number) => JSON.parse(readFileSync(`tests/fixtures/workspace-v${version}.json`, 'utf8')) as Workspace;
const old = read(1);

/** A browser that last saw Rimbet when its database was of version 1, with one act to undo. */
async function versionOne(name: string): Promise<void> {
  const db = new Dexie(name);
  db.version(1).stores({ bodies: 'id', batches: 'id, bodyId', plans: 'id', settings: 'id', history: 'seq', stamps: 'id' });
  const [first, ...rest] = old.plans;
  const renamed = { ...first!, name: 'Renamed before the upgrade' };
  await db.table('bodies').bulkPut([...old.bodies]);
  await db.table('batches').bulkPut([...old.batches]);
  await db.table('plans').bulkPut([renamed, ...rest]);
  await db.table('settings').put({ ...old.settings, id: 'settings' });
  await db.table('history').put({
    seq: 1,
    label: 'name',
    undone: false,
    changes: [{ table: 'plans', id: first!.id, before: first, after: renamed }],
  });
  await db.table('stamps').put({ id: 'stamp', count: 1 });
  db.close();
}

it('a database of version 2 opens with its cups as forms, each size as one thing known', async () => {
  const kept = read(2);
  const db = new Dexie('upgrade-2');
  db.version(1).stores({ bodies: 'id', batches: 'id, bodyId', plans: 'id', settings: 'id', history: 'seq', stamps: 'id' });
  db.version(2).stores({ bars: 'id, bodyId' });
  for (const table of ['bodies', 'batches', 'bars', 'plans'] as const) await db.table(table).bulkPut([...kept[table]]);
  await db.table('settings').put({ ...kept.settings, id: 'settings' });
  db.close();
  const store = new WorkspaceStore(new RimbetDatabase('upgrade-2'), undefined);
  await store.open();
  const { workspace } = store.getSnapshot();
  const jar = workspace.plans.find(({ id }) => id === 'plan-honey-jar')!.parts[0];
  expect(jar).toMatchObject({ family: 'cylinder', manner: { foot: 'flat' }, sizes: { height: [{ mm: 120, at: 'glazed' }] } });
  expect(workspace.plans).toHaveLength(kept.plans.length);
  expect(workspace.bars).toHaveLength(kept.bars.length);
});

it('a database of version 3 opens with all it had, and takes formers and cutters', async () => {
  const kept = read(3);
  const db = new Dexie('upgrade-3');
  db.version(1).stores({ bodies: 'id', batches: 'id, bodyId', plans: 'id', settings: 'id', history: 'seq', stamps: 'id' });
  db.version(2).stores({ bars: 'id, bodyId' });
  db.version(3).stores({});
  for (const table of ['bodies', 'batches', 'bars', 'plans'] as const) await db.table(table).bulkPut([...kept[table]]);
  await db.table('settings').put({ ...kept.settings, id: 'settings' });
  db.close();
  const store = new WorkspaceStore(new RimbetDatabase('upgrade-3'), undefined);
  await store.open();
  const { workspace } = store.getSnapshot();
  expect(workspace.plans).toHaveLength(kept.plans.length);
  expect(workspace.formers).toEqual([]);
  store.run(commands.createCutter({ shape: 'round', width: 76 }).act);
  await store.settled();
  const again = new WorkspaceStore(new RimbetDatabase('upgrade-3'), undefined);
  await again.open();
  expect(again.getSnapshot().workspace.cutters).toMatchObject([{ width: 76, shape: 'round' }]);
});

it('a database of version 1 opens with nothing lost, its history included, and takes bars', async () => {
  await versionOne('upgrade');
  const store = new WorkspaceStore(new RimbetDatabase('upgrade'), undefined);
  await store.open();
  const byId = (rows: readonly { id: string }[]) => [...rows].sort((a, b) => a.id.localeCompare(b.id));
  expect(store.getSnapshot().workspace.plans.some(({ name }) => name === 'Renamed before the upgrade')).toBe(true);
  store.undo();
  const { workspace } = store.getSnapshot();
  expect(byId(workspace.plans)).toEqual(byId(old.plans.map((plan) => upgradedPlan(plan) as typeof plan)));
  expect(byId(workspace.bodies)).toEqual(byId(old.bodies));
  expect(byId(workspace.batches)).toEqual(byId(old.batches));
  expect(workspace.settings).toEqual(old.settings);
  expect(workspace.bars).toEqual([]);

  const { act } = commands.createBar({
    bodyId: old.bodies[0]!.id,
    name: 'B1',
    kind: 'bar',
    lengths: { wet: [100] },
    weights: {},
    tool: 'caliper',
    direction: 'along',
    firing: {},
    dates: {},
    note: '',
  });
  store.run(act);
  await store.settled();
  expect(store.getSnapshot().saving).toBe('saved');
  const again = new WorkspaceStore(new RimbetDatabase('upgrade'), undefined);
  await again.open();
  expect(again.getSnapshot().workspace.bars).toHaveLength(1);
});

it('a database of version 4 opens with the shop’s settings as rows, and what was done can still be undone', async () => {
  const kept = read(4);
  const db = new Dexie('upgrade-4');
  db.version(1).stores({ bodies: 'id', batches: 'id, bodyId', plans: 'id', settings: 'id', history: 'seq', stamps: 'id' });
  db.version(2).stores({ bars: 'id, bodyId' });
  db.version(4).stores({ formers: 'id', cutters: 'id' });
  for (const table of ['bodies', 'batches', 'bars', 'plans', 'formers', 'cutters'] as const)
    await db.table(table).bulkPut([...kept[table]]);
  await db.table('settings').put({ ...kept.settings, id: 'settings' });
  const [first] = kept.plans;
  const renamed = { ...first!, name: 'Renamed' };
  await db.table('plans').put(renamed);
  const changes = [{ table: 'plans', id: first!.id, before: first, after: renamed }];
  await db.table('history').put({ seq: 1, label: 'name', undone: false, changes });
  db.close();
  const store = new WorkspaceStore(new RimbetDatabase('upgrade-4'), undefined);
  await store.open();
  const { workspace } = store.getSnapshot();
  expect(shopOf(workspace)).toMatchObject({ place: { kilnHeight: 450 }, wheel: { batThickness: 18 }, coils: [{ coils: 4 }] });
  expect(workspace.settings).toEqual({ units: kept.settings.units, openPlanId: 'plan-honey-jar', paper: 'a4', printer: 'Barn' });
  store.undo();
  expect(store.getSnapshot().workspace.plans.find(({ id }) => id === first!.id)?.name).toBe(first!.name);
});

it('a database of version 5 opens with what was counted in its plans as runs and pieces; a name given before can still be undone', async () => {
  const kept = read(5);
  const db = new Dexie('upgrade-5');
  db.version(1).stores({ bodies: 'id', batches: 'id, bodyId', plans: 'id', settings: 'id', history: 'seq', stamps: 'id' });
  db.version(2).stores({ bars: 'id, bodyId' });
  db.version(4).stores({ formers: 'id', cutters: 'id' });
  db.version(5).stores({ shop: 'id' });
  for (const table of ['bodies', 'batches', 'bars', 'plans', 'formers', 'cutters', 'shop'] as const)
    await db.table(table).bulkPut([...kept[table]]);
  await db.table('settings').put({ ...kept.settings, id: 'settings' });
  const jar = kept.plans.find(({ id }) => id === 'plan-honey-jar')!;
  const renamed = { ...jar, name: 'Renamed' };
  await db.table('plans').put(renamed);
  const changes = [{ table: 'plans', id: jar.id, before: jar, after: renamed }];
  await db.table('history').put({ seq: 1, id: 'entry-1', label: 'name', undone: false, changes });
  db.close();
  const store = new WorkspaceStore(new RimbetDatabase('upgrade-5'), undefined);
  await store.open();
  const { workspace } = store.getSnapshot();
  expect(workspace.runs.map(({ id, closed, wanted }) => [id, closed, wanted])).toEqual([
    ['plan-honey-jar-run-1', true, undefined],
    ['plan-honey-jar-run-2', undefined, 8],
  ]);
  expect(workspace.pieces).toHaveLength(4);
  expect(runOf(workspace, 'plan-honey-jar')).toMatchObject({ good: 1, wanted: 8 });
  expect(workspace.plans.every((plan) => !('thrown' in plan) && !('run' in plan))).toBe(true);
  store.undo();
  expect(store.getSnapshot().workspace.plans.find(({ id }) => id === jar.id)?.name).toBe(jar.name);
});

it('a database of version 6 opens with all that was made, and takes sets and orders', async () => {
  const kept = read(6);
  const db = new Dexie('upgrade-6');
  db.version(1).stores({ bodies: 'id', batches: 'id, bodyId', plans: 'id', settings: 'id', history: 'seq', stamps: 'id' });
  db.version(2).stores({ bars: 'id, bodyId' });
  db.version(4).stores({ formers: 'id', cutters: 'id' });
  db.version(6).stores({ shop: 'id', runs: 'id', pieces: 'id', photos: 'id' });
  for (const table of ['bodies', 'batches', 'bars', 'plans', 'formers', 'cutters', 'shop', 'runs', 'pieces'] as const)
    await db.table(table).bulkPut([...kept[table]]);
  await db.table('settings').put({ ...kept.settings, id: 'settings' });
  db.close();
  const store = new WorkspaceStore(new RimbetDatabase('upgrade-6'), undefined);
  await store.open();
  expect(store.getSnapshot().workspace.pieces).toHaveLength(kept.pieces.length);
  const { act } = orderActs.createOrder();
  store.run(act);
  expect(store.getSnapshot().workspace.orders).toHaveLength(1);
});
