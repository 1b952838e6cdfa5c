export * as commands from './commands';
export type { Act } from './history';
export { type Snapshot, WorkspaceStore } from './store';
