'use client';

import type { UnitChoice } from '@/core/units';
import { type Act, type Snapshot, WorkspaceStore } from '@/store';
import { useEffect, useSyncExternalStore } from 'react';

let shared: WorkspaceStore | undefined;

/** The one store of this tab; made when first asked for, in the browser only. */
export function workspaceStore(): WorkspaceStore {
  shared ??= new WorkspaceStore();
  return shared;
}

const subscribe = (listener: () => void) => workspaceStore().subscribe(listener);
const snapshot = () => workspaceStore().getSnapshot();

/** What is kept, now and whenever it changes, in this tab or another. */
export function useWorkspace(): Snapshot {
  useEffect(() => void workspaceStore().open(), []);
  return useSyncExternalStore(subscribe, snapshot, WorkspaceStore.serverSnapshot);
}

const unitChoice = () => snapshot().workspace.settings.units;
const serverUnitChoice = () => WorkspaceStore.serverSnapshot().workspace.settings.units;

/** The units chosen, without hearing of anything else that changes. */
export const useUnitChoice = (): UnitChoice => useSyncExternalStore(subscribe, unitChoice, serverUnitChoice);

export const run = (act: Act): void => workspaceStore().run(act);
