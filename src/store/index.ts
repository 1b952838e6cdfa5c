export * as commands from './commands';
export type { Fault } from './faults';
export type { Act } from './history';
export type { Place } from './kept';
/** Pictures of pieces, fetched when one is looked at. */
export const photoStore = () => import('./photos');
export { type Snapshot, WorkspaceStore } from './store';
