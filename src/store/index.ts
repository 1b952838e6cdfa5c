export * as commands from './commands';
/** What is done with runs and pieces: apart, since few screens need it. */
export * as madeActs from './made';
/** What is done with sets and orders. */
export * as orderActs from './orders';
export type { Fault } from './faults';
export type { Act } from './history';
export type { Follow } from './commands/edit-plan';
export type { Place } from './stored-state';
/** Pictures of pieces, fetched when one is looked at. */
export const photoStore = () => import('./photos');
/** What stands apart from the database, fetched when it is looked at. */
export const secondCopy = async () => new (await import('./second-copy')).SecondCopy();
export { type Offer, type Snapshot, WorkspaceStore } from './store';
