import {
  type BarRecord,
  type Batch,
  type Body,
  type CutterRecord,
  type FormerRecord,
  type MadePiece,
  type Order,
  partedRuns,
  partedSettings,
  type PieceSet,
  type Plan,
  type RowChange,
  type Run,
  type Settings,
  type ShopRow,
  TABLES,
  upgradedPlan,
  type Workspace,
} from '@/core/records';
import Dexie, { type EntityTable, type IndexableType, type Table } from 'dexie';
import { v7 as newId } from 'uuid';
import { type Entry, type StoredState, follows } from './stored-state';
import type { Patch } from './patch';

type SettingsRow = Settings & { readonly id: 'settings' };

/** A picture of a piece as it is kept, and when it came. */
export interface KeptPhoto {
  readonly id: string;
  readonly at: number;
  readonly picture: Blob;
}

/** Counts every write to rows or history, so that a tab knows whether it has seen them all; and says which database this is. */
interface Stamp {
  readonly id: 'stamp';
  readonly count: number;
  readonly databaseId: string;
}

/** The version of the database that this program reads and writes. */
const DATABASE_VERSION = 8;

/** A newer Rimbet has changed the database: this one would write rows without what that one knows of them. */
export class NewerDatabase extends Error {
  override readonly name = 'VersionError';
}

/**
 * The browser's database. Version 1: bodies, batches, plans, settings, history; version 2 adds bars; in version 3 a part may be of
 * any form; version 4 adds the kit: formers and cutters; version 5 parts what is set for the shop from what a device prefers, and
 * names what can be undone; version 6 makes rows of runs and of their pieces, which were counted in the plan; version 7 adds
 * sets and orders; version 8 gives the database a name of its own, so that one made anew is not taken for it.
 */
export class RimbetDatabase extends Dexie {
  bodies!: EntityTable<Body, 'id'>;
  batches!: EntityTable<Batch, 'id'>;
  bars!: EntityTable<BarRecord, 'id'>;
  plans!: EntityTable<Plan, 'id'>;
  formers!: EntityTable<FormerRecord, 'id'>;
  cutters!: EntityTable<CutterRecord, 'id'>;
  shop!: EntityTable<ShopRow, 'id'>;
  runs!: EntityTable<Run, 'id'>;
  pieces!: EntityTable<MadePiece, 'id'>;
  sets!: EntityTable<PieceSet, 'id'>;
  orders!: EntityTable<Order, 'id'>;
  /** Pictures by themselves: read when one is looked at, never with the rows. */
  photos!: EntityTable<KeptPhoto, 'id'>;
  settings!: EntityTable<SettingsRow, 'id'>;
  history!: EntityTable<Entry, 'seq'>;
  stamps!: EntityTable<Stamp, 'id'>;

  constructor(name = 'rimbet') {
    // nothing asks for live queries, which the kit would keep its own copies for; what is written is on the disk before it is said;
    // one that closed by itself is opened by the store alone, which looks at what comes back
    super(name, { cache: 'disabled', chromeTransactionDurability: 'strict', autoOpen: false });
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
    this.version(5)
      .stores({ shop: 'id' })
      .upgrade(async (transaction) => {
        const settings = transaction.table<SettingsRow>('settings');
        const found = await settings.get('settings');
        if (found) {
          const parted = partedSettings(found);
          await settings.put(parted.settings as SettingsRow);
          await transaction.table<unknown>('shop').bulkPut(parted.shop);
        }
        await transaction
          .table<Entry>('history')
          .toCollection()
          .modify((entry, held) => {
            held.value = { ...entry, id: `entry-${entry.seq}` };
          });
      });
    this.version(6)
      .stores({ runs: 'id', pieces: 'id', photos: 'id' })
      .upgrade(async (transaction) => {
        const parted = (await transaction.table<unknown>('plans').toArray()).map(partedRuns);
        await transaction.table<unknown>('plans').bulkPut(parted.map(({ plan }) => plan));
        await transaction.table<unknown>('runs').bulkPut(parted.flatMap(({ runs }) => runs));
        await transaction.table<unknown>('pieces').bulkPut(parted.flatMap(({ pieces }) => pieces));
        await transaction
          .table<Entry>('history')
          .toCollection()
          .modify((entry, held) => {
            held.value = { ...entry, changes: entry.changes.map(uncounted) };
          });
      });
    this.version(7).stores({ sets: 'id', orders: 'id' });
    this.version(DATABASE_VERSION).upgrade(async (transaction) => {
      const stamps = transaction.table<Partial<Stamp>>('stamps');
      const { count = 0 } = (await stamps.get('stamp')) ?? {};
      await stamps.put({ id: 'stamp', count, databaseId: newId() });
    });
  }

