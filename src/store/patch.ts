import { applyChanges, merged, type RowChange, type Settings } from '@/core/records';
import type { Entry, StoredState, Step } from './stored-state';

/** What some steps, made one after the other, changed together: for the disk, and for other tabs. */
export interface Patch {
  /** The stamps before and after. */
  readonly from: number;
  readonly to: number;
  readonly changes: readonly RowChange[];
  readonly settings?: Settings | undefined;
  /** Entries of the history that are new or changed, and the numbers of those that are gone. */
  readonly entries: readonly Entry[];
  readonly gone: readonly number[];
}

export function patchOf(from: StoredState, steps: readonly Step[]): Patch {
  const { workspace, history, stamp } = steps.at(-1)?.kept ?? from;
  const [stays, old] = [new Set(history.map(({ seq }) => seq)), new Set(from.history)];
  return {
    from: from.stamp,
    to: stamp,
    changes: merged(
      [],
      steps.flatMap(({ changes }) => changes),
    ),
    settings: workspace.settings === from.workspace.settings ? undefined : workspace.settings,
    entries: history.filter((entry) => !old.has(entry)),
    gone: from.history.filter(({ seq }) => !stays.has(seq)).map(({ seq }) => seq),
  };
}

/** What is kept after a patch. */
export function patched({ workspace, history, databaseId }: StoredState, { to, changes, settings, entries, gone }: Patch): StoredState {
  const replaced = new Set([...gone, ...entries.map(({ seq }) => seq)]);
  const all = [...history.filter(({ seq }) => !replaced.has(seq)), ...entries];
  return {
    workspace: { ...applyChanges(workspace, changes), ...(settings && { settings }) },
    history: all.sort((a, b) => a.seq - b.seq),
    stamp: to,
    databaseId,
  };
}
