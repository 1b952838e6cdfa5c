import { EMPTY, type Settings, type Workspace } from '@/core/records';
import { v7 as newId } from 'uuid';
import type { RimbetDatabase } from './db';
import { type Fault, faultOf } from './faults';
import { type Act, type Move, forget, perform, prefer, redoable, stepBack, stepForward, undoable } from './history';
import { type StoredState, type Place, type Step, follows } from './stored-state';
import { type Patch, patchOf, patched } from './patch';
import type { SecondCopy } from './second-copy';

/** A notice: what was just done. Counts up, so that the same words tell again. */
interface Said {
  readonly words: string;
  readonly count: number;
  /** The notice offers to take it back. */
  readonly canUndo: boolean;
}

/**
 * What a person is asked before anything is written: the database is missing, or knows less than the second copy does.
 */
export interface Offer {
  readonly why: 'missing' | 'younger' | 'unread';
  /** What the second copy holds and when it was last written, ISO; nothing where it is damaged too. */
  readonly copy?: { readonly workspace: Workspace; readonly at: string; readonly whole: boolean } | undefined;
}

/** What the screens see: always the newest, whether written to disk yet or not. */
export interface Snapshot {
  readonly status: 'opening' | 'ready';
  readonly workspace: Workspace;
  /** What undo and redo would take back or do again. */
  readonly undo?: string | undefined;
  readonly redo?: string | undefined;
  readonly saving: 'saved' | 'saving' | 'failed';
  /** While saving fails: why. */
  readonly fault?: Fault | undefined;
  /** A question that has to be answered before anything more is written. */
  readonly offer?: Offer | undefined;
  /** How many things were done that are not on disk. */
  readonly unsaved: number;
  /** How many things were ever done, for the reminder to export. */
  readonly done: number;
  /** The last thing worth telling, for a notice and a screen reader. */
  readonly said?: Said | undefined;
}

const OPENING: Snapshot = { status: 'opening', workspace: EMPTY, saving: 'saved', unsaved: 0, done: 0 };
const NOTHING: StoredState = { workspace: EMPTY, history: [], stamp: 0 };

/** Something done that is not on disk: how to do it, and the state it left here. */
interface Waiting {
  readonly move: Move;
  readonly step: Step;
}

/** The database is fetched beside what the screens are made of, not before it. */
const database = () => import('./db');
type Database = Awaited<ReturnType<typeof database>>;

type Channel = Pick<BroadcastChannel, 'postMessage' | 'addEventListener'>;

/** What is done so soon after a write waits, so that the keystrokes of a moment are written together, ms. */
const REST = 300;

const LOST = 'The browser had lost what it stored. Everything in this tab was written again';

/** Between one try to write and the next, ms; the last again and again. */
const PAUSES: readonly number[] = [400, 1000, 2500, 6000, 15_000, 30_000];

/** Once nothing else waits: not while the first page is still being made. */
const whenIdle: (work: () => void) => unknown = (work) => (globalThis.requestIdleCallback ?? setTimeout)(work);

const broadcast = (): Channel | undefined => (globalThis.BroadcastChannel ? new BroadcastChannel('rimbet-workspace') : undefined);

/**
 * Holds the workspace in memory for the screens and keeps it in the browser's database.
 * An act shows at once and waits to be written; all that waits goes in one transaction, in order. If another tab wrote
 * first, it is done again on what that tab left. What cannot be written stays, here and in the queue, and is tried again.
 */
export class WorkspaceStore {
  /** What is on disk, as far as this tab knows. */
  private disk = NOTHING;
  private waiting: readonly Waiting[] = [];
  private snapshot: Snapshot = OPENING;
  private readonly listeners = new Set<() => void>();
  /** The disk has not been read, or another tab wrote something this one did not understand. */
  private unread = true;
  private fault: Fault | undefined;
  /** The database is not the one this tab knows any more, or has less in it: all of it has to be written again, and this is told then. */
  private emptied: string | undefined;
  /** A newer program has taken the database over: this one writes no more. */
  private newer = false;
  private offer: { readonly shown: Offer; readonly kept?: StoredState | undefined } | undefined;
  /** Written to the database, and not yet to the second copy. */
  private uncopied: Patch[] = [];
  private copyAsked = false;
  private started: Promise<void> | undefined;
  private running = false;
  /** The try to read and write that is under way; none during a pause. */
  private trying: Promise<boolean> | undefined;
  /** Running after a write: what is done meanwhile waits for its end. */
  private resting: ReturnType<typeof setTimeout> | undefined;
  /** Ends a pause between two tries. */
  private wake: (() => void) | undefined;

  constructor(
    private db: RimbetDatabase | undefined = undefined,
    private readonly channel: Channel | undefined = broadcast(),
    private readonly pauses = PAUSES,
    private copy: SecondCopy | undefined = undefined,
  ) {}

