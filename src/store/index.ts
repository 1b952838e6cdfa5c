export * as commands from './commands';
export type { Fault } from './faults';
export type { Act } from './history';
export type { Place } from './kept';
export { type Snapshot, WorkspaceStore } from './store';
