'use client';

import type { UnitChoice } from '@/core/units';
import { type Act, type Snapshot, WorkspaceStore } from '@/store';
import { createContext, useContext, useSyncExternalStore } from 'react';

let shared: WorkspaceStore | undefined;

/** The one store of this tab; made when first asked for, in the browser only. */
export function workspaceStore(): WorkspaceStore {
  shared ??= new WorkspaceStore();
  return shared;
}

const subscribe = (listener: () => void) => workspaceStore().subscribe(listener);
const snapshot = () => workspaceStore().getSnapshot();

export type VisibleWorkspace = Pick<Snapshot, 'status' | 'workspace'>;

let kept: VisibleWorkspace | undefined;

/** The same object until what is kept changes: what is said of saving, undo and the like is not for everybody. */
function keptNow(): VisibleWorkspace {
  const { status, workspace } = snapshot();
  if (kept?.status !== status || kept.workspace !== workspace) kept = { status, workspace };
  return kept;
}

const Given = createContext<VisibleWorkspace | undefined>(undefined);

/** For parts of a page that may follow a moment later: what they read is kept as it was then. */
export const VisibleAs = Given.Provider;

const neverChanges = () => () => undefined;

/** What is kept, now and whenever it changes, in this tab or another; inside {@link VisibleAs} as is given there. */
export function useWorkspace(): VisibleWorkspace {
  const given = useContext(Given);
  return useSyncExternalStore(given ? neverChanges : subscribe, () => given ?? keptNow(), WorkspaceStore.serverSnapshot);
}

/** One thing the store says, heard of only when it changes. */
export const useSaid = <T>(select: (snapshot: Snapshot) => T): T =>
  useSyncExternalStore(
    subscribe,
    () => select(snapshot()),
    () => select(WorkspaceStore.serverSnapshot()),
  );

/** The units chosen. */
export const useUnitChoice = (): UnitChoice => useSaid(({ workspace }) => workspace.settings.units);

export const run = (act: Act): void => workspaceStore().run(act);
