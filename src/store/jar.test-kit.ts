import { type WorkspaceStore, commands } from '.';

/** The honey jar of the example, as a store has it: what the store's tests change. */
export const jar = (store: WorkspaceStore) => store.getSnapshot().workspace.plans.find(({ id }) => id === 'plan-honey-jar');

export const sizeOf = (store: WorkspaceStore, name: 'height' | 'wall') => {
  const [known] = jar(store)?.parts[0].sizes[name] ?? [];
  return known && 'mm' in known ? known.mm : undefined;
};

export const height = (store: WorkspaceStore) => sizeOf(store, 'height');

export const setHeight = (mm: number, key?: string) => commands.setSize('plan-honey-jar', 'height', { mm, at: 'glazed' }, 'height', key);
