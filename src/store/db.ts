import type { BarRecord, Batch, Body, CutterRecord, FormerRecord, Plan, RowChange, Settings, Workspace } from '@/core/workspace';
import { DEMO, EMPTY, TABLES, upgradedPlan } from '@/core/workspace';
import Dexie, { type EntityTable } from 'dexie';

/** One thing a person did, kept so that it can be undone, in any tab and after a reload. */
export interface Entry {
  readonly seq: number;
  readonly label: string;
  readonly changes: readonly RowChange[];
  readonly undone: boolean;
  /** Further acts with the same key join this entry: the keystrokes of one field. */
  readonly key?: string | undefined;
}

type SettingsRow = Settings & { readonly id: 'settings' };

/** Counts every write to rows or history, so that a tab knows whether it has seen them all. */
interface Stamp {
  readonly id: 'stamp';
  readonly count: number;
}

const HISTORY_KEPT = 200;

/**
 * The browser's database. Version 1: bodies, batches, plans, settings, history; version 2 adds bars; in version 3 a part may be of
 * any form; version 4 adds the kit: formers and cutters.
 */
export class RimbetDatabase extends Dexie {
  bodies!: EntityTable<Body, 'id'>;
  batches!: EntityTable<Batch, 'id'>;
  bars!: EntityTable<BarRecord, 'id'>;
  plans!: EntityTable<Plan, 'id'>;
  formers!: EntityTable<FormerRecord, 'id'>;
  cutters!: EntityTable<CutterRecord, 'id'>;
  settings!: EntityTable<SettingsRow, 'id'>;
  history!: EntityTable<Entry, 'seq'>;
  stamps!: EntityTable<Stamp, 'id'>;

  constructor(name = 'rimbet') {
    super(name);
    this.version(1).stores({
      bodies: 'id',
      batches: 'id, bodyId',
      plans: 'id',
      settings: 'id',
      history: 'seq',
      stamps: 'id',
    });
    this.version(2).stores({ bars: 'id, bodyId' });
    this.version(3).upgrade(async (transaction) => {
      await transaction
        .table<unknown>('plans')
        .toCollection()
        .modify((plan, held) => {
          held.value = upgradedPlan(plan);
        });
      await transaction
        .table<Entry>('history')
        .toCollection()
        .modify((entry, held) => {
          held.value = { ...entry, changes: entry.changes.map(upgradedChange) };
        });
    });
    this.version(4).stores({ formers: 'id', cutters: 'id' });
  }
}

/** What is kept for undo is lifted with the plans it speaks of. */
const upgradedChange = (change: RowChange): RowChange =>
  change.table === 'plans' ? ({ ...change, before: upgradedPlan(change.before), after: upgradedPlan(change.after) } as RowChange) : change;

/** All that is kept, as one value. */
export interface Kept {
  readonly workspace: Workspace;
  readonly history: readonly Entry[];
  /** How many writes this has seen. */
  readonly stamp: number;
}

/** Reads everything in one transaction, so that it belongs together. */
export function readAll(db: RimbetDatabase): Promise<Kept> {
  return db.transaction('r', db.tables, async () => {
    const [bodies, batches, bars, plans, formers, cutters, settings, history, stamp] = await Promise.all([
      db.bodies.toArray(),
      db.batches.toArray(),
      db.bars.toArray(),
      db.plans.toArray(),
      db.formers.toArray(),
      db.cutters.toArray(),
      db.settings.get('settings'),
      db.history.orderBy('seq').toArray(),
      readStamp(db),
    ]);
    const { id: _, ...own } = settings ?? { ...EMPTY.settings, id: 'settings' as const };
    return { workspace: { bodies, batches, bars, plans, formers, cutters, settings: own }, history, stamp };
  });
}

/** The first visit finds the example workshop; a workspace that was emptied on purpose stays empty. */
export async function seedFirstVisit(db: RimbetDatabase): Promise<void> {
  await db.transaction('rw', db.tables, async () => {
    if (await db.settings.get('settings')) return;
    for (const table of TABLES) await db.table(table).bulkPut([...DEMO[table]]);
    await db.settings.put({ ...DEMO.settings, id: 'settings' });
  });
}

export async function writeSettings(db: RimbetDatabase, settings: Settings): Promise<void> {
  await db.settings.put({ ...settings, id: 'settings' });
}

export async function readStamp(db: RimbetDatabase): Promise<number> {
  return (await db.stamps.get('stamp'))?.count ?? 0;
}

/** Writes a step's rows and its history, the last few hundred acts of it; runs inside the caller's transaction. */
export async function writeStep(db: RimbetDatabase, before: readonly Entry[], after: Kept, changes: readonly RowChange[]): Promise<void> {
  for (const { table, id, after: row } of changes) {
    if (row) await db.table(table).put(row);
    else await db.table(table).delete(id);
  }
  const kept = after.history.slice(-HISTORY_KEPT);
  const stays = new Set(kept.map((entry) => entry.seq));
  const old = new Set(before);
  await db.history.bulkDelete(before.filter((entry) => !stays.has(entry.seq)).map((entry) => entry.seq));
  await db.history.bulkPut(kept.filter((entry) => !old.has(entry)));
  await db.stamps.put({ id: 'stamp', count: after.stamp });
}