  readonly getSnapshot = (): Snapshot => this.snapshot;

  static readonly serverSnapshot = (): Snapshot => OPENING;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Opens the database, with the example workshop on the first visit. Safe to call again. */
  open(): Promise<void> {
    this.started ??= this.start();
    return this.started;
  }

  private async start(): Promise<void> {
    this.channel?.addEventListener('message', ({ data }) => this.heard(data as Patch | undefined));
    if (this.db) this.listening(this.db);
    this.keepOn();
    await this.settled();
    if (!this.offer) this.ready();
  }

  /** What is kept is shown; what need not be done before that follows. */
  private ready(): void {
    this.publish({ status: 'ready' });
    if (this.disk === NOTHING) return;
    whenIdle(() => void this.lookAtCopy());
    // pictures that nothing names any more
    const { workspace, history } = this.kept;
    if (workspace.pieces.length > 0)
      whenIdle(() => void import('./photos').then(({ sweepPhotos }) => sweepPhotos(workspace, history)).catch(() => undefined));
  }

  /** A second copy that goes on where the database stops is offered; one that stopped before it is brought up to it. */
  private async lookAtCopy(): Promise<void> {
    try {
      const found = await (await this.secondCopy()).find();
      if (!found) return;
      // another tab may have written since this one read
      const there = this.db?.isOpen() && (await (await database()).readStamp(this.db));
      if (!there || this.emptied) return;
      if (found === 'damaged' || (follows(there, found.kept) && !found.whole))
        return await (await this.secondCopy()).follow(this.disk, [], true);
      if (follows(there, found.kept)) return this.toCopy();
      await this.offerCopy('younger');
      this.publish({});
    } catch {
      // a copy that cannot be read is written anew behind the next change
    }
  }

  /** Fetched when it is first needed: not before the first page is there. */
  private async secondCopy(): Promise<SecondCopy> {
    return (this.copy ??= new (await import('./second-copy')).SecondCopy());
  }

  private async offerCopy(why: Offer['why']): Promise<boolean> {
    const copy = await this.secondCopy();
    const found = await copy.find().catch(() => 'damaged' as const);
    if (!found || (found === 'damaged' && why !== 'missing')) return false;
    const { kept, at, whole } = found === 'damaged' ? {} : found;
    this.offer = { shown: { why, copy: kept && { workspace: kept.workspace, at: at!, whole: whole! } }, kept };
    return true;
  }

  /** The second copy becomes what is kept; what was done meanwhile is done on it. */
  async restore(): Promise<void> {
    const found = this.offer?.kept;
    const at = this.offer?.shown.copy?.at;
    if (!found || at === undefined) return;
    this.offer = undefined;
    this.foundOnDisk({ ...found, databaseId: found.databaseId ?? newId() });
    this.emptied = `Restored as it was on ${new Date(at).toLocaleString('en-GB', { dateStyle: 'long', timeStyle: 'short' })}`;
    this.unread = false;
    this.ready();
    await this.settled();
  }

  /** What the database holds stays, or a new workshop begins; the second copy is set aside. */
  async decline(): Promise<void> {
    if (!this.offer) return;
    await (await this.secondCopy()).setAside().catch(() => undefined);
    this.offer = undefined;
    this.publish({});
    await this.settled();
    this.ready();
  }

  /** Does one thing, undoably. */
  run(act: Act): void {
    this.take(performing(act));
    // counted in a tap, and told as done: it does not wait for more to be written with it
    if (act.place) this.tryNow();
  }

  /** What undo in a place would take back. */
  readonly undoIn = (place: Place): string | undefined => undoable(this.kept.history, place)?.label;

  /** Does one thing and tells of it, with the way back: what was deleted or read in. */
  runAndTell(act: Act): void {
    this.take(performing(act), '', true);
  }

  /** Takes back the last thing done, or the last done in a place. */
  undo(place?: Place): void {
    const last = undoable(this.kept.history, place);
    if (!last) return;
    if (!stepBack(this.kept, last.id)) return this.tell(`Cannot undo, because it was changed again since: ${last.label}`);
    this.take((kept) => stepBack(kept, last.id), 'Undone: ');
  }

  redo(): void {
    const next = redoable(this.kept.history);
    if (next) this.take((kept) => stepForward(kept, next.id), 'Done again: ');
  }

  private tell(words: string, canUndo = false): void {
    this.publish({ said: { words, canUndo, count: (this.snapshot.said?.count ?? 0) + 1 } });
  }

  /** Takes back what was typed during one visit to a field, if it was the last thing done, and forgets it; says whether it did. */
  revert(key: string): boolean {
    const last = undoable(this.kept.history);
    if (last?.key !== key) return false;
    this.take((kept) => forget(kept, last.id));
    return true;
  }

