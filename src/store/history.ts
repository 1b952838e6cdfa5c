import { applyChanges, changesOn, merged, reversed, type RowChange, type Settings, type Workspace } from '@/core/records';
import type { Entry, StoredState, Place, Step } from './stored-state';

/** One thing a person does: what it is called, and the rows it changes given the workspace as it then is. */
export interface Act {
  readonly label: string;
  readonly change: (workspace: Workspace) => readonly RowChange[];
  /** Acts with the same key, one right after the other, are undone together. */
  readonly key?: string | undefined;
  /** Where it is done, if undo there takes back only what was done there. */
  readonly place?: Place | undefined;
}

/** Makes a step from whatever is kept at that moment; nothing where there is nothing to do. */
export type Move = (kept: StoredState) => Step | undefined;

/** So many things done can be undone. */
const HISTORY_KEPT = 200;

/** Does an act; what had been undone can no longer be redone. Nothing where it changes nothing. */
export function perform(kept: StoredState, act: Act, id: string): Step | undefined {
  const { workspace, history, stamp } = kept;
  const changes = act.change(workspace);
  if (changes.length === 0) return undefined;
  const done = history.filter((entry) => !entry.undone);
  const last = done.at(-1);
  const seq = (history.at(-1)?.seq ?? 0) + 1;
  const { label, key, place } = act;
  const next: Entry[] =
    last && key && last.key === key
      ? [...done.slice(0, -1), { ...last, label, changes: merged(last.changes, changes) }]
      : [...done, { seq, id, label, changes, undone: false, ...(key && { key }), ...(place && { place }) }];
  return {
    kept: { ...kept, workspace: applyChanges(workspace, changes), history: next.slice(-HISTORY_KEPT), stamp: stamp + 1 },
    changes,
    label,
  };
}

/** What undo would take back: the last thing done, or the last of a place. */
export const undoable = (history: readonly Entry[], place?: Place): Entry | undefined =>
  history.findLast((entry) => !entry.undone && (place === undefined || entry.place === place));

export const redoable = (history: readonly Entry[]): Entry | undefined => history.find((entry) => entry.undone);

/** Takes an entry back or does it again on the rows as they now are; not where its fields were changed otherwise since. */
function moved(kept: StoredState, id: string | undefined, undone: boolean): Step | undefined {
  const entry = kept.history.find((each) => each.id === id);
  if (!entry || entry.undone === undone) return undefined;
  const changes = changesOn(kept.workspace, undone ? reversed(entry.changes) : entry.changes);
  if (!changes) return undefined;
  const { key: _, ...rest } = entry;
  const history = kept.history.map((other) => (other === entry ? { ...rest, undone } : other));
  return {
    kept: { ...kept, workspace: applyChanges(kept.workspace, changes), history, stamp: kept.stamp + 1 },
    changes,
    label: entry.label,
  };
}

/** Takes one entry back, the last thing done unless said. */
export const stepBack = (kept: StoredState, id = undoable(kept.history)?.id): Step | undefined => moved(kept, id, true);

/** Takes one entry back as if it had never been done: there is nothing to do again. */
export function forget(kept: StoredState, id: string): Step | undefined {
  const step = stepBack(kept, id);
  return step && { ...step, kept: { ...step.kept, history: step.kept.history.filter((entry) => entry.id !== id) } };
}

/** Does one entry again, the first undone unless said. */
export const stepForward = (kept: StoredState, id = redoable(kept.history)?.id): Step | undefined => moved(kept, id, false);

/** Changes what this device prefers; no part of undo. */
export const prefer = (kept: StoredState, change: (settings: Settings) => Settings): Step => ({
  kept: { ...kept, workspace: { ...kept.workspace, settings: change(kept.workspace.settings) }, stamp: kept.stamp + 1 },
  changes: [],
  label: 'settings',
});