  /** Opens it if it is not open; throws where a newer program has changed it meanwhile. */
  async opened(): Promise<this> {
    if (!this.isOpen()) await this.open();
    // the library opens a newer database too; the browser counts in tenths
    if (this.backendDB().version >= (DATABASE_VERSION + 1) * 10) {
      this.close();
      throw new NewerDatabase('The database is of a newer version.');
    }
    return this;
  }
}

/** What is kept for undo is lifted with the plans it speaks of. */
const upgradedChange = (change: RowChange): RowChange =>
  change.table === 'plans' ? ({ ...change, before: upgradedPlan(change.before), after: upgradedPlan(change.after) } as RowChange) : change;

/** What is kept for undo of a plan, without what was counted in it. */
const uncounted = (change: RowChange): RowChange => {
  if (change.table !== 'plans') return change;
  const plan = (row: Plan | undefined) => row && (partedRuns(row).plan as Plan);
  return { ...change, before: plan(change.before), after: plan(change.after) };
};

/** Reads everything in one transaction, so that it belongs together; nothing where the database is new. */
export function readAll(db: RimbetDatabase): Promise<StoredState | undefined> {
  return db.transaction('r', db.tables, async () => {
    const [rows, settings, history, stamp] = await Promise.all([
      Promise.all(TABLES.map(async (table) => [table, await db.table(table).toArray()] as const)),
      db.settings.get('settings'),
      db.history.orderBy('seq').toArray(),
      readStamp(db),
    ]);
    if (!settings || !stamp) return undefined;
    const { id: _, ...own } = settings;
    return { workspace: { ...(Object.fromEntries(rows) as unknown as Workspace), settings: own }, history, ...stamp };
  });
}

/** Puts the example workshop into a database that is new; a workspace that was emptied on purpose stays empty. */
export async function seedFirstVisit(db: RimbetDatabase): Promise<void> {
  const { DEMO } = await import('@/core/example');
  await writeWhole(db, { workspace: DEMO, history: [], stamp: 0, databaseId: newId() });
}

/** How many writes the database has seen, and which it is; nothing where it is new. */
export async function readStamp(db: RimbetDatabase): Promise<Required<Pick<StoredState, 'stamp' | 'databaseId'>> | undefined> {
  const [stamp, settings] = await Promise.all([db.stamps.get('stamp'), db.settings.get('settings')]);
  return stamp && settings && { stamp: stamp.count, databaseId: stamp.databaseId };
}

/**
 * Writes everything into a database that is new, or is not what it was: all of it or nothing. One that goes on from `known`
 * meanwhile, since another tab was first, is left alone. Pictures stay.
 */
export async function writeWhole(
  db: RimbetDatabase,
  { workspace, history, stamp, databaseId }: StoredState,
  known?: StoredState,
): Promise<boolean> {
  return db.transaction('rw', db.tables, async () => {
    const there = await readStamp(db);
    if (known ? follows(there, known) : there) return false;
    await Promise.all([...TABLES.map((table) => db.table(table).clear()), db.history.clear()]);
    await Promise.all([
      ...TABLES.map((table) => db.table(table).bulkPut([...workspace[table]])),
      db.history.bulkPut([...history]),
      db.settings.put({ ...workspace.settings, id: 'settings' }),
      db.stamps.put({ id: 'stamp', count: stamp, databaseId: databaseId! }),
    ]);
    return true;
  });
}

/** Writes what a patch changed, all of it asked for at once; runs inside the caller's transaction. */
export async function writePatch(db: RimbetDatabase, { to, changes, settings, entries, gone }: Patch, databaseId: string): Promise<void> {
  const rowsOf = (name: (typeof TABLES)[number]) => {
    const own = changes.filter(({ table }) => table === name);
    const gone = own.filter(({ after }) => !after).map(({ id }) => id);
    const rows = own.flatMap(({ after }) => (after ? [after] : []));
    return replace(db.table(name), gone, rows);
  };
  await Promise.all([
    ...TABLES.map(rowsOf),
    settings && db.settings.put({ ...settings, id: 'settings' }),
    replace(db.history, gone, entries),
    db.stamps.put({ id: 'stamp', count: to, databaseId }),
  ]);
}

/** Rows taken out of a table and put into it, in one turn. Nothing is asked of it where there are none. */
const replace = (table: Table, gone: readonly IndexableType[], rows: readonly unknown[]) =>
  Promise.all([gone.length > 0 && table.bulkDelete([...gone]), rows.length > 0 && table.bulkPut([...rows])]);