  /** Which act undo would take back. */
  get last(): string | undefined {
    return undoable(this.kept.history)?.id;
  }

  /** What this device prefers: remembered, but no part of undo. */
  set(change: Partial<Settings> | ((settings: Settings) => Partial<Settings>)): void {
    this.take((kept) => prefer(kept, (now) => ({ ...now, ...(typeof change === 'function' ? change(now) : change) })));
  }

  /** Writes what waits at once; resolves when all is on disk, or when it was tried and failed: it is tried again by itself. */
  async settled(): Promise<void> {
    this.keepOn();
    while (this.trying) await this.trying;
  }

  /** Tries at once to write what waits or could not be written. */
  tryNow(): void {
    if (this.offer?.shown.why === 'unread') return this.lookAgain();
    this.wake?.();
    this.keepOn();
  }

  private get kept(): StoredState {
    return this.waiting.at(-1)?.step.kept ?? this.disk;
  }

  private take(move: Move, told?: string, canUndo = false): void {
    // what is done before the workspace is there is done once it is, on what it then holds
    if (this.snapshot.status === 'opening') return void this.open().then(() => this.take(move, told, canUndo));
    const step = move(this.kept);
    if (!step) return;
    this.waiting = [...this.waiting, { move, step }];
    if (!this.resting) this.keepOn();
    this.publish(told === undefined ? { said: undefined } : {});
    if (told !== undefined) this.tell(`${told}${step.label}`, canUndo);
  }

  /** Another tab wrote: what it says follows on what this tab knows, or the disk is read again. */
  private heard(patch: Patch | undefined): void {
    if (this.offer?.shown.why === 'missing') return this.lookAgain();
    if (patch && patch.to <= this.disk.stamp && !this.unread) return;
    if (patch?.from === this.disk.stamp && !this.unread && !this.running) this.foundOnDisk(patched(this.disk, patch));
    else this.unread = true;
    this.keepOn();
    this.publish({});
  }

  /** Reads once more what could not be read or was not there, and shows it. */
  private lookAgain(): void {
    [this.offer, this.unread] = [undefined, true];
    void this.settled().then(() => this.offer ?? this.ready());
  }

  /** Does what waits again on what was found on disk. */
  private foundOnDisk(disk: StoredState): void {
    this.disk = disk;
    this.waiting = replayed(disk, moves(this.waiting));
  }

  private get idle(): boolean {
    return this.offer !== undefined || (this.waiting.length === 0 && !this.unread && !this.emptied);
  }

  /** Reads and writes until there is nothing left to do, with growing pauses after tries that failed; one such run at a time. */
  private keepOn(): void {
    if (!this.running && !this.idle) void this.tryUntilDone();
  }

  private async tryUntilDone(): Promise<void> {
    this.running = true;
    for (let failures = 0; !this.idle;) {
      this.trying = this.tryOnce();
      const done = await this.trying;
      this.trying = undefined;
      failures = done ? 0 : failures + 1;
      if (!done) await this.pause(this.pauses[Math.min(failures, this.pauses.length) - 1]!);
    }
    this.running = false;
    clearTimeout(this.resting);
    this.resting = setTimeout(() => {
      this.resting = undefined;
      this.keepOn();
    }, REST);
  }

  private async tryOnce(): Promise<boolean> {
    try {
      const disk = await database();
      const db = await this.opened(disk);
      if (this.unread) await this.read(disk, db);
      if (this.emptied && !this.offer) await this.fill(disk, db);
      else if (this.waiting.length > 0 && !this.offer) await this.write(disk, db);
      this.fault = undefined;
    } catch (error) {
      const fault = faultOf(error);
      this.fault = fault === 'failing' ? (this.disk === NOTHING ? 'unread' : this.emptied ? 'emptied' : 'failing') : fault;
      if (this.fault === 'unread' && !this.offer) await this.offerCopy('unread');
    }
    this.publish({});
    return this.fault === undefined;
  }

  /** The database, open; one that closes by itself, or that a newer program wants, is heard of at once. */
  private async opened(disk: Database): Promise<RimbetDatabase> {
    if (this.newer) throw new disk.NewerDatabase('The database is of a newer version.');
    this.db ??= this.listening(new disk.RimbetDatabase());
    if (this.db.isOpen()) return this.db;
    await this.db.opened();
    // what comes back may not be what it was
    if (this.disk !== NOTHING) this.unread = true;
    const closed = () => {
      this.unread = true;
      this.keepOn();
      this.publish({});
    };
    this.db.backendDB().addEventListener('close', closed);
    return this.db;
  }

