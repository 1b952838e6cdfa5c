import { type RowChange, type Workspace, applyChanges, fits, merged, reversed } from '@/core/workspace';
import type { Entry, Kept } from './db';

/** One thing a person does: what it is called, and the rows it changes given the workspace as it then is. */
export interface Act {
  readonly label: string;
  readonly change: (workspace: Workspace) => readonly RowChange[];
  /** Acts with the same key, one right after the other, are undone together. */
  readonly key?: string | undefined;
}

/** The state after an act, a step back or a step forward, and the rows to write. */
export interface Step {
  readonly kept: Kept;
  readonly changes: readonly RowChange[];
  readonly label: string;
}

/** Does an act; what had been undone can no longer be redone. Nothing where it changes nothing. */
export function perform({ workspace, history, stamp }: Kept, act: Act): Step | undefined {
  const changes = act.change(workspace);
  if (changes.length === 0) return undefined;
  const done = history.filter((entry) => !entry.undone);
  const last = done.at(-1);
  const seq = (history.at(-1)?.seq ?? 0) + 1;
  const next: Entry[] =
    last && act.key && last.key === act.key
      ? [...done.slice(0, -1), { ...last, label: act.label, changes: merged(last.changes, changes) }]
      : [...done, { seq, label: act.label, changes, undone: false, ...(act.key && { key: act.key }) }];
  return {
    kept: { workspace: applyChanges(workspace, changes), history: next, stamp: stamp + 1 },
    changes,
    label: act.label,
  };
}

export const undoable = (history: readonly Entry[]): Entry | undefined => history.findLast((entry) => !entry.undone);

export const redoable = (history: readonly Entry[]): Entry | undefined => history.find((entry) => entry.undone);

function move(kept: Kept, entry: Entry | undefined, undone: boolean): Step | undefined {
  if (!entry) return undefined;
  const changes = undone ? reversed(entry.changes) : entry.changes;
  if (!fits(kept.workspace, changes)) return undefined;
  const { key: _, ...rest } = entry;
  const history = kept.history.map((other) => (other.seq === entry.seq ? { ...rest, undone } : other));
  return {
    kept: { workspace: applyChanges(kept.workspace, changes), history, stamp: kept.stamp + 1 },
    changes,
    label: entry.label,
  };
}

export const stepBack = (kept: Kept): Step | undefined => move(kept, undoable(kept.history), true);

export const stepForward = (kept: Kept): Step | undefined => move(kept, redoable(kept.history), false);
