import { EMPTY, type Settings, type Workspace } from '@/core/workspace';
import { type Kept, RimbetDatabase, readAll, readStamp, seedFirstVisit, writeSettings, writeStep } from './db';
import { type Act, type Step, perform, redoable, stepBack, stepForward, undoable } from './history';

/** A notice: what was just done. Counts up, so that the same words tell again. */
interface Said {
  readonly words: string;
  readonly count: number;
  /** The notice offers to take it back. */
  readonly canUndo: boolean;
}

/** What the screens see: always the newest, whether written to disk yet or not. */
export interface Snapshot {
  readonly status: 'opening' | 'ready';
  readonly workspace: Workspace;
  /** What undo and redo would take back or do again. */
  readonly undo?: string | undefined;
  readonly redo?: string | undefined;
  readonly saving: 'saved' | 'saving' | 'failed';
  /** The last thing worth telling, for a notice and a screen reader. */
  readonly said?: Said | undefined;
}

const OPENING: Snapshot = { status: 'opening', workspace: EMPTY, saving: 'saved' };

type Move = (kept: Kept) => Step | undefined;

/**
 * Holds the workspace in memory for the screens and keeps it in the browser's database.
 * An act shows at once and is written right after, in order; if another tab got there first,
 * the act is done again on what that tab left. Other tabs hear of it and read anew.
 */
export class WorkspaceStore {
  private kept: Kept = { workspace: EMPTY, history: [], stamp: 0 };
  private snapshot: Snapshot = OPENING;
  private readonly listeners = new Set<() => void>();
  private queue: Promise<unknown> = Promise.resolve();
  private pending = 0;
  private failed = false;
  private started: Promise<void> | undefined;

  constructor(
    private readonly db = new RimbetDatabase(),
    private readonly channel: Pick<BroadcastChannel, 'postMessage' | 'addEventListener'> | undefined = globalThis.BroadcastChannel
      ? new BroadcastChannel('rimbet-workspace')
      : undefined,
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

  /** What is done before the workspace is there is done once it is, on what it then holds. */
  private onceOpen(act: () => void): void {
    void this.open().then(act);
  }

  private async start(): Promise<void> {
    this.channel?.addEventListener('message', () => void this.enqueue(() => this.reload()));
    try {
      await seedFirstVisit(this.db);
      this.kept = await readAll(this.db);
    } catch {
      this.failed = true;
    }
    this.publish({ status: 'ready' });
  }

  /** Does one thing, undoably. */
  run(act: Act): void {
    this.take((kept) => perform(kept, act));
  }

  /** Does one thing and tells of it, with the way back: what was deleted or read in. */
  runAndTell(act: Act): void {
    this.take((kept) => perform(kept, act), { words: act.label, canUndo: true });
  }

  undo(): void {
    this.take(stepBack, 'Undone');
  }

  redo(): void {
    this.take(stepForward, 'Done again');
  }

  /** Takes back what was typed during one visit to a field, if it was the last thing done. */
  revert(key: string): void {
    if (undoable(this.kept.history)?.key === key) this.take(stepBack);
  }

  /** Settings are remembered but are no part of undo. */
  set(settings: Partial<Settings>): void {
    if (this.snapshot.status === 'opening') return this.onceOpen(() => this.set(settings));
    const next = { ...this.kept.workspace.settings, ...settings };
    this.kept = { ...this.kept, workspace: { ...this.kept.workspace, settings: next } };
    this.publish({});
    this.enqueue(async () => {
      await writeSettings(this.db, next);
      this.channel?.postMessage('changed');
    });
  }

  /** Resolves when everything so far is on disk. */
  settled(): Promise<unknown> {
    return this.queue;
  }

  private take(move: Move, told?: string | Omit<Said, 'count'>): void {
    if (this.snapshot.status === 'opening') return this.onceOpen(() => this.take(move, told));
    const before = this.kept;
    const step = move(before);
    if (!step) return;
    this.kept = step.kept;
    const said = typeof told === 'string' ? { words: `${told}: ${step.label}`, canUndo: false } : told;
    const count = (this.snapshot.said?.count ?? 0) + 1;
    this.publish({ said: said && { ...said, count } });
    this.enqueue(() => this.write(before, step, move));
  }

  /** Writes a step if no other tab has written since; otherwise makes the move again from what is there. */
  private async write(before: Kept, step: Step, move: Move): Promise<void> {
    const late = await this.db.transaction('rw', this.db.tables, async () => {
      if ((await readStamp(this.db)) === before.stamp) {
        await writeStep(this.db, before.history, step.kept, step.changes);
        return false;
      }
      const disk = await readAll(this.db);
      const again = move(disk);
      if (again) await writeStep(this.db, disk.history, again.kept, again.changes);
      return true;
    });
    if (late) await this.reload();
    this.channel?.postMessage('changed');
  }

  private async reload(): Promise<void> {
    const kept = await readAll(this.db);
    // own acts still waiting to be written will find their place when their turn comes
    if (this.pending > 1) return;
    this.kept = kept;
    this.publish({});
  }

  private enqueue(work: () => Promise<void>): void {
    this.pending += 1;
    this.publish({});
    this.queue = this.queue
      .then(work)
      .then(
        () => {
          this.failed = false;
        },
        () => {
          this.failed = true;
        },
      )
      .then(() => {
        this.pending -= 1;
        this.publish({});
      });
  }

  private publish(change: Partial<Snapshot>): void {
    this.snapshot = {
      ...this.snapshot,
      ...change,
      workspace: this.kept.workspace,
      undo: undoable(this.kept.history)?.label,
      redo: redoable(this.kept.history)?.label,
      saving: this.failed ? 'failed' : this.pending > 0 ? 'saving' : 'saved',
    };
    for (const listener of this.listeners) listener();
  }
}