  private listening(db: RimbetDatabase): RimbetDatabase {
    db.on('blocked', () => {
      this.fault = 'blocked';
      this.publish({});
    });
    db.on('versionchange', ({ newVersion }) => {
      // taken away, it is looked for at once; wanted by a newer program, it is left to that
      if (newVersion) [this.newer, this.fault] = [true, 'newer'];
      else this.unread = true;
      this.publish({});
      if (!newVersion) setTimeout(() => this.keepOn());
    });
    return db;
  }

  private async pause(ms: number): Promise<void> {
    await new Promise<void>((resolve) => {
      const timer = setTimeout(resolve, ms);
      this.wake = () => {
        clearTimeout(timer);
        resolve();
      };
    });
    this.wake = undefined;
  }

  private async read({ readAll, seedFirstVisit }: Database, db: RimbetDatabase): Promise<void> {
    const first = this.disk === NOTHING;
    let found = await readAll(db);
    if (first && !found) {
      if (await this.offerCopy('missing')) return;
      await seedFirstVisit(db);
      found = await readAll(db);
    }
    this.unread = false;
    if (found && (first || follows(found, this.disk))) this.foundOnDisk(found);
    else this.emptied ??= LOST;
  }

  /** Writes everything this tab knows into a database that has lost it. */
  private async fill({ writeWhole }: Database, db: RimbetDatabase): Promise<void> {
    const batch = this.waiting;
    const whole = { ...this.kept, stamp: this.kept.stamp + 1 };
    if (await writeWhole(db, whole, this.disk)) {
      this.disk = whole;
      this.waiting = replayed(whole, moves(this.waiting.slice(batch.length)));
      this.tell(this.emptied!);
      void import('./photos').then(({ restorePhotos }) => restorePhotos(whole.workspace)).catch(() => undefined);
      this.toCopy();
      this.channel?.postMessage(undefined);
    } else this.unread = true;
    this.emptied = undefined;
  }

  /** Writes all that waits in one transaction; where another tab has written since, on what that left. */
  private async write({ readAll, readStamp, writePatch }: Database, db: RimbetDatabase): Promise<void> {
    const batch = this.waiting;
    const written = await db.transaction('rw', db.tables, async () => {
      const there = await readStamp(db);
      if (!follows(there, this.disk)) return undefined;
      const first = there.stamp === this.disk.stamp;
      const from = first ? this.disk : (await readAll(db))!;
      const done = first ? batch : replayed(from, moves(batch));
      const all = patchOf(from, steps(done));
      if (done.length > 0) await writePatch(db, all, from.databaseId!);
      return { late: !first, disk: done.at(-1)?.step.kept ?? from, patch: all };
    });
    if (!written) {
      this.emptied ??= LOST;
      return;
    }
    const { late, disk, patch } = written;
    this.waiting = this.waiting.slice(batch.length);
    if (late) this.foundOnDisk(disk);
    else this.disk = disk;
    this.channel?.postMessage(patch);
    this.toCopy(patch);
  }

  /** The second copy follows the database, when nothing else is to be done. */
  private toCopy(patch?: Patch): void {
    if (patch) this.uncopied.push(patch);
    if (this.copyAsked) return;
    this.copyAsked = true;
    whenIdle(() => {
      // what they led to, not what is written while the copy is fetched
      const [patches, kept] = [this.uncopied, this.disk];
      [this.uncopied, this.copyAsked] = [[], false];
      void this.secondCopy()
        .then((copy) => copy.follow(kept, patches))
        .catch(() => undefined);
    });
  }

  private publish(change: Partial<Snapshot>): void {
    const { workspace, history, stamp } = this.kept;
    this.snapshot = {
      ...this.snapshot,
      ...change,
      workspace,
      undo: undoable(history)?.label,
      redo: redoable(history)?.label,
      saving: this.fault ? 'failed' : this.waiting.length > 0 || this.emptied ? 'saving' : 'saved',
      fault: this.fault,
      offer: this.offer?.shown,
      // where all of it is gone from the disk there is more to write than was done
      unsaved: Math.max(this.waiting.length, this.emptied ? 1 : 0),
      done: stamp,
    };
    for (const listener of this.listeners) listener();
  }
}

const moves = (waiting: readonly Waiting[]): Move[] => waiting.map(({ move }) => move);
const steps = (waiting: readonly Waiting[]): Step[] => waiting.map(({ step }) => step);

/** An act to be done on whatever is there; done again it is the same entry of the history. */
function performing(act: Act): Move {
  const id = newId();
  return (kept) => perform(kept, act, id);
}

/** Moves made one after the other on what is kept; those that find nothing to do are passed over. */
function replayed(from: StoredState, moves: readonly Move[]): Waiting[] {
  const done: Waiting[] = [];
  for (const move of moves) {
    const step = move(done.at(-1)?.step.kept ?? from);
    if (step) done.push({ move, step });
  }
  return done;
}
