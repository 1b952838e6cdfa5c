import type { RowChange, Workspace } from '@/core/records';

/** A screen with an undo of its own: the wheel, for one part of one plan. */
export type Place = `wheel/${string}`;

/** One thing a person did, kept so that it can be undone, in any tab and after a reload. */
export interface Entry {
  readonly seq: number;
  /** Its name in every tab: numbers may differ until it is written. */
  readonly id: string;
  readonly label: string;
  readonly changes: readonly RowChange[];
  readonly undone: boolean;
  /** Further acts with the same key join this entry: the keystrokes of one field. */
  readonly key?: string | undefined;
  /** Where it was done, if undo there is apart. */
  readonly place?: Place | undefined;
}

/** All that is kept, as one value. */
export interface StoredState {
  readonly workspace: Workspace;
  readonly history: readonly Entry[];
  /** How many writes this has seen. */
  readonly stamp: number;
  /** Which database it belongs to: one that was made anew has another. */
  readonly databaseId?: string | undefined;
}

/** Whether what is there goes on from what is known: the same database, and nothing of it gone. */
export const follows = (
  there: Pick<StoredState, 'databaseId' | 'stamp'> | undefined,
  known: Pick<StoredState, 'databaseId' | 'stamp'>,
): there is Pick<StoredState, 'databaseId' | 'stamp'> =>
  there !== undefined && there.databaseId === known.databaseId && there.stamp >= known.stamp;

/** The state after an act, a step back or a step forward, and the rows to write. */
export interface Step {
  readonly kept: StoredState;
  readonly changes: readonly RowChange[];
  readonly label: string;
}
